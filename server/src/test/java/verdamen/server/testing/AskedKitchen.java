package verdamen.server.testing;

import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;
import org.springframework.jdbc.core.JdbcTemplate;
import verdamen.server.kitchen.KitchenOfRequest;

/** Lets a test say whose kitchen a request comes from, as sign-in will one day. */
@TestConfiguration
public class AskedKitchen {

    private static final long FIRST = 1;
    private static volatile long asked = FIRST;

    /** From now on every request comes from a kitchen. */
    public static void ask(long kitchen) {
        asked = kitchen;
    }

    /** Requests come from the demo kitchen again. */
    public static void askTheFirst() {
        asked = FIRST;
    }

    /** An empty kitchen with settings of its own. */
    public static void open(JdbcTemplate jdbc, long kitchen) {
        jdbc.update(
                "insert into kitchen (id, name, mass_unit, temperature_unit, decimal_mark, date_order)"
                        + " values (?, 'Another kitchen', 'oz', 'F', 'comma', 'iso') on conflict do nothing",
                kitchen);
    }

    @Bean
    @Primary
    KitchenOfRequest whichever() {
        return new KitchenOfRequest() {
            @Override
            public long id() {
                return asked;
            }
        };
    }
}

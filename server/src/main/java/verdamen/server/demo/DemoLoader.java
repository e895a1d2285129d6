package verdamen.server.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.boot.ApplicationRunner;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;
import verdamen.core.formula.FormulaSpec;
import verdamen.server.VerdamenProperties;
import verdamen.server.formula.FormulaDocument;
import verdamen.server.formula.FormulaService;
import verdamen.server.formula.FormulaState;
import verdamen.server.formula.SaveRequest;
import verdamen.server.kitchen.Kitchen;
import verdamen.server.kitchen.KitchenService;

/** Loads the demo data into an empty database, before the first request is taken. */
@Configuration(proxyBeanMethods = false)
class DemoLoader implements SmartInitializingSingleton {

    private static final Logger LOG = LoggerFactory.getLogger(DemoLoader.class);

    private final VerdamenProperties properties;
    private final FormulaService formulas;
    private final KitchenService kitchen;
    private final JsonMapper json;
    private final Clock clock;
    private final TransactionTemplate transaction;

    DemoLoader(
            VerdamenProperties properties,
            FormulaService formulas,
            KitchenService kitchen,
            JsonMapper json,
            Clock clock,
            TransactionTemplate transaction) {
        this.properties = properties;
        this.formulas = formulas;
        this.kitchen = kitchen;
        this.json = json;
        this.clock = clock;
        this.transaction = transaction;
    }

    /** A kitchen with its formulas, as in the demo file. */
    record Demo(Kitchen kitchen, List<DemoFormula> formulas) {}

    /** A formula of the demo: its state and versions, the oldest first. */
    record DemoFormula(String name, FormulaState state, List<DemoVersion> versions) {}

    /** A version of the demo, saved some hours before it is loaded. */
    record DemoVersion(int hoursAgo, String note, FormulaSpec formula) {}

    @Override
    public void afterSingletonsInstantiated() {
        if (properties.demo() && formulas.isEmpty()) {
            Demo demo = read();
            transaction.executeWithoutResult(status -> load(demo));
            LOG.info("demo data: {} formulas", demo.formulas().size());
        }
    }

    @Bean
    ApplicationRunner exitWhenLoaded(ConfigurableApplicationContext context) {
        return arguments -> {
            if (properties.exitWhenLoaded()) {
                context.close();
            }
        };
    }

    private Demo read() {
        try (InputStream in = DemoLoader.class.getResourceAsStream("/demo/kitchen.json")) {
            if (in == null) {
                throw new IllegalStateException("the demo data are missing from the program");
            }
            return json.readValue(in, Demo.class);
        } catch (IOException e) {
            throw new UncheckedIOException("the demo data cannot be read", e);
        }
    }

    private void load(Demo demo) {
        Instant now = clock.instant();
        kitchen.save(demo.kitchen());
        for (DemoFormula formula : demo.formulas()) {
            FormulaDocument saved = null;
            for (DemoVersion version : formula.versions()) {
                Instant at = now.minus(Duration.ofHours(version.hoursAgo()));
                Integer parent =
                        saved == null ? null : Integer.valueOf(saved.version().number());
                SaveRequest request = new SaveRequest(formula.name(), version.note(), version.formula(), parent, null);
                saved = saved == null ? formulas.create(request, at) : formulas.save(saved.id(), request, at);
            }
            if (saved != null) {
                formulas.setState(saved.id(), formula.state());
            }
        }
    }
}

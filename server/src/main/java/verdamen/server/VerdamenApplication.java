package verdamen.server;

import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.context.annotation.Bean;

/** Starts the server. */
@SpringBootApplication
@ConfigurationPropertiesScan
public class VerdamenApplication {

    public static void main(String[] arguments) {
        SpringApplication.run(VerdamenApplication.class, arguments);
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }
}

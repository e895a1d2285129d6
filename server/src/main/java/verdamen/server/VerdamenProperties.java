package verdamen.server;

import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * The program's own settings.
 *
 * @param demo whether the demo data are loaded into an empty database
 * @param exitWhenLoaded whether the program ends once everything is loaded, as for resetting the demo data
 */
@ConfigurationProperties("verdamen")
public record VerdamenProperties(boolean demo, boolean exitWhenLoaded) {}

package verdamen.server;

import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * The program's own settings.
 *
 * @param demo whether the demo data are loaded into an empty database
 * @param exitWhenLoaded whether the program ends once everything is loaded, as for resetting the demo data
 * @param host the name by which the server may be asked beside those of this machine itself; none when left out
 */
@ConfigurationProperties("verdamen")
public record VerdamenProperties(
        boolean demo, boolean exitWhenLoaded, @Nullable String host) {}

package verdamen.server.api;

import java.io.IOException;
import java.time.Duration;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.PathResourceResolver;

/** Serves the front end: hashed files for a year, and the page itself for every address that is no file. */
@Configuration(proxyBeanMethods = false)
class FrontEndConfiguration implements WebMvcConfigurer {

    private static final String FILES = "classpath:/static/";
    private static final Duration A_YEAR = Duration.ofDays(365);

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations(FILES + "assets/")
                .setCacheControl(CacheControl.maxAge(A_YEAR).immutable());
        registry.addResourceHandler("/**")
                .addResourceLocations(FILES)
                .setCacheControl(CacheControl.noCache())
                .resourceChain(true)
                .addResolver(new PageForAnyAddress());
    }

    /** Finds a file, or the page for an address that is neither a file nor part of the API. */
    private static final class PageForAnyAddress extends PathResourceResolver {

        @Override
        protected @Nullable Resource getResource(String path, Resource location) throws IOException {
            Resource file = super.getResource(path, location);
            if (file != null) {
                return file;
            }
            boolean address = !path.startsWith("api/") && !path.startsWith("actuator/") && !path.contains(".");
            return address ? new ClassPathResource("static/index.html") : null;
        }
    }
}

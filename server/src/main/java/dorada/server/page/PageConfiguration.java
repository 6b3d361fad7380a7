package dorada.server.page;

import java.io.IOException;
import java.time.Duration;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.PathResourceResolver;

/** Serves the pages: assets for a year, and index.html for every address that the page itself routes. */
@Configuration
class PageConfiguration implements WebMvcConfigurer {

    private static final String PAGES = "classpath:/static/";

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations(PAGES + "assets/")
                .setCacheControl(CacheControl.maxAge(Duration.ofDays(365)).immutable());
        registry.addResourceHandler("/**")
                .addResourceLocations(PAGES)
                .setCacheControl(CacheControl.noStore())
                .resourceChain(true)
                .addResolver(new PageResolver());
    }

    private static final class PageResolver extends PathResourceResolver {
        @Override
        protected Resource getResource(String path, Resource location) throws IOException {
            Resource found = path.isEmpty() ? null : super.getResource(path, location);
            if (found != null) {
                return found;
            }
            boolean routedByThePage = !path.contains(".") && !path.matches("(api|actuator|v3|assets)(/.*)?");
            return routedByThePage ? super.getResource("index.html", location) : null;
        }
    }
}

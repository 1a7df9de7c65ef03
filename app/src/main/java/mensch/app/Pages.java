package mensch.app;

import java.io.IOException;
import java.time.Duration;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.PathResourceResolver;

/**
 * The application's one page and its files. Files whose name carries a hash of their content never change; the page is
 * asked for anew each time. Every address that is no file and no API is answered with the page, which knows its views
 * and says so when it has none.
 */
@Configuration
class Pages implements WebMvcConfigurer {
    private static final String FILES = "classpath:/META-INF/resources/";
    private static final List<String> NOT_PAGES = List.of("api/", "actuator/", "v3/", "assets/");

    @Override
    public void addViewControllers(ViewControllerRegistry registry) {
        registry.addViewController("/").setViewName("forward:/index.html");
    }

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations(FILES + "assets/")
                .setCacheControl(
                        CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable());
        registry.addResourceHandler("/**")
                .addResourceLocations(FILES)
                .setCacheControl(CacheControl.noCache())
                .resourceChain(true)
                .addResolver(new FileOrPage());
    }

    private static final class FileOrPage extends PathResourceResolver {
        @Override
        protected @Nullable Resource getResource(String path, Resource folder) throws IOException {
            Resource file = super.getResource(path, folder);
            boolean page = file == null && NOT_PAGES.stream().noneMatch(path::startsWith);
            return page ? super.getResource("index.html", folder) : file;
        }
    }
}

package mensch.app;

import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Addresses of views are answered with the one page that draws them. */
@Configuration
class Pages implements WebMvcConfigurer {
    @Override
    public void addViewControllers(ViewControllerRegistry registry) {
        for (String view : new String[] {
            "/",
            "/board",
            "/film",
            "/film/{reel}",
            "/grades",
            "/playbook",
            "/playbook/{*rest}",
            "/plan",
            "/programme",
            "/programme/roster"
        }) {
            registry.addViewController(view).setViewName("forward:/index.html");
        }
    }
}

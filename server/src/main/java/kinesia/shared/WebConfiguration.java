package kinesia.shared;

import com.fasterxml.jackson.databind.Module;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** JSON and the interface's single page. */
@Configuration
class WebConfiguration implements WebMvcConfigurer {
    @Bean
    Module coreTypes() {
        return Json.coreTypes();
    }

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        // Built files carry a hash of their content in the name.
        registry.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/static/assets/")
                .setCachePeriod(31_536_000);
    }

    @Override
    public void addViewControllers(ViewControllerRegistry registry) {
        for (String path : new String[] {"/", "/{a:[^.]*}", "/{a:(?!api|assets)[^.]*}/**"}) {
            registry.addViewController(path).setViewName("forward:/index.html");
        }
    }
}

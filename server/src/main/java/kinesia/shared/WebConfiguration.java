package kinesia.shared;

import com.fasterxml.jackson.databind.Module;
import com.fasterxml.jackson.databind.module.SimpleModule;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.NumberSchema;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import kinesia.core.dose.Effort;
import kinesia.core.screening.PainScore;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** JSON, the OpenAPI document and the interface's single page. */
@Configuration
class WebConfiguration implements WebMvcConfigurer {
    static {
        SpringDocUtils.getConfig()
                .replaceWithSchema(Effort.class, new NumberSchema().description("effort 1 to 10 in halves"))
                .replaceWithSchema(PainScore.class, new IntegerSchema().description("pain 0 to 10"));
    }

    @Bean
    Module coreTypes() {
        return Json.coreTypes();
    }

    @Bean
    Module knownFields() {
        return new SimpleModule("known fields").setDeserializerModifier(new KnownFields());
    }

    /** Every field of a record is required in the document unless it is marked nullable. */
    @Bean
    ModelConverter requiredUnlessNullable() {
        return new ModelConverter() {
            @Override
            public Schema<?> resolve(
                    AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
                Schema<?> schema = chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
                Class<?> raw = com.fasterxml.jackson.databind.type.TypeFactory.defaultInstance()
                        .constructType(type.getType())
                        .getRawClass();
                if (schema != null && raw.isRecord()) {
                    markRequired(raw, schema, context);
                }
                return schema;
            }
        };
    }

    private static void markRequired(Class<?> raw, Schema<?> schema, ModelConverterContext context) {
        Schema<?> defined = schema.get$ref() == null
                ? schema
                : context.getDefinedModels()
                        .get(schema.get$ref().substring(schema.get$ref().lastIndexOf('/') + 1));
        if (defined == null || defined.getProperties() == null) {
            return;
        }
        List<String> required = Arrays.stream(raw.getRecordComponents())
                .filter(c -> !isNullable(c) && defined.getProperties().containsKey(c.getName()))
                .map(RecordComponent::getName)
                .toList();
        defined.setRequired(required);
    }

    private static boolean isNullable(RecordComponent component) {
        return component.getAnnotatedType().isAnnotationPresent(Nullable.class)
                || component.getAnnotation(jakarta.annotation.Nullable.class) != null;
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

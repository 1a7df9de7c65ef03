package mensch.app;

import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import mensch.core.document.Worded;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.convert.converter.Converter;
import org.springframework.core.convert.converter.ConverterFactory;
import org.springframework.format.FormatterRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import tools.jackson.core.Version;
import tools.jackson.databind.cfg.EnumFeature;
import tools.jackson.databind.cfg.MapperConfig;
import tools.jackson.databind.introspect.AnnotatedClass;
import tools.jackson.databind.introspect.NopAnnotationIntrospector;
import tools.jackson.databind.module.SimpleModule;

/** Constants with words travel as their words: in JSON both ways, in addresses, and in the API's description. */
@Configuration
class WordedValues implements WebMvcConfigurer {

    private static <T> List<String> words(T[] constants) {
        return Arrays.stream(constants).map(c -> ((Worded) c).words()).toList();
    }

    @Bean
    JsonMapperBuilderCustomizer wordedJson() {
        return builder -> builder.disable(
                        EnumFeature.READ_ENUMS_USING_TO_STRING, EnumFeature.WRITE_ENUMS_USING_TO_STRING)
                .addModule(new SimpleModule("mensch-words") {
                    @Override
                    public void setupModule(SetupContext context) {
                        super.setupModule(context);
                        context.insertAnnotationIntrospector(new ByWords());
                    }
                });
    }

    private static final class ByWords extends NopAnnotationIntrospector {
        private static final long serialVersionUID = 1;

        @Override
        public String[] findEnumValues(
                MapperConfig<?> config, AnnotatedClass type, Enum<?>[] constants, String[] names) {
            return Worded.class.isAssignableFrom(type.getRawType())
                    ? words(constants).toArray(String[]::new)
                    : names;
        }

        @Override
        public Version version() {
            return Version.unknownVersion();
        }
    }

    @Override
    public void addFormatters(FormatterRegistry registry) {
        registry.addConverterFactory(new InAddresses());
    }

    private static final class InAddresses implements ConverterFactory<String, Worded> {
        @Override
        public <T extends Worded> Converter<String, T> getConverter(Class<T> type) {
            return said -> Arrays.stream(type.getEnumConstants())
                    .filter(c -> c.words().equals(said))
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException(said));
        }
    }

    @Bean
    ModelConverter wordedSchemas() {
        return new InDescriptions();
    }

    private static final class InDescriptions implements ModelConverter {
        @Override
        public @Nullable Schema<?> resolve(
                AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
            Class<?> raw = com.fasterxml.jackson.databind.type.TypeFactory.defaultInstance()
                    .constructType(type.getType())
                    .getRawClass();
            if (raw.isEnum() && Worded.class.isAssignableFrom(raw)) {
                var schema = new StringSchema();
                words(raw.getEnumConstants()).forEach(schema::addEnumItem);
                return schema;
            }
            return chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
        }
    }
}

package mensch.app;

import com.fasterxml.jackson.databind.type.TypeFactory;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * The API's description, from which the web client's types are made. What a record always has is required; what its
 * type says may be missing is not.
 */
@Configuration
class OpenApiConfig {
    @Bean
    OpenAPI description() {
        return new OpenAPI().info(new Info().title("Mensch").version("1")).servers(List.of());
    }

    /** Where it runs is no part of what it is. */
    @Bean
    OpenApiCustomizer anywhere() {
        return api -> api.setServers(null);
    }

    @Bean
    ModelConverter requiredByType() {
        return new RequiredByType();
    }

    private static final class RequiredByType implements ModelConverter {
        @Override
        public @Nullable Schema<?> resolve(
                AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
            if (!chain.hasNext()) {
                return null;
            }
            Schema<?> resolved = chain.next().resolve(type, context, chain);
            Class<?> raw =
                    TypeFactory.defaultInstance().constructType(type.getType()).getRawClass();
            if (resolved != null && raw.isRecord()) {
                require(model(resolved, context), raw.getRecordComponents());
            }
            return resolved;
        }

        private static @Nullable Schema<?> model(Schema<?> resolved, ModelConverterContext context) {
            String ref = resolved.get$ref();
            return ref == null ? resolved : context.getDefinedModels().get(ref.substring(ref.lastIndexOf('/') + 1));
        }

        private static void require(@Nullable Schema<?> model, RecordComponent[] components) {
            if (model == null || model.getProperties() == null) {
                return;
            }
            Set<String> missing = Arrays.stream(components)
                    .filter(c -> c.getAnnotatedType().isAnnotationPresent(Nullable.class))
                    .map(RecordComponent::getName)
                    .collect(Collectors.toSet());
            Map<String, ?> properties = model.getProperties();
            model.setRequired(properties.keySet().stream()
                    .filter(p -> !missing.contains(p))
                    .collect(Collectors.toList()));
        }
    }
}

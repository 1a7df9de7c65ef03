package mensch.app;

import com.fasterxml.jackson.databind.type.TypeFactory;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.oas.models.Components;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.ArraySchema;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.responses.ApiResponse;
import io.swagger.v3.oas.models.security.SecurityRequirement;
import io.swagger.v3.oas.models.security.SecurityScheme;
import io.swagger.v3.oas.models.servers.Server;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.customizers.OperationCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpHeaders;

/**
 * The API's description, from which the web client's types are made. What a record always has is required; what its
 * type says may be missing is not.
 */
@Configuration
class OpenApiConfig {
    private static final String SESSION = "session";
    private static final String PROBLEM = "Problem";

    /** What any resource may answer besides what it is asked for; each carries a code that never changes. */
    private static final Map<String, String> PROBLEMS = Map.ofEntries(
            Map.entry("400", "The request cannot be read: body-unreadable, bad-request."),
            Map.entry("401", "Nobody is signed in: signed-out."),
            Map.entry("403", "Not with this role, or without the token of the session: forbidden."),
            Map.entry("404", "There is no such thing, or it is somebody else's draft: not-found."),
            Map.entry(
                    "409", "Somebody else was first: the name is taken, it was made or taken away in the same moment."),
            Map.entry(
                    "412", "Somebody wrote after this If-Match was read: ...-overtaken; nothing of yours was written."),
            Map.entry("413", "More than may come in at once: body-too-large."),
            Map.entry("422", "Readable, and cannot be done so: the detail says what, where and how to mend it."),
            Map.entry("428", "What two may write wants If-Match: version-missing."),
            Map.entry("500", "A fault of ours, under the number it is logged with: fault."));

    @Bean
    OpenAPI description() {
        return new OpenAPI()
                .info(new Info()
                        .title("Mensch")
                        .version("1")
                        .description("Play frame: yards, x to the offence's right of the ball, y into the defence."
                                + " Times are seconds after the snap."))
                .servers(List.of(
                        new Server().url("/").description("where this was read: where it runs is no part of it")))
                .components(new Components()
                        .addSecuritySchemes(
                                SESSION,
                                new SecurityScheme()
                                        .type(SecurityScheme.Type.APIKEY)
                                        .in(SecurityScheme.In.COOKIE)
                                        .name("SESSION")
                                        .description("The cookie of POST /api/session. What writes also needs the"
                                                + " cookie XSRF-TOKEN again as the header X-XSRF-TOKEN.")));
    }

    /** RFC 9457 with a code and, where there are several faults, each with its place. */
    private static Schema<?> problem() {
        Schema<Object> problem = new ObjectSchema();
        problem.addProperty("status", new IntegerSchema());
        problem.addProperty("title", new StringSchema());
        problem.addProperty("detail", new StringSchema().description("in words, for whoever asked"));
        problem.addProperty("code", new StringSchema().description("for programs; never changes"));
        problem.addProperty("problems", new ArraySchema().items(new ObjectSchema()));
        problem.setRequired(List.of("status", "detail", "code"));
        return problem;
    }

    @Bean
    OpenApiCustomizer problemsAndSession() {
        Content told = new Content()
                .addMediaType(
                        "application/problem+json",
                        new MediaType().schema(new Schema<>().$ref("#/components/schemas/" + PROBLEM)));
        return api -> {
            api.getComponents().addSchemas(PROBLEM, problem());
            PROBLEMS.forEach((status, words) -> api.getComponents()
                    .addResponses(status, new ApiResponse().description(words).content(told)));
            api.getPaths()
                    .forEach((path, item) -> item.readOperations().forEach(operation -> describe(path, operation)));
        };
    }

    private static void describe(String path, Operation operation) {
        boolean writesOver = operation.getParameters() != null
                && operation.getParameters().stream().anyMatch(p -> HttpHeaders.IF_MATCH.equals(p.getName()));
        new TreeMap<>(PROBLEMS)
                .keySet().stream()
                        .filter(status -> writesOver || !status.equals("412") && !status.equals("428"))
                        .forEach(status -> operation
                                .getResponses()
                                .putIfAbsent(status, new ApiResponse().$ref("#/components/responses/" + status)));
        if (!path.equals("/api/session")) {
            operation.addSecurityItem(new SecurityRequirement().addList(SESSION));
        }
    }

    /** Names that no other resource has and that stay when one is added. */
    @Bean
    OperationCustomizer names() {
        return (operation, handler) ->
                operation.operationId(handler.getBeanType().getSimpleName().replace("Controller", "") + "."
                        + handler.getMethod().getName());
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

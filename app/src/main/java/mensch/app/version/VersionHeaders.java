package mensch.app.version;

import io.swagger.v3.oas.models.headers.Header;
import io.swagger.v3.oas.models.media.StringSchema;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OperationCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.core.MethodParameter;
import org.springframework.core.convert.converter.Converter;
import org.springframework.format.FormatterRegistry;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.http.server.ServerHttpRequest;
import org.springframework.http.server.ServerHttpResponse;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyAdvice;

/** The one place where versions become headers and headers versions. */
@RestControllerAdvice
class VersionHeaders implements ResponseBodyAdvice<Object>, WebMvcConfigurer {
    static {
        SpringDocUtils.getConfig().replaceWithClass(Version.class, String.class);
    }

    private static boolean versioned(MethodParameter answer) {
        return Versioned.class.isAssignableFrom(answer.getParameterType());
    }

    @Override
    public boolean supports(MethodParameter answer, Class<? extends HttpMessageConverter<?>> converter) {
        return versioned(answer);
    }

    @Override
    public @Nullable Object beforeBodyWrite(
            @Nullable Object body,
            MethodParameter answer,
            MediaType type,
            Class<? extends HttpMessageConverter<?>> converter,
            ServerHttpRequest request,
            ServerHttpResponse response) {
        if (body instanceof Versioned versioned) {
            response.getHeaders().setETag(new Version(versioned.version()).etag());
        }
        return body;
    }

    @Override
    public void addFormatters(FormatterRegistry registry) {
        registry.addConverter(String.class, Version.class, (Converter<String, Version>) etag -> Version.read(etag));
    }

    @Bean
    OperationCustomizer etags() {
        return (operation, handler) -> {
            if (versioned(handler.getReturnType())) {
                operation.getResponses().values().stream()
                        .filter(r -> r.getContent() != null)
                        .forEach(r -> r.addHeaderObject(
                                HttpHeaders.ETAG,
                                new Header()
                                        .description("goes back as If-Match with the next write")
                                        .schema(new StringSchema())));
            }
            return operation;
        };
    }
}

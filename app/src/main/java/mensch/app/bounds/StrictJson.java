package mensch.app.bounds;

import org.springframework.boot.jackson.autoconfigure.JsonFactoryBuilderCustomizer;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.deser.std.StdScalarDeserializer;
import tools.jackson.databind.module.SimpleModule;

/**
 * JSON is taken at its word: no fraction where a whole number belongs, no text where a number does, no unknown names,
 * no characters that no text has, and nothing nested deeper than our documents are.
 */
@Configuration
class StrictJson {
    private static final int DEEPEST = 40;

    @Bean
    JsonFactoryBuilderCustomizer bounded() {
        return factory -> factory.streamReadConstraints(StreamReadConstraints.builder()
                .maxNestingDepth(DEEPEST)
                .maxStringLength(2 * Bounds.IMPORT)
                .build());
    }

    @Bean
    JsonMapperBuilderCustomizer strict() {
        var module = new SimpleModule("mensch-strict");
        module.addDeserializer(String.class, new Text());
        module.addDeserializer(Double.class, new Finite());
        module.addDeserializer(double.class, new Finite());
        return builder -> builder.disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
                .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
                .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
                .addModule(module);
    }

    /**
     * Text without control characters other than line ends and tabs: the database has no NUL, and no coach types one.
     */
    private static final class Text extends StdScalarDeserializer<String> {
        Text() {
            super(String.class);
        }

        @Override
        public String deserialize(JsonParser parser, DeserializationContext context) {
            if (parser.currentToken() != JsonToken.VALUE_STRING) {
                return context.reportInputMismatch(String.class, "text is needed here, in quotes");
            }
            String text = parser.getString();
            boolean control = text.chars().anyMatch(c -> c < ' ' && c != '\n' && c != '\r' && c != '\t');
            if (control) {
                return context.reportInputMismatch(String.class, "the text holds a control character; take it out");
            }
            return text;
        }
    }

    /** A number that is one. */
    private static final class Finite extends StdScalarDeserializer<Double> {
        Finite() {
            super(Double.class);
        }

        @Override
        public Double deserialize(JsonParser parser, DeserializationContext context) {
            if (!parser.currentToken().isNumeric()) {
                return context.reportInputMismatch(Double.class, "a number is needed here");
            }
            double number = parser.getDoubleValue();
            if (!Double.isFinite(number)) {
                return context.reportInputMismatch(Double.class, "the number is too large");
            }
            return number;
        }
    }
}

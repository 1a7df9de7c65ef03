package mensch.app;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * The API's description, from which the web client's types are made: every property is always there unless named here.
 */
@Configuration
class OpenApiConfig {
    /** Properties that may be left out. */
    private static final Set<String> OPTIONAL = Set.of(
            "Sheet.answer",
            "ManRow.number",
            "JobRow.feet",
            "JobRow.show",
            "JobRow.region",
            "JobRow.key",
            "JobRow.man",
            "JobRow.leverage",
            "JobRow.player",
            "PlanCell.motion",
            "PlanCell.worst",
            "PlanCell.reason",
            "JobRow.goal",
            "ChangeRow.player",
            "PlayerRow.weight",
            "PlayerRow.shuttle",
            "RosterAnswer.changedBy",
            "RosterAnswer.changedAt",
            "CallItem.savedBy",
            "CallItem.savedAt",
            "BoardRequest.revision",
            "SnapWords.motion",
            "SnapWords.men",
            "StripRequest.revision",
            "StripCell.man",
            "PlaybookItem.savedBy",
            "PlaybookItem.savedAt",
            "LiftedLayer.revision",
            "ConventionSheet.chosenBy",
            "ConventionSheet.chosenAt",
            "SnapSheet.calibration",
            "GradeRow.overruled",
            "GradeRow.note",
            "Overrule.mark",
            "Overrule.note");

    @Bean
    OpenAPI description() {
        return new OpenAPI().info(new Info().title("Mensch").version("1")).servers(List.of());
    }

    @Bean
    OpenApiCustomizer requiredProperties() {
        return api -> {
            api.setServers(null);
            api.getComponents().getSchemas().forEach((name, schema) -> require(name, schema));
        };
    }

    private static void require(String name, Schema<?> schema) {
        Map<String, ?> properties = schema.getProperties();
        if (properties != null && !name.startsWith("ProblemDetail")) {
            schema.setRequired(new ArrayList<>(properties.keySet().stream()
                    .filter(p -> !OPTIONAL.contains(name + "." + p))
                    .toList()));
        }
    }
}

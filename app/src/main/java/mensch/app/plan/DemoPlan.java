package mensch.app.plan;

import java.util.List;
import mensch.app.playbook.Playbook;
import mensch.app.playbook.PlaybookEntry.Install;
import mensch.app.version.Version;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** The made-up week of the demo scenario; only when the programme has said nothing about any document yet. */
@Component
@Order(3)
@ConditionalOnProperty("mensch.demo")
class DemoPlan implements ApplicationRunner {
    private static final List<String> PLAN = List.of(
            "anvil-drizzle",
            "anvil-fog",
            "anvil-frost",
            "anvil-mist",
            "anvil-eel",
            "anvil-heron",
            "anvil-squall",
            "wedge-ice");
    private static final List<String> INSTALLED =
            List.of("anvil-monsoon", "anvil-thunder", "bellows-drizzle", "bellows-frost", "maul-ice");

    private final Playbook playbook;

    DemoPlan(Playbook playbook) {
        this.playbook = playbook;
    }

    @Override
    public void run(ApplicationArguments args) {
        if (playbook.standings().isEmpty()) {
            PLAN.forEach(id -> playbook.set("call", id, new Version(0), Install.PLAN, true, false));
            INSTALLED.forEach(id -> playbook.set("call", id, new Version(0), Install.INSTALLED, true, false));
        }
    }
}

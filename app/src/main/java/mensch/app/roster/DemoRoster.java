package mensch.app.roster;

import java.io.IOException;
import java.io.InputStream;
import mensch.app.version.Version;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** The made-up squads of the demo scenario; only when nobody wrote a roster. */
@Component
@Order(2)
@ConditionalOnProperty("mensch.demo")
class DemoRoster implements ApplicationRunner {
    private final RosterBook book;

    DemoRoster(RosterBook book) {
        this.book = book;
    }

    @Override
    public void run(ApplicationArguments args) throws IOException {
        if (book.page() == null) {
            try (InputStream in = DemoRoster.class.getResourceAsStream("/demo/roster.json")) {
                book.write(JsonMapper.builder().build().readValue(in, RosterSheet.class), new Version(0), "marrow");
            }
        }
    }
}

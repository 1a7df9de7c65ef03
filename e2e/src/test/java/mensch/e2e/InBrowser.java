package mensch.e2e;

import mensch.app.RunningApp;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.extension.ExtendWith;

/** Tests of the running application in a browser of their own; a script error on any page fails them. */
@ExtendWith(RunningApp.class)
abstract class InBrowser {
    static Chromium chromium;

    @BeforeAll
    static void open() {
        chromium = new Chromium();
    }

    @AfterEach
    void leave() {
        chromium.leave();
    }

    @AfterAll
    static void close() {
        chromium.assertNoScriptErrors();
        chromium.close();
    }
}

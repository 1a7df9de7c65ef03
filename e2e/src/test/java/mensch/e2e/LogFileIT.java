package mensch.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A log of a game that the press box kept, taken in and taken along. */
class LogFileIT extends InBrowser {
    private static final String LOG = """
            PLAY #,ODK,QTR,DN,DIST,YARD LN,HASH,OFF FORM,OFF PLAY,PLAY DIR,GN/LS,RESULT
            1,K,1,,,,,,,,,
            2,D,1,1,10,-35,L,TRIPS RT,Power,R,4,Rush
            3,D,1,2,6,-39,R,Pro I,Boot,L,-2,Sack
            4,D,1,3,8,-37,M,TRIPS LT,zap,R,lots,Incomplete
            """;

    @TempDir
    Path folder;

    private Path written(String name, String log) throws IOException {
        return Files.writeString(folder.resolve(name + ".csv"), log);
    }

    private static Page newGame(Page page, String opponent) {
        assertThat(page.locator("form button.main")).hasText("Begin it");
        page.fill("[name=opponent]", opponent);
        page.locator("form button.main").click();
        assertThat(page.locator("h1")).containsText(opponent);
        return page;
    }

    private static Locator button(Page page, String words) {
        return page.locator("button", new Page.LocatorOptions().setHasText(words));
    }

    @Test
    void aLogIsUnderstoodAskedAboutTakenInWholeAndTakenAlong(int port) throws IOException {
        Page page = newGame(chromium.signedIn(port, "abara", "/film"), "Press box");
        page.setInputFiles("[aria-label='Log file']", written("log", LOG));
        Locator file = page.locator("[aria-label='Log as a file']");
        assertThat(file).containsText("log.csv: 4 rows");
        assertThat(file).containsText("It adds 3 plays, without 1 row on which we did not defend.");
        assertThat(file.locator("[role=alert]"))
                .containsText("Row 5, GN/LS: “lots” is no whole number from -99 to 99 yd");
        assertThat(file.locator(".asks")).containsText("trips in formation, 2 rows");
        assertThat(file.locator(".asks")).containsText("3 rows without our call");
        assertThat(button(page, "Take 3 plays in")).isDisabled();
        Chromium.assertAccessible(page);
        Words.pick(page, "formation trips", "Trips open");
        Words.pick(page, "our call ", "Anvil Fog");
        Words.pick(page, "they ran boot", "Boot flood");
        Words.pick(page, "they ran zap", "not said");
        assertThat(file).containsText("As you said it");
        page.setInputFiles("[aria-label='Log file']", written("log", LOG.replace("lots", "0")));
        Words.pick(page, "our call ", "Anvil Fog");
        assertThat(file.locator(".ant-table-row")).hasCount(3);
        // what was said of the words is known of the mended file; what it does not say is asked anew
        button(page, "Take 3 plays in").click();
        assertThat(file.locator("[role=status]")).hasText("3 plays taken in");
        Locator plays = page.locator("a", new Page.LocatorOptions().setHasText("Play 3"));
        assertThat(plays).isVisible();
        assertThat(page.locator("tbody").last()).containsText("Trips open, left");
        Download along =
                page.waitForDownload(() -> button(page, "Take this log along").click());
        String csv = Files.readString(along.path());
        Assertions.assertThat(csv).contains("Trips open").contains("sacked").contains("Anvil Fog");

        Page again = newGame(chromium.signedIn(port, "abara", "/film"), "Once more");
        again.setInputFiles("[aria-label='Log file']", written("along", csv));
        button(again, "Take 3 plays in").click();
        assertThat(again.locator("[aria-label='Log as a file'] [role=status]")).hasText("3 plays taken in");
    }
}

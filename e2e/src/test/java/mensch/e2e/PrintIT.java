package mensch.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** A1: what comes out of the printer, on letter and on A4. */
class PrintIT extends InBrowser {
    private static final List<String> PAPERS = List.of("Letter", "A4");
    /** Pages, words, and how much of the paper's width they take. */
    private record Printed(int pages, String text, double widthShare) {}

    private static Printed printed(Page page, String paper) {
        byte[] pdf = page.pdf(new Page.PdfOptions().setFormat(paper));
        var xs = new ArrayList<Double>();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            var stripper = new PDFTextStripper() {
                @Override
                protected void processTextPosition(TextPosition text) {
                    xs.add((double) text.getXDirAdj());
                    super.processTextPosition(text);
                }
            };
            String words = stripper.getText(document);
            double span = xs.stream().mapToDouble(x -> x).max().orElse(0)
                    - xs.stream().mapToDouble(x -> x).min().orElse(0);
            return new Printed(
                    document.getNumberOfPages(),
                    words.replaceAll("\\s+", " "),
                    span / document.getPage(0).getMediaBox().getWidth());
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    void theInstallCardIsOnePageWithItsCaution(int port) {
        Page page = chromium.signedIn(port, "marrow", "/playbook/card/anvil-fog");
        assertThat(page.locator(".card h2")).hasText("Anvil Fog");
        for (String call : List.of("anvil-fog", "bellows-frost", "awl-blizzard", "anvil-carp-smelt")) {
            page.navigate("http://127.0.0.1:" + port + "/playbook/card/" + call);
            assertThat(page.locator(".card tbody tr")).hasCount(11);
            for (String paper : PAPERS) {
                Printed card = printed(page, paper);
                Assertions.assertThat(card.pages()).as(call + " " + paper).isEqualTo(1);
                Assertions.assertThat(card.text()).contains("licensed medical staff decide");
                Assertions.assertThat(card.widthShare()).as(call + " " + paper).isGreaterThan(0.75);
            }
        }
    }

    @Test
    void everyViewTakesTheWidthOfThePaperAndNotOfTheRail(int port) {
        Page page = chromium.signedIn(port, "marrow", "/board");
        assertThat(page.locator(".strip li")).hasCount(11);
        for (String view : List.of(
                "/board",
                "/playbook",
                "/playbook/compare",
                "/playbook/call/anvil-fog",
                "/plan",
                "/programme",
                "/programme/roster",
                "/programme/figures")) {
            page.navigate("http://127.0.0.1:" + port + view);
            assertThat(page.locator("main > div")).isVisible();
            page.waitForLoadState(com.microsoft.playwright.options.LoadState.NETWORKIDLE);
            Printed sheet = printed(page, "A4");
            Assertions.assertThat(sheet.widthShare()).as(view).isGreaterThan(0.6);
            Assertions.assertThat(sheet.text()).as(view).doesNotContain("Sign out");
        }
    }
}

package mensch.e2e;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * What a coach waits for, measured in the browser on loopback from the change until the next painted frame: {@code BrowserBench}, address in MENSCH_ADDRESS. Part of
 * {@code mensch bench}; no test.
 */
public final class BrowserBench {
    private static final int WARM = 40;
    /** A coach's next change comes no sooner. */
    private static final int PAUSE_MILLIS = 350;
    private static final int TIMES = 60;

    /** Sets a native select and waits until the node's subtree has changed and been painted; milliseconds. */
    private static final String CHANGE = """
        ([select, value, watched]) => new Promise((done, fail) => {
          const node = document.querySelector(watched)
          const box = document.querySelector(select)
          let started = 0
          const seen = new MutationObserver(() => { 
            seen.disconnect()
            const drawn = performance.now()
            requestAnimationFrame(() => setTimeout(() => {
              const asked = performance.getEntriesByType('resource').filter(e => e.startTime >= started).map(e => e.responseEnd - e.startTime)
              done([performance.now() - started, Math.max(0, ...asked), drawn - started])
            }, 0))
          })
          seen.observe(node, { subtree: true, childList: true, attributes: true, characterData: true })
          setTimeout(() => fail(new Error('nothing changed for ' + value)), 4000)
          box.value = value
          started = performance.now()
          box.dispatchEvent(new Event('change', { bubbles: true }))
        })""";

    private final Page page;

    private BrowserBench(Page page) {
        this.page = page;
    }

    public static void main(String[] args) {
        int port = Integer.parseInt(System.getenv("MENSCH_ADDRESS").replaceAll(".*:(\\d+).*", "$1"));
        try (var chromium = new Chromium()) {
            var bench = new BrowserBench(chromium.signedIn(port, "marrow", "/board"));
            bench.page.waitForSelector(".field .offence");
            bench.board();
            bench.page.navigate("http://127.0.0.1:" + port + "/playbook/call/anvil-drizzle");
            bench.page.waitForSelector(".strip li");
            bench.strip();
        }
    }

    private void board() {
        List<String> formations = values("[aria-label=Formation]").stream().filter(f -> !f.startsWith("flag")).toList();
        report("board answers a formation", "[aria-label=Formation]", formations, "svg.field");
        report("board answers a call", "[aria-label=Call]", List.of("anvil-fog", "anvil-frost", "anvil-drizzle", "bellows-frost"), "svg.field");
        report("board answers a hash", "[aria-label=Hash]", List.of("l", "r", "m"), "svg.field");
    }

    private void strip() {
        report("formation strip repaints for a man", "[aria-label=Man]", List.of("nickel", "weak", "mike", "corner-left"), ".strip ul");
    }

    @SuppressWarnings("unchecked")
    private List<String> values(String select) {
        return (List<String>) page.evaluate("s => [...document.querySelector(s).options].map(o => o.value)", select);
    }

    private void report(String what, String select, List<String> values, String watched) {
        var millis = new ArrayList<Double>();
        var wire = new ArrayList<Double>();
        var drawn = new ArrayList<Double>();
        for (int i = 0; i < WARM + TIMES; i++) {
            String value = values.get((i + 1) % values.size());
            page.evaluate("performance.clearResourceTimings()");
            List<?> took = (List<?>) page.evaluate(CHANGE, List.of(select, value, watched));
            if (i >= WARM) {
                millis.add(((Number) took.get(0)).doubleValue());
                wire.add(((Number) took.get(1)).doubleValue());
                drawn.add(((Number) took.get(2)).doubleValue());
            }
            page.waitForTimeout(PAUSE_MILLIS);
        }
        millis.sort(null);
        wire.sort(null);
        drawn.sort(null);
        System.out.printf(Locale.ROOT, "%-40s median %6.1f ms   95th percentile %6.1f ms   worst %6.1f ms   (%d times; median until the answer is there %.1f ms, until it is in the page %.1f ms)%n", what,
            millis.get(TIMES / 2), millis.get(TIMES * 95 / 100), millis.get(TIMES - 1), TIMES, wire.get(TIMES / 2), drawn.get(TIMES / 2));
    }
}

package mensch.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.LoadState;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * What a coach waits for, measured in the browser on loopback from the change until the next painted frame:
 * {@code BrowserBench}, address in MENSCH_ADDRESS. Part of {@code mensch bench}; no test.
 */
public final class BrowserBench {
    private static final int WARM = 24;
    /** A coach's next change comes no sooner. */
    private static final int PAUSE_MILLIS = 350;
    /** So long a hand is on what it has found before it presses: by then the answer was asked ahead. */
    private static final int LOOK_MILLIS = 150;

    private static final int TIMES = 40;

    /**
     * Takes what an open menu has found and waits until the node's subtree has changed and been painted; milliseconds.
     */
    private static final String CHANGE = """
        ([value, watched]) => new Promise((done, fail) => {
          const node = document.querySelector(watched)
          const box = document.querySelector('.choices input')
          let started = 0
          const seen = new MutationObserver(() => {
            seen.disconnect()
            const drawn = performance.now()
            requestAnimationFrame(() => setTimeout(() => {
              const asked = performance.getEntriesByType('resource').filter(e => e.startTime >= started && e.name.includes('/api/line-ups'))
              const last = asked.reduce((a, e) => (!a || e.responseEnd > a.responseEnd ? e : a), undefined)
              const since = t => t === undefined ? 0 : t - started
              done([since(performance.now()), since(last?.startTime), since(last?.responseEnd), since(drawn)])
            }, 0))
          })
          seen.observe(node, { subtree: true, childList: true, attributes: true, characterData: true })
          setTimeout(() => fail(new Error('nothing changed for ' + value)), 4000)
          started = performance.now()
          box.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', keyCode: 13, which: 13, bubbles: true, cancelable: true }))
        })""";

    /** Steps through a snap that is watched, a tick a frame, there and back; milliseconds from frame to frame. */
    private static final String SCRUB = """
        async (steps) => {
          const frame = () => new Promise(done => requestAnimationFrame(done))
          const press = key => document.body.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }))
          const took = []
          let before = await frame()
          for (let i = 0; i < steps; i++) {
            press(i % 60 < 30 ? '.' : ',')
            const now = await frame()
            took.push(now - before)
            before = now
          }
          return took
        }""";

    private static final int STEPS = 300;

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
            bench.page.navigate("http://127.0.0.1:" + port + "/board?call=anvil-drizzle&against=pro-i");
            bench.page.waitForSelector(".field .offence");
            bench.scrub("power", "34");
            bench.page.navigate("http://127.0.0.1:" + port + "/playbook/call/anvil-drizzle");
            bench.page.waitForSelector(".strip li");
            bench.page.waitForLoadState(LoadState.NETWORKIDLE);
            bench.strip();
        }
    }

    private void board() {
        List<String> formations = formations();
        List<String> calls = List.of("anvil-fog", "anvil-frost", "anvil-drizzle", "bellows-frost");
        List<String> hashes = List.of("l", "r", "m");
        for (int look : List.of(0, LOOK_MILLIS)) {
            report("board answers a formation", "Formation", formations, "svg.field", look);
            report("board answers a call", "Call", calls, "svg.field", look);
            report("board answers a hash", "Hash", hashes, "svg.field", look);
        }
    }

    /**
     * A run that is watched with every layer on.
     *
     * @param layers keys of the layers that are not on yet
     */
    private void scrub(String play, String layers) {
        page.locator(".facts").click();
        page.keyboard().press("p");
        page.locator("input[placeholder='find a play']").fill(play);
        page.locator(".line").first().click();
        layers.chars().forEach(key -> page.keyboard().press(Character.toString(key)));
        page.keyboard().press("i");
        page.waitForSelector(".shares");
        page.waitForTimeout(WARM * 100);
        page.keyboard().press("i");
        var millis = new ArrayList<Double>();
        for (Object took : (List<?>) page.evaluate(SCRUB, STEPS)) {
            millis.add(((Number) took).doubleValue());
        }
        millis.sort(null);
        double all = millis.stream().mapToDouble(Double::doubleValue).sum();
        System.out.printf(
                Locale.ROOT,
                "%-36s %.0f frames a second; from frame to frame median %.1f ms  95th percentile %.1f ms  worst %.1f ms (%d ticks)%n",
                "a snap is stepped, all layers on",
                1000 * STEPS / all,
                millis.get(STEPS / 2),
                millis.get(STEPS * 95 / 100),
                millis.get(STEPS - 1),
                STEPS);
    }

    private void strip() {
        report(
                "formation strip repaints for a man",
                "Man",
                List.of("nickel", "weak", "mike", "corner-left"),
                ".strip ul",
                0);
    }

    @SuppressWarnings("unchecked")
    private List<String> formations() {
        return (List<String>)
                page.evaluate(
                        "async () => (await (await fetch('/api/choices')).json()).formations.filter(f => f.players === 11).map(f => f.id)");
    }

    private void report(String what, String word, List<String> values, String watched, int look) {
        List<List<Double>> parts = List.of(new ArrayList<>(), new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
        // so that the first that is measured is another
        Words.choose(page, word, values.get(0));
        for (int i = 0; i < WARM + TIMES; i++) {
            String value = values.get((i + 1) % values.size());
            Words.word(page, word).click();
            page.locator(".choices input").fill(value);
            page.locator(".word-list .ant-select-item-option-active").waitFor();
            page.evaluate("performance.clearResourceTimings()");
            page.waitForTimeout(look);
            List<?> took = (List<?>) page.evaluate(CHANGE, List.of(value, watched));
            for (int part = 0; i >= WARM && part < parts.size(); part++) {
                parts.get(part).add(((Number) took.get(part)).doubleValue());
            }
            page.waitForTimeout(PAUSE_MILLIS);
        }
        parts.forEach(p -> p.sort(null));
        List<Double> millis = parts.get(0);
        System.out.printf(
                Locale.ROOT,
                "%-36s after %3d ms: median %5.1f ms  95th percentile %5.1f ms  worst %5.1f ms"
                        + "  (%d times; median until asked %.1f, answered %.1f, in the page %.1f ms)%n",
                what,
                look,
                millis.get(TIMES / 2),
                millis.get(TIMES * 95 / 100),
                millis.get(TIMES - 1),
                TIMES,
                parts.get(1).get(TIMES / 2),
                parts.get(2).get(TIMES / 2),
                parts.get(3).get(TIMES / 2));
    }
}

package mensch.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;

/** Words of a sentence and fields of a form as a coach chooses them: opened, searched by typing, taken with Enter. */
final class Words {
    private Words() {}

    /** The word with this label, wherever it stands on the page. */
    static Locator word(Page page, String label) {
        return page.locator("[data-menu='" + label + "']");
    }

    static void choose(Page page, String label, String id) {
        choose(page, label, id, id);
    }

    /** Chooses what is first found by what is typed. */
    static void choose(Page page, String label, String typed, String id) {
        pick(page, label, typed);
        assertSays(page, label, id);
    }

    /** Chooses in a menu that does not keep what was chosen. */
    static void pick(Page page, String label, String typed) {
        word(page, label).click();
        Locator search = page.locator(".choices input");
        search.fill(typed);
        assertThat(page.locator(".word-list .ant-select-item-option-active")).isVisible();
        search.press("Enter");
        assertThat(page.locator(".choices")).hasCount(0);
    }

    static void assertSays(Page page, String label, String id) {
        assertThat(word(page, label)).hasAttribute("data-value", id);
    }
}

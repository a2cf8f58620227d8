package kinesia.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;

/** What a trainer does on the floor screen, and what the server then has. */
final class OnTheFloor {
    private OnTheFloor() {}

    static Locator right(Browser browser) {
        return browser.page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Right")));
    }

    static void log(Browser browser, int done) {
        right(browser).click();
        browser.page
                .getByText(Pattern.compile("^" + done + " of \\d+ sets done$"))
                .waitFor();
    }

    /** Takes the connection away and logs a set, which then waits on the device. */
    static void logWithoutConnection(Browser browser) {
        browser.offline(true);
        browser.page.waitForTimeout(750); // two presses closer together count as one
        right(browser).click();
        browser.page.getByText("1 kept on this device").waitFor();
    }

    static String openSession(Browser browser, String client) {
        for (int day = 0; day < 4; day++) {
            browser.page.navigate("/");
            browser.page.getByText(client).first().waitFor();
            Locator plan = browser.page
                    .getByRole(AriaRole.LISTITEM)
                    .filter(new Locator.FilterOptions().setHasText(client))
                    .getByText("Plan today’s session");
            if (plan.count() > 0) {
                plan.click();
                break;
            }
            browser.press("Demo: go to the next day");
            browser.page.waitForTimeout(500);
        }
        browser.choose("Anything new", "nothing new");
        browser.choose("Hours of sleep", "7");
        browser.choose("What did the arms do since?", "as usual");
        browser.press("Plan today’s session");
        browser.page.getByText(Pattern.compile("^(Pair|Block|Unit) A")).first().waitFor();
        String session = browser.page.url().replaceAll(".*/sessions/([^/]+)$", "$1");
        browser.follow("To the floor");
        browser.press("Skip the warm-up");
        return session;
    }

    static void awaitSets(Browser browser, String session, int count) {
        JsonNode sets = null;
        for (int i = 0; i < 300; i++) {
            sets = browser.getOrNothing("/api/sessions/" + session).get("sets");
            if (sets != null && sets.size() == count) {
                return;
            }
            browser.page.waitForTimeout(200);
        }
        assertThat(sets).hasSize(count);
    }
}

package kinesia.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;

/** What a trainer does on the floor screen, and what the server then has. */
final class OnTheFloor {
    private static final double LONGEST_MS = 90_000;

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
            browser.nextDay();
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
        browser.page.waitForCondition(
                () -> browser.getOrNothing("/api/sessions/" + session)
                                .path("sets")
                                .size()
                        == count,
                new Page.WaitForConditionOptions().setTimeout(LONGEST_MS));
    }
}

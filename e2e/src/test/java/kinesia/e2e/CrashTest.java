package kinesia.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The worst that can happen in the middle of a session: nothing that was logged is lost or doubled. */
class CrashTest {
    @Test
    void sets_survive_a_killed_database_and_a_killed_application_each_once() {
        try (Installation kinesia = Installation.withDemo();
                Browser browser = new Browser(kinesia.address())) {
            browser.signIn();
            String session = OnTheFloor.openSession(browser, "Jorun Haldvig");
            Page page = browser.page;
            Locator done = OnTheFloor.right(browser);
            done.click();
            seeDone(page, 1);
            done.click();
            seeDone(page, 2);
            OnTheFloor.awaitSets(browser, session, 2);

            kinesia.killDatabase();
            done.click();
            OnTheFloor.awaitSets(browser, session, 3);

            kinesia.killApplication();
            done.click();
            page.getByText("No connection: 1 kept on this device").waitFor();
            // Nobody starts anything: the launcher brings back what died.
            OnTheFloor.awaitSets(browser, session, 4);
            page.getByText("kept on this device")
                    .waitFor(new Locator.WaitForOptions()
                            .setState(com.microsoft.playwright.options.WaitForSelectorState.HIDDEN));
            page.reload();
            seeDone(page, 4);
            List<String> ids =
                    browser.get("/api/sessions/" + session).get("sets").findValuesAsText("id");
            assertThat(ids).hasSize(4).doesNotHaveDuplicates();
            browser.nothingWentWrong();
        }
    }

    @Test
    void a_second_start_keeps_the_data_and_an_empty_one_asks_for_its_owner() {
        try (Installation kinesia = Installation.empty()) {
            try (Browser browser = new Browser(kinesia.address())) {
                browser.seeHeading("Set up your room");
                browser.axeFindsNothing("first visit");
                browser.page.getByLabel("Name of the room").fill("Loft over the boathouse");
                browser.page.getByLabel("Your name").fill("Signe Holt");
                browser.page.getByLabel("E-mail").fill("signe@boathouse.example");
                browser.page.getByLabel("Password").fill("too short");
                browser.press("Make the owner’s account");
                browser.page.getByText("from 12 to 200 characters").waitFor();
                browser.page.getByLabel("Password").fill("a long enough password");
                browser.press("Make the owner’s account");
                browser.seeHeading("No clients yet");
                browser.axeFindsNothing("today, empty");
            }
            kinesia.stop();
            kinesia.start();
            try (Browser browser = new Browser(kinesia.address())) {
                browser.signIn("signe@boathouse.example", "a long enough password");
                browser.seeHeading("No clients yet");
                browser.page.navigate("/no/such/page");
                browser.seeHeading("There is nothing at this address");
                browser.page.navigate("/clients/00000000-0000-0000-0000-000000000000");
                browser.page
                        .getByText("There is nothing like that in your room.")
                        .waitFor();
            }
        }
    }

    private static void seeDone(Page page, int sets) {
        page.getByText(Pattern.compile("^" + sets + " of \\d+ sets done$")).waitFor();
    }
}

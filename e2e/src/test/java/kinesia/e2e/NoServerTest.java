package kinesia.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A session whose server is away for half of it: a reload, a pain and a second device do not lose or double a set. */
class NoServerTest {
    @Test
    void a_session_goes_on_without_a_server_through_a_reload_and_each_set_is_there_once() {
        try (Installation kinesia = Installation.withDemo();
                Browser phone = Browser.keepingPages(kinesia.address());
                Browser desk = new Browser(kinesia.address())) {
            phone.signIn();
            String session = OnTheFloor.openSession(phone, "Jorun Haldvig");
            phone.page.evaluate("navigator.serviceWorker.ready.then(() => true)");
            phone.page.reload();
            phone.page.getByText(Pattern.compile("^0 of \\d+ sets done$")).waitFor();
            OnTheFloor.log(phone, 1);
            OnTheFloor.awaitSets(phone, session, 1);
            desk.signIn();
            desk.page.navigate("/sessions/" + session + "/floor");

            kinesia.stop();
            OnTheFloor.log(phone, 2);
            OnTheFloor.log(phone, 3);
            phone.page.getByText("2 kept on this device").waitFor();
            phone.page.reload();
            phone.page.getByText(Pattern.compile("^3 of \\d+ sets done$")).waitFor();
            OnTheFloor.log(phone, 4);
            phone.page.getByText("3 kept on this device").waitFor();

            kinesia.start();
            phone.page
                    .getByText("kept on this device")
                    .waitFor(new Locator.WaitForOptions()
                            .setState(WaitForSelectorState.HIDDEN)
                            .setTimeout(90_000));
            OnTheFloor.awaitSets(phone, session, 4);

            // The second device sees them and adds one; the first is told.
            desk.page.reload();
            desk.page.getByText(Pattern.compile("^4 of \\d+ sets done$")).waitFor();
            OnTheFloor.log(desk, 5);
            OnTheFloor.awaitSets(desk, session, 5);
            phone.page.reload();
            phone.page.getByText(Pattern.compile("^5 of \\d+ sets done$")).waitFor();

            // Something hurts: the exercise ends, and an easier way is looked for.
            String exercise = phone.page
                    .getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1))
                    .innerText();
            phone.press("It hurts");
            phone.choose("Which place", "wrist");
            phone.choose("How much", "6");
            phone.axeFindsNothing("where it hurts");
            phone.press("Log the set with this pain");
            phone.page.getByText("an easier way for the").waitFor();
            phone.axeFindsNothing("an easier way");
            phone.press("Go on with the session");
            OnTheFloor.awaitSets(phone, session, 6);
            phone.page.waitForCondition(() -> !phone.page
                    .getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1))
                    .innerText()
                    .equals(exercise));

            List<String> sets = new ArrayList<>();
            for (JsonNode one : phone.get("/api/sessions/" + session).get("sets")) {
                JsonNode set = one.get("set");
                sets.add(set.path("exerciseKey").asText()
                        + set.path("side").asText()
                        + set.path("setNumber").asInt());
            }
            assertThat(sets).hasSize(6).doesNotHaveDuplicates();
            phone.nothingWentWrong();
        }
    }
}

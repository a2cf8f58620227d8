package kinesia.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What a device holds while it cannot send: nothing pressed is lost, and it leaves with who signs out. */
class DeviceTest {
    private final DemoRoom room = DemoRoom.own();

    @Test
    void a_set_that_waited_while_another_device_finished_is_asked_about_and_added_after_all() {
        try (Browser phone = room.browser();
                Browser desk = room.browser()) {
            phone.signIn();
            String session = OnTheFloor.openSession(phone, "Jorun Haldvig");
            OnTheFloor.log(phone, 1);
            OnTheFloor.logWithoutConnection(phone);

            desk.signIn();
            desk.page.navigate("/sessions/" + session + "/floor");
            desk.send("POST", "/api/sessions/" + session + "/finish", "");
            phone.offline(false);
            phone.page.getByText(Pattern.compile("^Not added:")).waitFor();
            phone.axeFindsNothing("a set that was not added");
            assertThat(phone.get("/api/sessions/" + session).get("sets")).hasSize(1);
            // It is asked about wherever the trainer goes, and a reload does not lose it.
            phone.page.navigate("/");
            phone.page.getByText(Pattern.compile("^Not added:")).waitFor();
            phone.press("Add it to the session after all");
            OnTheFloor.awaitSets(phone, session, 2);

            phone.page.navigate("/");
            phone.nextDay();
            phone.page.waitForCondition(() -> phone.getOrNothing("/api/sessions/" + session + "/morning")
                    .path("mayAnswer")
                    .asBoolean());
            phone.send(
                    "PUT",
                    "/api/sessions/" + session + "/morning",
                    "{\"sites\":[],\"muscleSoreness\":1,\"sharp\":false,\"tinglingStays\":false}");
        }
    }

    @Test
    void signing_out_with_something_unsent_asks_first_and_takes_everything_along() {
        try (Browser browser = room.browser()) {
            browser.signIn();
            browser.follow("Add a client");
            browser.page.getByLabel("Name").fill("Half Typed");
            browser.press("Sign out Oda Brandt");
            browser.page.getByText("did not reach the server yet").waitFor();
            browser.axeFindsNothing("signing out with something unsent");
            browser.press("Stay signed in");
            assertThat(browser.page.getByLabel("Name").inputValue()).isEqualTo("Half Typed");
            browser.press("Sign out Oda Brandt");
            browser.press("Sign out and throw it away");
            browser.seeHeading("Sign in");
            assertThat(browser.page.evaluate("Object.keys(localStorage).filter(k => localStorage[k] !== '[]').join()"))
                    .isEqualTo("");
            browser.nothingWentWrong();
        }
    }

    @Test
    void the_owner_adds_somebody_who_signs_in_and_removes_them_again() {
        try (Browser owner = room.browser();
                Browser trainer = room.browser()) {
            owner.signIn(room.email("owner@tidewheel.example"), "tide-wheel-demo");
            owner.follow("People");
            owner.seeHeading("People");
            Page page = owner.page;
            page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Runa Berg");
            page.getByLabel("E-mail").fill("runa@tidewheel.example");
            page.getByLabel("First password").fill("password1234");
            owner.press("Add to the room");
            page.getByText("guessed first").waitFor();
            page.getByLabel("First password").fill("heron lamp gravel");
            owner.press("Add to the room");
            page.getByText("Runa Berg can sign in now.").waitFor();
            owner.axeFindsNothing("people");

            trainer.signIn("runa@tidewheel.example", "heron lamp gravel");
            trainer.seeHeading("Today");
            assertThat(trainer.page.getByText("People").count()).isZero();
            page.getByRole(AriaRole.LISTITEM)
                    .filter(new Locator.FilterOptions().setHasText("Runa Berg"))
                    .getByText("Remove")
                    .click();
            owner.press("Remove Runa Berg");
            page.getByText("runa@tidewheel.example")
                    .waitFor(new Locator.WaitForOptions()
                            .setState(com.microsoft.playwright.options.WaitForSelectorState.HIDDEN));
            trainer.page.waitForCondition(
                    () -> trainer.page.request().get("/api/places").status() == 401);
            trainer.follow("Places");
            trainer.seeHeading("Sign in");
        }
    }

    @Test
    void a_stop_pressed_without_a_connection_stops_here_at_once_and_holds_when_there_is_one() {
        try (Browser phone = room.browser()) {
            phone.signIn();
            String session = OnTheFloor.openSession(phone, "Jorun Haldvig");
            OnTheFloor.log(phone, 1);
            OnTheFloor.logWithoutConnection(phone);
            phone.press("Stop");
            phone.press("confusion");
            phone.seeHeading("Stopped: confusion");
            phone.page.getByText("2 kept on this device").waitFor();
            phone.offline(false);
            phone.page
                    .getByText("kept on this device")
                    .waitFor(new Locator.WaitForOptions()
                            .setState(com.microsoft.playwright.options.WaitForSelectorState.HIDDEN));
            OnTheFloor.awaitSets(phone, session, 2);
            assertThat(phone.get("/api/sessions/" + session).get("stopSign").asText())
                    .isEqualTo("confusion");
        }
    }
}

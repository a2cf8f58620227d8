package kinesia.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The screen and what follows from it, as a trainer uses them: by keyboard, on a phone, interrupted, and handed over. */
class ScreenTest {
    private final DemoRoom room = DemoRoom.own();

    private static String client(Browser browser, String name) {
        for (JsonNode c : browser.get("/api/today").get("clients")) {
            if (c.get("name").asText().startsWith(name)) {
                return c.get("id").asText();
            }
        }
        throw new IllegalStateException("no " + name);
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static void openStep(Browser browser, String title) {
        browser.page
                .locator("button[aria-expanded=true]", new Page.LocatorOptions().setHasText(title))
                .waitFor();
    }

    private static void noFlags(Browser browser) {
        for (String step : List.of("To be seen today", "To be seen before loading", "Ready for exercise?")) {
            browser.press("None of these");
            openStep(browser, step);
        }
    }

    private static void ready(Browser browser) {
        browser.choose("Symptoms of heart", "no");
        browser.choose("A known disease", "no");
        browser.choose("Regularly active", "yes");
        browser.choose("Blood pressure known", "no");
        browser.press("Next");
    }

    /** Moves the focus with the Tab key to the control called {@code name} in the group called {@code group}, and presses Enter. */
    private static void enter(Page page, String group, String name) {
        for (int i = 0; i < 400; i++) {
            Object here = page.evaluate("""
                    ([group, name]) => {
                      const e = document.activeElement
                      const text = (e.getAttribute('aria-label') ?? e.textContent ?? '').trim()
                      const of = e.closest('fieldset, [role=group]')
                      const label = of?.getAttribute('aria-label') ?? of?.querySelector('legend')?.textContent ?? ''
                      return text === name && label.includes(group)
                    }""", List.of(group, name));
            if (Boolean.TRUE.equals(here)) {
                page.keyboard().press("Enter");
                return;
            }
            page.keyboard().press("Tab");
        }
        throw new AssertionError("the keyboard does not reach '" + name + "' of '" + group + "'");
    }

    @Test
    void the_violin_maker_is_screened_by_keyboard_alone() {
        try (Browser browser = room.browser()) {
            browser.signIn();
            Page page = browser.page;
            String tobias = client(browser, "Tobias");
            page.navigate("/clients/" + tobias + "/screen");
            openStep(browser, "Right now");
            for (String step : List.of("To be seen today", "To be seen before loading", "Ready for exercise?")) {
                enter(page, "", "None of these");
                openStep(browser, step);
            }
            enter(page, "Symptoms of heart", "no");
            enter(page, "A known disease", "no");
            enter(page, "Regularly active", "yes");
            enter(page, "Blood pressure known", "no");
            enter(page, "", "Next");
            openStep(browser, "Sore places");
            enter(page, "Usual pain", "3");
            enter(page, "At rest", "0");
            enter(page, "In light use", "2");
            enter(page, "Worst this week", "5");
            enter(page, "Pain this morning", "3");
            enter(page, "Stiffness this morning", "0");
            enter(page, "After use", "the same day");
            enter(page, "At this place", "None of these");
            page.getByText("no palm down grips").first().waitFor();
            enter(page, "", "Next");
            openStep(browser, "Outcome and limits");
            enter(page, "", "Keep this screen");
            browser.seeHeading("Tobias Fenn");
            JsonNode now = browser.get("/api/clients/" + tobias + "/screen").get("now");
            assertThat(now.get("outcome").asText()).isEqualTo("GO_WITH_LIMITS");
            browser.nothingWentWrong();
        }
    }

    @Test
    void the_choir_conductor_begins_on_a_phone_and_ends_on_another_device() {
        String edda;
        try (Browser phone = room.browser()) {
            phone.page.setViewportSize(390, 844);
            phone.signIn();
            edda = client(phone, "Edda");
            phone.page.navigate("/clients/" + edda + "/screen");
            openStep(phone, "Right now");
            phone.axeFindsNothing("screen on a phone");
            noFlags(phone);
            ready(phone);
            openStep(phone, "Sore places");
            phone.choose("Usual pain", "3");
            phone.axeFindsNothing("sore places on a phone");
            assertThat((Integer) phone.page.evaluate("document.documentElement.scrollWidth"))
                    .isLessThanOrEqualTo(390);
            phone.page.getByText("Saved as you go").waitFor();
            phone.nothingWentWrong();
        }
        try (Browser desk = room.browser()) {
            Page page = desk.page;
            desk.signIn();
            page.navigate("/clients/" + edda + "/screen");
            page.getByText("Taken up where it was left").waitFor();
            openStep(desk, "Sore places");
            assertThat(page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Usual pain"))
                            .locator("button[aria-pressed=true]")
                            .textContent())
                    .isEqualToIgnoringWhitespace("3");
            desk.choose("At rest", "1");
            desk.choose("In light use", "2");
            desk.choose("Worst this week", "4");
            desk.choose("Pain this morning", "3");
            desk.choose("Stiffness this morning", "2");
            desk.choose("The stiffness lasts", "up to 10 minutes");
            desk.choose("After use, back to usual within", "the same day");
            desk.press("None of these");
            desk.press("Next");
            openStep(desk, "Movement checks");
            gaugeThatIsPulledOut(desk);
            desk.press("Leave the rest open, next");
            desk.press("Keep this screen");
            desk.seeHeading("Edda Strandby");
            JsonNode draft = desk.get("/api/clients/" + edda + "/screen-draft");
            assertThat(draft.has("draft")).as("the draft ends with the screen").isFalse();
            desk.nothingWentWrong();
        }
    }

    /** Reads the inclinometer, takes a reading, reads again and pulls it out: what was taken stays, and typing works. */
    private static void gaugeThatIsPulledOut(Browser browser) {
        Page page = browser.page;
        Locator outward = page.locator("article", new Page.LocatorOptions().setHasText("Forearm outward"));
        Locator left = outward.locator(".side").filter(new Locator.FilterOptions().setHasText("left"));
        left.getByText("Read the inclinometer").click();
        Locator take = left.getByRole(
                AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Take \\d+°$")));
        take.waitFor();
        take.click();
        Locator degrees = left.getByLabel("Degrees");
        assertThat(Integer.parseInt(degrees.inputValue())).isBetween(50, 60);
        String taken = degrees.inputValue();
        left.getByText("Read the inclinometer").click();
        left.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Take ")))
                .waitFor();
        page.evaluate("""
                () => fetch('/api/gauges/inclinometer', {method: 'PUT', body: '{"plugged": false}', headers: {
                  'Content-Type': 'application/json',
                  'X-XSRF-TOKEN': document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]}})""");
        left.getByText("is not there any more").waitFor();
        assertThat(degrees.inputValue()).isEqualTo(taken);
        degrees.fill("58");
        Locator right = outward.locator(".side").filter(new Locator.FilterOptions().setHasText("right"));
        right.getByLabel("Degrees").fill("50");
        page.getByText(
                        "Forearm outward, right: 50 degrees, 8 less than the other side; under 10 nothing is made of it.")
                .waitFor();
        browser.axeFindsNothing("movement checks with readings");
    }

    @Test
    void an_answer_given_without_a_network_is_kept_here_and_sent_later() {
        try (Browser browser = room.browser()) {
            browser.signIn();
            Page page = browser.page;
            String jorun = client(browser, "Jorun");
            page.navigate("/clients/" + jorun + "/screen");
            openStep(browser, "Right now");
            page.context().setOffline(true);
            browser.choose("Fainting in the last 24 hours", "no");
            page.getByText("Kept on this device only.").waitFor();
            page.context().setOffline(false);
            page.reload();
            openStep(browser, "Right now");
            page.getByText("Taken up where it was left").waitFor();
            JsonNode draft =
                    browser.get("/api/clients/" + jorun + "/screen-draft").get("draft");
            assertThat(draft.at("/flags/FLAG-fainting/present").asBoolean(true)).isFalse();
        }
    }

    @Test
    void a_stop_takes_over_the_page() {
        try (Browser browser = room.browser()) {
            browser.signIn();
            Page page = browser.page;
            page.navigate("/clients/" + client(browser, "Pia") + "/screen");
            openStep(browser, "Right now");
            browser.choose("Pressure or ache in chest, neck or jaw now, at rest", "yes");
            page.getByText("Call your local emergency number. Stay with the client.")
                    .first()
                    .waitFor();
            browser.axeFindsNothing("stop");
            browser.press("Keep this screen and hold the client");
            page.getByText("Nothing is planned.").waitFor();
        }
    }

    @Test
    void a_held_client_is_referred_on_a_page_and_comes_back_with_a_clearance() {
        try (Browser browser = room.browser()) {
            browser.signIn();
            Page page = browser.page;
            String sunniva = client(browser, "Sunniva");
            page.navigate("/clients/" + sunniva + "/screen");
            openStep(browser, "Right now");
            browser.press("None of these");
            openStep(browser, "To be seen today");
            browser.press("None of these");
            openStep(browser, "To be seen before loading");
            browser.choose("A history of cancer, with new pain", "yes");
            browser.press("None of the other 8");
            browser.press("Next");
            browser.choose("Symptoms of heart", "no");
            browser.choose("A known disease", "no");
            page.getByText("The medicine that slows the heart is taken").waitFor();
            // Her medicine is for something that is known.
            browser.choose("A known disease", "yes");
            browser.choose("Regularly active", "yes");
            browser.choose("Blood pressure known", "no");
            browser.press("Next");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("left crook of elbow"))
                    .first()
                    .click();
            browser.press("Nothing is sore");
            page.getByText("Outcome and limits").click();
            browser.press("Keep this screen");
            page.getByText("Nothing is planned.").waitFor();

            browser.follow("Referral and clearance");
            page.getByText("Reported: a history of cancer, with new pain.").waitFor();
            browser.axeFindsNothing("referral and clearance");
            browser.press("Make the page");
            page.getByText("is needed").first().waitFor();
            page.getByLabel("Addressed to").fill("Dr Solveig Marsh");
            browser.press("Make the page");
            String pdf = page.getByText("Open the PDF to print").getAttribute("href");
            APIResponse file = page.request().get(pdf);
            assertThat(file.headers().get("content-type")).isEqualTo("application/pdf");
            assertThat(file.body().length).isGreaterThan(3000);

            page.getByLabel("What it clears").selectOption("EXERCISE");
            page.getByLabel("Given by").fill("Dr Solveig Marsh");
            page.getByLabel("Holds until").fill("2099-01-01");
            page.getByLabel("Conditions").fill("nothing overhead");
            browser.press("Record the clearance");
            page.getByText("Nothing holds the planning at present.").waitFor();
            browser.follow("Back to Sunniva Akre");
            page.getByText("on condition: nothing overhead").waitFor();
            browser.nothingWentWrong();
        }
    }

    @Test
    void limits_are_added_and_loosened_on_the_record() {
        try (Browser browser = room.browser()) {
            browser.signIn();
            Page page = browser.page;
            page.navigate("/clients/" + client(browser, "Maren") + "/limits");
            browser.seeHeading("Limits: Maren Oldvik");
            browser.axeFindsNothing("limits");
            page.getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName(Pattern.compile("^Loosen: elbow bends to 90° at most")))
                    .click();
            browser.press("Record it");
            page.getByText("is needed, from 3 to 400 characters").first().waitFor();
            page.getByLabel("New value").fill("110");
            page.getByLabel("What the note says").fill("to 110 is fine");
            browser.press("Record it");
            page.getByText("is needed: say whose note it is").first().waitFor();
            page.getByLabel("Whose note").fill("Dr Solveig Marsh");
            browser.press("Record it");
            page.getByText("elbow bends to 110° at most").waitFor();
            page.getByLabel("What to stay out of, or keep to").selectOption("NO_BREATH_HOLDING");
            page.getByLabel("Why; it is kept with your name").fill("went red in the face");
            browser.press("Add this limit");
            page.getByText("no breath-holding").first().waitFor();
            page.getByText("Oda Brandt: clinician’s note of Dr Solveig Marsh").waitFor();
            browser.axeFindsNothing("limits, changed");
        }
    }

    @Test
    void a_home_with_two_jugs_gives_loads_and_is_offered_at_intake() {
        try (Browser browser = room.browser()) {
            browser.signIn();
            Page page = browser.page;
            browser.follow("Places");
            browser.seeHeading("Places and what is there");
            browser.press("Add a place");
            page.getByLabel("Name of the place").fill("Runa’s kitchen");
            page.getByLabel("Fixed dumbbells, kg").fill("1, 2.5, heavy");
            page.getByText("“heavy” is not a number").waitFor();
            page.getByLabel("Fixed dumbbells, kg").fill("1, 2.5");
            browser.press("Add an object");
            browser.press("By its water");
            page.getByLabel("Water, litres").fill("3.785");
            page.getByText("3.88 kg")
                    .or(page.getByText("jug", new Page.GetByTextOptions().setExact(true)))
                    .first()
                    .waitFor();
            page.getByLabel("Water, litres").fill("99");
            page.getByText("from 0.1 to 30 litres").first().waitFor();
            page.getByLabel("Water, litres").fill("3.785");
            browser.press("Save this place");
            page.getByText("Saved.").waitFor();
            browser.axeFindsNothing("places");
            page.navigate("/clients/new");
            page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Where, as a rule"))
                    .getByText("Runa’s kitchen")
                    .waitFor();
            browser.nothingWentWrong();
        }
    }

    @Test
    void the_intake_saves_itself_and_two_screens_stand_side_by_side() {
        try (Browser browser = room.browser()) {
            browser.signIn();
            Page page = browser.page;
            String maren = client(browser, "Maren");
            page.navigate("/clients/" + maren + "/intake");
            page.getByLabel("Other training that uses the arms").fill("rows on Saturdays");
            page.getByText("Saved as you go").waitFor();
            page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Days that are heavy for the arms"))
                    .getByText("Wed")
                    .click();
            page.waitForCondition(() -> browser.get("/api/clients/" + maren)
                    .at("/details/heavyDays")
                    .toString()
                    .contains("WEDNESDAY"));
            assertThat(browser.get("/api/clients/" + maren)
                            .at("/details/otherTraining")
                            .asText())
                    .isEqualTo("rows on Saturdays");
            page.navigate("/clients/" + maren + "/screens");
            page.getByText("Elbow bend, right").waitFor();
            page.getByLabel("Compared with")
                    .selectOption(new com.microsoft.playwright.options.SelectOption().setIndex(4));
            page.getByText("119°").waitFor();
            browser.axeFindsNothing("two screens");
            browser.nothingWentWrong();
        }
    }
}

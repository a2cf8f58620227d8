package kinesia.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** The whole job once, as a trainer does it: from a new face to a next session that changed for a stated reason. */
class WalkTest {
    private static Installation kinesia;

    // A folder that another version left behind, to walk through on a copy of it.
    private static final String BEFORE = System.getProperty("kinesia.before");

    @BeforeAll
    static void start() {
        kinesia = BEFORE == null ? Installation.broughtBackFromABackup() : Installation.copyOf(Path.of(BEFORE));
    }

    @AfterAll
    static void stop() {
        kinesia.close();
    }

    @Test
    void from_a_new_face_to_a_next_session_that_changed_for_a_stated_reason() {
        try (Browser browser = new Browser(kinesia.address())) {
            browser.axeFindsNothing("sign-in");
            browser.signIn();
            browser.axeFindsNothing("today");

            String client = intake(browser);
            screen(browser, client);
            String session = doorAndPlan(browser, client);
            floor(browser, session);
            morning(browser);
            theNextSessionChanged(browser, client, session);
            browser.nothingWentWrong();
        }
    }

    @Test
    void the_second_of_two_people_saving_one_client_can_compare_and_keep_theirs() {
        try (Browser one = new Browser(kinesia.address());
                Browser two = new Browser(kinesia.address())) {
            for (Browser browser : List.of(one, two)) {
                browser.signIn();
                browser.follow("Sunniva Akre");
                browser.follow("Intake");
                browser.page.getByLabel("Minutes").waitFor();
            }
            one.page.getByLabel("Minutes").fill("25");
            one.press("Done");
            one.seeHeading("Sunniva Akre");
            two.page.getByLabel("Minutes").fill("50");
            two.press("Done");
            two.page.getByText("Someone else saved this client").waitFor();
            assertThat(two.page.getByRole(AriaRole.ALERT).innerText())
                    .contains("25 min")
                    .contains("50 min");
            two.axeFindsNothing("compare two saves");
            two.press("Keep mine and save again");
            two.page.getByText("Saved as you go").waitFor();
            two.press("Done");
            two.seeHeading("Sunniva Akre");
            assertThat(two.get("/api/clients/" + two.page.url().replaceAll(".*/", ""))
                            .at("/details/minutes")
                            .asInt())
                    .isEqualTo(50);
        }
    }

    @Test
    void a_sign_in_that_ran_out_comes_back_to_the_same_page_with_nothing_lost() {
        try (Browser browser = new Browser(kinesia.address())) {
            browser.signIn();
            browser.follow("Add a client");
            browser.page.getByLabel("Name").fill("Half Typed");
            browser.page.context().clearCookies();
            browser.press("Save and go to the screen");
            browser.page.getByText("Your sign-in has run out.").waitFor();
            browser.signIn("trainer@tidewheel.example", "tide-wheel-demo");
            browser.seeHeading("Add a client");
            assertThat(browser.page.getByLabel("Name").inputValue()).isEqualTo("Half Typed");
        }
    }

    private static String intake(Browser browser) {
        browser.follow("Add a client");
        browser.seeHeading("Add a client");
        Page page = browser.page;
        browser.press("Save and go to the screen");
        page.getByText("from 1.20 to 2.20 m").first().waitFor(); // refused at the field, nothing lost
        browser.axeFindsNothing("intake with errors");

        page.getByLabel("Name").fill("Runa Seljord");
        page.getByLabel("Born on").fill("1964-03-09");
        browser.choose("Sex", "female");
        page.getByLabel("Stature").fill("168");
        page.getByLabel("Body mass").fill("67");
        browser.choose("Writes with the", "right hand");
        browser.choose("Goal", "everyday strength");
        page.getByLabel("Strength sessions so far").fill("60");
        browser.choose("Six months of strength training", "yes");
        browser.choose("Gets up from a chair", "yes");
        page.getByLabel("What days and work ask").fill("Mends nets every winter morning");
        browser.choose("Where", "The room");
        page.reload(); // what was typed survives
        assertThat(page.getByLabel("Name").inputValue()).isEqualTo("Runa Seljord");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^None of the \\d+$")))
                .click();
        browser.press("Save and go to the screen");
        browser.seeHeading("Screen: Runa Seljord");
        return page.url().replaceAll(".*/clients/([^/]+)/screen", "$1");
    }

    private static void screen(Browser browser, String client) {
        Page page = browser.page;
        page.getByText("Not complete yet").waitFor();
        browser.axeFindsNothing("screen, unfinished");
        for (String step : List.of("To be seen today", "To be seen before loading", "Ready for exercise?")) {
            page.getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName("None of these").setExact(true))
                    .click();
            page.locator("button[aria-expanded=true]", new Page.LocatorOptions().setHasText(step))
                    .waitFor();
        }
        browser.choose("Symptoms of heart", "no");
        browser.choose("A known disease", "no");
        browser.choose("Regularly active", "yes");
        browser.choose("Blood pressure known", "no");
        page.getByLabel("upper, mmHg").fill("126");
        page.getByLabel("lower, mmHg").fill("78");
        page.getByLabel("pulse a minute").fill("66");
        browser.choose("Newly irregular", "no");
        browser.press("Next");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("right back of elbow"))
                .click();
        browser.choose("What brings it on?", "deep bending");
        browser.choose("Usual pain", "2");
        browser.choose("At rest", "0");
        browser.choose("In light use", "1");
        browser.choose("Worst this week", "3");
        browser.choose("Pain this morning", "2");
        browser.choose("Stiffness this morning", "0");
        browser.choose("After use, back to usual within", "an hour");
        browser.press("None of these");
        page.getByText("Go, with limits").waitFor();
        page.getByText("elbow bends to 90° at most in exercises for the back of the arm")
                .waitFor();
        browser.axeFindsNothing("screen, answered");
        browser.press("Next");
        page.getByText("where it hurts moves the line").waitFor();
        browser.axeFindsNothing("movement checks");
        browser.press("Leave the rest open, next");
        browser.press("Keep this screen");
        browser.seeHeading("Runa Seljord");
        page.getByText("Ready for today.").waitFor();
        browser.axeFindsNothing("client");
        assertThat(browser.get("/api/clients/" + client + "/screen")
                        .at("/screen/assessment/outcome")
                        .asText())
                .isEqualTo("GO_WITH_LIMITS");
    }

    private static String doorAndPlan(Browser browser, String client) {
        browser.follow("Door check");
        browser.seeHeading("At the door");
        browser.choose("How is the right back of elbow today?", "2");
        browser.choose("Anything new", "nothing new");
        browser.choose("Hours of sleep", "7");
        browser.choose("What did the arms do since?", "as usual");
        browser.axeFindsNothing("door");
        Locator plan =
                browser.page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Plan today’s session"));
        plan.dblclick(); // a double click plans once
        browser.page.locator("h3:has-text('Pair A')").first().waitFor();
        browser.axeFindsNothing("plan");
        // A figure stays in its place beside the words.
        assertThat(browser.page.locator(".moving .figure").first().boundingBox().height)
                .isLessThanOrEqualTo(browser.page.locator(".moving").first().boundingBox().height + 1);
        String session = browser.page.url().replaceAll(".*/sessions/([^/]+)$", "$1");
        assertThat(browser.get("/api/clients/" + client + "/next")
                        .at("/openSessionId")
                        .asText())
                .isEqualTo(session);
        reasonsOnThePlanAreTheOnesThatFired(browser, session);
        return session;
    }

    /** Opens each "why" of the first pair and holds the sentence on the screen against the rule's own. */
    private static void reasonsOnThePlanAreTheOnesThatFired(Browser browser, String session) {
        JsonNode plan = browser.get("/api/sessions/" + session).get("plan");
        assertThat(plan.get("units").size()).isBetween(1, 4);
        for (JsonNode slot : plan.at("/units/0/slots")) {
            String name = slot.get("name").asText();
            assertWhy(browser, "this load for " + name, slot.at("/why/LOAD"));
            assertWhy(browser, name + " was chosen", slot.at("/why/CHOICE"));
            assertWhy(browser, "the effort of " + name, slot.at("/why/EFFORT"));
        }
    }

    private static void assertWhy(Browser browser, String about, JsonNode reason) {
        Page page = browser.page;
        page.locator("[aria-description=\"Why: " + about + "\"]").first().click();
        Locator panel = page.getByRole(AriaRole.DIALOG);
        panel.getByText(reason.get("ruleId").asText(), new Locator.GetByTextOptions().setExact(true))
                .waitFor();
        assertThat(panel.innerText()).contains(reason.get("exact").asText());
        page.keyboard().press("Escape");
        panel.waitFor(
                new Locator.WaitForOptions().setState(com.microsoft.playwright.options.WaitForSelectorState.HIDDEN));
    }

    private static void floor(Browser browser, String session) {
        browser.follow("To the floor");
        browser.axeFindsNothing("warm-up");
        browser.press("Done");
        browser.press("Skip the warm-up");
        Page page = browser.page;
        Locator done = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Right")));
        done.waitFor();
        browser.axeFindsNothing("floor");
        JsonNode plan = browser.get("/api/sessions/" + session).get("plan");
        int sets = expectedSets(plan);

        done.dblclick(); // a slipped finger logs one set
        page.getByText("1 of " + sets + " sets done").waitFor();
        browser.press("Undo");
        page.getByText("0 of " + sets + " sets done").waitFor();
        int logged = 0;
        while (logged < sets) {
            page.locator(".done[aria-disabled]")
                    .first()
                    .waitFor(new Locator.WaitForOptions()
                            .setState(com.microsoft.playwright.options.WaitForSelectorState.DETACHED));
            if (logged == 0) {
                browser.press("It hurts");
                browser.axeFindsNothing("it hurts");
                browser.choose("How much", "1");
                browser.press("Log the set with this pain");
            } else if (logged == 1) {
                page.keyboard().press("ArrowDown");
                page.keyboard().press("r"); // by key alone
            } else {
                done.click();
            }
            logged++;
            page.getByText(logged < sets ? logged + " of " + sets + " sets done" : "All sets done.")
                    .waitFor();
            if (logged == 2) {
                page.reload(); // nothing lost, nothing doubled
                page.getByText("2 of " + sets + " sets done").waitFor();
            }
        }
        browser.axeFindsNothing("end of the session");
        browser.press("Finish the session");
        browser.seeHeading("Runa Seljord");
        JsonNode kept = browser.get("/api/sessions/" + session);
        assertThat(kept.get("status").asText()).isEqualTo("DONE");
        assertThat(kept.get("sets").size()).isEqualTo(sets);
    }

    private static int expectedSets(JsonNode plan) {
        int sets = 0;
        for (JsonNode pair : plan.get("units")) {
            for (JsonNode slot : pair.get("slots")) {
                sets += slot.get("sets").asInt() * (slot.get("arms").asText().equals("IN_TURN") ? 2 : 1);
            }
        }
        return sets;
    }

    private static void morning(Browser browser) {
        browser.press("Demo: go to the next day");
        browser.page
                .getByText("The morning after the last session is not answered yet.")
                .waitFor();
        browser.follow("Ask about the morning");
        browser.seeHeading("The morning after");
        browser.choose("right back of elbow", "worse");
        browser.choose("How much, 0 to 10", "5");
        browser.choose("Sore muscle", "3");
        browser.choose("Which muscle", "back");
        browser.choose("Which arm", "both alike");
        browser.press("nothing else");
        browser.axeFindsNothing("morning");
        browser.press("Keep, and see what changes");
        browser.seeHeading("What changed since the last session");
        browser.axeFindsNothing("client with changes");
    }

    private static void theNextSessionChanged(Browser browser, String client, String session) {
        JsonNode next = browser.get("/api/clients/" + client + "/next");
        JsonNode before = browser.get("/api/sessions/" + session).get("plan");
        assertThat(next.at("/signals/0/signal").asText()).isEqualTo("EASE");
        assertThat(next.at("/signals/0/reason/ruleId").asText()).isEqualTo("RESPONSE-morning");
        assertThat(next.at("/signals/0/reason/inputs/next morning").asText()).isEqualTo("5");
        assertThat(keys(next.get("plan"))).isNotEqualTo(keys(before));

        Locator more = browser.page.getByText(Pattern.compile("^And \\d+ more$"));
        if (more.count() > 0) {
            more.first().click();
        }
        String page = browser.page.locator("main").innerText();
        List<String> fired = new ArrayList<>();
        for (JsonNode change : next.get("changes")) {
            // Dates and units are shown in the client's way; the words before the first digit are the rule's own.
            String sentence = change.at("/reason/exact").asText();
            assertThat(page).contains(sentence.split("\\d")[0].strip());
            fired.add(change.at("/reason/ruleId").asText());
        }
        assertThat(fired).contains("EASE-swap");
        JsonNode swap = find(next.get("changes"), "EASE-swap");
        assertThat(keys(before))
                .as("the one left out was in")
                .contains(keyOf(before, swap.get("exerciseName").asText()));
        assertThat(swap.at("/reason/exact").asText())
                .contains("right back of elbow")
                .contains("was at 5 against a usual 2");
    }

    private static JsonNode find(JsonNode changes, String rule) {
        for (JsonNode change : changes) {
            if (change.at("/reason/ruleId").asText().equals(rule)) {
                return change;
            }
        }
        throw new AssertionError("no change by " + rule);
    }

    private static List<String> keys(JsonNode plan) {
        return plan.get("units").findValuesAsText("exerciseKey");
    }

    private static String keyOf(JsonNode plan, String name) {
        for (JsonNode pair : plan.get("units")) {
            for (JsonNode slot : pair.get("slots")) {
                if (slot.get("name").asText().equals(name)) {
                    return slot.get("exerciseKey").asText();
                }
            }
        }
        throw new AssertionError(name + " was not planned");
    }
}

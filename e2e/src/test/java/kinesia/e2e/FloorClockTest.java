package kinesia.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/**
 * Sessions run on the floor screen by its own clock: every warm-up step and rest as long as the screen shows it, every set as
 * long as its tempo. What that takes is what the plan's minutes say, within a tenth.
 */
class FloorClockTest {
    // Pairs, arms in turn, stations with pulse and water, holds, an open last set, all of it seated, and cuffs.
    private static final List<String> METHODS = List.of(
            "low-load-cuff",
            "preloaded-pairs",
            "alternating-arms",
            "timed-circuit",
            "blocks-of-three",
            "extension-day",
            "seated");

    private static void clearForCuffs(Browser browser) {
        browser.follow("Jorun Haldvig");
        browser.seeHeading("Jorun Haldvig");
        String client = browser.page.url().replaceAll(".*/clients/([^/?]+).*", "$1");
        LocalDate today = LocalDate.now(ZoneOffset.UTC);
        String clearance = "{\"purpose\":\"CUFFS\",\"givenBy\":\"Dr. Made Up\",\"givenOn\":\"" + today.minusDays(2)
                + "\",\"expiresOn\":\"" + today.plusDays(90) + "\",\"conditions\":\"\"}";
        browser.send("PUT", "/api/clients/" + client + "/clearances/" + UUID.randomUUID(), clearance);
        // Everything that stands against cuffs has to have been asked.
        browser.send(
                "PUT",
                "/api/clients/" + client + "/screens/" + UUID.randomUUID(),
                clearScreen(browser.get("/api/screening/questions")));
    }

    /** The room buys cuffs. */
    private static void bringCuffs(Browser browser) {
        for (JsonNode place : browser.get("/api/places")) {
            String path = "/api/places/" + place.get("id").asText();
            ObjectNode kept = (ObjectNode) browser.get(path);
            ObjectNode fixtures = kept.withObject("/equipment/fixtures");
            for (String list : List.of("benchNotchesDeg", "anchorHeightsM")) {
                fixtures.withArray("/" + list);
            }
            fixtures.put("restrictionCuffs", true);
            kept.remove(List.of("id", "loads"));
            browser.send("PUT", path, kept.toString());
        }
    }

    private static String clearScreen(JsonNode questions) {
        ObjectNode screen = JsonNodeFactory.instance.objectNode();
        ObjectNode flags = screen.putObject("flags");
        for (String list : List.of("gates", "flags")) {
            questions
                    .get(list)
                    .forEach(q -> flags.putObject(q.get("id").asText()).put("present", false));
        }
        ObjectNode cautions = screen.putObject("cautions");
        for (String list : List.of("cautions", "cuffQuestions")) {
            questions.get(list).forEach(q -> cautions.put(q.get("id").asText(), false));
        }
        screen.putObject("readiness")
                .put("regularlyActive", true)
                .put("knownDisease", false)
                .put("symptoms", false)
                .put("changedSinceClearance", false);
        screen.putObject("pressure")
                .put("concern", false)
                .putArray("readings")
                .addObject()
                .put("systolic", 124)
                .put("diastolic", 76)
                .put("pulse", 68)
                .put("newlyIrregular", false);
        screen.putObject("details");
        screen.putArray("soreSites");
        screen.putArray("checks");
        screen.putArray("clearances");
        return screen.toString();
    }

    @Test
    void the_minutes_of_a_plan_are_those_of_the_floor_clock() {
        try (Browser browser = DemoRoom.own().browser()) {
            browser.signIn();
            clearForCuffs(browser);
            bringCuffs(browser);
            for (String method : METHODS) {
                compose(browser, method);
                String session = plan(browser);
                JsonNode plan = browser.get("/api/sessions/" + session).get("plan");
                assertThat(plan.at("/method/key").asText()).isEqualTo(method);
                Run run = new Run(browser.page, plan);
                double minutes = run.minutes();
                assertThat(run.rounds > 0).as(method).isEqualTo(method.equals("timed-circuit"));
                assertThat(run.cuffsOff > 0).as(method).isEqualTo(method.equals("low-load-cuff"));
                double said = plan.at("/minutes/warmUp").asInt()
                        + plan.at("/minutes/work").asInt();
                System.out.printf("floor clock: %s %.1f min, said %.0f%n", method, minutes, said);
                assertThat(minutes).as(method + ", said " + said).isBetween(said * 0.9, said * 1.1);
                browser.press("Finish the session");
                browser.seeHeading("Jorun Haldvig");
            }
            browser.nothingWentWrong();
        }
    }

    private static void compose(Browser browser, String method) {
        for (int day = 0; day < 3; day++) {
            browser.page.navigate("/");
            browser.nextDay();
        }
        browser.page.navigate("/");
        browser.follow("Jorun Haldvig");
        browser.follow("Compose");
        browser.page
                .getByLabel("Way of working", new Page.GetByLabelOptions().setExact(true))
                .selectOption(method);
        browser.press("Use for the next visits");
        browser.page
                .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("In use"))
                .waitFor();
    }

    private static String plan(Browser browser) {
        browser.page.navigate(browser.page.url().replace("/compose", "/door"));
        browser.seeHeading("At the door");
        browser.choose("Anything new", "nothing new");
        browser.choose("Hours of sleep", "7");
        browser.choose("What did the arms do since?", "as usual");
        browser.press("Plan today’s session");
        browser.page.getByText("Worked as").first().waitFor();
        return browser.page.url().replaceAll(".*/sessions/([^/]+)$", "$1");
    }

    /** A client who does each set in its tempo, sets up and changes over as the plan says, and rests as the ring says. */
    private static final class Run {
        private final Page page;
        private final JsonNode plan;
        private final Set<String> begun = new HashSet<>();
        private String before = "";
        private boolean rested = true;
        private int rounds;
        private int cuffsOff;

        Run(Page page, JsonNode plan) {
            this.page = page;
            this.plan = plan;
        }

        double minutes() {
            page.clock().install();
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("To the floor"))
                    .click();
            Locator next = page.getByRole(
                    AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Done").setExact(true));
            next.waitFor();
            double start = now();
            for (JsonNode step : plan.get("warmUp")) {
                pass(step.get("seconds").asDouble());
                next.click();
            }
            Locator done =
                    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Right")));
            int logged = 0;
            while (page.getByText("All sets done.").count() == 0) {
                done.waitFor();
                putCuffsOn();
                set();
                done.click();
                logged++;
                page.getByText(Pattern.compile(logged + " of \\d+ sets done|All sets done"))
                        .first()
                        .waitFor();
                takeCuffsOff();
                rest();
                goOn();
            }
            return (now() - start) / 60_000;
        }

        private void set() {
            String name = page.locator("h1").innerText();
            for (JsonNode unit : plan.get("units")) {
                for (JsonNode slot : unit.get("slots")) {
                    if (slot.get("name").asText().equals(name)) {
                        boolean first = begun.add(name);
                        pass(first ? unit.get("setUpSeconds").asDouble() : 0);
                        pass(
                                !rested && !name.equals(before)
                                        ? unit.get("changeOverSeconds").asDouble()
                                        : 0);
                        pass(lifting(slot));
                    }
                }
            }
            before = name;
        }

        private double lifting(JsonNode slot) {
            boolean inTurn = slot.get("arms").asText().equals("IN_TURN");
            if (slot.get("stationSeconds").asInt() > 0) {
                return slot.get("stationSeconds").asDouble() / (inTurn ? 2 : 1);
            }
            JsonNode tempo = slot.get("tempo");
            int rep = tempo.get("upS").asInt()
                    + tempo.get("holdS").asInt()
                    + tempo.get("downS").asInt();
            int reps = Integer.parseInt(
                    page.locator(".number strong").nth(1).innerText().strip());
            return reps * rep * (slot.get("arms").asText().equals("ALTERNATING") ? 2 : 1);
        }

        private void putCuffsOn() {
            Locator on = button("Cuffs on");
            if (on.count() > 0) {
                on.click();
            }
        }

        private void takeCuffsOff() {
            Locator off = button("Off, and all well");
            if (off.count() > 0) {
                off.click();
                cuffsOff++;
            }
        }

        /** After a round of a circuit the pulse is taken, and what it says is read before the next. */
        private void goOn() {
            Locator next = button("Next round");
            if (next.count() > 0) {
                page.getByLabel("counted").fill("104");
                button("Take this pulse").click();
                page.getByText("Pulse 104 against").waitFor();
                next.click();
                next.waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.HIDDEN));
                rounds++;
            }
        }

        private Locator button(String name) {
            return page.getByRole(
                    AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
        }

        private void rest() {
            rested = false;
            for (String left = left(); !left.isEmpty() && !left.startsWith("no rest"); left = left()) {
                rested = true;
                pass(Double.parseDouble(left.split(" ")[0]));
            }
        }

        /** What the ring says is left, nothing without one; in one reading, for the ring goes when its time is up. */
        private String left() {
            return (String) page.locator(".ring")
                    .evaluateAll("rings => rings.length ? rings[0].getAttribute('aria-label') : ''");
        }

        private void pass(double seconds) {
            if (seconds > 0) {
                page.clock().fastForward((long) (seconds * 1000));
            }
        }

        private double now() {
            return ((Number) page.evaluate("Date.now()")).doubleValue();
        }
    }
}

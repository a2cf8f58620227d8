package kinesia.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureElement;
import org.apache.pdfbox.pdmodel.documentinterchange.taggedpdf.StandardStructureTypes;
import org.junit.jupiter.api.Test;

/** Finding, comparing, turning and keeping exercises. */
class AtlasTest {
    private final DemoRoom room = DemoRoom.own();

    @Test
    void every_entry_of_the_catalogue_opens_without_a_warning() {
        try (Browser browser = room.browser()) {
            browser.signIn();
            JsonNode items = browser.get("/api/atlas").get("items");
            assertThat(items.size()).isGreaterThanOrEqualTo(100);
            // Three side by side at a time, as the page can show.
            for (int i = 0; i < items.size(); i += 3) {
                List<JsonNode> three = new ArrayList<>();
                for (int k = i; k < Math.min(i + 3, items.size()); k++) {
                    three.add(items.get(k));
                }
                browser.page.navigate("/exercises/"
                        + String.join(
                                ",",
                                three.stream().map(n -> n.get("key").asText()).toList()));
                for (JsonNode item : three) {
                    browser.page
                            .getByRole(
                                    AriaRole.HEADING,
                                    new Page.GetByRoleOptions()
                                            .setName(item.get("name").asText())
                                            .setExact(true))
                            .waitFor();
                }
                // Of work that the model has no joint for nothing is worked out.
                long modelled = three.stream()
                        .filter(n -> n.get("modelled").asBoolean())
                        .count();
                assertThat(browser.page
                                .getByText("Figures, for muscles and joints")
                                .count())
                        .isEqualTo((int) modelled);
            }
            browser.nothingWentWrong();
            browser.nothingWasWarnedOf();
        }
    }

    @Test
    void two_clients_with_different_sore_places_see_different_exercises_first() {
        try (Browser browser = room.browser()) {
            browser.signIn();
            List<List<String>> firsts = new ArrayList<>();
            for (String name : List.of("Maren Oldvik", "Edda Strandby")) {
                browser.page.navigate("/");
                browser.follow(name);
                browser.seeHeading(name);
                browser.page
                        .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Exercises"))
                        .last()
                        .click();
                browser.page.getByText(Pattern.compile("Best first")).waitFor();
                firsts.add(browser.page.locator("article .name").allInnerTexts().subList(0, 12));
                everyFigureIsInsideItsFrame(browser);
                // A reason can be opened and read.
                browser.page
                        .locator("[aria-description$=\" stands here\"]")
                        .first()
                        .click();
                browser.page.getByText("stimulus less what every place pays").waitFor();
            }
            assertThat(firsts.get(0)).isNotEqualTo(firsts.get(1));
            browser.nothingWentWrong();
        }
    }

    @Test
    void from_finding_to_a_kept_variation_that_another_device_finds() {
        String name = "Lying extension, our way";
        try (Browser browser = room.browser()) {
            browser.signIn();
            compareAndTry(browser);
            turnOnTheWorkbench(browser);
            browser.page.getByLabel("Name of the variation").fill(name);
            browser.press("Keep as the room’s own variation");
            browser.page.getByText("Kept.").waitFor();
            browser.nothingWentWrong();
        }
        try (Browser browser = room.browser()) {
            browser.signIn();
            browser.follow("Exercises");
            browser.page.getByLabel("Find").fill("our way");
            browser.follow(name);
            browser.seeHeading(name);
            browser.nothingWentWrong();
        }
    }

    private static void compareAndTry(Browser browser) {
        browser.follow("Exercises");
        browser.page.locator(".head select").selectOption(new SelectOption().setLabel("Maren Oldvik"));
        browser.page.getByText(Pattern.compile("Best first")).waitFor();
        browser.axeFindsNothing("the exercises");
        browser.press("straightens it");
        for (String exercise : List.of("Rope press-down", "Lying dumbbell extension")) {
            browser.page
                    .getByLabel("Find", new Page.GetByLabelOptions().setExact(true))
                    .fill(exercise);
            card(browser, exercise).getByLabel("compare").check();
        }
        browser.follow("Compare 2");
        browser.seeHeading("Side by side");
        browser.axeFindsNothing("side by side");
        browser.page
                .getByRole(
                        AriaRole.GROUP,
                        new Page.GetByRoleOptions().setName(Pattern.compile("The back of elbow, 0 quiet")))
                .last()
                .getByText("4", new Locator.GetByTextOptions().setExact(true))
                .click();
        browser.press("Keep this trial");
        browser.page
                .getByText("Rope press-down was easier on the back of elbow by 4 points")
                .waitFor();
    }

    private static Locator card(Browser browser, String name) {
        return browser.page
                .locator("article")
                .filter(new Locator.FilterOptions().setHasText(name))
                .first();
    }

    private static void turnOnTheWorkbench(Browser browser) {
        browser.page
                .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Turn it on the workbench"))
                .last()
                .click();
        browser.seeHeading("Workbench: Lying dumbbell extension");
        browser.axeFindsNothing("the workbench");

        // A bad angle is refused at its field, and what was there stays.
        browser.page.getByLabel("Upper arm, typed").fill("150");
        browser.page.getByLabel("Upper arm, typed").press("Enter");
        browser.page
                .getByText(Pattern.compile("must be from .* degrees, was 150"))
                .waitFor();
        browser.page.getByLabel("Upper arm, typed").fill("0");
        browser.page.getByLabel("Upper arm, typed").press("Enter");
        browser.page
                .getByText(Pattern.compile("was 150"))
                .waitFor(new Locator.WaitForOptions()
                        .setState(com.microsoft.playwright.options.WaitForSelectorState.DETACHED));

        browser.page.locator(".moment input").fill("0.05");
        browser.press("Find the smallest change");
        browser.page.getByText("Use this").first().waitFor();
        browser.page
                .getByText(Pattern.compile("What was tried alone and rejected"))
                .click();
        browser.page
                .getByText(Pattern.compile("tempo: the model is quasi-static"))
                .waitFor();
        browser.axeFindsNothing("the smallest changes");
        // Using it turns the sliders; the answer belonged to what was asked and goes.
        browser.page.getByText("Use this").first().click();
        browser.page
                .getByText("Use this")
                .first()
                .waitFor(new Locator.WaitForOptions()
                        .setState(com.microsoft.playwright.options.WaitForSelectorState.DETACHED));
    }

    /** Nothing of a body or of what it holds is cut at the edge of its drawing. */
    private static void everyFigureIsInsideItsFrame(Browser browser) {
        Object outside = browser.page.evaluate("""
                () => [...document.querySelectorAll('article svg.figure')].filter((svg) => {
                  const frame = svg.viewBox.baseVal
                  return [...svg.querySelectorAll('path')].some((part) => {
                    const box = part.getBBox()
                    return box.x < frame.x - 0.001 || box.y < frame.y - 0.001 ||
                      box.x + box.width > frame.x + frame.width + 0.001 || box.y + box.height > frame.y + frame.height + 0.001
                  })
                }).map((svg) => svg.closest('article').innerText.split('\\n')[0])
                """);
        assertThat((java.util.List<?>) outside).isEmpty();
        assertThat(browser.page.locator("article svg.figure").count()).isGreaterThan(5);
    }

    /** What is printed is drawn by the page's own lines: each exercise of a sheet has its figure, told in words as well. */
    @Test
    void a_sheet_for_the_wall_has_the_figure_of_each_exercise() throws IOException {
        try (Browser browser = room.browser()) {
            browser.signIn();
            String session = "";
            for (JsonNode client : browser.get("/api/today").get("clients")) {
                session = client.path("sessionId").asText(session);
            }
            byte[] sheet = browser.page
                    .request()
                    .get("/api/sessions/" + session + "/sheet.pdf")
                    .body();
            List<String> told = new ArrayList<>();
            try (PDDocument pdf = Loader.loadPDF(sheet)) {
                PDStructureElement whole = (PDStructureElement) pdf.getDocumentCatalog()
                        .getStructureTreeRoot()
                        .getKids()
                        .get(0);
                for (Object kid : whole.getKids()) {
                    if (kid instanceof PDStructureElement part
                            && part.getStructureType().equals(StandardStructureTypes.Figure)) {
                        told.add(part.getAlternateDescription());
                    }
                }
            }
            List<String> exercises = new ArrayList<>();
            browser.get("/api/sessions/" + session)
                    .at("/plan/units")
                    .forEach(u -> u.get("slots")
                            .forEach(s -> exercises.add(s.get("name").asText())));
            assertThat(told)
                    .containsExactlyElementsOf(exercises.stream()
                            .map(e -> e + ": start, middle and end")
                            .toList());
        }
    }
}

package kinesia.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Response;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The next visits composed at the desk: method, minutes, swap, undo, by hand, kept, and seen on the client's page. */
class ComposeTest {
    private Browser browser;

    @BeforeEach
    void signIn() {
        browser = DemoRoom.own().browser();
        browser.signIn();
    }

    @AfterEach
    void close() {
        browser.close();
    }

    private Locator button(String name) {
        return browser.page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private Locator method() {
        return browser.page.getByLabel("Way of working", new Page.GetByLabelOptions().setExact(true));
    }

    private void open(String client) {
        browser.page.navigate("/");
        browser.page
                .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(client))
                .first()
                .click();
        browser.page
                .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Compose"))
                .click();
        method().waitFor();
        browser.page.locator("section.unit").first().waitFor();
    }

    private String names() {
        return browser.page.locator("section.unit h4").allInnerTexts().stream().collect(Collectors.joining("|"));
    }

    /** Does something after which the page asks with {@code asked}, and waits until it shows what was composed for that. */
    private void composed(String asked, Runnable act) {
        Response answer = browser.page.waitForResponse(
                r -> r.url().endsWith("/api/plan/compose")
                        && r.ok()
                        && r.request().postData().contains(asked),
                act);
        List<String> names = new ArrayList<>();
        for (JsonNode unit : Browser.json(answer.text()).at("/result/plan/units")) {
            unit.get("slots").forEach(slot -> names.add(slot.get("name").asText()));
        }
        browser.page.waitForCondition(() -> names().equals(String.join("|", names)));
    }

    @Test
    void a_routine_is_brought_asked_about_and_written_as_the_session() {
        open("Maren Oldvik");
        Page page = browser.page;
        page.getByText("Bring a routine").click();
        page.getByLabel("The routine, as it is written").fill("Hammer curl 2x10 40 kg, then curl 2x12");
        button("Read it").click();
        Locator lines = page.locator(".fold ol > li");
        assertThat(lines).hasCount(2);
        assertThat(lines.first()).containsText("instead of 40 kg");
        assertThat(lines.nth(1).locator("select")).hasValue("");
        lines.nth(1).locator("select").selectOption("seated-curl");
        assertThat(lines.nth(1).locator("select")).hasValue("seated-curl");
        button("Write it as the session").click();
        assertThat(page.locator("section.unit")).hasCount(2);
        assertThat(page.locator("section.unit").nth(1)).containsText("Seated dumbbell curl, palm up");
        // Written units can be put in turn.
        page.getByText("In turn with the next").first().click();
        assertThat(page.locator("section.unit")).hasCount(1);
        button("Undo").click();
        assertThat(page.locator("section.unit")).hasCount(2);
        browser.axeFindsNothing("a routine brought");
    }

    @Test
    void a_session_is_composed_swapped_taken_back_kept_and_shown_to_the_client() {
        open("Maren Oldvik");
        composed("\"joint-sparing\"", () -> method().selectOption("joint-sparing"));
        assertThat(browser.page.locator(".controls")).containsText("arms at the sides");
        String before = names();
        browser.page.locator(".acts button:has-text('Swap')").first().click();
        composed(
                "\"banned\":[\"",
                () -> browser.page.locator(".swaps li button").first().click());
        assertThat(names()).isNotEqualTo(before);
        composed("\"banned\":[]", () -> button("Undo").click());
        assertThat(names()).isEqualTo(before);
        browser.axeFindsNothing("the composer");
        button("Use for the next visits").click();
        assertThat(button("In use")).isVisible();
        browser.page.reload();
        assertThat(method()).hasValue("joint-sparing");
        browser.page.locator("h1 a").click();
        assertThat(browser.page.getByText("Worked as").first()).isVisible();
    }

    @Test
    void fewer_minutes_give_a_shorter_session_at_once() {
        open("Jorun Haldvig");
        composed("\"minutes\":12", () -> browser.page.locator("#minutes").fill("12"));
        assertThat(browser.page.locator(".bars .line .figure").first()).containsText("of 12");
        String total = browser.page.locator(".bars .line .figure").first().innerText();
        assertThat(Integer.parseInt(total.strip().split(" ")[0])).isLessThanOrEqualTo(12);
    }

    @Test
    void what_is_written_by_hand_is_marked_and_stays() {
        open("Tobias Fenn");
        button("Write it by hand").click();
        Locator sets = browser.page.locator("input[aria-label^='Sets of']").first();
        sets.fill("6");
        sets.press("Tab");
        assertThat(browser.page.locator(".marked").first()).isVisible();
        assertThat(sets).hasValue("6");
        browser.axeFindsNothing("the composer");
        button("Let Kinesia compose again").click();
        assertThat(browser.page.locator("input[aria-label^='Sets of']")).hasCount(0);
    }

    @Test
    void what_is_taken_from_another_client_says_what_differs_and_can_be_dragged() {
        open("Jorun Haldvig"); // without limits: several pairs to move
        browser.page.getByText("Templates and other clients").click();
        browser.page.getByLabel("Take another client’s").selectOption("Tobias Fenn");
        Locator differs = browser.page.getByText("Different from Tobias Fenn’s");
        assertThat(differs).isVisible();
        differs.click();
        assertThat(browser.page.locator(".fold .changes").first())
                .containsText(java.util.regex.Pattern.compile("left out|new|→"));
        browser.axeFindsNothing("differences from another client's session");

        Locator units = browser.page.locator("section.unit");
        String second = units.nth(1).locator("h4").first().innerText();
        units.nth(1).locator("header").dragTo(units.nth(0));
        assertThat(units.nth(0).locator("h4").first()).hasText(second);
        assertThat(differs).isHidden(); // it is this client's own now
    }

    @Test
    void a_sore_place_on_the_drawn_arms_shows_what_it_is_given() {
        open("Tobias Fenn");
        assertThat(browser.page.locator(".takes")).hasCount(1);
    }
}

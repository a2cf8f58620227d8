package kinesia.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A client's days at the desk: a visit booked, moved, taken off and put back; a spell of keeping; weeks laid out and kept. */
class DaysTest {
    private static final DateTimeFormatter SAID = DateTimeFormatter.ofPattern("EEE d MMM", Locale.UK);

    private static final double LONG_MS = 30_000;

    private Browser browser;
    private Page page;

    @BeforeEach
    void signIn() {
        browser = DemoRoom.own().browser();
        browser.signIn();
        page = browser.page;
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Jorun Haldvig"))
                .first()
                .click();
        panel("Visits booked").waitFor();
    }

    @AfterEach
    void close() {
        browser.close();
    }

    private Locator panel(String title) {
        return page.locator("section.panel", new Page.LocatorOptions().setHasText(title))
                .last();
    }

    @Test
    void a_visit_is_booked_moved_taken_off_and_put_back() {
        Locator visits = panel("Visits booked");
        visits.locator("li").first().waitFor();
        int before = visits.locator("li").count();
        LocalDate day = LocalDate.now().plusDays(20);
        browser.press("Book a visit");
        visits.getByLabel("Day").fill(day.toString());
        visits.getByLabel("Time").fill("16:20");
        visits.getByLabel("Minutes").fill("4");
        browser.press("Book it");
        assertThat(visits.getByText("minutes").last()).isVisible(); // refused at its field, and the day is still there
        assertThat(visits.getByLabel("Day")).hasValue(day.toString());
        visits.getByLabel("Minutes").fill("30");
        browser.press("Book it");
        assertThat(visits.locator("li")).hasCount(before + 1);
        assertThat(visits.locator("li").last()).containsText(SAID.format(day) + "16:20");
        visits.locator("li").last().getByText("Move").click();
        visits.getByLabel("New day").fill(day.plusDays(1).toString());
        browser.press("Move the visit");
        assertThat(visits.locator("li").last()).containsText(SAID.format(day.plusDays(1)));
        visits.locator("li").last().getByText("Take off").click();
        assertThat(visits.locator("li")).hasCount(before);
        browser.press("Put it back");
        assertThat(visits.locator("li").last()).containsText(SAID.format(day.plusDays(1)));
        browser.axeFindsNothing("a client's days");
    }

    @Test
    void the_door_asks_from_the_place_that_is_booked() {
        Locator first = panel("Visits booked").locator("li").first();
        first.getByText("Move").click();
        Locator place = first.getByLabel("Place");
        String other = place.locator("option:not(:checked)").first().innerText();
        place.selectOption(new SelectOption().setLabel(other));
        browser.press("Move the visit");
        assertThat(first).containsText(other);
        page.getByText("Door check, then today’s plan").click();
        assertThat(page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(other).setPressed(true)))
                .isVisible();
    }

    @Test
    void a_spell_of_keeping_begins_and_ends_by_hand() {
        Locator weeks = panel("These weeks");
        assertThat(weeks).containsText("Week 3 of 6");
        weeks.getByLabel("Weeks of keeping").fill("3");
        weeks.getByText("Keep", new Locator.GetByTextOptions().setExact(true)).click();
        assertThat(weeks).containsText("Week 1 of 3: keep what is there.");
        assertThat(weeks).containsText("no lighter week");
        weeks.getByText("End the spell today").click();
        assertThat(weeks).containsText("No block goes on.");
    }

    @Test
    void weeks_are_laid_out_kept_and_their_visits_booked() {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Compose"))
                .click();
        page.locator("section.unit").first().waitFor();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("The weeks ahead"))
                .click();
        page.getByLabel("Weeks, 1 to 6").fill("4");
        browser.press("Lay them out");
        // Eight visits are composed one after the other.
        assertThat(page.locator(".weeks > li"))
                .hasCount(4, new LocatorAssertions.HasCountOptions().setTimeout(LONG_MS));
        assertThat(page.locator(".weeks > li").last()).containsText("lighter");
        page.getByLabel("Time of the visits").fill("11:00");
        browser.press("Keep these weeks");
        assertThat(page.getByText("kept and their visits booked")).isVisible();
        page.getByText("See the client’s days").click();
        assertThat(panel("These weeks"))
                .containsText("Week 1 of 4", new LocatorAssertions.ContainsTextOptions().setTimeout(LONG_MS));
        assertThat(panel("Visits booked")).containsText("11:00");
    }
}

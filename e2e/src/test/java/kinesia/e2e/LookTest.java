package kinesia.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.ColorScheme;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What every page owes its reader: answers in view, nothing cut off, and no barrier, on desk, tablet and phone, light and dark. */
class LookTest {
    private static final int[][] SIZES = {{1280, 800}, {820, 1180}, {390, 844}};
    private static final double LEAST = 24;

    private final DemoRoom room = DemoRoom.own();

    /** What now, what may it do, what changed, is it getting better, what if it hurts: answered at first paint. */
    @Test
    void a_trainers_five_questions_are_answered_in_view() {
        try (Browser browser = room.browser()) {
            browser.signIn();
            int planned = 0;
            for (JsonNode client : browser.get("/api/today").get("clients")) {
                String id = client.get("id").asText();
                if (browser.get("/api/clients/" + id + "/next").hasNonNull("plan")) {
                    planned++;
                    for (int[] size : new int[][] {{1280, 800}, {390, 844}}) {
                        answersInView(browser.page, id, client.get("name").asText(), size);
                    }
                }
            }
            assertThat(planned).isGreaterThan(5);
            browser.nothingWentWrong();
        }
    }

    private static void answersInView(Page page, String id, String name, int[] size) {
        page.setViewportSize(size[0], size[1]);
        page.navigate("/clients/" + id);
        Locator answers = page.locator(".glance dd");
        answers.first().waitFor();
        List<Locator> all = new ArrayList<>(answers.all());
        assertThat(all).as(name).hasSize(4);
        all.add(page.locator(".step .lead-line"));
        for (Locator answer : all) {
            BoundingBox box = answer.boundingBox();
            String which = name + " at " + size[0] + ": " + answer.textContent().trim();
            assertThat(box.y).as(which).isGreaterThanOrEqualTo(0);
            assertThat(box.y + box.height).as(which).isLessThanOrEqualTo(size[1]);
            assertThat(box.x + box.width).as(which).isLessThanOrEqualTo(size[0]);
            assertThat(box.height).as(which).isGreaterThanOrEqualTo(LEAST);
            double letters = ((Number) answer.evaluate("e => parseFloat(getComputedStyle(e).fontSize)")).doubleValue();
            assertThat(letters).as(which).isGreaterThanOrEqualTo(LEAST);
        }
    }

    @Test
    void every_page_fits_and_has_no_barrier() {
        try (Browser browser = room.browser()) {
            browser.signIn();
            JsonNode sore = client(browser, "Birte");
            JsonNode asked = client(browser, "Maren");
            String of = "/clients/" + sore.get("id").asText();
            String done = "";
            for (JsonNode item : browser.get("/api" + of + "/strand").get("items")) {
                done = item.get("kind").asText().equals("SESSION")
                        ? item.get("id").asText()
                        : done;
            }
            for (String path : List.of(
                    "/",
                    of,
                    of + "/compose",
                    of + "/intake",
                    of + "/screens",
                    of + "/screen",
                    of + "/limits",
                    of + "/clearance",
                    of + "/door",
                    of + "/review",
                    of + "/record",
                    "/records",
                    "/week",
                    "/exercises" + "?client=" + sore.get("id").asText(),
                    "/exercises/rope-press-down",
                    "/workbench",
                    "/places",
                    "/methods",
                    "/evidence",
                    "/outbox",
                    "/sessions/" + done,
                    "/sessions/" + asked.get("sessionId").asText() + "/morning")) {
                judge(browser, path);
            }
            browser.nothingWentWrong();
        }
    }

    private static void judge(Browser browser, String path) {
        Page page = browser.page;
        page.setViewportSize(1280, 800);
        page.navigate(path);
        page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1))
                .first()
                .waitFor();
        page.waitForLoadState(com.microsoft.playwright.options.LoadState.NETWORKIDLE);
        for (int[] size : SIZES) {
            page.setViewportSize(size[0], size[1]);
            page.waitForFunction("document.documentElement.scrollWidth <= innerWidth");
            browser.axeFindsNothing(path + " at " + size[0]);
        }
        page.setViewportSize(1280, 800);
        page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.DARK));
        browser.axeFindsNothing(path + " in the dark");
        page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.LIGHT));
        // Letters of twice the size, as a reader's own setting makes them: pages flow as on a narrow screen.
        page.setViewportSize(640, 800);
        page.waitForFunction("document.documentElement.scrollWidth <= innerWidth");
    }

    private static JsonNode client(Browser browser, String name) {
        for (JsonNode c : browser.get("/api/today").get("clients")) {
            if (c.get("name").asText().startsWith(name)) {
                return c;
            }
        }
        throw new IllegalStateException("no " + name);
    }
}

package kinesia.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.microsoft.playwright.Locator;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Two clients on the floor at once: one press goes over, and the rest of the one who waits goes on. */
class TwoAtOnceTest {
    @Test
    void one_press_goes_to_the_other_client_and_both_clocks_run() {
        try (Browser browser = DemoRoom.own().browser()) {
            browser.signIn();
            String first = OnTheFloor.openSession(browser, "Jorun Haldvig");
            String second = UUID.randomUUID().toString();
            for (JsonNode client : browser.get("/api/today").get("clients")) {
                if (client.get("name").asText().equals("Pia Ravnsund")) {
                    browser.send(
                            "PUT",
                            "/api/clients/" + client.get("id").asText() + "/sessions/" + second,
                            "{\"sleepHours\":7,\"armsWorkedHarder\":false,\"somethingNew\":false,\"sites\":[]}");
                }
            }
            rest(browser, 1);
            browser.page.navigate("/sessions/" + second + "/floor");
            browser.press("Skip the warm-up");
            Locator waiting = browser.page.locator("a.other");
            waiting.getByText(Pattern.compile("\\d:\\d\\d")).waitFor();
            assertThat(waiting.innerText()).contains("Jorun Haldvig");
            int logged = rest(browser, 1);

            waiting.click();
            browser.page.waitForURL("**/sessions/" + first + "/floor");
            assertThat(browser.page.locator(".ring").getAttribute("aria-label")).endsWith("seconds of rest left");
            assertThat(waiting.innerText()).contains("Pia Ravnsund").containsPattern("\\d:\\d\\d");
            waiting.click();
            browser.page.waitForURL("**/sessions/" + second + "/floor");
            OnTheFloor.awaitSets(browser, second, logged);
            browser.nothingWentWrong();
        }
    }

    /** Logs sets until a rest of the round runs; how many are done then. */
    private static int rest(Browser browser, int from) {
        int done = from;
        while (true) {
            OnTheFloor.log(browser, done);
            String ring = browser.page.locator(".ring").getAttribute("aria-label");
            if (!ring.startsWith("no rest") && Integer.parseInt(ring.split(" ")[0]) > 20) {
                return done;
            }
            browser.page.waitForTimeout(800); // two presses sooner than that are one
            done++;
        }
    }
}

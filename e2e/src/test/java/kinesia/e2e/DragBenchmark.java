package kinesia.e2e;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Route;
import org.junit.jupiter.api.Test;

/**
 * How smooth the workbench is while a slider is dragged: frames drawn, the longest between two, and answers shown. Run by
 * ops/benchmark-drag; no test, it asserts nothing.
 */
class DragBenchmark {
    private static final String DRAG = """
            async (turn) => {
              const slider = document.querySelector('input[type=range]')
              const frames = []
              performance.clearResourceTimings()
              performance.setResourceTimingBufferSize(2000)
              const begin = performance.now()
              let last = begin
              await new Promise((done) => {
                const step = (now) => {
                  frames.push(now - last); last = now
                  const t = (now - begin) / 4000
                  if (turn) {
                    const from = Number(slider.min), to = Number(slider.max)
                    slider.value = String(Math.round((from + to) / 2 + (to - from) / 2 * 0.6 * Math.sin(t * 12)))
                    slider.dispatchEvent(new Event('input', { bubbles: true }))
                  }
                  if (t < 1) requestAnimationFrame(step); else done()
                }
                requestAnimationFrame(step)
              })
              const answers = performance.getEntriesByType('resource')
                .filter((r) => /workbench|plan.compose/.test(r.name) && r.startTime >= begin).map((r) => r.duration)
              const sorted = (list) => [...list].sort((a, b) => a - b)
              const f = sorted(frames.slice(1)), a = sorted(answers)
              const at = (list, share) => list[Math.floor((list.length - 1) * share)]
              return JSON.stringify({ framesPerSecond: f.length / 4, frameMedianMs: at(f, 0.5), frameP95Ms: at(f, 0.95),
                answersPerSecond: a.length / 4, answerMedianMs: at(a, 0.5), answerP95Ms: at(a, 0.95) })
            }
            """;

    private static void say(Browser browser, String how, boolean turn) throws JsonProcessingException {
        JsonNode seen = new ObjectMapper().readTree(String.valueOf(browser.page.evaluate(DRAG, turn)));
        System.out.println("drag: " + how + " " + seen);
    }

    /** The composer's minutes: how soon the session planned anew is there. */
    @Test
    void minutes() throws Exception {
        try (Installation kinesia = Installation.withDemo();
                Browser browser = new Browser(kinesia.address())) {
            browser.signIn();
            String client = "";
            for (JsonNode one : browser.get("/api/today").get("clients")) {
                client = one.get("name").asText().startsWith("Jorun")
                        ? one.get("id").asText()
                        : client;
            }
            browser.page.navigate("/clients/" + client + "/compose");
            browser.page.locator("input[type=range]").first().waitFor();
            say(browser, "minutes of the composer, first", true);
            for (int warm = 0; warm < 6; warm++) {
                browser.page.evaluate(DRAG, true);
            }
            say(browser, "minutes of the composer, warm", true);
            say(browser, "minutes of the composer, warm", true);
        }
    }

    @Test
    void drag() throws Exception {
        try (Installation kinesia = Installation.withDemo();
                Browser browser = new Browser(kinesia.address())) {
            browser.signIn();
            browser.page.navigate("/workbench/lying-extension");
            browser.page.locator("input[type=range]").first().waitFor();
            browser.page.evaluate(DRAG, true); // warm
            say(browser, "idle", false);
            say(browser, "dragged", true);
            say(browser, "dragged again", true);
            // What the machine's browser reaches alone: the same drag, each answer at once and from no server.
            String[] answer = {null};
            browser.page.route("**/api/workbench", (route) -> {
                if (answer[0] == null) {
                    APIResponse first = route.fetch();
                    answer[0] = first.text();
                }
                route.fulfill(new Route.FulfillOptions()
                        .setContentType("application/json")
                        .setBody(answer[0]));
            });
            browser.page.evaluate(DRAG, true);
            say(browser, "dragged, no server", true);
        }
    }
}

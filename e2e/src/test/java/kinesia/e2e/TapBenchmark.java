package kinesia.e2e;

import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import java.util.Arrays;
import org.junit.jupiter.api.Test;

/**
 * How soon a press on the floor is seen, on a processor a quarter as fast: from the press to the frame that shows the set as done.
 * Run by ops/benchmark-tap; no test, it asserts nothing.
 */
class TapBenchmark {
    private static final int SLOWED = 4;
    private static final int SETS = 12;
    private static final String TAP = """
            async () => {
              const right = [...document.querySelectorAll('button')].find((b) => /^Right/.test(b.textContent.trim()))
              const count = () => document.querySelector('header').textContent
              const before = count()
              const begin = performance.now()
              right.dispatchEvent(new PointerEvent('pointerdown', { bubbles: true }))
              right.click()
              return await new Promise((seen) => {
                const look = () => {
                  if (count() !== before) requestAnimationFrame(() => seen(performance.now() - begin))
                  else requestAnimationFrame(look)
                }
                requestAnimationFrame(look)
              })
            }
            """;

    @Test
    void tap() {
        try (Installation kinesia = Installation.withDemo();
                Browser browser = new Browser(kinesia.address())) {
            browser.signIn();
            OnTheFloor.openSession(browser, "Jorun Haldvig");
            OnTheFloor.log(browser, 1); // warm
            CDPSession chromium = browser.page.context().newCDPSession(browser.page);
            JsonObject rate = new JsonObject();
            rate.addProperty("rate", SLOWED);
            chromium.send("Emulation.setCPUThrottlingRate", rate);
            double[] taps = new double[SETS];
            for (int n = 0; n < SETS; n++) {
                browser.page.waitForTimeout(1500);
                taps[n] = ((Number) browser.page.evaluate(TAP)).doubleValue();
            }
            Arrays.sort(taps);
            System.out.printf(
                    "tap: %d times slower, %d sets: median %.0f ms, longest %.0f ms%n",
                    SLOWED, SETS, taps[SETS / 2], taps[SETS - 1]);
        }
    }
}

package kinesia.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import com.microsoft.playwright.options.ViewportSize;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** A headless browser on one installation, with the questions that these tests ask of a page. */
final class Browser implements AutoCloseable {
    private static final Path AXE = Path.of(System.getProperty("kinesia.root"), "web/node_modules/axe-core/axe.min.js");
    private static final List<String> ARGUMENTS = List.of(
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync");
    private static final ObjectMapper JSON = new ObjectMapper();

    private final Playwright playwright = Playwright.create();
    private final com.microsoft.playwright.Browser browser;
    private final BrowserContext context;
    private final List<String> errors = new ArrayList<>();
    private final List<String> warnings = new ArrayList<>();
    final Page page;

    private final String trainer;

    Browser(String address) {
        this(address, "trainer@tidewheel.example");
    }

    /** A browser that signs in as {@code trainer} when nobody else is named. */
    Browser(String address, String trainer) {
        this(address, trainer, ServiceWorkerPolicy.BLOCK);
    }

    /** One that keeps the pages for when there is no server. */
    static Browser keepingPages(String address) {
        return new Browser(address, "trainer@tidewheel.example", ServiceWorkerPolicy.ALLOW);
    }

    // Where nothing is said of pages that are kept, each test sees what the server answers.
    private Browser(String address, String trainer, ServiceWorkerPolicy workers) {
        this.trainer = trainer;
        browser = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium"))
                        .setArgs(ARGUMENTS));
        context = browser.newContext(new com.microsoft.playwright.Browser.NewContextOptions()
                .setBaseURL(address)
                .setViewportSize(1280, 800)
                .setServiceWorkers(workers)
                .setReducedMotion(com.microsoft.playwright.options.ReducedMotion.REDUCE));
        page = context.newPage();
        page.setDefaultTimeout(15_000);
        page.onPageError(errors::add);
        page.onConsoleMessage(message -> {
            // Where pages are not to be kept, the driver says that it sees to it.
            boolean ours = !message.text().startsWith("Service Worker registration blocked by Playwright");
            if (ours && (message.type().equals("warning") || message.type().equals("error"))) {
                warnings.add(message.text() + " at " + page.url());
            }
        });
        page.onRequest(request -> {
            if (!request.url().startsWith(address) && !request.url().startsWith("data:")) {
                errors.add("a request leaves the machine: " + request.url());
            }
        });
        page.navigate("/");
    }

    void signIn() {
        signIn(trainer, "tide-wheel-demo");
        page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Today,"))
                .waitFor();
    }

    void signIn(String email, String password) {
        page.getByLabel("E-mail").fill(email);
        page.getByLabel("Password").fill(password);
        press("Sign in");
    }

    /** Presses the one button of that name. */
    void press(String name) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .click();
    }

    void follow(String link) {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(link))
                .first()
                .click();
    }

    /** Chooses an answer within the group that carries the question. */
    void choose(String question, String answer) {
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName(question))
                .getByText(answer, new com.microsoft.playwright.Locator.GetByTextOptions().setExact(true))
                .click();
    }

    /** Moves the demo's calendar to the next day, and waits until the page shows it. */
    void nextDay() {
        page.evaluate("window.dayBefore = true");
        press("Demo: go to the next day");
        page.waitForCondition(this::isLoadedAnew);
    }

    private boolean isLoadedAnew() {
        try {
            return (Boolean) page.evaluate("!window.dayBefore && document.readyState === 'complete'");
        } catch (PlaywrightException e) {
            return false; // between the two pages
        }
    }

    /** Waits for a heading that is {@code text}, or {@code text} and after a colon or comma for whom or when. */
    void seeHeading(String text) {
        // Escaped by hand: the browser reads the pattern, and knows no quoting of Java's.
        Pattern whole = Pattern.compile("^" + text.replaceAll("[^\\p{L}\\d ]", "\\\\$0") + "([:,].*)?$");
        page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(whole))
                .first()
                .waitFor();
    }

    /** What the server answers to the signed-in page. */
    JsonNode get(String path) {
        return json(page.request().get(path).text());
    }

    /** What an answer says. */
    static JsonNode json(String text) {
        try {
            return JSON.readTree(text);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Takes the connection away from the page, or gives it back. */
    void offline(boolean away) {
        context.setOffline(away);
    }

    /** Tells the server something outside the page, with the page's own sign-in. */
    void send(String method, String path, String body) {
        page.evaluate(
                "([method, path, body]) => fetch(path, {method, body: body || undefined, headers: {'Content-Type':"
                        + " 'application/json', 'X-XSRF-TOKEN': document.cookie.split('XSRF-TOKEN=')[1].split(';')[0]}})"
                        + ".then(r => r.ok || Promise.reject(r.status))",
                List.of(method, path, body));
    }

    /** The same while the server may be away; then an answer without anything in it. */
    JsonNode getOrNothing(String path) {
        try {
            return get(path);
        } catch (PlaywrightException | UncheckedIOException e) {
            return JSON.nullNode();
        }
    }

    /** Fails when axe finds a violation of WCAG 2.2 A or AA on the page as it is. */
    void axeFindsNothing(String screen) {
        try {
            page.evaluate(Files.readString(AXE));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        // Judged at its whole height: what a bar at the edge covers for the moment is scrolled free by the thumb.
        ViewportSize window = page.viewportSize();
        int whole = (Integer) page.evaluate("Math.ceil(document.documentElement.scrollHeight)");
        page.setViewportSize(window.width, Math.max(window.height, whole));
        Object found = page.evaluate(
                "axe.run(document, {runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa']}).then(r =>"
                        + " r.violations.map(v => v.id + ': ' + v.nodes.map(n => n.target + ' ' +"
                        + " n.failureSummary).join(' | ')))");
        page.setViewportSize(window.width, window.height);
        assertThat((List<?>) found).as("axe on " + screen).isEmpty();
    }

    /** Fails when a script failed or a request left the machine. */
    void nothingWentWrong() {
        assertThat(errors).isEmpty();
    }

    /** Fails when the page wrote a warning or an error to its console. */
    void nothingWasWarnedOf() {
        assertThat(warnings).isEmpty();
    }

    @Override
    public void close() {
        context.close();
        browser.close();
        playwright.close();
    }
}

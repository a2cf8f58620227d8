package kinesia.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Duration;
import java.time.LocalDate;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** What a client does with a private link on a telephone, without a sign-in: the morning check and a session at home. */
class LinkTest {
    private static final int WIDE = 390;
    private static final int HIGH = 844;
    private static final Duration LONGEST = Duration.ofSeconds(20);

    private final DemoRoom room = DemoRoom.own();

    private static String open(Browser desk) {
        for (JsonNode message : desk.get("/api/outbox")) {
            if (message.path("state").asText().equals("OPEN")) {
                return message.path("path").asText();
            }
        }
        throw new AssertionError("nothing in the outbox is open");
    }

    @Test
    void a_morning_with_nothing_wrong_takes_a_thumb_less_than_twenty_seconds() {
        try (Browser desk = room.browser();
                Browser phone = room.browser()) {
            desk.signIn();
            String session = desk.get("/api/clients/" + client(desk, "Maren Oldvik") + "/next")
                    .path("morningFor")
                    .asText();
            desk.send("POST", "/api/sessions/" + session + "/morning/link", "");
            String link = open(desk);
            desk.page.navigate("/outbox");
            desk.seeHeading("Outbox");
            desk.axeFindsNothing("outbox");
            phone.page.setViewportSize(WIDE, HIGH);
            phone.page.navigate(link);
            phone.seeHeading("Good day, Maren");
            phone.axeFindsNothing("morning by link");
            assertThat(phone.page.locator("main").innerText()).doesNotContain("Oldvik");
            long begun = System.nanoTime();
            phone.press("as usual 2");
            phone.choose("Sore muscle", "1");
            phone.choose("Arms stiff on rising?", "no");
            phone.choose("Hours slept", "7");
            phone.press("nothing else");
            phone.press("Send");
            phone.page.getByText("Thank you").waitFor();
            assertThat(Duration.ofNanos(System.nanoTime() - begun)).isLessThan(LONGEST);
            phone.axeFindsNothing("morning answered");
            phone.page.navigate("/sign-in");
            phone.page.navigate(link);
            phone.seeHeading("This link opens nothing");
            phone.axeFindsNothing("a link that opens nothing");
            // The next visit already knows.
            desk.page.navigate("/");
            desk.follow("Maren Oldvik");
            desk.page.getByText("What the joints taught").waitFor();
            assertThat(desk.page.locator("main")).not().containsText("is not answered yet");
            desk.axeFindsNothing("client with what was learned");
            desk.page.navigate("/evidence");
            desk.seeHeading("What this room’s joints answered");
            desk.axeFindsNothing("evidence");
        }
    }

    @Test
    void a_session_at_home_is_shown_done_and_sent() {
        try (Browser desk = room.browser();
                Browser phone = room.browser()) {
            desk.signIn();
            String client = client(desk, "Pia Ravnsund");
            String place = desk.get("/api/places").get(1).path("id").asText();
            String id = UUID.randomUUID().toString();
            desk.send(
                    "PUT",
                    "/api/clients/" + client + "/home/" + id,
                    "{\"on\":\"" + LocalDate.now() + "\",\"placeId\":\"" + place + "\",\"minutes\":15}");
            String link = null;
            for (JsonNode message : desk.get("/api/outbox")) {
                link = message.path("clientId").asText().equals(client)
                        ? message.path("path").asText()
                        : link;
            }
            Page page = phone.page;
            page.setViewportSize(WIDE, HIGH);
            page.navigate(link);
            phone.seeHeading("Good day, Pia");
            phone.axeFindsNothing("session at home, before it begins");
            phone.press("Begin");
            JsonNode units = desk.get("/api/clients/" + client + "/home").at("/0/plan/units");
            boolean judged = false;
            for (JsonNode unit : units) {
                for (JsonNode slot : unit.get("slots")) {
                    phone.seeHeading(slot.path("name").asText());
                    if (!judged) {
                        phone.axeFindsNothing("session at home");
                        judged = true;
                    }
                    for (int n = 0; n < slot.path("sets").asInt(); n++) {
                        phone.press("Set done");
                    }
                    phone.press("right");
                    phone.press("Next");
                }
            }
            phone.press("Send");
            page.getByText("Well done").waitFor();
            assertThat(desk.get("/api/sessions/" + id).at("/status").asText()).isEqualTo("DONE");
            desk.page.navigate("/clients/" + client);
            assertThat(desk.page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Sessions at home")))
                    .containsText("done");
        }
    }

    private static String client(Browser desk, String name) {
        for (JsonNode client : desk.get("/api/today").get("clients")) {
            if (client.path("name").asText().equals(name)) {
                return client.path("id").asText();
            }
        }
        throw new AssertionError(name);
    }
}

package kinesia.today;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.Map;
import java.util.UUID;
import kinesia.shared.Caller;
import kinesia.shared.ServerTest;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** One box finds clients, exercises, days and notes of this room alone; the week shows this room's visits alone. */
@ServerTest
class SearchTest {
    @Autowired
    private Caller caller;

    private JsonNode search(String q) throws Exception {
        return caller.get("/api/search?q=" + q).body();
    }

    private String lastSession(String name) throws Exception {
        String last = "";
        for (JsonNode item :
                caller.get("/api/clients/" + caller.clientId(name) + "/strand").at("/items")) {
            last = item.get("kind").asText().equals("SESSION") ? item.get("id").asText() : last;
        }
        return last;
    }

    @Test
    void it_finds_clients_exercises_days_and_notes() throws Exception {
        caller.asTrainer();
        assertThat(search("maren").findValuesAsText("name")).contains("Maren Oldvik");
        assertThat(search("rope press").findValuesAsText("key")).contains("rope-press-down");
        String session = lastSession("Jorun Haldvig");
        String note = "/api/sessions/" + session + "/notes/" + UUID.randomUUID();
        assertThat(caller.put(note, Map.of("text", "Left glove at the slip")).status())
                .isEqualTo(204);
        JsonNode found = search("glove");
        assertThat(found.at("/0/id").asText()).isEqualTo(session);
        assertThat(found.at("/0/about").asText()).isEqualTo("Left glove at the slip");
        assertThat(search(found.at("/0/on").asText())).isNotEmpty();
        assertThat(search("x")).isEmpty();
        assertThat(search("%25%25"))
                .as("a sign of the query language is a letter")
                .isEmpty();

        caller.as("trainer@lanternloft.example");
        assertThat(search("maren")).isEmpty();
        assertThat(search("glove")).isEmpty();
        assertThat(caller.get("/api/week").at("/visits")).isEmpty();
    }

    @Test
    void the_week_shows_every_booked_visit() throws Exception {
        caller.asTrainer();
        JsonNode today = caller.get("/api/week").body();
        String monday = today.at("/monday").asText();
        assertThat(java.time.LocalDate.parse(monday).getDayOfWeek()).isEqualTo(java.time.DayOfWeek.MONDAY);
        String next = java.time.LocalDate.parse(monday).plusWeeks(1).toString();
        JsonNode visits = caller.get("/api/week?of=" + next).at("/visits");
        assertThat(visits.size()).isGreaterThan(8);
        assertThat(visits).allMatch(v -> v.get("on").asText().compareTo(next) >= 0);
    }

    @Test
    void a_session_prints_with_its_danger_lines() throws Exception {
        caller.asTrainer();
        String session = lastSession("Maren Oldvik");
        try (PDDocument pdf = Loader.loadPDF(caller.bytes("/api/sessions/" + session + "/sheet.pdf"))) {
            String text = new PDFTextStripper().getText(pdf);
            assertThat(text).startsWith("Maren Oldvik, ").contains("Warm-up", "Watch", "Done: ____", "Stop");
            String danger = caller.get("/api/sessions/" + session)
                    .at("/guides/0/danger")
                    .asText();
            assertThat(text.replaceAll("\\s+", "")).contains(danger.replaceAll("\\s+", ""));
        }
    }
}

package kinesia.report;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import kinesia.shared.Caller;
import kinesia.shared.ServerTest;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** What is handed out on paper says what is stored, on both papers, tagged, and about nobody else. */
@ServerTest
class PapersTest {
    @Autowired
    private Caller caller;

    private String client;

    @BeforeEach
    void signIn() throws Exception {
        caller.asTrainer();
        client = "/api/clients/" + caller.clientId("Maren Oldvik");
    }

    private String read(String path) throws Exception {
        try (PDDocument pdf = Loader.loadPDF(caller.bytes(path))) {
            assertThat(pdf.getDocumentCatalog().getMarkInfo().isMarked()).isTrue();
            PDRectangle page = pdf.getPage(0).getMediaBox();
            assertThat(page.getWidth())
                    .isEqualTo(path.contains("LETTER") ? PDRectangle.LETTER.getWidth() : PDRectangle.A4.getWidth());
            return new PDFTextStripper().getText(pdf).replaceAll("\\s+", " ");
        }
    }

    @Test
    void a_clinician_reads_what_was_seen_lifted_and_felt_and_what_is_asked() throws Exception {
        String letter = read(client + "/letter.pdf?paper=LETTER");
        assertThat(letter)
                .contains(
                        "How the training goes",
                        "we do not diagnose",
                        "right back of elbow",
                        "Sets a week, hard ones first")
                .contains("What is lifted, first and last", "Mornings after", "The last 8:", "What we ask");
        assertThat(read(client.replaceAll("[^/]+$", "") + caller.clientId("Jorun Haldvig") + "/letter.pdf"))
                .doesNotContain("Maren")
                .contains("Jorun Haldvig");
    }

    @Test
    void the_whole_record_has_every_set_and_morning() throws Exception {
        String record = read(client + "/record.pdf");
        String csv = new String(caller.bytes(client + "/sets.csv"), java.nio.charset.StandardCharsets.UTF_8);
        long sets = csv.lines().count() - 1;
        assertThat(record.split(" at effort ", -1).length - 1).isEqualTo((int) sets);
        assertThat(record).contains("Maren Oldvik", "Screen of", "Mornings after", "Reviews", "Visits booked", "Born");
    }

    @Test
    void the_week_hangs_on_the_wall_day_by_day() throws Exception {
        LocalDate today = LocalDate.parse(caller.get("/api/today").at("/today").asText());
        String week = read("/api/week.pdf?of=" + today);
        assertThat(week).contains("Monday", "Sunday");
        caller.get("/api/week?of=" + today)
                .at("/visits")
                .forEach(v -> assertThat(week).contains(v.at("/clientName").asText()));
    }

    /** RULES 7: no sheet says less than the plan about a side, a load, a limit or a caution. */
    @Test
    void a_sheet_for_one_arm_says_which_and_keeps_every_number_and_limit_of_the_plan() throws Exception {
        String one = caller.screened(
                "One Armed",
                a -> ((ObjectNode) a.get("flags"))
                        .putObject("FLAG-neck")
                        .put("present", true)
                        .put("side", "LEFT"));
        UUID session = UUID.randomUUID();
        Caller.Answer planned = caller.put(
                "/api/clients/" + one + "/sessions/" + session,
                Map.of("sleepHours", 7, "armsWorkedHarder", false, "somethingNew", false, "sites", List.of()));
        assertThat(planned.at("/sessionId").asText()).isEqualTo(session.toString());
        String sheet = read("/api/sessions/" + session + "/sheet.pdf");
        Caller.Answer view = caller.get("/api/sessions/" + session);
        int slots = 0;
        for (JsonNode unit : view.at("/plan/units")) {
            for (JsonNode slot : unit.get("slots")) {
                slots++;
                assertThat(sheet)
                        .contains(
                                slot.get("name").asText(),
                                slot.at("/load/label").asText())
                        .contains(slot.get("sets").asInt() + (slot.get("sets").asInt() == 1 ? " set of " : " sets of "))
                        .contains(slot.at("/tempo/downS").asInt() + " s down");
                boolean single = slot.get("arms").asText().equals("IN_TURN")
                        && slot.get("sides").size() == 1;
                assertThat(!single || sheet.contains("right arm only")).isTrue();
            }
        }
        assertThat(slots).isPositive();
        assertThat(sheet).contains("right arm only").doesNotContain("left arm only");
        caller.get("/api/clients/" + one + "/screen").at("/now/limits").forEach(limit -> {
            if (!limit.get("kind").asText().equals("NO_CUFFS")) {
                assertThat(sheet).contains(limit.at("/reason/exact").asText().replaceAll("\\s+", " "));
            }
        });
    }

    @Test
    void a_session_at_home_is_on_paper_and_in_the_calendar() throws Exception {
        String place = caller.get(client).at("/details/placeId").asText();
        String today = caller.get("/api/today").at("/today").asText();
        UUID id = UUID.randomUUID();
        Caller.Answer planned = caller.put(
                client + "/home/" + id,
                Map.of("on", LocalDate.parse(today).plusDays(3).toString(), "placeId", place, "minutes", 20));
        assertThat(planned.status()).isEqualTo(200);
        String name = planned.at("/session/plan/units/0/slots/0/name").asText();
        assertThat(read(client + "/home/" + id + "/sheet.pdf"))
                .contains(name, "How much", "Set up", "Stop", "emergency number");
        String calendar = new String(caller.bytes(client + "/visits.ics"), java.nio.charset.StandardCharsets.UTF_8);
        assertThat(calendar)
                .contains("UID:" + id + "@kinesia", "Training at home")
                .contains("DTSTART;VALUE=DATE:");
        caller.post(client + "/home/" + id + "/take-back", Map.of());
        assertThat(new String(caller.bytes(client + "/visits.ics"), java.nio.charset.StandardCharsets.UTF_8))
                .contains("STATUS:CANCELLED");
    }

    @Test
    void one_visit_is_an_invitation() throws Exception {
        String visit = caller.get(client + "/days").at("/appointments/0/id").asText();
        String invitation =
                new String(caller.bytes(client + "/visits/" + visit + ".ics"), java.nio.charset.StandardCharsets.UTF_8);
        assertThat(invitation).contains("METHOD:REQUEST", "UID:" + visit + "@kinesia", "SEQUENCE:0");
        assertThat(invitation.split("BEGIN:VEVENT", -1)).hasSize(2);
        assertThat(caller.get(client + "/visits/" + UUID.randomUUID() + ".ics").status())
                .isEqualTo(404);
    }
}

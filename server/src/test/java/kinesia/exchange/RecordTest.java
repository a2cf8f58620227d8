package kinesia.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import kinesia.shared.Caller;
import kinesia.shared.ServerTest;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** What is handed out is read by others and comes back the same; what is hostile or broken comes in nowhere. */
@ServerTest
class RecordTest {
    private static final ObjectMapper JSON = new ObjectMapper();

    @Autowired
    private Caller caller;

    private String maren() throws Exception {
        return "/api/clients/" + caller.asTrainer().clientId("Maren Oldvik");
    }

    private Caller.Answer bring(byte[] file) throws Exception {
        return caller.sendBytes("/api/imports/records", file);
    }

    @Test
    void a_record_comes_back_as_it_was_and_a_second_time_changes_nothing() throws Exception {
        String maren = maren();
        byte[] record = caller.bytes(maren + "/record.json");
        JsonNode before = JSON.readTree(record);
        assertThat(before.at("/tables/set_log")).hasSizeGreaterThan(200);
        assertThat(before.at("/tables/block_review")).hasSize(2);
        byte[] sets = caller.bytes(maren + "/sets.csv");
        JsonNode next = caller.get(maren + "/next").at("/plan");

        assertThat(caller.post(maren + "/erase", Map.of("name", "Maren Oldvik"))
                        .at("/sessions")
                        .asInt())
                .isGreaterThan(20);
        assertThat(caller.get(maren).status()).isEqualTo(404);

        assertThat(bring(record).at("/clients/0/name").asText()).isEqualTo("Maren Oldvik");
        assertThat(JSON.readTree(caller.bytes(maren + "/record.json"))).isEqualTo(before);
        assertThat(caller.bytes(maren + "/sets.csv")).isEqualTo(sets);
        assertThat(caller.get(maren + "/next").at("/plan")).isEqualTo(next);

        Caller.Answer again = bring(record);
        assertThat(again.at("/clients")).isEmpty();
        assertThat(again.at("/unchanged").asInt()).isEqualTo(1);
        assertThat(JSON.readTree(caller.bytes(maren + "/record.json"))).isEqualTo(before);
    }

    @Test
    void a_room_goes_out_as_one_zip_and_comes_in_again() throws Exception {
        caller.asTrainer();
        byte[] zip = caller.bytes("/api/records.zip");
        List<String> names = new ArrayList<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry e = in.getNextEntry(); e != null; e = in.getNextEntry()) {
                names.add(e.getName());
            }
        }
        assertThat(names)
                .hasSize(31)
                .contains("room.json")
                .anyMatch(n -> n.matches("Maren-Oldvik-[0-9a-f]{8}/record\\.json"));
        Caller.Answer again = bring(zip);
        assertThat(again.at("/unchanged").asInt()).isEqualTo(11);

        Map<String, JsonNode> before = new TreeMap<>();
        for (JsonNode client : caller.get("/api/today").at("/clients")) {
            String path = "/api/clients/" + client.get("id").asText();
            before.put(path, JSON.readTree(caller.bytes(path + "/record.json")));
            Map<String, String> name = Map.of("name", client.get("name").asText());
            assertThat(caller.post(path + "/erase", name).status()).isEqualTo(200);
        }
        assertThat(bring(zip).at("/clients")).hasSize(10);
        for (Map.Entry<String, JsonNode> kept : before.entrySet()) {
            assertThat(JSON.readTree(caller.bytes(kept.getKey() + "/record.json")))
                    .isEqualTo(kept.getValue());
        }
    }

    @Test
    void a_rooms_places_are_shared_as_copies_and_only_once() throws Exception {
        caller.asTrainer();
        byte[] room = caller.bytes("/api/room.json");
        int places = JSON.readTree(room).at("/places").size();
        assertThat(places).isPositive();
        assertThat(bring(room).at("/ofRoom").asInt()).isZero();

        caller.as("trainer@lanternloft.example");
        int before = caller.get("/api/places").body().size();
        assertThat(bring(room).at("/ofRoom").asInt()).isGreaterThanOrEqualTo(places);
        assertThat(bring(room).at("/ofRoom").asInt()).isZero();
        assertThat(caller.get("/api/places").body()).hasSize(before + places);
    }

    @Test
    void another_rooms_record_and_broken_and_hostile_files_are_refused_and_leave_nothing() throws Exception {
        byte[] record = caller.bytes(maren() + "/record.json");
        ObjectNode stolen = (ObjectNode) JSON.readTree(record);
        caller.as("trainer@lanternloft.example");
        assertThat(bring(record).at("/detail").asText()).contains("belongs to somebody else");

        // A client of an own id, with the sessions of somebody else's.
        ((ObjectNode) stolen.at("/tables/client/0")).put("id", UUID.randomUUID().toString());
        assertThat(bring(stolen.toString().getBytes(StandardCharsets.UTF_8)).status())
                .isEqualTo(409);

        caller.asTrainer();
        ObjectNode cut = (ObjectNode) JSON.readTree(record);
        ((ObjectNode) cut.at("/tables/set_log/0"))
                .put("session_id", UUID.randomUUID().toString());
        for (String bad :
                List.of("{", "[]", "{}", "{\"format\": \"kinesia.client\", \"version\": 2}", cut.toString())) {
            assertThat(bring(bad.getBytes(StandardCharsets.UTF_8)).status())
                    .as(bad.length() > 60 ? "a set without its session" : bad)
                    .isEqualTo(409);
        }
        assertThat(bring(zip("a.json", new byte[0]).clone()).status()).isEqualTo(409);
        assertThat(bring(new byte[] {'P', 'K', 3, 4, 0}).status()).isEqualTo(409);
        // Sixty million blanks are a few kilobytes packed.
        byte[] bomb = zip("bomb.json", ("{" + " ".repeat(60_000_000)).getBytes(StandardCharsets.UTF_8));
        assertThat(bomb.length).isLessThan(100_000);
        assertThat(bring(bomb).at("/detail").asText()).contains("unpacks to more than 50 MB");
        String begun = "{\"format\": \"kinesia.client\", \"version\": 1, \"places\": [";
        assertThat(bring((begun + "{\"a\": [" + "[],".repeat(3_000_000)).getBytes(StandardCharsets.UTF_8))
                        .at("/detail")
                        .asText())
                .contains("larger than any can be");
        assertThat(bring((begun + "{\"a\": " + "[".repeat(5_000)).getBytes(StandardCharsets.UTF_8))
                        .at("/detail")
                        .asText())
                .contains("no JSON that can be read here");
        assertThat(caller.get("/api/today").at("/clients")).hasSize(10);
    }

    private static byte[] zip(String name, byte[] content) throws Exception {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            zip.putNextEntry(new ZipEntry(name));
            zip.write(content);
        }
        return bytes.toByteArray();
    }

    /** RFC 4180, read by a general library. */
    @Test
    void sets_and_mornings_are_tables_that_a_spreadsheet_reads() throws Exception {
        String maren = maren();
        List<CSVRecord> sets = table(caller.bytes(maren + "/sets.csv"));
        assertThat(sets.get(0).getParser().getHeaderNames()).isEqualTo(RecordCsv.SETS);
        assertThat(sets).hasSizeGreaterThan(200).allMatch(CSVRecord::isConsistent);
        assertThat(Double.parseDouble(sets.get(0).get("load_kg"))).isPositive();
        List<CSVRecord> mornings = table(caller.bytes(maren + "/mornings.csv"));
        assertThat(mornings.get(0).getParser().getHeaderNames()).isEqualTo(RecordCsv.MORNINGS);
        assertThat(mornings).allMatch(m -> Integer.parseInt(m.get("pain")) <= 10);
        assertThat(mornings.get(0).get("place")).isEqualTo("RIGHT BACK_OF_ELBOW");
    }

    private static List<CSVRecord> table(byte[] bytes) throws Exception {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        return CSVParser.parse(new StringReader(new String(bytes, StandardCharsets.UTF_8)), format)
                .getRecords();
    }

    @Test
    void no_cell_is_a_formula() {
        for (String bad : List.of("=1+1", "+1", "-1", "@sum(a1)", "\tx")) {
            assertThat(RecordCsv.harmless(bad)).isEqualTo("'" + bad);
        }
        assertThat(RecordCsv.harmless("7.5 kg")).isEqualTo("7.5 kg");
        assertThat(RecordCsv.harmless(null)).isNull();
    }

    /** RFC 5545: a moved and a cancelled visit keep their UID and count on. */
    @Test
    void visits_are_a_calendar_that_follows_changes_until_its_address_is_taken_back() throws Exception {
        String maren = maren();
        String feed = caller.post("/api/calendar-feed", null).at("/path").asText();
        VEvent first = visits(feed).stream()
                .filter(v -> v.getSummary().getValue().equals("Training, Maren Oldvik"))
                .findFirst()
                .orElseThrow();
        String uid = first.getUid().orElseThrow().getValue();
        String visit = maren + "/appointments/" + uid.substring(0, 36);
        JsonNode known = null;
        for (JsonNode a : caller.get(maren + "/days").at("/appointments")) {
            known = uid.startsWith(a.get("id").asText()) ? a : known;
        }
        ObjectNode moved = Caller.json();
        moved.put("version", known.get("version").asLong())
                .put("on", known.get("on").asText());
        moved.put("at", "18:15")
                .put("minutes", 50)
                .put("placeId", known.get("placeId").asText());
        assertThat(caller.put(visit, moved).status()).isEqualTo(200);
        VEvent then = find(visits(feed), uid);
        assertThat(then.getDateTimeStart().getValue()).endsWith("T181500");
        assertThat(then.getSequence().getSequenceNo())
                .isGreaterThan(first.getSequence().getSequenceNo());
        assertThat(caller.delete(visit).status()).isEqualTo(200);
        VEvent gone = find(visits(feed), uid);
        assertThat(gone.getStatus().getValue()).isEqualTo("CANCELLED");
        assertThat(gone.getSequence().getSequenceNo())
                .isGreaterThan(then.getSequence().getSequenceNo());

        assertThat(caller.delete("/api/calendar-feed").status()).isEqualTo(200);
        assertThat(caller.get(feed).status()).isEqualTo(404);
        assertThat(caller.get("/api/link/calendar/guessed.ics").status()).isEqualTo(404);
    }

    @Test
    void a_trainer_who_leaves_takes_the_calendar_address_along() throws Exception {
        String feed =
                caller.asTrainer().post("/api/calendar-feed", null).at("/path").asText();
        String trainer = "";
        for (JsonNode a :
                caller.as("owner@tidewheel.example").get("/api/accounts").body()) {
            trainer = a.get("role").asText().equals("TRAINER") ? a.get("id").asText() : trainer;
        }
        assertThat(caller.delete("/api/accounts/" + trainer).status()).isLessThan(300);
        assertThat(caller.get(feed).status()).isEqualTo(404);
    }

    private List<VEvent> visits(String path) throws Exception {
        Calendar calendar =
                new CalendarBuilder().build(new StringReader(new String(caller.bytes(path), StandardCharsets.UTF_8)));
        calendar.validate();
        return calendar.getComponents("VEVENT");
    }

    private static VEvent find(List<VEvent> visits, String uid) {
        return visits.stream()
                .filter(v -> v.getUid().orElseThrow().getValue().equals(uid))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void nobody_is_erased_by_a_slip() throws Exception {
        String maren = maren();
        assertThat(caller.post(maren + "/erase", Map.of("name", "Maren")).status())
                .isEqualTo(422);
        assertThat(caller.get(maren).status()).isEqualTo(200);
    }
}

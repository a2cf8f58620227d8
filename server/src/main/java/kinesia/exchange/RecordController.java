package kinesia.exchange;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import kinesia.account.RoomCalendar;
import kinesia.account.SignedIn;
import kinesia.client.Client;
import kinesia.client.Clients;
import kinesia.shared.Download;
import kinesia.shared.Letter;
import kinesia.shared.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Records handed out in open formats, brought in again, and erased. */
@RestController
class RecordController {
    // What one file of a ZIP may unpack to: far more than ten years of a client, far less than the memory.
    private static final int MOST_UNPACKED = 50_000_000;
    private static final int MOST_FILES = 2_000;
    private static final MediaType CSV = new MediaType("text", "csv", StandardCharsets.UTF_8);
    private static final MediaType FHIR = MediaType.valueOf("application/fhir+json");

    private final Clients clients;
    private final RecordFile file;
    private final RecordCsv csv;
    private final FhirRecord fhir;
    private final RecordPdf pdf;
    private final RoomCalendar calendar;
    private final JdbcTemplate database;

    RecordController(
            Clients clients,
            RecordFile file,
            RecordCsv csv,
            FhirRecord fhir,
            RecordPdf pdf,
            RoomCalendar calendar,
            JdbcTemplate database) {
        this.clients = clients;
        this.file = file;
        this.csv = csv;
        this.fhir = fhir;
        this.pdf = pdf;
        this.calendar = calendar;
        this.database = database;
    }

    /**
     * @param ofRoom places and variations that were new
     * @param unchanged files whose content was here already as it is
     */
    record BroughtIn(List<BroughtClient> clients, int ofRoom, int unchanged) {}

    /** @param rows of it that were new */
    record BroughtClient(UUID id, String name, int rows) {}

    /** @param name of the client, typed, so that nobody is erased by a slip */
    record Erase(String name) {}

    /** @param backupsUntil the day from which no backup holds it any more; missing where the room chose none */
    record Erased(int sessions, int sets, @Nullable LocalDate backupsUntil) {}

    /** What is written where a file is asked for. */
    private interface Writing {
        void to(OutputStream out) throws IOException;
    }

    @GetMapping("/api/clients/{clientId}/record.json")
    void json(@PathVariable UUID clientId, @AuthenticationPrincipal SignedIn who, HttpServletResponse response)
            throws IOException {
        Client client = clients.require(clientId, who.roomId());
        LocalDate today = calendar.today(who.roomId());
        Download.begin(response, MediaType.APPLICATION_JSON, Download.plain(client.name()) + "-record.json");
        file.write(clientId, today, response.getOutputStream());
    }

    /** The same to read and to print: the client's own copy. */
    @GetMapping("/api/clients/{clientId}/record.pdf")
    @Transactional(readOnly = true)
    ResponseEntity<byte[]> paper(
            @PathVariable UUID clientId,
            @RequestParam(defaultValue = "A4") Letter.Paper paper,
            @AuthenticationPrincipal SignedIn who) {
        Client client = clients.require(clientId, who.roomId());
        LocalDate today = calendar.today(who.roomId());
        return Download.pdf(Download.plain(client.name()) + "-record.pdf", pdf.of(client, today, paper));
    }

    @GetMapping("/api/clients/{clientId}/record.fhir.json")
    @Transactional(readOnly = true)
    ResponseEntity<String> fhir(@PathVariable UUID clientId, @AuthenticationPrincipal SignedIn who) {
        Client client = clients.require(clientId, who.roomId());
        ObjectNode bundle = fhir.of(client, calendar.today(who.roomId()));
        return Download.text(FHIR, Download.plain(client.name()) + "-fhir.json", bundle.toPrettyString());
    }

    @GetMapping("/api/clients/{clientId}/sets.csv")
    void sets(@PathVariable UUID clientId, @AuthenticationPrincipal SignedIn who, HttpServletResponse response)
            throws IOException {
        Client client = clients.require(clientId, who.roomId());
        Download.begin(response, CSV, Download.plain(client.name()) + "-sets.csv");
        csv.sets(clientId, response.getOutputStream());
    }

    @GetMapping("/api/clients/{clientId}/mornings.csv")
    void mornings(@PathVariable UUID clientId, @AuthenticationPrincipal SignedIn who, HttpServletResponse response)
            throws IOException {
        Client client = clients.require(clientId, who.roomId());
        Download.begin(response, CSV, Download.plain(client.name()) + "-mornings.csv");
        csv.mornings(clientId, response.getOutputStream());
    }

    /** What this room has of its own, to be shared: places with their things and variations of exercises. */
    @GetMapping("/api/room.json")
    void room(@AuthenticationPrincipal SignedIn who, HttpServletResponse response) throws IOException {
        Download.begin(response, MediaType.APPLICATION_JSON, "room.json");
        file.writeRoom(who.roomId(), calendar.today(who.roomId()), response.getOutputStream());
    }

    /** All clients of the room, one folder each, written as it is read. */
    @GetMapping("/api/records.zip")
    void zip(@AuthenticationPrincipal SignedIn who, HttpServletResponse response) throws IOException {
        LocalDate today = calendar.today(who.roomId());
        Download.begin(response, MediaType.valueOf("application/zip"), "records-" + today + ".zip");
        ZipOutputStream zip = new ZipOutputStream(response.getOutputStream());
        entry(zip, "room.json", out -> file.writeRoom(who.roomId(), today, out));
        for (Clients.Name client : clients.findNames(who.roomId())) {
            UUID id = client.getId();
            String folder =
                    Download.plain(client.getName()) + "-" + id.toString().substring(0, 8) + "/";
            entry(zip, folder + "record.json", out -> file.write(id, today, out));
            entry(zip, folder + "sets.csv", out -> csv.sets(id, out));
            entry(zip, folder + "mornings.csv", out -> csv.mornings(id, out));
        }
        zip.finish();
    }

    private static void entry(ZipOutputStream zip, String name, Writing writing) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        writing.to(zip);
        zip.closeEntry();
    }

    /** Brings in a record, or a ZIP of records: all of it or nothing. A second time changes nothing. */
    @PostMapping(path = "/api/imports/records", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @Transactional
    BroughtIn bring(HttpServletRequest request, @AuthenticationPrincipal SignedIn who) throws IOException {
        byte[] bytes = request.getInputStream().readAllBytes();
        List<BroughtClient> brought = new ArrayList<>();
        int unchanged = 0;
        int ofRoom = 0;
        for (JsonNode record : isZip(bytes) ? unzipped(bytes) : List.of(file.parse(bytes))) {
            if (RecordFile.isRoom(record)) {
                int fresh = file.readRoom(record, who.roomId());
                ofRoom += fresh;
                unchanged += fresh == 0 ? 1 : 0;
                continue;
            }
            RecordFile.Brought one = file.read(record, who.roomId());
            if (one.rows() == 0) {
                unchanged++;
            } else {
                brought.add(new BroughtClient(one.clientId(), one.name(), one.rows()));
            }
        }
        return new BroughtIn(brought, ofRoom, unchanged);
    }

    private static boolean isZip(byte[] bytes) {
        return bytes.length > 1 && bytes[0] == 'P' && bytes[1] == 'K';
    }

    private List<JsonNode> unzipped(byte[] bytes) {
        List<JsonNode> records = new ArrayList<>();
        long unpacked = 0;
        int files = 0;
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(bytes), StandardCharsets.UTF_8)) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                if (++files > MOST_FILES) {
                    throw Problem.refused("This ZIP has more than " + MOST_FILES + " files.");
                }
                byte[] one = limited(zip, MOST_UNPACKED - unpacked);
                unpacked += one.length;
                if (entry.getName().endsWith(".json")) {
                    records.add(file.parse(one));
                }
            }
        } catch (ZipException e) {
            throw Problem.refused("This ZIP is broken.");
        } catch (IOException e) {
            throw Problem.refused("This ZIP ends too early.");
        }
        if (records.isEmpty()) {
            throw Problem.refused("There is no record in this ZIP.");
        }
        return records;
    }

    /** Counted while it is unpacked, whatever the file says of its size. */
    private static byte[] limited(InputStream in, long most) throws IOException {
        byte[] bytes = in.readNBytes((int) most + 1);
        if (bytes.length > most) {
            throw Problem.refused("This ZIP unpacks to more than " + MOST_UNPACKED / 1_000_000 + " MB.");
        }
        return bytes;
    }

    /** Erases all that is kept of a client. What stays is that it was done, without whom it was about. */
    @PostMapping("/api/clients/{clientId}/erase")
    @Transactional
    Erased erase(@PathVariable UUID clientId, @RequestBody Erase body, @AuthenticationPrincipal SignedIn who) {
        Client client = clients.require(clientId, who.roomId());
        clients.lock(clientId);
        if (!client.name().equals(body.name().strip())) {
            throw Problem.invalid(List.of(new Problem.Field("name", "is not this client's name")));
        }
        Map<String, Integer> rows = file.erase(clientId);
        LocalDate today = calendar.today(who.roomId());
        Integer days =
                database.queryForObject("select backup_days from room where id = ?", Integer.class, who.roomId());
        Erased erased = new Erased(
                rows.get("training_session"), rows.get("set_log"), days == null ? null : today.plusDays(days));
        database.update(
                "insert into erasure (id, room_id, erased_on, erased_by, sessions, sets) values (?, ?, ?, ?, ?, ?)",
                UUID.randomUUID(),
                who.roomId(),
                today,
                who.name(),
                erased.sessions(),
                erased.sets());
        return erased;
    }
}

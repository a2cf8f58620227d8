package kinesia.exchange;

import com.fasterxml.jackson.databind.node.ObjectNode;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.zip.ZipEntry;
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

/** Records handed out in open formats, and erased. */
@RestController
class RecordController {
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

    /** Erases all that is kept of a client. What stays is that it was done, without whom it was about. */
    @PostMapping("/api/clients/{clientId}/erase")
    @Transactional
    Erased erase(@PathVariable UUID clientId, @RequestBody Erase body, @AuthenticationPrincipal SignedIn who) {
        Client client = clients.require(clientId, who.roomId());
        clients.lock(clientId);
        if (!client.name().strip().equals(body.name().strip())) {
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

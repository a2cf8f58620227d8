package kinesia.exchange;

import jakarta.validation.Valid;
import jakarta.validation.Validator;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import kinesia.account.RoomCalendar;
import kinesia.account.SignedIn;
import kinesia.client.Client;
import kinesia.client.ClientDetails;
import kinesia.client.Clients;
import kinesia.room.Place;
import kinesia.room.Places;
import kinesia.shared.Problem;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Clients from a table: looked at line by line first, then brought in all together or not at all. */
@RestController
class ClientImportController {
    private final Clients clients;
    private final Places places;
    private final RoomCalendar calendar;
    private final Validator validator;

    ClientImportController(Clients clients, Places places, RoomCalendar calendar, Validator validator) {
        this.clients = clients;
        this.places = places;
        this.calendar = calendar;
        this.validator = validator;
    }

    /**
     * @param text the table, RFC 4180 with headings in the first line
     * @param columns which heading holds what; what is missing is guessed
     * @param keep false to look at it first
     */
    record SaidTable(
            @NotNull(message = "is needed") @Size(max = 900_000, message = "at most 900 kB")
            String text,

            @Nullable Map<ClientTable.Column, String> columns,
            boolean keep) {}

    enum State {
        NEW,
        KNOWN,
        WRONG
    }

    /** @param line of the file, from 1 */
    record ClientLine(long line, String name, State state, List<String> problems) {}

    record ClientTableRead(
            List<String> headings,
            Map<ClientTable.Column, String> columns,
            List<ClientTable.Column> missing,
            List<ClientLine> lines,
            int kept) {}

    @PostMapping("/api/imports/clients")
    @Transactional
    ClientTableRead read(@Valid @RequestBody SaidTable said, @AuthenticationPrincipal SignedIn who) {
        ClientTable read = ClientTable.of(said.text(), said.columns());
        CsvTable<ClientTable.Column> table = read.table();
        Set<String> known = new HashSet<>();
        clients.findAllInRoom(who.roomId())
                .forEach(c -> known.add(key(c.name(), c.details().bornOn())));
        List<ClientLine> lines = new ArrayList<>();
        List<ClientDetails> fresh = new ArrayList<>();
        Place place = places.findByRoomIdOrderByName(who.roomId()).get(0);
        LocalDate today = calendar.today(who.roomId());
        for (CSVRecord row : table.readable().toList()) {
            List<String> problems = new ArrayList<>();
            ClientDetails details = read.details(row, place.id(), today, validator, problems);
            State state = details == null
                    ? State.WRONG
                    : known.add(key(details.name(), details.bornOn())) ? State.NEW : State.KNOWN;
            lines.add(new ClientLine(CsvTable.line(row), read.name(row), state, problems));
            if (state == State.NEW && details != null) {
                fresh.add(details);
            }
        }
        boolean whole = table.missing().isEmpty() && lines.stream().noneMatch(l -> l.state() == State.WRONG);
        if (said.keep() && !whole) {
            throw Problem.refused("Nothing was brought in: " + wrongWords(table.missing(), lines));
        }
        if (said.keep()) {
            fresh.forEach(d -> clients.save(new Client(id(who.roomId(), d), who.roomId(), place, d)));
            clients.flush();
        }
        return new ClientTableRead(
                table.headings(), table.columns(), table.missing(), lines, said.keep() ? fresh.size() : 0);
    }

    private static String wrongWords(List<ClientTable.Column> missing, List<ClientLine> lines) {
        long wrong = lines.stream().filter(l -> l.state() == State.WRONG).count();
        return missing.isEmpty()
                ? wrong + (wrong == 1 ? " line needs" : " lines need") + " mending first."
                : "a column for the " + missing.get(0).words().get(0) + " is not chosen yet.";
    }

    private static String key(String name, LocalDate bornOn) {
        return name.strip().toLowerCase(Locale.ROOT) + " " + bornOn;
    }

    /** The same line makes the same client, however often it comes. */
    private static UUID id(UUID roomId, ClientDetails details) {
        return UUID.nameUUIDFromBytes(
                (roomId + "/" + key(details.name(), details.bornOn())).getBytes(StandardCharsets.UTF_8));
    }
}

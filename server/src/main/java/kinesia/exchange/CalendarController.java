package kinesia.exchange;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import kinesia.account.RoomCalendar;
import kinesia.account.SignedIn;
import kinesia.client.Client;
import kinesia.client.Clients;
import kinesia.shared.Download;
import kinesia.shared.PrivateToken;
import kinesia.shared.Problem;
import net.fortuna.ical4j.model.Calendar;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;

/** Visits for a calendar program: one client's as a file, the room's behind an address that only its trainer knows. */
@RestController
class CalendarController {
    private static final MediaType CALENDAR = new MediaType("text", "calendar", StandardCharsets.UTF_8);
    // A calendar program also strikes out what was taken off a while ago.
    private static final int DAYS_BACK = 60;

    private final Clients clients;
    private final VisitCalendar visits;
    private final RoomCalendar calendar;
    private final JdbcTemplate database;

    CalendarController(Clients clients, VisitCalendar visits, RoomCalendar calendar, JdbcTemplate database) {
        this.clients = clients;
        this.visits = visits;
        this.calendar = calendar;
        this.database = database;
    }

    /** @param path under this installation's address; said once and kept nowhere */
    record Feed(String path) {}

    record FeedState(boolean exists) {}

    @GetMapping("/api/clients/{clientId}/visits.ics")
    @Transactional(readOnly = true)
    ResponseEntity<String> ofClient(@PathVariable UUID clientId, @AuthenticationPrincipal SignedIn who) {
        Client client = clients.require(clientId, who.roomId());
        return handed(visits.ofClient(client.id(), from(who.roomId()), calendar.now()));
    }

    /** One visit, to be sent to the client; moved and sent again it moves in their calendar as well. */
    @GetMapping("/api/clients/{clientId}/visits/{id}.ics")
    @Transactional(readOnly = true)
    ResponseEntity<String> invitation(
            @PathVariable UUID clientId, @PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        clients.require(clientId, who.roomId());
        return handed(visits.invitation(clientId, id, calendar.now()).orElseThrow(Problem::notFound));
    }

    @GetMapping("/api/calendar-feed")
    @Transactional(readOnly = true)
    FeedState state(@AuthenticationPrincipal SignedIn who) {
        return new FeedState(!database.queryForList(
                        "select account_id from calendar_feed where account_id = ?", UUID.class, who.accountId())
                .isEmpty());
    }

    /** A new private address; the one before opens nothing any more. */
    @PostMapping("/api/calendar-feed")
    @Transactional
    Feed make(@AuthenticationPrincipal SignedIn who) {
        String token = PrivateToken.fresh();
        database.update("""
                insert into calendar_feed (account_id, room_id, token_hash, made_at) values (?, ?, ?, now())
                on conflict (account_id) do update set token_hash = excluded.token_hash, made_at = excluded.made_at""", who.accountId(), who.roomId(), PrivateToken.hash(token));
        return new Feed("/api/link/calendar/" + token + ".ics");
    }

    /** Takes the private address back. */
    @DeleteMapping("/api/calendar-feed")
    @Transactional
    void revoke(@AuthenticationPrincipal SignedIn who) {
        database.update("delete from calendar_feed where account_id = ?", who.accountId());
    }

    /** The room's visits behind a private address; wrong, old and revoked ones are refused alike. */
    @GetMapping("/api/link/calendar/{token}.ics")
    @Transactional(readOnly = true)
    ResponseEntity<String> feed(@PathVariable String token) {
        List<UUID> rooms = database.queryForList(
                "select room_id from calendar_feed where token_hash = ?", UUID.class, PrivateToken.hash(token));
        if (rooms.isEmpty()) {
            throw Problem.notFound();
        }
        return handed(visits.ofRoom(rooms.get(0), from(rooms.get(0)), calendar.now()));
    }

    private LocalDate from(UUID roomId) {
        return calendar.today(roomId).minusDays(DAYS_BACK);
    }

    private static ResponseEntity<String> handed(Calendar visits) {
        return Download.text(CALENDAR, "visits.ics", visits.toString());
    }
}

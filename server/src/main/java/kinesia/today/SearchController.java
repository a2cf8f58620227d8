package kinesia.today;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import kinesia.account.SignedIn;
import kinesia.client.Clients;
import kinesia.room.RoomCatalogue;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** One box that finds clients, exercises, and sessions by their day or by what was noted. */
@RestController
class SearchController {
    private static final int MOST = 6;
    private static final int SHORTEST = 2;
    private static final int LONGEST = 80;

    private final Clients clients;
    private final RoomCatalogue rooms;
    private final JdbcTemplate database;

    SearchController(Clients clients, RoomCatalogue rooms, JdbcTemplate database) {
        this.clients = clients;
        this.rooms = rooms;
        this.database = database;
    }

    enum FoundKind {
        CLIENT,
        EXERCISE,
        SESSION
    }

    /**
     * @param id of the client or session; missing for an exercise
     * @param key of the exercise
     * @param about what was found in it; empty where the name says it
     */
    record Found(
            FoundKind kind,
            @Nullable UUID id,
            @Nullable String key,
            String name,
            @Nullable LocalDate on,
            String about) {}

    /** Up to six of each kind that hold all of {@code q}, in order of name, sessions the latest first. */
    @GetMapping("/api/search")
    @Transactional(readOnly = true)
    List<Found> search(@RequestParam String q, @AuthenticationPrincipal SignedIn who) {
        String wanted = q.strip().toLowerCase(Locale.ROOT);
        if (wanted.length() < SHORTEST || wanted.length() > LONGEST) {
            return List.of();
        }
        List<Found> found = new ArrayList<>();
        clients.findNames(who.roomId()).stream()
                .filter(c -> c.getName().toLowerCase(Locale.ROOT).contains(wanted))
                .limit(MOST)
                .forEach(c -> found.add(new Found(FoundKind.CLIENT, c.getId(), null, c.getName(), null, "")));
        rooms.outline(who.roomId()).model().catalogue().all().stream()
                .filter(e -> e.name().toLowerCase(Locale.ROOT).contains(wanted))
                .limit(MOST)
                .forEach(e -> found.add(new Found(FoundKind.EXERCISE, null, e.key(), e.name(), null, "")));
        found.addAll(database.query(
                """
                select t.id, c.name, t.visit_on, coalesce((select n.text from session_note n
                  where n.session_id = t.id and strpos(lower(n.text), ?) > 0 limit 1), '') as note
                from training_session t join client c on c.id = t.client_id
                where c.room_id = ? and (t.visit_on::text = ? or exists (select 1 from session_note n
                  where n.session_id = t.id and strpos(lower(n.text), ?) > 0))
                order by t.visit_on desc, c.name limit ?""",
                (row, n) -> new Found(
                        FoundKind.SESSION,
                        row.getObject(1, UUID.class),
                        null,
                        row.getString(2),
                        row.getObject(3, LocalDate.class),
                        row.getString(4)),
                wanted,
                who.roomId(),
                wanted,
                wanted,
                MOST));
        return found;
    }
}

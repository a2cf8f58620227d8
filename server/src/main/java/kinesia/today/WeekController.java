package kinesia.today;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import kinesia.account.RoomCalendar;
import kinesia.account.SignedIn;
import kinesia.shared.Download;
import kinesia.shared.Letter;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The room's booked visits of one week, to be seen and moved together. */
@RestController
class WeekController {
    private static final int DAYS = 7;
    private static final DateTimeFormatter WEEKDAY = DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.UK);

    private final JdbcTemplate database;
    private final RoomCalendar calendar;

    WeekController(JdbcTemplate database, RoomCalendar calendar) {
        this.database = database;
        this.calendar = calendar;
    }

    /** @param version goes back with a move */
    record BoardVisit(
            UUID id,
            long version,
            UUID clientId,
            String clientName,
            LocalDate on,
            LocalTime at,
            int minutes,
            UUID placeId) {}

    record WeekBoard(LocalDate today, LocalDate monday, List<BoardVisit> visits) {}

    /** @param of any day of that week; today where missing */
    @GetMapping("/api/week")
    @Transactional(readOnly = true)
    WeekBoard week(@RequestParam(required = false) @Nullable LocalDate of, @AuthenticationPrincipal SignedIn who) {
        LocalDate today = calendar.today(who.roomId());
        LocalDate monday = (of == null ? today : of).with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
        return new WeekBoard(
                today,
                monday,
                database.query(
                        """
                        select a.id, a.version, c.id, c.name, a.visit_on, a.starts_at, a.minutes, a.place_id
                        from appointment a join client c on c.id = a.client_id
                        where c.room_id = ? and a.visit_on >= ? and a.visit_on < ? and not a.cancelled
                        order by a.visit_on, a.starts_at, c.name""",
                        (row, n) -> new BoardVisit(
                                row.getObject(1, UUID.class),
                                row.getLong(2),
                                row.getObject(3, UUID.class),
                                row.getString(4),
                                row.getObject(5, LocalDate.class),
                                row.getObject(6, LocalTime.class),
                                row.getInt(7),
                                row.getObject(8, UUID.class)),
                        who.roomId(),
                        monday,
                        monday.plusDays(DAYS)));
    }

    /** The same for the wall. */
    @GetMapping("/api/week.pdf")
    @Transactional(readOnly = true)
    ResponseEntity<byte[]> paper(
            @RequestParam(required = false) @Nullable LocalDate of,
            @RequestParam(defaultValue = "A4") Letter.Paper paper,
            @AuthenticationPrincipal SignedIn who) {
        WeekBoard board = week(of, who);
        return Download.pdf("week-" + board.monday() + ".pdf", Letter.of("Week of " + board.monday(), paper, letter -> {
            letter.title("Week of " + Letter.day(board.monday()));
            for (int n = 0; n < DAYS; n++) {
                LocalDate day = board.monday().plusDays(n);
                List<BoardVisit> visits =
                        board.visits().stream().filter(v -> v.on().equals(day)).toList();
                letter.heading(WEEKDAY.format(day));
                if (visits.isEmpty()) {
                    letter.text("Nobody is booked.");
                }
                for (BoardVisit visit : visits) {
                    letter.pair(
                            visit.at() + " to " + visit.at().plusMinutes(visit.minutes()),
                            visit.clientName() + ", " + visit.minutes() + " minutes");
                }
            }
        }));
    }
}

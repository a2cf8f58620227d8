package kinesia.exchange;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import kinesia.account.RoomCalendar;
import kinesia.account.SignedIn;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** How long records are kept: the room's owner chooses, Kinesia says whose time is over, and a person erases. */
@RestController
class RetentionController {
    private final JdbcTemplate database;
    private final RoomCalendar calendar;

    RetentionController(JdbcTemplate database, RoomCalendar calendar) {
        this.database = database;
        this.calendar = calendar;
    }

    /**
     * @param keepMonths after the last visit; missing where nobody chose
     * @param backupDays that a backup is kept; missing where nobody chose
     */
    record Keeping(
            @Nullable
            @Min(value = 6, message = "from 6 to 360 months")
            @Max(value = 360, message = "from 6 to 360 months")
            Integer keepMonths,

            @Nullable
            @Min(value = 1, message = "from 1 to 3660 days")
            @Max(value = 3660, message = "from 1 to 3660 days")
            Integer backupDays) {}

    /** @param lastSeen the last visit, screen or review */
    record OverTime(UUID clientId, String name, LocalDate lastSeen) {}

    /** @param over whose time is over, the longest ago first */
    record RetentionView(Keeping keeping, List<OverTime> over) {}

    @GetMapping("/api/retention")
    @Transactional(readOnly = true)
    RetentionView now(@AuthenticationPrincipal SignedIn who) {
        Keeping keeping = Objects.requireNonNull(database.queryForObject(
                "select keep_months, backup_days from room where id = ?",
                (row, n) -> new Keeping(row.getObject(1, Integer.class), row.getObject(2, Integer.class)),
                who.roomId()));
        if (keeping.keepMonths() == null) {
            return new RetentionView(keeping, List.of());
        }
        LocalDate before = calendar.today(who.roomId()).minusMonths(keeping.keepMonths());
        return new RetentionView(
                keeping,
                database.query(
                        """
                        select id, name, seen from (
                          select c.id, c.name, greatest(
                            (select max(t.visit_on) from training_session t where t.client_id = c.id),
                            (select max(s.taken_on) from screen s where s.client_id = c.id),
                            (select max(a.visit_on) from appointment a where a.client_id = c.id and not a.cancelled),
                            (select max(r.taken_on) from block_review r where r.client_id = c.id)) as seen
                          from client c where c.room_id = ?) known
                        where seen < ? order by seen, name""",
                        (row, n) -> new OverTime(
                                row.getObject(1, UUID.class), row.getString(2), row.getObject(3, LocalDate.class)),
                        who.roomId(),
                        before));
    }

    @PutMapping("/api/retention")
    @Transactional
    RetentionView choose(@Valid @RequestBody Keeping keeping, @AuthenticationPrincipal SignedIn who) {
        database.update(
                "update room set keep_months = ?, backup_days = ? where id = ?",
                keeping.keepMonths(),
                keeping.backupDays(),
                who.roomId());
        return now(who);
    }
}

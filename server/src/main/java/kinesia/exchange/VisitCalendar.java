package kinesia.exchange;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.LastModified;
import net.fortuna.ical4j.model.property.Location;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Sequence;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableMethod;
import net.fortuna.ical4j.model.property.immutable.ImmutableStatus;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * Booked visits as iCalendar (RFC 5545). A visit keeps its UID and counts its changes, so that a calendar
 * moves it or strikes it out. Times are the room's own, without a zone.
 */
@Component
class VisitCalendar {
    private static final String APPOINTMENTS = """
            select a.id, c.name, a.visit_on, a.starts_at, a.minutes, p.name as place, a.cancelled, a.version, a.changed_at
            from appointment a join client c on c.id = a.client_id join place p on p.id = a.place_id where\s""";
    private static final String AT_HOME = """
            select h.id, c.name, h.due_on, h.withdrawn_at is not null, h.made_at
            from home_session h join client c on c.id = h.client_id where\s""";
    private final JdbcTemplate database;

    VisitCalendar(JdbcTemplate database) {
        this.database = database;
    }

    /** One entry of it. */
    private record Visit(
            UUID id,
            String words,
            String place,
            LocalDate on,
            LocalTime at,
            int minutes,
            boolean cancelled,
            int changes,
            Instant changedAt) {}

    /** All visits of a room from {@code from} on, those taken off included. */
    Calendar ofRoom(UUID roomId, LocalDate from, Instant now) {
        Calendar calendar =
                filled(visits("c.room_id = ? and a.visit_on >= ? order by a.visit_on, a.starts_at", roomId, from), now);
        return withHome(calendar, "c.room_id = ? and h.due_on >= ? order by h.due_on", roomId, from, now);
    }

    /** The visits of one client. */
    Calendar ofClient(UUID clientId, LocalDate from, Instant now) {
        Calendar calendar =
                filled(visits("a.client_id = ? and a.visit_on >= ? order by a.visit_on", clientId, from), now);
        return withHome(calendar, "h.client_id = ? and h.due_on >= ? order by h.due_on", clientId, from, now);
    }

    /** One visit of a client as an invitation, or as its cancelling; empty where there is none. */
    Optional<Calendar> invitation(UUID clientId, UUID visit, Instant now) {
        List<Visit> found = visits("a.id = ? and a.client_id = ?", visit, clientId);
        if (found.isEmpty()) {
            return Optional.empty();
        }
        Calendar calendar = filled(found, now);
        calendar.add(found.get(0).cancelled() ? ImmutableMethod.CANCEL : ImmutableMethod.REQUEST);
        return Optional.of(calendar);
    }

    /** Sessions to be done alone, as whole days. */
    private Calendar withHome(Calendar calendar, String which, UUID of, LocalDate from, Instant now) {
        database.query(
                AT_HOME + which,
                row -> {
                    VEvent event =
                            new VEvent(row.getObject(3, LocalDate.class), "Training at home, " + row.getString(2));
                    event.removeAll("DTSTAMP");
                    event.add(new DtStamp(now.truncatedTo(ChronoUnit.SECONDS)));
                    event.add(new Uid(row.getString(1) + "@kinesia"));
                    event.add(new Sequence(row.getBoolean(4) ? 1 : 0));
                    event.add(new LastModified(row.getTimestamp(5).toInstant().truncatedTo(ChronoUnit.SECONDS)));
                    event.add(row.getBoolean(4) ? ImmutableStatus.VEVENT_CANCELLED : ImmutableStatus.VEVENT_CONFIRMED);
                    calendar.add(event);
                },
                of,
                from);
        return calendar;
    }

    private List<Visit> visits(String which, Object... of) {
        return database.query(
                APPOINTMENTS + which,
                (row, n) -> new Visit(
                        row.getObject(1, UUID.class),
                        row.getString(2),
                        row.getString(6),
                        row.getObject(3, LocalDate.class),
                        row.getObject(4, LocalTime.class),
                        row.getInt(5),
                        row.getBoolean(7),
                        row.getInt(8),
                        row.getTimestamp(9).toInstant()),
                of);
    }

    private static Calendar empty() {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Kinesia//Visits//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        return calendar;
    }

    private static Calendar filled(List<Visit> visits, Instant now) {
        Calendar calendar = empty();
        for (Visit visit : visits) {
            LocalDateTime start = visit.on().atTime(visit.at());
            VEvent event = new VEvent(start, start.plusMinutes(visit.minutes()), "Training, " + visit.words());
            event.removeAll("DTSTAMP");
            event.add(new DtStamp(now.truncatedTo(ChronoUnit.SECONDS)));
            event.add(new Uid(visit.id() + "@kinesia"));
            event.add(new Sequence(visit.changes()));
            event.add(new LastModified(visit.changedAt().truncatedTo(ChronoUnit.SECONDS)));
            event.add(new Location(visit.place()));
            event.add(new Description(visit.minutes() + " minutes for the arms"));
            event.add(visit.cancelled() ? ImmutableStatus.VEVENT_CANCELLED : ImmutableStatus.VEVENT_CONFIRMED);
            calendar.add(event);
        }
        return calendar;
    }
}

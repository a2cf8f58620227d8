package kinesia.today;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.persistence.EntityManager;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import kinesia.account.Room;
import kinesia.account.RoomCalendar;
import kinesia.account.Rooms;
import kinesia.client.Client;
import kinesia.client.Clients;
import kinesia.core.exercise.Catalogue;
import kinesia.core.exercise.Place;
import kinesia.core.response.NextAction;
import kinesia.core.response.SessionRecord;
import kinesia.core.response.SignalRules;
import kinesia.core.response.SiteSignal;
import kinesia.core.response.TrainingHold;
import kinesia.core.screening.Assessment;
import kinesia.floor.TrainingSession;
import kinesia.floor.TrainingSession.Status;
import kinesia.floor.TrainingSessions;
import kinesia.plan.ClientDays;
import kinesia.plan.NextForecast;
import kinesia.plan.VisitPlanner;
import kinesia.response.SessionHistory;
import kinesia.screening.Standing;
import kinesia.screening.Standings;
import kinesia.shared.StoredJson;
import kinesia.today.TodayController.ClientToday;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * The clients of a room as the first page shows them. A row is worked out from the client's whole record, so it is kept until
 * something of that record changes, and worked out for a few clients at a time: a large room neither waits for all of it at
 * every look nor holds it in memory at once.
 */
@Component
class TodayRows {
    private static final Logger LOG = LoggerFactory.getLogger(TodayRows.class);
    private static final int AT_ONCE = 20;
    private static final int MOST_KEPT = 20_000;
    /** What of a client's record a row depends on, as one short text for each client. */
    private static final String MARKS = """
            select c.id, concat_ws('/', c.version,
              (select concat_ws(',', count(*), sum(version)) from training_session t where t.client_id = c.id),
              (select concat_ws(',', count(*), sum(m.version)) from morning_check m
                 join training_session t on t.id = m.session_id where t.client_id = c.id),
              (select count(*) from screen s where s.client_id = c.id),
              (select concat_ws(',', count(*), count(withdrawn_on)) from clearance l where l.client_id = c.id),
              (select count(*) from limit_change l where l.client_id = c.id),
              (select concat_ws(',', count(*), sum(version)) from appointment a where a.client_id = c.id),
              (select concat_ws(',', count(*), sum(version)) from training_block b where b.client_id = c.id),
              (select version from composition o where o.client_id = c.id),
              (select count(*) from ruling r where r.client_id = c.id),
              (select concat_ws(',', count(*), sum(version)) from place p where p.room_id = c.room_id)) as mark
            from client c where c.room_id = ?
            """;

    private final Clients clients;
    private final Standings standings;
    private final TrainingSessions sessions;
    private final SessionHistory history;
    private final VisitPlanner visits;
    private final ClientDays clientDays;
    private final NextForecast forecasts;
    private final JdbcClient database;
    private final EntityManager entities;
    private final Rooms rooms;
    private final RoomCalendar calendar;
    private final TransactionTemplate transactions;
    private final Cache<UUID, Kept> known =
            Caffeine.newBuilder().maximumSize(MOST_KEPT).build();

    TodayRows(
            Clients clients,
            Standings standings,
            TrainingSessions sessions,
            SessionHistory history,
            VisitPlanner visits,
            ClientDays clientDays,
            NextForecast forecasts,
            JdbcClient database,
            EntityManager entities,
            Rooms rooms,
            RoomCalendar calendar,
            TransactionTemplate transactions) {
        this.clients = clients;
        this.standings = standings;
        this.sessions = sessions;
        this.history = history;
        this.visits = visits;
        this.clientDays = clientDays;
        this.forecasts = forecasts;
        this.database = database;
        this.entities = entities;
        this.rooms = rooms;
        this.calendar = calendar;
        this.transactions = transactions;
    }

    /** Works out ahead, at the start and when a day has begun, what the first look would wait for. */
    @Scheduled(initialDelay = 1_000, fixedDelay = 300_000)
    void ahead() {
        try {
            for (Room room : rooms.findAll()) {
                transactions.executeWithoutResult(status -> of(room.id(), calendar.today(room.id())));
            }
        } catch (DataAccessException | TransactionException e) {
            LOG.debug("not now", e); // whoever looks works it out
        }
    }

    private record Kept(LocalDate today, String mark, ClientToday row) {}

    /** The row of each client of the room on {@code today}, in no order. */
    List<ClientToday> of(UUID roomId, LocalDate today) {
        Map<UUID, String> marks = new HashMap<>();
        database.sql(MARKS).param(roomId).query(found -> {
            marks.put(found.getObject(1, UUID.class), found.getString(2));
        });
        List<ClientToday> rows = new ArrayList<>();
        List<UUID> changed = new ArrayList<>();
        marks.forEach((id, mark) -> {
            Kept kept = known.getIfPresent(id);
            if (kept != null && kept.today().equals(today) && kept.mark().equals(mark)) {
                rows.add(kept.row());
            } else {
                changed.add(id);
            }
        });
        for (int i = 0; i < changed.size(); i += AT_ONCE) {
            List<UUID> some = changed.subList(i, Math.min(changed.size(), i + AT_ONCE));
            for (ClientToday row : workedOut(some, roomId, today)) {
                rows.add(row);
                known.put(row.id(), new Kept(today, marks.get(row.id()), row));
            }
            entities.clear();
        }
        return rows;
    }

    private List<ClientToday> workedOut(List<UUID> ids, UUID roomId, LocalDate today) {
        try {
            return together(ids, roomId, today);
        } catch (StoredJson.Unreadable e) {
            // One record that cannot be read takes nothing from the others.
            LOG.warn("a record cannot be read: {}", e.getMessage());
            return ids.stream().map(id -> alone(id, roomId, today)).toList();
        }
    }

    private ClientToday alone(UUID id, UUID roomId, LocalDate today) {
        try {
            return together(List.of(id), roomId, today).get(0);
        } catch (StoredJson.Unreadable e) {
            Client client = clients.findById(id).orElseThrow();
            return new ClientToday(
                    id,
                    client.name(),
                    client.ageOn(today),
                    "",
                    0,
                    null,
                    null,
                    null,
                    null,
                    null,
                    NextAction.HELD,
                    today,
                    null,
                    null,
                    null,
                    List.of(),
                    null,
                    "Something in this client's record cannot be read, so nothing is proposed. It is kept as it is.");
        }
    }

    private List<ClientToday> together(List<UUID> ids, UUID roomId, LocalDate today) {
        Catalogue catalogue = visits.catalogue(roomId);
        Map<UUID, List<SessionHistory.Entry>> entries = history.outline(ids, today);
        Map<UUID, Standing> standing = standings.ofAll(ids, today);
        Map<UUID, TrainingSession> open =
                sessions.findByClientIdInAndStatusIn(ids, List.of(Status.PLANNED, Status.RUNNING)).stream()
                        .collect(Collectors.toMap(TrainingSession::clientId, Function.identity()));
        Map<UUID, Long> ended = sessions.countEnded(ids).stream()
                .collect(Collectors.toMap(TrainingSessions.Ended::getClientId, TrainingSessions.Ended::getEnded));
        List<Client> all = clients.findAllById(ids);
        Map<UUID, ClientDays.Days> days = clientDays.ofAll(all, today);
        return all.stream()
                .map(c -> row(
                        c,
                        Objects.requireNonNull(days.get(c.id())),
                        ended.getOrDefault(c.id(), 0L).intValue(),
                        standing.getOrDefault(c.id(), Standing.UNSCREENED),
                        open.get(c.id()),
                        entries.getOrDefault(c.id(), List.of()),
                        catalogue,
                        today))
                .toList();
    }

    private ClientToday row(
            Client client,
            ClientDays.Days days,
            int ended,
            Standing standing,
            @Nullable TrainingSession open,
            List<SessionHistory.Entry> entries,
            Catalogue catalogue,
            LocalDate today) {
        List<SessionRecord> records =
                entries.stream().map(SessionHistory.Entry::record).toList();
        SessionHistory.Entry last = entries.isEmpty() ? null : entries.get(entries.size() - 1);
        List<Map<Place, SiteSignal>> judged = SignalRules.judge(records);
        Collection<SiteSignal> signals =
                judged.isEmpty() ? List.of() : judged.get(judged.size() - 1).values();
        boolean morningDue = last != null && last.record().isMorningDue(today);
        LocalDate day = visits.firstDay(client, days, standing, records, judged, today, catalogue);
        TrainingHold hold = standing.hold(client.stop());
        NextAction action = NextAction.of(hold, open != null, morningDue, day.equals(today));
        // What is to be done before the visit has no time of day of its own.
        ClientDays.Booked booked = action == NextAction.SESSION || action == NextAction.REST ? days.on(day) : null;
        UUID sessionId = switch (action) {
            case CONTINUE_SESSION -> open == null ? null : open.id();
            case MORNING_CHECK -> last == null ? null : last.sessionId();
            default -> null;
        };
        Assessment assessment = standing.assessment();
        return new ClientToday(
                client.id(),
                client.name(),
                client.ageOn(today),
                client.details().life(),
                ended,
                last == null ? null : last.record().on(),
                last == null ? null : SignalRules.worst(signals),
                signals.stream()
                        .max(Comparator.comparing(SiteSignal::signal))
                        .map(SiteSignal::reason)
                        .orElse(null),
                action == NextAction.SESSION
                        ? forecasts.of(client, days, standing, day).orElse(null)
                        : null,
                assessment == null ? null : assessment.outcome(),
                action,
                action == NextAction.REST ? day : today,
                booked == null ? null : booked.at(),
                booked == null ? null : booked.minutes(),
                sessionId,
                standing.soreSites().stream().map(s -> s.words()).toList(),
                standing.lookAgainOn().filter(due -> !due.isAfter(today)).orElse(null),
                null);
    }
}

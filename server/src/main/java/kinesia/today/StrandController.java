package kinesia.today;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import kinesia.account.RoomCalendar;
import kinesia.account.SignedIn;
import kinesia.client.Client;
import kinesia.client.Clients;
import kinesia.core.exercise.Place;
import kinesia.core.response.NextVisit;
import kinesia.core.response.SessionRecord;
import kinesia.core.response.Signal;
import kinesia.core.response.SignalRules;
import kinesia.core.response.SiteSignal;
import kinesia.floor.SetLogs;
import kinesia.floor.TrainingSession;
import kinesia.floor.TrainingSession.Status;
import kinesia.floor.TrainingSessions;
import kinesia.plan.ClientDays;
import kinesia.plan.VisitPlanner;
import kinesia.response.MorningChecks;
import kinesia.response.SessionHistory;
import kinesia.screening.Screens;
import kinesia.screening.Standing;
import kinesia.screening.Standings;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What hangs on a client's line of time, half a year at a time. */
@RestController
class StrandController {
    private final Clients clients;
    private final Screens screens;
    private final Standings standings;
    private final SessionHistory history;
    private final TrainingSessions sessions;
    private final SetLogs sets;
    private final MorningChecks mornings;
    private final VisitPlanner visits;
    private final ClientDays clientDays;
    private final RoomCalendar calendar;

    StrandController(
            Clients clients,
            Screens screens,
            Standings standings,
            SessionHistory history,
            TrainingSessions sessions,
            SetLogs sets,
            MorningChecks mornings,
            VisitPlanner visits,
            ClientDays clientDays,
            RoomCalendar calendar) {
        this.clients = clients;
        this.screens = screens;
        this.standings = standings;
        this.history = history;
        this.sessions = sessions;
        this.sets = sets;
        this.mornings = mornings;
        this.visits = visits;
        this.clientDays = clientDays;
        this.calendar = calendar;
    }

    /** One thing on a client's line of time. */
    record StrandItem(
            LocalDate on,
            Kind kind,
            @Nullable UUID id,
            String words,
            @Nullable Signal signal,
            @Nullable Status status) {
        enum Kind {
            SCREEN,
            SESSION,
            MORNING,
            LIMITS_DUE,
            NEXT
        }

        static StrandItem session(LocalDate on, UUID id, long sets, Signal signal, Status status) {
            return new StrandItem(on, Kind.SESSION, id, "Session, " + sets + " sets", signal, status);
        }

        static StrandItem morning(LocalDate sessionOn, UUID id, Signal signal) {
            return new StrandItem(sessionOn.plusDays(1), Kind.MORNING, id, "Morning check", signal, null);
        }
    }

    /** @param before the day to ask for what came earlier; missing when these are all */
    record Strand(
            LocalDate today,
            List<StrandItem> items,
            @Nullable LocalDate before) {}

    /**
     * The half year up to the client's last session with what comes next, or the half year before a day.
     *
     * @param before the day that an answer named; missing for what is latest
     */
    @GetMapping("/api/clients/{clientId}/strand")
    @Transactional(readOnly = true)
    Strand strand(
            @PathVariable UUID clientId,
            @RequestParam(required = false) @Nullable LocalDate before,
            @AuthenticationPrincipal SignedIn who) {
        Client client = clients.require(clientId, who.roomId());
        LocalDate today = calendar.today(who.roomId());
        LocalDate end = before == null ? sessions.findLastEnded(clientId).orElse(today) : before;
        LocalDate from = end.minusDays(NextVisit.LOOKS_BACK_DAYS);
        List<StrandItem> items = new ArrayList<>();
        boolean screenedEarlier = false;
        for (Screens.Line screen : screens.findLines(clientId)) {
            LocalDate on = screen.getTakenOn();
            screenedEarlier |= on.isBefore(from);
            if (!on.isBefore(from) && (before == null || on.isBefore(before))) {
                items.add(new StrandItem(on, StrandItem.Kind.SCREEN, screen.getId(), "Screen", null, null));
            }
        }
        items.addAll(before == null ? latest(client, today) : earlier(clientId, from, before));
        items.sort(Comparator.comparing(StrandItem::on).thenComparing(StrandItem::kind));
        boolean more = screenedEarlier || sessions.existsByClientIdAndVisitOnBefore(clientId, from);
        return new Strand(today, items, more ? from : null);
    }

    private List<StrandItem> latest(Client client, LocalDate today) {
        List<SessionHistory.Entry> entries =
                history.outline(List.of(client.id()), today).getOrDefault(client.id(), List.of());
        Map<UUID, Long> counts =
                sets
                        .countBySession(entries.stream()
                                .map(SessionHistory.Entry::sessionId)
                                .toList())
                        .stream()
                        .collect(Collectors.toMap(SetLogs.Count::getSessionId, SetLogs.Count::getSets));
        List<SessionRecord> records =
                entries.stream().map(SessionHistory.Entry::record).toList();
        List<Map<Place, SiteSignal>> signals = SignalRules.judge(records);
        List<StrandItem> items = new ArrayList<>();
        for (int i = 0; i < entries.size(); i++) {
            SessionHistory.Entry entry = entries.get(i);
            Signal signal = SignalRules.worst(signals.get(i).values());
            SessionRecord record = entry.record();
            items.add(StrandItem.session(
                    record.on(),
                    entry.sessionId(),
                    counts.getOrDefault(entry.sessionId(), 0L),
                    signal,
                    entry.status()));
            if (record.morning() != null) {
                items.add(StrandItem.morning(record.on(), entry.sessionId(), signal));
            }
        }
        Standing standing = standings.of(client.id(), today);
        standing.lookAgainOn()
                .ifPresent(due -> items.add(
                        new StrandItem(due, StrandItem.Kind.LIMITS_DUE, null, "Look at the limits again", null, null)));
        LocalDate lastOn =
                records.isEmpty() ? null : records.get(records.size() - 1).on();
        List<SiteSignal> lastSignals = signals.isEmpty()
                ? List.of()
                : List.copyOf(signals.get(signals.size() - 1).values());
        if (standing.hold(client.stop()) == null) {
            LocalDate day = visits.firstDay(
                    client,
                    clientDays.of(client, today),
                    standing,
                    records,
                    signals,
                    today,
                    visits.catalogue(client.roomId()));
            items.add(new StrandItem(day, StrandItem.Kind.NEXT, null, "Next session", null, null));
        }
        return items;
    }

    /** Sessions that are no longer read whole; their signals are those that the session after each was planned on. */
    private List<StrandItem> earlier(UUID clientId, LocalDate from, LocalDate before) {
        List<TrainingSession> done =
                new ArrayList<>(sessions.findByClientIdAndVisitOnGreaterThanEqualAndVisitOnBeforeOrderByVisitOn(
                        clientId, from, before));
        List<UUID> ids = done.stream().map(TrainingSession::id).toList();
        Map<UUID, Long> counts = sets.countBySession(ids).stream()
                .collect(Collectors.toMap(SetLogs.Count::getSessionId, SetLogs.Count::getSets));
        Set<UUID> answered = mornings.findAnswered(ids);
        sessions.findFirstByClientIdAndVisitOnGreaterThanEqualOrderByVisitOn(clientId, before)
                .ifPresent(done::add);
        List<StrandItem> items = new ArrayList<>();
        for (int i = 0; i < ids.size(); i++) {
            TrainingSession session = done.get(i);
            Signal signal =
                    SignalRules.worst(i + 1 < done.size() ? done.get(i + 1).signals() : List.of());
            items.add(StrandItem.session(
                    session.visitOn(), session.id(), counts.getOrDefault(session.id(), 0L), signal, session.status()));
            if (answered.contains(session.id())) {
                items.add(StrandItem.morning(session.visitOn(), session.id(), signal));
            }
        }
        return items;
    }
}

package kinesia.today;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import kinesia.account.RoomCalendar;
import kinesia.account.SignedIn;
import kinesia.client.Client;
import kinesia.client.Clients;
import kinesia.core.response.SessionRecord;
import kinesia.core.response.Signal;
import kinesia.core.response.SignalRules;
import kinesia.core.response.SiteSignal;
import kinesia.core.screening.Assessment;
import kinesia.core.screening.Limit;
import kinesia.core.screening.Outcome;
import kinesia.floor.TrainingSession.Status;
import kinesia.plan.VisitPlanner;
import kinesia.response.SessionHistory;
import kinesia.screening.Screen;
import kinesia.screening.Screens;
import kinesia.screening.Standing;
import kinesia.screening.Standings;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** Who is to be looked after today, and what hangs on a client's line of time. */
@RestController
class TodayController {
    private final Clients clients;
    private final Screens screens;
    private final Standings standings;
    private final TodayRows rows;
    private final SessionHistory history;
    private final VisitPlanner visits;
    private final RoomCalendar calendar;

    TodayController(
            Clients clients,
            Screens screens,
            Standings standings,
            TodayRows rows,
            SessionHistory history,
            VisitPlanner visits,
            RoomCalendar calendar) {
        this.clients = clients;
        this.screens = screens;
        this.standings = standings;
        this.rows = rows;
        this.history = history;
        this.visits = visits;
        this.calendar = calendar;
    }

    /** The one thing to do next with a client. */
    enum NextAction {
        SCREEN,
        HELD,
        CONTINUE_SESSION,
        MORNING_CHECK,
        SESSION,
        REST
    }

    /**
     * @param on the day the next action is for
     * @param sessionId the open session or the one whose morning is asked; missing for the others
     * @param signal the worst signal of the last session; missing before the first
     * @param unreadable what of the client's record cannot be read, in words; missing as a rule
     * @param reviewDue the day since when limits or a clearance are to be looked at again; missing while none is
     */
    record ClientToday(
            UUID id,
            String name,
            int age,
            String life,
            int sessions,
            @Nullable LocalDate lastOn,
            @Nullable Signal signal,
            @Nullable Outcome outcome,
            NextAction action,
            LocalDate on,
            @Nullable UUID sessionId,
            List<String> sorePlaces,
            @Nullable LocalDate reviewDue,
            @Nullable String unreadable) {}

    record TodayView(LocalDate today, List<ClientToday> clients) {}

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
    }

    record Strand(LocalDate today, List<StrandItem> items) {}

    @GetMapping("/api/today")
    @Transactional(readOnly = true)
    TodayView today(@AuthenticationPrincipal SignedIn who) {
        LocalDate today = calendar.today(who.roomId());
        List<ClientToday> sorted = rows.of(who.roomId(), today).stream()
                .sorted(Comparator.comparing(ClientToday::on).thenComparing(ClientToday::name))
                .toList();
        return new TodayView(today, sorted);
    }

    @GetMapping("/api/clients/{clientId}/strand")
    @Transactional(readOnly = true)
    Strand strand(@PathVariable UUID clientId, @AuthenticationPrincipal SignedIn who) {
        Client client = clients.require(clientId, who.roomId());
        LocalDate today = calendar.today(who.roomId());
        List<SessionHistory.Entry> entries = history.of(client.id(), null);
        List<Map<SessionRecord.Place, SiteSignal>> signals = SignalRules.judge(
                entries.stream().map(SessionHistory.Entry::record).toList());
        List<StrandItem> items = new ArrayList<>();
        List<Screen> taken = screens.findByClientIdOrderByTakenAt(clientId);
        for (Screen screen : taken) {
            items.add(new StrandItem(screen.takenOn(), StrandItem.Kind.SCREEN, screen.id(), "Screen", null, null));
        }
        for (int i = 0; i < entries.size(); i++) {
            SessionHistory.Entry entry = entries.get(i);
            items.add(new StrandItem(
                    entry.record().on(),
                    StrandItem.Kind.SESSION,
                    entry.sessionId(),
                    "Session, " + entry.record().sets().size() + " sets",
                    worst(signals.get(i)),
                    entry.status()));
            if (entry.record().morning() != null) {
                items.add(new StrandItem(
                        entry.record().on().plusDays(1),
                        StrandItem.Kind.MORNING,
                        entry.sessionId(),
                        "Morning check",
                        worst(signals.get(i)),
                        null));
            }
        }
        Standing standing = standings.of(clientId, today);
        if (standing.screen() != null) {
            due(standing)
                    .ifPresent(due -> items.add(new StrandItem(
                            due, StrandItem.Kind.LIMITS_DUE, null, "Look at the limits again", null, null)));
        }
        Screen latest = standing.screen();
        Assessment assessment = standing.assessment();
        SessionHistory.Entry last = entries.isEmpty() ? null : entries.get(entries.size() - 1);
        Signal signal = last == null ? null : worst(signals.get(signals.size() - 1));
        if (latest != null && assessment != null && !isHeld(client, latest, assessment, last, signal)) {
            LocalDate day = visits.firstDay(
                    client,
                    standing,
                    entries.stream().map(SessionHistory.Entry::record).toList(),
                    today);
            items.add(new StrandItem(day, StrandItem.Kind.NEXT, null, "Next session", null, null));
        }
        items.sort(Comparator.comparing(StrandItem::on).thenComparing(StrandItem::kind));
        return new Strand(today, items);
    }

    /** When something is to be looked at again: a limit, or the end of a clearance that the screen rests on. */
    static Optional<LocalDate> due(Standing standing) {
        Assessment assessment = standing.assessment();
        LocalDate cleared = assessment == null ? null : assessment.clearedUntil();
        return Stream.concat(standing.inForce().limits().stream().map(Limit::lookAgainOn), Stream.ofNullable(cleared))
                .min(Comparator.naturalOrder());
    }

    static @Nullable LocalDate reviewDue(Standing standing, LocalDate today) {
        return due(standing).filter(day -> !day.isAfter(today)).orElse(null);
    }

    /** Whether nothing may be planned before somebody has looked or screened again. */
    static boolean isHeld(
            Client client,
            Screen screen,
            Assessment assessment,
            SessionHistory.@Nullable Entry last,
            @Nullable Signal signal) {
        return client.holdReason() != null
                || !assessment.allowsPlanning()
                || (signal == Signal.REFER
                        && last != null
                        && !screen.takenOn().isAfter(last.record().on()));
    }

    static @Nullable Signal worst(Map<SessionRecord.Place, SiteSignal> signals) {
        return signals.values().stream()
                .map(SiteSignal::signal)
                .max(Comparator.naturalOrder())
                .orElse(Signal.GO);
    }
}

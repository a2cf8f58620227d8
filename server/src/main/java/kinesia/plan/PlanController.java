package kinesia.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import kinesia.account.RoomCalendar;
import kinesia.account.SignedIn;
import kinesia.client.Client;
import kinesia.client.Clients;
import kinesia.core.plan.Door;
import kinesia.core.plan.Plan;
import kinesia.core.reason.Reason;
import kinesia.core.response.Changes.Change;
import kinesia.core.response.IfItHurts;
import kinesia.core.response.LearnedPlace;
import kinesia.core.response.ReferralDraft;
import kinesia.core.response.SessionRecord;
import kinesia.core.response.SiteSignal;
import kinesia.floor.DoorAnswers;
import kinesia.floor.SessionPlans;
import kinesia.floor.TrainingSession;
import kinesia.floor.TrainingSession.Status;
import kinesia.floor.TrainingSessions;
import kinesia.response.SessionHistory;
import kinesia.room.Place;
import kinesia.screening.Standing;
import kinesia.screening.Standings;
import kinesia.shared.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The next session: a preview at any time, and the real one after the door check. */
@RestController
class PlanController {
    private final Clients clients;
    private final Standings standings;
    private final SessionHistory history;
    private final TrainingSessions sessions;
    private final SessionPlans plans;
    private final VisitPlanner visits;
    private final Compositions compositions;
    private final RulingBook rulings;
    private final ClientDays clientDays;
    private final RoomCalendar calendar;

    PlanController(
            Clients clients,
            Standings standings,
            SessionHistory history,
            TrainingSessions sessions,
            SessionPlans plans,
            VisitPlanner visits,
            Compositions compositions,
            RulingBook rulings,
            ClientDays clientDays,
            RoomCalendar calendar) {
        this.clients = clients;
        this.standings = standings;
        this.history = history;
        this.sessions = sessions;
        this.plans = plans;
        this.visits = visits;
        this.compositions = compositions;
        this.rulings = rulings;
        this.clientDays = clientDays;
        this.calendar = calendar;
    }

    /**
     * What would be done next.
     *
     * @param visitOn the day that is booked, or else the first it may be done
     * @param booked what is booked on that day; missing when nothing is
     * @param openSessionId a session already planned or running
     * @param learned what each sore place takes, what each exercise asks of it, and how it will answer this visit
     * @param referralDraft what was logged of places to refer, in words; empty where there are none
     * @param plan missing when nothing can be planned; then {@code refusals} and {@code whatToDo} say why
     */
    record NextView(
            UUID clientId,
            LocalDate today,
            LocalDate visitOn,
            ClientDays.@Nullable Booked booked,
            String placeName,
            @Nullable UUID openSessionId,
            @Nullable Plan plan,
            List<Reason> refusals,
            List<String> whatToDo,
            List<SiteSignal> signals,
            List<Change> changes,
            String referralDraft,
            @Nullable UUID morningFor,
            List<LearnedPlace> learned,
            @Nullable IfItHurts ifItHurts) {}

    /** The session made, or why there is none. */
    record Planned(@Nullable UUID sessionId, List<Reason> refusals, List<String> whatToDo) {}

    @GetMapping("/api/clients/{clientId}/next")
    @Transactional(readOnly = true)
    NextView next(@PathVariable UUID clientId, @AuthenticationPrincipal SignedIn who) {
        Client client = clients.require(clientId, who.roomId());
        LocalDate today = calendar.today(who.roomId());
        List<SessionHistory.Entry> entries = history.of(clientId, null);
        List<SessionRecord> records =
                entries.stream().map(SessionHistory.Entry::record).toList();
        Standing standing = standings.of(clientId, today);
        ClientDays.Days days = clientDays.of(client, today);
        LocalDate day = visits.firstDay(client, days, standing, records, today);
        Composition composition = compositions.of(clientId);
        ClientDays.Booked booked = days.on(day);
        Place place = clientDays.place(client, composition.placeId(), booked);
        VisitPlanner.Outcome outcome = visits.plan(
                client,
                days,
                place.equipment(),
                standing,
                records,
                day,
                Door.quiet(),
                composition,
                rulings.of(clientId, records));
        Plan plan = outcome.result().plan();
        return new NextView(
                clientId,
                today,
                day,
                booked,
                place.name(),
                open(clientId),
                plan,
                outcome.result().refusals(),
                outcome.whatToDo(),
                outcome.signals(),
                outcome.changes(),
                ReferralDraft.of(records, today),
                unanswered(entries, today),
                visits.learned(client, standing, records, day, plan),
                plan == null ? null : IfItHurts.of(plan, outcome.soreSites()));
    }

    /** Plans today's visit after the door check, under an id made by the page. An open session is returned instead. */
    @PutMapping("/api/clients/{clientId}/sessions/{id}")
    @Transactional
    Planned plan(
            @PathVariable UUID clientId,
            @PathVariable UUID id,
            @RequestBody DoorAnswers door,
            @AuthenticationPrincipal SignedIn who) {
        Client client = clients.require(clientId, who.roomId());
        UUID open = open(clientId);
        if (open != null) {
            return new Planned(open, List.of(), List.of());
        }
        TrainingSession known = sessions.findById(id).orElse(null);
        if (known != null) {
            if (!known.clientId().equals(clientId)) {
                throw Problem.notFound();
            }
            return new Planned(id, List.of(), List.of());
        }
        List<SessionRecord> records = history.of(clientId, door.sites()).stream()
                .map(SessionHistory.Entry::record)
                .toList();
        LocalDate today = calendar.today(who.roomId());
        ClientDays.Days days = clientDays.of(client, today);
        Composition composition = compositions.of(clientId);
        Place place = clientDays.place(
                client, door.placeId() == null ? composition.placeId() : door.placeId(), days.on(today));
        DoorAnswers here = door.at(place.id().equals(client.place().id()) ? null : place.id());
        VisitPlanner.Outcome outcome = visits.plan(
                client,
                days,
                place.equipment(),
                standings.of(clientId, today),
                records,
                today,
                door.door(),
                composition,
                rulings.of(clientId, records));
        Plan plan = outcome.result().plan();
        if (plan == null) {
            return new Planned(null, outcome.result().refusals(), outcome.whatToDo());
        }
        sessions.saveAndFlush(new TrainingSession(
                id, clientId, today, outcome.soreSites(), here, outcome.changes(), outcome.signals(), who.name()));
        plans.keep(id, plan);
        rulings.begun(id, client, records, outcome.changes(), who.name());
        return new Planned(id, List.of(), List.of());
    }

    private @Nullable UUID open(UUID clientId) {
        return sessions.findFirstByClientIdAndStatusIn(clientId, Set.of(Status.PLANNED, Status.RUNNING))
                .map(TrainingSession::id)
                .orElse(null);
    }

    private static @Nullable UUID unanswered(List<SessionHistory.Entry> entries, LocalDate today) {
        if (entries.isEmpty()) {
            return null;
        }
        SessionHistory.Entry last = entries.get(entries.size() - 1);
        return last.record().isMorningDue(today) ? last.sessionId() : null;
    }
}

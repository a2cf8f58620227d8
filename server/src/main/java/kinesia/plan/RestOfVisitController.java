package kinesia.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import kinesia.account.SignedIn;
import kinesia.client.Client;
import kinesia.client.Clients;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Place;
import kinesia.core.exercise.Site;
import kinesia.core.plan.Plan;
import kinesia.core.response.Changes.Change;
import kinesia.core.response.RestOfVisit;
import kinesia.core.response.SessionRecord;
import kinesia.core.screening.PainScore;
import kinesia.floor.SessionPlans;
import kinesia.floor.SetLogs;
import kinesia.floor.TrainingSession;
import kinesia.floor.TrainingSessions;
import kinesia.response.SessionHistory;
import kinesia.screening.Standings;
import kinesia.shared.Problem;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The rest of a visit in which a place has hurt: proposed, and kept when the trainer takes it. */
@RestController
class RestOfVisitController {
    private final TrainingSessions sessions;
    private final SessionPlans plans;
    private final SetLogs logs;
    private final Clients clients;
    private final Standings standings;
    private final SessionHistory history;
    private final VisitPlanner visits;
    private final Compositions compositions;
    private final ClientDays clientDays;

    RestOfVisitController(
            TrainingSessions sessions,
            SessionPlans plans,
            SetLogs logs,
            Clients clients,
            Standings standings,
            SessionHistory history,
            VisitPlanner visits,
            Compositions compositions,
            ClientDays clientDays) {
        this.sessions = sessions;
        this.plans = plans;
        this.logs = logs;
        this.clients = clients;
        this.standings = standings;
        this.history = history;
        this.visits = visits;
        this.compositions = compositions;
        this.clientDays = clientDays;
    }

    /**
     * What hurt in a set of this session.
     *
     * @param ends whether the exercise ends with it
     */
    record HurtNow(String exerciseKey, Site site, Side side, PainScore pain, boolean ends) {}

    /** What changes in the rest of the visit; empty where nothing has to. */
    record RestView(List<Change> changes) {}

    /** Proposes; nothing is stored. */
    @PostMapping("/api/sessions/{id}/rest")
    @Transactional(readOnly = true)
    RestView propose(@PathVariable UUID id, @RequestBody HurtNow hurt, @AuthenticationPrincipal SignedIn who) {
        TrainingSession session = sessions.findById(id).orElseThrow(Problem::notFound);
        return view(rest(session, hurt, who));
    }

    /** Takes what is proposed for the session as it stands now. Twice is once: then nothing is left to change. */
    @PutMapping("/api/sessions/{id}/rest")
    @Transactional
    RestView take(@PathVariable UUID id, @RequestBody HurtNow hurt, @AuthenticationPrincipal SignedIn who) {
        TrainingSession session = sessions.lock(id).orElseThrow(Problem::notFound);
        Optional<RestOfVisit.Rest> rest = rest(session, hurt, who);
        rest.ifPresent(r -> plans.change(id, r.plan()));
        return view(rest);
    }

    private static RestView view(Optional<RestOfVisit.Rest> rest) {
        return new RestView(rest.map(RestOfVisit.Rest::changes).orElse(List.of()));
    }

    private Optional<RestOfVisit.Rest> rest(TrainingSession session, HurtNow said, SignedIn who) {
        Client client = clients.require(session.clientId(), who.roomId());
        if (!session.isOpen()) {
            throw Problem.refused("This session is over; its plan stays as it is.");
        }
        Plan plan = plans.of(session.id());
        if (plan.slots().stream().noneMatch(s -> s.exerciseKey().equals(said.exerciseKey()))) {
            throw Problem.invalid(List.of(new Problem.Field("exerciseKey", "is not an exercise of this session")));
        }
        Set<String> begun = logs.findBySessionIdAndUndoneFalseOrderByLoggedAt(session.id()).stream()
                .map(l -> l.set(session.visitOn()).exerciseKey())
                .collect(Collectors.toSet());
        LocalDate day = session.visitOn();
        List<SessionRecord> records = history.of(client.id(), session.door().sites()).stream()
                .map(SessionHistory.Entry::record)
                .toList();
        ClientDays.Days days = clientDays.of(client, day);
        Composition composition = compositions.of(client.id());
        return visits.rest(
                new VisitPlanner.Booked(
                        client,
                        days,
                        clientDays
                                .place(client, session.door().placeId(), days.on(day))
                                .equipment(),
                        standings.of(client.id(), day),
                        records,
                        day,
                        session.door().door(),
                        composition),
                plan,
                begun,
                new VisitPlanner.HurtIn(
                        said.exerciseKey(), new Place(said.site(), said.side()), said.pain(), said.ends()));
    }
}

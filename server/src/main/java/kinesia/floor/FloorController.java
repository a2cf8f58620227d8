package kinesia.floor;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import kinesia.account.RoomCalendar;
import kinesia.account.SignedIn;
import kinesia.client.Client;
import kinesia.client.ClientDetails;
import kinesia.client.Clients;
import kinesia.core.arm.Side;
import kinesia.core.dose.Effort;
import kinesia.core.dose.Equipment;
import kinesia.core.dose.Load;
import kinesia.core.dose.LoggedSet;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.dose.SaidEffort;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Figure;
import kinesia.core.exercise.Site;
import kinesia.core.plan.Plan;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.plan.SoreSite;
import kinesia.core.reason.Reason;
import kinesia.core.response.Changes.Change;
import kinesia.core.response.InSession;
import kinesia.core.response.SiteSignal;
import kinesia.core.screening.Assessment;
import kinesia.core.screening.PainScore;
import kinesia.room.Place;
import kinesia.room.Places;
import kinesia.screening.Standings;
import kinesia.shared.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The floor: one set at a time, logged once, undone rather than confirmed. */
@RestController
class FloorController {
    private static final int LONGEST_SIGN = 500;

    private final TrainingSessions sessions;
    private final SessionPlans plans;
    private final SetLogs logs;
    private final Clients clients;
    private final Places places;
    private final Standings standings;
    private final ExerciseModel model;
    private final RoomCalendar calendar;

    FloorController(
            TrainingSessions sessions,
            SessionPlans plans,
            SetLogs logs,
            Clients clients,
            Places places,
            Standings standings,
            ExerciseModel model,
            RoomCalendar calendar) {
        this.places = places;
        this.standings = standings;
        this.sessions = sessions;
        this.plans = plans;
        this.logs = logs;
        this.clients = clients;
        this.model = model;
        this.calendar = calendar;
    }

    /** What the floor and plan screens need of one slot beyond the plan. */
    record SlotGuide(
            String exerciseKey,
            Figure figure,
            List<Load> loads,
            List<String> setUp,
            String up,
            String down,
            String danger,
            List<SaidEffort> said,
            List<String> cues,
            String breathing,
            List<String> faults,
            String landmark) {}

    record SetView(UUID id, LoggedSet set, List<String> faults) {}

    record SessionView(
            UUID id,
            UUID clientId,
            String clientName,
            ClientDetails.Units units,
            LocalDate visitOn,
            TrainingSession.Status status,
            @Nullable String stopSign,
            Plan plan,
            List<SlotGuide> guides,
            List<SoreSite> soreSites,
            List<Change> changes,
            List<SiteSignal> signals,
            List<SetView> sets,
            Map<String, InSession.Advice> advice,
            boolean morningPossible,
            List<Reason> held) {}

    record LogSet(
            String exerciseKey,
            @Nullable Side side,
            int setNumber,
            Load load,
            int reps,
            @Nullable Effort effort,
            PainScore pain,
            @Nullable Site painSite,
            @Nullable Side painSide,
            List<String> faults) {}

    record Logged(SetView set, InSession.Advice advice) {}

    /** @param sign what was seen; whatever was typed is taken, and only what cannot be kept of it is left out */
    record Stop(@Schema(maxLength = 100_000) String sign) {}

    @GetMapping("/api/sessions/{id}")
    @Transactional(readOnly = true)
    SessionView one(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        TrainingSession session = require(id);
        return view(session, clients.require(session.clientId(), who.roomId()));
    }

    /** Logs a set under an id made by the page. The same id again is the same set. */
    @PutMapping("/api/sessions/{id}/sets/{setId}")
    @Transactional
    Logged log(
            @PathVariable UUID id,
            @PathVariable UUID setId,
            @RequestBody LogSet body,
            @AuthenticationPrincipal SignedIn who) {
        TrainingSession session = locked(id);
        Client client = clients.require(session.clientId(), who.roomId());
        Slot slot = plans.of(id).slots().stream()
                .filter(s -> s.exerciseKey().equals(body.exerciseKey()))
                .findFirst()
                .orElseThrow(() -> Problem.invalid(
                        List.of(new Problem.Field("exerciseKey", "is not an exercise of this session"))));
        SetLog known = logs.findById(setId).orElse(null);
        if (known != null) {
            if (!known.sessionId().equals(id)) {
                throw Problem.notFound();
            }
            return logged(session, client, slot, known);
        }
        if (!session.isOpen()) {
            throw Problem.refused("This session is over; a set can no longer be added.");
        }
        LoggedSet set = checked(session, body);
        for (SetLog other : logs.findBySessionIdAndUndoneFalseOrderByLoggedAt(id)) {
            LoggedSet o = other.set(session.visitOn());
            if (o.exerciseKey().equals(set.exerciseKey())
                    && o.side() == set.side()
                    && o.setNumber() == set.setNumber()) {
                throw Problem.conflict("This set was already logged from another screen.", view(session, other));
            }
        }
        session.run();
        return logged(
                session, client, slot, logs.saveAndFlush(new SetLog(setId, id, calendar.now(), set, body.faults())));
    }

    /** Takes a set back. Twice is once. */
    @DeleteMapping("/api/sessions/{id}/sets/{setId}")
    @Transactional
    SessionView undo(@PathVariable UUID id, @PathVariable UUID setId, @AuthenticationPrincipal SignedIn who) {
        TrainingSession session = locked(id);
        Client client = clients.require(session.clientId(), who.roomId());
        if (!session.isOpen()) {
            throw Problem.refused("This session is over; its sets stay as they are.");
        }
        logs.findById(setId).filter(l -> l.sessionId().equals(id)).ifPresent(SetLog::undo);
        logs.flush();
        return view(session, client);
    }

    @PostMapping("/api/sessions/{id}/finish")
    @Transactional
    SessionView finish(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        TrainingSession session = locked(id);
        Client client = clients.require(session.clientId(), who.roomId());
        session.finish(calendar.now());
        sessions.flush();
        return view(session, client);
    }

    /**
     * One of the signs that end everything was seen: the session is stopped in whatever state it is, finished as well, and
     * nothing is planned before a new screen. What was seen has to be said: an empty one is refused at its field.
     */
    @PostMapping("/api/sessions/{id}/stop")
    @Transactional
    SessionView stop(@PathVariable UUID id, @RequestBody Stop body, @AuthenticationPrincipal SignedIn who) {
        String sign = seen(body);
        TrainingSession session = locked(id);
        clients.lock(session.clientId());
        Client client = clients.require(session.clientId(), who.roomId());
        session.stop(calendar.now(), sign);
        client.hold(calendar.today(who.roomId()), Objects.requireNonNull(session.stopSign()));
        sessions.flush();
        return view(session, client);
    }

    /** What was seen, without what no text can hold. */
    private static String seen(Stop body) {
        String sign = body.sign().replaceAll("\\p{Cntrl}+", " ").strip();
        if (sign.isEmpty()) {
            throw Problem.invalid(List.of(new Problem.Field("sign", "say what was seen")));
        }
        return sign.substring(0, Math.min(LONGEST_SIGN, sign.length()));
    }

    private TrainingSession locked(UUID id) {
        return sessions.lock(id).orElseThrow(() -> Problem.notFound());
    }

    private TrainingSession require(UUID id) {
        return sessions.findById(id).orElseThrow(() -> Problem.notFound());
    }

    private static LoggedSet checked(TrainingSession session, LogSet body) {
        if (body.pain().atLeast(1) && (body.painSite() == null || body.painSide() == null)) {
            throw Problem.invalid(List.of(new Problem.Field("painSite", "say where it hurt, and on which arm")));
        }
        return new LoggedSet(
                session.visitOn(),
                body.exerciseKey(),
                body.side(),
                body.setNumber(),
                body.load(),
                body.reps(),
                body.effort(),
                body.pain(),
                body.painSite(),
                body.painSide());
    }

    private Logged logged(TrainingSession session, Client client, Slot slot, SetLog log) {
        return new Logged(view(session, log), advice(here(session, client), slot, log.set(session.visitOn())));
    }

    private InSession.Advice advice(Here here, Slot slot, LoggedSet set) {
        Exercise exercise = model.catalogue().get(slot.exerciseKey());
        ReachableLoads loads = ReachableLoads.of(here.equipment(), exercise, here.body());
        return InSession.after(slot, set, loads);
    }

    /** For each exercise begun, what its latest set says about the next one. */
    private Map<String, InSession.Advice> advice(Here here, Plan plan, List<SetView> sets) {
        Map<String, InSession.Advice> latest = new LinkedHashMap<>();
        for (SetView set : sets) {
            plan.slots().stream()
                    .filter(slot -> slot.exerciseKey().equals(set.set().exerciseKey()))
                    .findFirst()
                    .ifPresent(slot -> latest.put(slot.exerciseKey(), advice(here, slot, set.set())));
        }
        return latest;
    }

    private static SetView view(TrainingSession session, SetLog log) {
        return new SetView(log.id(), log.set(session.visitOn()), log.faults());
    }

    private SessionView view(TrainingSession session, Client client) {
        Plan plan = plans.of(session.id());
        List<SetView> sets = logs.findBySessionIdAndUndoneFalseOrderByLoggedAt(session.id()).stream()
                .map(l -> view(session, l))
                .toList();
        return new SessionView(
                session.id(),
                client.id(),
                client.name(),
                client.details().units(),
                session.visitOn(),
                session.status(),
                session.stopSign(),
                plan,
                guides(model, here(session, client), plan),
                session.soreSites(),
                session.changes(),
                session.signals(),
                sets,
                advice(here(session, client), plan, sets),
                session.status() == TrainingSession.Status.DONE
                        && calendar.today(client.roomId()).isAfter(session.visitOn()),
                session.isOpen() ? held(client) : List.of());
    }

    /** Why nothing more may be lifted: what a screen taken since the session was planned says. */
    private List<Reason> held(Client client) {
        Assessment assessment =
                standings.of(client.id(), calendar.today(client.roomId())).assessment();
        return assessment == null ? List.of() : assessment.holds();
    }

    /** Whose session it is, and what the place it was planned for has. */
    private record Here(Equipment equipment, Body body) {}

    private Here here(TrainingSession session, Client client) {
        UUID elsewhere = session.door().placeId();
        Place place = elsewhere == null
                ? client.place()
                : places.findByIdAndRoomId(elsewhere, client.roomId()).orElse(client.place());
        return new Here(place.equipment(), client.body());
    }

    private static List<SlotGuide> guides(ExerciseModel model, Here here, Plan plan) {
        return plan.slots().stream()
                .map(slot -> {
                    Exercise exercise =
                            model.catalogue().get(slot.exerciseKey()).withMovement(slot.movement());
                    return new SlotGuide(
                            slot.exerciseKey(),
                            Figure.of(model, exercise, here.body(), slot.load().kg()),
                            ReachableLoads.of(
                                            here.equipment(), model.catalogue().get(slot.exerciseKey()), here.body())
                                    .loads(),
                            exercise.guidance().setUp(),
                            exercise.guidance().up(),
                            exercise.guidance().down(),
                            exercise.guidance().danger(),
                            SaidEffort.after(slot.targetEffort(), slot.trial()),
                            exercise.guidance().cues(),
                            exercise.guidance().breathing(),
                            exercise.guidance().faults(),
                            exercise.guidance().landmark());
                })
                .toList();
    }
}

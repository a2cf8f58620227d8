package kinesia.floor;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import kinesia.account.RoomCalendar;
import kinesia.account.SignedIn;
import kinesia.client.Client;
import kinesia.client.Clients;
import kinesia.core.arm.Side;
import kinesia.core.dose.Effort;
import kinesia.core.dose.Load;
import kinesia.core.dose.LoggedSet;
import kinesia.core.dose.PainKind;
import kinesia.core.exercise.Site;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.response.InSession;
import kinesia.core.screening.PainScore;
import kinesia.floor.FloorLooks.Look;
import kinesia.floor.SessionViews.SessionView;
import kinesia.floor.SessionViews.SetView;
import kinesia.shared.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Sets: logged once each, undone rather than confirmed. */
@RestController
class SetController {
    private final TrainingSessions sessions;
    private final SessionPlans plans;
    private final SetLogs logs;
    private final Clients clients;
    private final FloorLooks looks;
    private final SessionViews views;
    private final RoomCalendar calendar;

    SetController(
            TrainingSessions sessions,
            SessionPlans plans,
            SetLogs logs,
            Clients clients,
            FloorLooks looks,
            SessionViews views,
            RoomCalendar calendar) {
        this.sessions = sessions;
        this.plans = plans;
        this.logs = logs;
        this.clients = clients;
        this.looks = looks;
        this.views = views;
        this.calendar = calendar;
    }

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
            @Nullable PainKind painKind,
            List<String> faults) {}

    /** @param advice by exercise, and by arm where the arms take turns, as in {@link SessionViews.SessionView} */
    record Logged(SetView set, Map<String, InSession.Advice> advice) {}

    /**
     * Logs a set under an id made by the page. The same id again is the same set, and one that was undone comes back.
     *
     * @param late whether it may still be added to a session that is over, or beside a set that was logged elsewhere under its
     *     number; asked of the trainer for a set that had waited on a device
     */
    @PutMapping("/api/sessions/{id}/sets/{setId}")
    @Transactional
    Logged log(
            @PathVariable UUID id,
            @PathVariable UUID setId,
            @RequestParam(defaultValue = "false") boolean late,
            @RequestBody LogSet body,
            @AuthenticationPrincipal SignedIn who) {
        Look session = looks.held(id, who.roomId());
        Slot slot = plans.of(id).slots().stream()
                .filter(s -> s.exerciseKey().equals(body.exerciseKey()))
                .findFirst()
                .orElseThrow(() -> Problem.invalid(
                        List.of(new Problem.Field("exerciseKey", "is not an exercise of this session"))));
        SetLog known = logs.findById(setId).orElse(null);
        if (known != null && !known.sessionId().equals(id)) {
            throw Problem.notFound();
        }
        if (known != null && !known.isUndone()) {
            return logged(session, slot, known);
        }
        if (!session.isOpen() && !late) {
            throw Problem.refused("This session is over; a set can no longer be added.");
        }
        LoggedSet set = numbered(id, checked(session.visitOn(), body), late);
        if (session.status() != TrainingSession.Status.RUNNING) {
            sessions.findById(id).orElseThrow().takeSet();
        }
        if (known != null) {
            known.again(set, body.faults());
            return logged(session, slot, known);
        }
        return logged(session, slot, logs.save(new SetLog(setId, id, calendar.now(), set, body.faults())));
    }

    /** The set under its number, or where that one is taken and it comes late, under the next that is free. */
    private LoggedSet numbered(UUID sessionId, LoggedSet set, boolean late) {
        String side = set.side() == null ? "" : set.side().name();
        List<Integer> taken = logs.findNumbers(sessionId, set.exerciseKey(), side);
        if (taken.contains(set.setNumber()) && !late) {
            SetLog same = logs.findFirstBySessionIdAndUndoneFalseAndExerciseKeyAndSideAndSetNumber(
                            sessionId, set.exerciseKey(), set.side(), set.setNumber())
                    .orElseThrow();
            throw Problem.conflict(
                    "This set was already logged from another screen.", SessionViews.set(set.on(), same));
        }
        int number = set.setNumber();
        while (taken.contains(number)) {
            number++;
        }
        return set.numbered(number);
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
        return views.session(session, client);
    }

    private TrainingSession locked(UUID id) {
        return sessions.lock(id).orElseThrow(() -> Problem.notFound());
    }

    private static LoggedSet checked(LocalDate on, LogSet body) {
        if ((body.pain().atLeast(1) || body.painKind() != null)
                && (body.painSite() == null || body.painSide() == null)) {
            throw Problem.invalid(List.of(new Problem.Field("painSite", "say where it hurt, and on which arm")));
        }
        return new LoggedSet(
                on,
                body.exerciseKey(),
                body.side(),
                body.setNumber(),
                body.load(),
                body.reps(),
                body.effort(),
                body.pain(),
                body.painSite(),
                body.painSide(),
                body.painKind());
    }

    private Logged logged(Look session, Slot slot, SetLog log) {
        logs.flush();
        List<InSession.Done> done = logs
                .findBySessionIdAndExerciseKeyAndUndoneFalseOrderByLoggedAt(log.sessionId(), slot.exerciseKey())
                .stream()
                .map(l -> new InSession.Done(l.set(session.visitOn()), l.faults()))
                .toList();
        return new Logged(SessionViews.set(session.visitOn(), log), views.advice(session.here(), slot, done));
    }
}

package kinesia.core.response;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import kinesia.core.arm.Side;
import kinesia.core.dose.Load;
import kinesia.core.dose.LoggedSet;
import kinesia.core.dose.Progression;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Place;
import kinesia.core.exercise.Role;
import kinesia.core.plan.Carryover;
import kinesia.core.plan.LimitCheck;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.screening.Limit;

/**
 * Decides what an exercise that was done before starts from next time: one variable at a time, by the first rule that speaks. What
 * the rules then say stands in {@link StepsBack}, {@link Holds}, {@link AfterTrial}, {@link StepsUp} and {@link Progression}.
 */
final class SlotDecisions {
    private static final int HURT_FROM = 4;
    private static final int CLEAN_SESSIONS = 2;
    private static final int HELD_AFTER_EASE = 2;

    private final NextVisit.Visit visit;
    private final List<SessionRecord> sessions;
    private final List<Map<Place, SiteSignal>> signals;
    private final Set<Side> arms;

    /** Decides by the places and limits of {@code arms} alone. */
    SlotDecisions(
            NextVisit.Visit visit, List<SessionRecord> sessions, List<Map<Place, SiteSignal>> signals, Set<Side> arms) {
        this.visit = visit;
        this.sessions = sessions;
        this.signals = signals;
        this.arms = arms;
    }

    /** What {@code exercise} starts from after {@code log}, with the loads there are. */
    Carryover of(Exercise exercise, ExerciseLog log, ReachableLoads loads) {
        Carryover decided = decide(exercise, log, loads);
        // What a trial may step to is the trial's own rule, but for the frail.
        boolean bound = !log.slot().trial() || visit.story().isFrail(visit.age());
        Load next = decided.load();
        Carryover unhurried =
                bound && StepsUp.isDoubled(log, next) ? StepsUp.undoubled(log, next, mostReps(log.slot())) : decided;
        return unhurried.sharing(log.slot().loadShare());
    }

    private Carryover decide(Exercise exercise, ExerciseLog log, ReachableLoads loads) {
        Slot slot = log.slot();
        Load load = log.load();
        if (exercise.role() == Role.CARE) {
            return Holds.care(load).with(slot);
        }
        long away = ChronoUnit.DAYS.between(sessions.get(sessions.size() - 1).on(), visit.on());
        if (away > WeekAllowance.BREAK_DAYS) {
            return StepsBack.afterBreak(log, loads, away, isLimited(slot));
        }
        // A rung of a ladder has one load, and is a trial for as long as it is climbed.
        boolean trial = slot.trial() && (InSession.isSought(slot, loads) || exercise.bodyWeightShare() > 0);
        if (!trial && log.last().tooHard()) {
            return StepsBack.tooHard(log, loads);
        }
        Optional<Decided> eased = easedLately(slot, load);
        if (eased.isPresent()) {
            return eased.get().with(slot);
        }
        Optional<SiteSignal> worst = worst(log.last().session(), slot);
        if (worst.isPresent() && worst.get().signal() == Signal.WAITING && !trial) {
            return Holds.waiting(load, worst.get()).with(slot);
        }
        if (worst.isPresent() && worst.get().signal() == Signal.SAME) {
            return same(log, loads, worst.get());
        }
        return trial ? AfterTrial.of(log, loads) : progress(log, loads);
    }

    /** The first same holds; the second goes one way or the other by its mornings. */
    private Carryover same(ExerciseLog log, ReachableLoads loads, SiteSignal signal) {
        Slot slot = log.slot();
        Optional<SiteSignal> before = log.before().flatMap(d -> worst(d.session(), slot));
        boolean second = signal.answered()
                && before.filter(s -> s.signal() == Signal.SAME && s.answered()).isPresent();
        if (!second) {
            return Holds.same(log.load(), signal).with(slot);
        }
        boolean clean =
                signal.cleanMorning() && before.filter(SiteSignal::cleanMorning).isPresent();
        return clean && slot.reps().high() < mostReps(slot)
                ? StepsUp.oneRepetition(log, signal)
                : StepsBack.secondSame(log, loads, signal);
    }

    private Carryover progress(ExerciseLog log, ReachableLoads loads) {
        Slot slot = log.slot();
        if (hurtLately(log)) {
            return Holds.hurt(log.load()).with(slot);
        }
        Optional<Progression.Step> step =
                StepsUp.isCuffed(slot) ? StepsUp.cuffed(log.last(), loads) : earned(log, loads);
        if (step.isEmpty()) {
            return Holds.notYet(visit.rule(), log.last()).with(slot);
        }
        Carryover on = new Decided(step.get().load(), step.get().reason())
                .with(slot, step.get().reps())
                .lowered(step.get().lowering());
        return step.get().end() ? on.grownOut() : on;
    }

    private Optional<Progression.Step> earned(ExerciseLog log, ReachableLoads loads) {
        Slot slot = log.slot();
        return Progression.next(
                log.before().map(this::session).orElse(null),
                session(log.last()),
                new Progression.What(
                        log.load(),
                        slot.usual(),
                        mostReps(slot),
                        slot.tempo(),
                        !slot.hasMethodsTempo(),
                        loads,
                        isLimited(slot),
                        log.best(),
                        visit.rule()));
    }

    private Progression.Session session(Done done) {
        boolean go = worst(done.session(), done.slot())
                .map(s -> s.signal() == Signal.GO)
                .orElse(true);
        Slot slot = done.slot();
        return new Progression.Session(
                done.sets(),
                done.sets().stream().allMatch(s -> s.reps() >= slot.repsIn(s.setNumber())),
                slot.reps(),
                slot.tempo().downS(),
                slot.targetEffort(),
                go);
    }

    /** Whether it hurt 4 or more in it, over what is usual, and two clean sessions have not passed since. */
    private boolean hurtLately(ExerciseLog log) {
        return log.all().stream()
                .skip(Math.max(0, log.all().size() - CLEAN_SESSIONS))
                .anyMatch(one -> one.sets().stream()
                        .anyMatch(s -> s.pain().atLeast(HURT_FROM)
                                && s.pain().value() > usualAt(sessions.get(one.session()), s)));
    }

    private static int usualAt(SessionRecord session, LoggedSet set) {
        return session.soreSites().stream()
                .filter(p -> p.site() == set.painSite() && p.side() == set.painSide())
                .mapToInt(p -> p.usual().value())
                .max()
                .orElse(0);
    }

    /** Whether a place that it loads is sore, or a limit protects it. */
    private boolean isLimited(Slot slot) {
        return visit.sorePlaces().stream()
                .map(p -> new Place(p.site(), p.side()))
                .anyMatch(p -> concerns(p) && loads(slot, p));
    }

    private Optional<Decided> easedLately(Slot slot, Load load) {
        for (int i = Math.max(0, sessions.size() - HELD_AFTER_EASE); i < sessions.size(); i++) {
            LocalDate on = sessions.get(i).on();
            Optional<Decided> eased =
                    worst(i, slot).filter(s -> s.signal() == Signal.EASE).map(s -> Holds.eased(load, on, s));
            if (eased.isPresent()) {
                return eased;
            }
        }
        return Optional.empty();
    }

    private int mostReps(Slot slot) {
        return LimitCheck.dosing(
                        Limit.Kind.MOST_REPS,
                        visit.model().catalogue().get(slot.exerciseKey()),
                        slot.stress(),
                        visit.limits().stream()
                                .filter(l -> l.side() == null || arms.contains(l.side()))
                                .toList())
                .stream()
                .mapToInt(l -> (int) l.number())
                .min()
                .orElse(StepsUp.MOST_REPS);
    }

    /** The worst signal of that session among places that {@code slot} loads. */
    Optional<SiteSignal> worst(int session, Slot slot) {
        return signals.get(session).values().stream()
                .filter(s -> concerns(s.place()) && loads(slot, s.place()))
                .max(Comparator.comparing(SiteSignal::signal));
    }

    private boolean concerns(Place place) {
        return arms.contains(place.side());
    }

    static boolean loads(Slot slot, Place place) {
        return slot.loads(place.site());
    }
}

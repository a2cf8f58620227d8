package kinesia.core.response;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import kinesia.core.arm.Side;
import kinesia.core.dose.LoggedSet;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Place;
import kinesia.core.exercise.Traits.OtherArmDuty;
import kinesia.core.plan.Carryover;
import kinesia.core.plan.Plan.Slot;
import org.jspecify.annotations.Nullable;

/**
 * What every exercise done before starts from next time. Where the arms work one after the other, each goes on from its own sets,
 * and a sore place holds the arm it is on and no other; what the arms share is the weaker one's.
 */
final class Carryovers {
    private static final Comparator<Optional<SiteSignal>> WORST_FIRST = Comparator.comparing(
                    (Optional<SiteSignal> s) -> s.map(SiteSignal::signal).orElse(Signal.GO))
            .reversed();

    private final NextVisit.Visit visit;
    private final List<SessionRecord> sessions;
    private final List<Map<Place, SiteSignal>> signals;

    Carryovers(NextVisit.Visit visit, List<SessionRecord> sessions, List<Map<Place, SiteSignal>> signals) {
        this.visit = visit;
        this.sessions = sessions;
        this.signals = signals;
    }

    Map<String, Carryover> all() {
        Map<String, List<Done>> byExercise = new LinkedHashMap<>();
        for (int i = 0; i < sessions.size(); i++) {
            SessionRecord session = sessions.get(i);
            for (Slot slot : session.plan().slots()) {
                List<LoggedSet> sets = session.setsOf(slot.exerciseKey());
                if (!sets.isEmpty()) {
                    byExercise
                            .computeIfAbsent(slot.exerciseKey(), k -> new ArrayList<>())
                            .add(new Done(i, slot, sets));
                }
            }
        }
        Map<String, Carryover> carryovers = new LinkedHashMap<>();
        byExercise.forEach((key, done) -> visit.model().catalogue().find(key).ifPresent(exercise -> {
            ReachableLoads loads = ReachableLoads.of(visit.equipment(), exercise, visit.body());
            if (!loads.isEmpty()) {
                carryovers.put(key, carryover(exercise, done, loads));
            }
        }));
        return carryovers;
    }

    private Carryover carryover(Exercise exercise, List<Done> done, ReachableLoads loads) {
        Map<Side, Carryover> arms = new EnumMap<>(Side.class);
        if (exercise.arms() == Exercise.Arms.IN_TURN) {
            for (Side arm : Side.values()) {
                List<Done> own = of(arm, done);
                if (!own.isEmpty()) {
                    arms.put(arm, decisions(exercise, arm).of(exercise, new ExerciseLog(own), loads));
                }
            }
        }
        if (arms.isEmpty()) {
            return decisions(exercise, null).of(exercise, new ExerciseLog(done), loads);
        }
        Slot slot = done.get(done.size() - 1).slot();
        int last = done.get(done.size() - 1).session();
        Carryover weaker = arms.entrySet().stream()
                .min(Comparator.comparingDouble((Map.Entry<Side, Carryover> a) ->
                                a.getValue().load().kg())
                        .thenComparingInt(a -> a.getValue().reps().high())
                        .thenComparingInt(a -> a.getValue().mostSets())
                        .thenComparing(a -> decisions(exercise, a.getKey()).worst(last, slot), WORST_FIRST))
                .orElseThrow()
                .getValue();
        return shared(weaker, arms);
    }

    /** The weaker arm's, with what both arms share made to suit both. */
    private static Carryover shared(Carryover weaker, Map<Side, Carryover> arms) {
        List<Carryover> each = List.copyOf(arms.values());
        // Of one load the weaker arm sets the count.
        boolean alike = each.stream().allMatch(c -> c.load().equals(weaker.load()));
        return new Carryover(
                weaker.exerciseKey(),
                weaker.load(),
                weaker.reps(),
                weaker.usual(),
                weaker.ownAim(),
                each.stream().mapToInt(Carryover::mostSets).min().orElse(weaker.mostSets()),
                each.stream().anyMatch(Carryover::trial),
                weaker.lowering(),
                each.stream().allMatch(Carryover::outgrown),
                weaker.loadShare(),
                weaker.reason(),
                alike ? Map.of() : arms);
    }

    private static List<Done> of(Side arm, List<Done> done) {
        return done.stream()
                .map(d -> new Done(
                        d.session(),
                        d.slot().of(arm),
                        d.sets().stream()
                                .filter(s -> s.side() == null || s.side() == arm)
                                .toList()))
                .filter(d -> !d.sets().isEmpty())
                .toList();
    }

    /** Those of {@code arm}, null being both; where the other arm carries the body, its places count as well. */
    private SlotDecisions decisions(Exercise exercise, @Nullable Side arm) {
        boolean alone = arm != null && exercise.traits().otherArm() != OtherArmDuty.CARRIES;
        return new SlotDecisions(visit, sessions, signals, alone ? Set.of(arm) : Set.of(Side.values()));
    }
}

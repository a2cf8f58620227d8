package kinesia.core.plan;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import kinesia.core.arm.Side;
import kinesia.core.dose.FirstLoad;
import kinesia.core.exercise.Exercise;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import org.jspecify.annotations.Nullable;

/**
 * What each arm of a slot lifts. Where one arm works, or both alike, the slot has one load; where each goes on from its own sets,
 * the slot's is the weaker arm's.
 *
 * @param each of the arms that work, where limits or loads tell them apart; else empty
 * @param counted whether each arm goes on from a count of its own
 */
record ArmLoads(StartLoad shared, Map<Side, StartLoad> each, boolean counted) {

    static ArmLoads of(PlanRequest request, Candidate c, Method.Dose dose, @Nullable FirstLoad first) {
        Map<Side, StartLoad> each = new EnumMap<>(Side.class);
        c.sides().keySet().forEach(arm -> each.put(arm, StartLoad.of(request, c, dose, first, arm)));
        StartLoad shared = each.values().stream()
                .min(Comparator.comparingDouble(s -> s.load().kg()))
                .orElseGet(() -> StartLoad.of(request, c, dose, first, null));
        Carryover carried = request.carried(c.exercise().key(), null);
        return new ArmLoads(shared, each, carried != null && !carried.arms().isEmpty());
    }

    /** The doses of a slot's arms; empty where they turn out alike: of one load the weaker arm sets the count. */
    Map<Side, Plan.SideDose> sides(Candidate c) {
        if (!differ() && !c.why().containsKey(Plan.Aspect.ARMS)) {
            return Map.of();
        }
        Map<Side, Plan.SideDose> sides = new EnumMap<>(Side.class);
        c.sides()
                .forEach((side, arm) -> sides.put(
                        side,
                        new Plan.SideDose(
                                arm.exercise().movement(),
                                counted && !differ() ? c.reps() : arm.reps(),
                                load(side).load(),
                                arm.effort())));
        return sides;
    }

    private boolean differ() {
        return each.values().stream().map(StartLoad::load).distinct().count() > 1;
    }

    /** Why the arms lift different loads, with {@code limited}, what else tells them apart; empty where they lift the same. */
    Optional<Reason> apart(Candidate c, @Nullable Reason limited) {
        if (!differ()) {
            return Optional.empty();
        }
        String loads = each.entrySet().stream()
                .map(e -> e.getValue().load().label() + " " + e.getKey().word() + number(c, e.getKey()))
                .collect(Collectors.joining(", "));
        Side stronger = each.entrySet().stream()
                .max(Comparator.comparingDouble(e -> e.getValue().load().kg()))
                .orElseThrow()
                .getKey();
        String because = limited == null
                ? " The " + stronger.word() + " arm: " + load(stronger).reason().exact()
                : " " + limited.exact();
        return Optional.of(Reason.of(
                        "ARMS-own-load",
                        Tag.HOUSE,
                        "arms that work singly go on each from its own sets",
                        "Each arm has its own load: " + loads + "." + because,
                        "Each arm gets the weight that suits it.")
                .with("exercise", c.exercise().name())
                .with("loads", loads));
    }

    /** The arm's repetitions, where the arms differ in those. */
    private static String number(Candidate c, Side arm) {
        Exercise.RepRange own = c.repsOf(arm);
        return own.equals(c.repsOf(arm.other())) ? "" : " for " + own.low() + " to " + own.high();
    }

    private StartLoad load(Side arm) {
        return Objects.requireNonNull(each.get(arm));
    }
}

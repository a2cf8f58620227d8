package kinesia.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import kinesia.core.arm.LoadCurve;
import kinesia.core.arm.Movement;
import kinesia.core.dose.Equipment;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.ElbowStrength;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.Limit;

/**
 * Whether limits let a client do an exercise, and over which range.
 *
 * @param exercise with its range already shortened by limits
 * @param curve at equal effort over that range
 * @param against the reasons of every limit that rules it out; empty when it may be done
 */
record Suitability(Exercise exercise, LoadCurve curve, double loadKg, List<Reason> against) {
    /** The rule that leaves out what this place has not got. */
    static final String MISSING = "EQUIPMENT-missing";

    static Suitability of(
            ExerciseModel model,
            ExerciseModel.StressScale scale,
            Exercise full,
            Body body,
            ElbowStrength strength,
            List<Limit> limits) {
        List<Reason> against = new ArrayList<>();
        Optional<Movement> range = LimitCheck.range(full, limits);
        Exercise ranged = range.map(full::withMovement).orElse(full);
        double load = model.equalEffortLoad(ranged, body, strength);
        LoadCurve curve = model.curve(ranged, body, load);
        if (range.isEmpty()) {
            LimitCheck.bends(full, limits).forEach(l -> against.add(l.reason()));
        }
        LimitCheck.broken(ranged, curve, () -> scale.of(curve, ranged), limits).forEach(l -> against.add(l.reason()));
        return new Suitability(ranged, curve, load, List.copyOf(against));
    }

    private static String called(String gear) {
        return gear.equals("household object") ? "jug, can or bag to lift" : gear;
    }

    /** What a place lacks for {@code exercise}, as a reason against it. */
    static Optional<Reason> missing(Exercise exercise, Equipment equipment) {
        if (equipment.nobodyStandsBy() && !exercise.guidance().homeAlone()) {
            return Optional.of(Reason.of(
                    "HOME-alone",
                    Tag.HOUSE,
                    "what may be done with nobody near",
                    exercise.name() + " is not done alone: nobody stands by at this place.",
                    "That one we only do when I am beside you."));
        }
        List<String> missing = ReachableLoads.missingFor(equipment, exercise);
        return missing.isEmpty()
                ? Optional.empty()
                : Optional.of(Reason.of(
                                MISSING,
                                Tag.HOUSE,
                                "all of " + String.join(", ", exercise.equipment()),
                                "This place has no "
                                        + missing.stream()
                                                .map(Suitability::called)
                                                .collect(Collectors.joining(" and no "))
                                        + ".",
                                "We do not have what it needs here.")
                        .with("missing", String.join(", ", missing)));
    }
}

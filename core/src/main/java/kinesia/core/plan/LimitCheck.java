package kinesia.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import kinesia.core.arm.LoadCurve;
import kinesia.core.arm.Movement;
import kinesia.core.arm.Pose;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Implement;
import kinesia.core.exercise.Site;
import kinesia.core.screening.Limit;

/** Holds an exercise against a client's limits. A limit on one side counts for both arms together. */
public final class LimitCheck {
    /** An exercise loads a site from this share of the reference on [house]. */
    public static final double LOADS_SITE_FROM = 0.25;

    private static final double ANGLE_TOLERANCE_DEG = 0.5;
    private static final double STRAIGHTEST_DEG = -15;
    private static final double MOST_BENT_DEG = 160;

    private LimitCheck() {}

    /** The limits that rule {@code exercise} out, given its full curve; empty when it may be done. */
    static List<Limit> broken(Exercise exercise, LoadCurve curve, List<Limit> limits) {
        List<Limit> broken = new ArrayList<>();
        for (Limit limit : limits) {
            if (concerns(exercise, limit) && breaks(exercise, curve, limit)) {
                broken.add(limit);
            }
        }
        return broken;
    }

    /** The movement cut to the bends that {@code limits} allow; empty when too little is left. */
    static Optional<Movement> range(Exercise exercise, List<Limit> limits) {
        return part(exercise, limits)
                .map(p ->
                        p.isWhole() ? exercise.movement() : exercise.movement().part(p.from(), p.to()));
    }

    /** The part of the lift within the bends that {@code limits} allow; empty when too little is left. */
    static Optional<Part> part(Exercise exercise, List<Limit> limits) {
        double least = STRAIGHTEST_DEG;
        double most = MOST_BENT_DEG;
        for (Limit limit : bends(exercise, limits)) {
            if (limit.kind() == Limit.Kind.LARGEST_ELBOW_BEND) {
                most = Math.min(most, limit.number());
            } else {
                least = Math.max(least, limit.number());
            }
        }
        return least > most ? Optional.empty() : RangeOfMovement.part(exercise.movement(), least, most);
    }

    /** The limits on elbow bend that concern {@code exercise}. */
    static List<Limit> bends(Exercise exercise, List<Limit> limits) {
        return limits.stream()
                .filter(l -> l.kind() == Limit.Kind.LARGEST_ELBOW_BEND || l.kind() == Limit.Kind.SMALLEST_ELBOW_BEND)
                .filter(l -> concerns(exercise, l))
                .toList();
    }

    /** The limits of {@code kind} that hold for this exercise: those of the whole person, and those of sites it loads. */
    public static List<Limit> dosing(Limit.Kind kind, Map<Site, Double> stress, List<Limit> limits) {
        return limits.stream()
                .filter(l -> l.kind() == kind)
                .filter(l -> l.site() == null || stress.getOrDefault(l.site(), 0.0) >= LOADS_SITE_FROM)
                .toList();
    }

    /** A part of the lift, from and to as progress 0 to 1. */
    public record Part(double from, double to) {
        static final Part WHOLE = new Part(0, 1);

        boolean isWhole() {
            return from == 0 && to == 1;
        }
    }

    /** The parts of the lift in which the arm is where {@code limits} say to stay out, joined where they touch. */
    public static List<Part> soreArc(Exercise exercise, LoadCurve curve, List<Limit> limits) {
        List<Limit> here = limits.stream().filter(l -> concerns(exercise, l)).toList();
        List<Part> parts = new ArrayList<>();
        double from = -1;
        double last = 0;
        for (LoadCurve.Sample sample : curve.samples()) {
            boolean sore = here.stream().anyMatch(l -> isIn(sample.pose(), l));
            if (sore && from < 0) {
                from = sample.progress();
            } else if (!sore && from >= 0) {
                parts.add(new Part(from, last));
                from = -1;
            }
            last = sample.progress();
        }
        if (from >= 0) {
            parts.add(new Part(from, last));
        }
        return parts;
    }

    private static boolean isIn(Pose pose, Limit limit) {
        return switch (limit.kind()) {
            case LARGEST_ELEVATION -> Math.abs(pose.elevationDeg()) > limit.number() + ANGLE_TOLERANCE_DEG;
            case LARGEST_EXTENSION -> pose.extensionBehindTrunkDeg() > limit.number() + ANGLE_TOLERANCE_DEG;
            case LARGEST_ELBOW_BEND -> pose.elbowFlexionDeg() > limit.number() + ANGLE_TOLERANCE_DEG;
            case SMALLEST_ELBOW_BEND -> pose.elbowFlexionDeg() < limit.number() - ANGLE_TOLERANCE_DEG;
            default -> false;
        };
    }

    private static boolean concerns(Exercise exercise, Limit limit) {
        boolean group = limit.group() == null || limit.group() == exercise.group();
        boolean grip = limit.grip() == null || limit.grip() == exercise.grip();
        return group && grip;
    }

    private static boolean breaks(Exercise exercise, LoadCurve curve, Limit limit) {
        return switch (limit.kind()) {
            case LARGEST_ELEVATION -> curve.summary().largestElevationDeg() > limit.number() + ANGLE_TOLERANCE_DEG;
            case LARGEST_EXTENSION -> curve.summary().largestExtensionDeg() > limit.number() + ANGLE_TOLERANCE_DEG;
            case NO_GRIP -> name(exercise.grip()).equals(limit.target());
            case NO_IMPLEMENT ->
                name(exercise.implement()).equals(limit.target())
                        // A straight bar on a cable fixes the wrist like any other.
                        || (exercise.implement() == Implement.CABLE_BAR
                                && name(Implement.STRAIGHT_BAR).equals(limit.target()));
            case NO_STANCE -> name(exercise.stance()).equals(limit.target());
            case NO_EXERCISE -> exercise.movementFamily().equals(limit.target());
            case NO_BODY_WEIGHT -> exercise.implement() == Implement.BODY_WEIGHT;
            case LARGEST_ELBOW_BEND,
                    SMALLEST_ELBOW_BEND,
                    LARGEST_EFFORT,
                    FEWEST_REPS,
                    MOST_REPS,
                    SETS_PER_EXERCISE,
                    NO_BREATH_HOLDING,
                    NO_CUFFS,
                    NO_FAST_LOWERING -> false;
        };
    }

    private static String name(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}

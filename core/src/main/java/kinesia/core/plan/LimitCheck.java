package kinesia.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import kinesia.core.arm.LoadCurve;
import kinesia.core.arm.Movement;
import kinesia.core.arm.Pose;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Furniture;
import kinesia.core.exercise.Implement;
import kinesia.core.exercise.ResistanceSpec;
import kinesia.core.exercise.Role;
import kinesia.core.exercise.Site;
import kinesia.core.exercise.Stance;
import kinesia.core.exercise.Traits;
import kinesia.core.screening.Limit;
import kinesia.core.screening.LimitTargets;
import org.jspecify.annotations.Nullable;

/** Holds an exercise against a client's limits. A limit on one side counts for both arms together. */
public final class LimitCheck {
    /** An exercise loads a site from this share of the reference on [house]. */
    public static final double LOADS_SITE_FROM = 0.25;

    private static final double ANGLE_TOLERANCE_DEG = 0.5;
    private static final double STRAIGHTEST_DEG = -15;
    private static final double MOST_BENT_DEG = 160;
    // From here on the arm counts as raised when it is about inward rotation [house].
    private static final double RAISED_FROM_DEG = 45;
    // Upright in a figure's words: turned within this of neutral is not turned inward [house].
    private static final double ROTATION_TOLERANCE_DEG = 20;

    private LimitCheck() {}

    /**
     * The limits that rule {@code exercise} out, given its full curve and what it asks of each site; empty when it may be
     * done. The stress is asked for only when a limit turns on it.
     */
    static List<Limit> broken(
            Exercise exercise, LoadCurve curve, Supplier<Map<Site, Double>> stress, List<Limit> limits) {
        List<Limit> broken = new ArrayList<>();
        for (Limit limit : limits) {
            if (concerns(exercise, limit)
                    && (breaks(exercise, curve, limit) || loadsWhatRests(exercise, stress, limit))) {
                broken.add(limit);
            }
        }
        return broken;
    }

    private static boolean loadsWhatRests(Exercise exercise, Supplier<Map<Site, Double>> stress, Limit limit) {
        boolean rests = limit.kind() == Limit.Kind.NO_LOADING
                || (limit.kind() == Limit.Kind.HOLDS_ONLY && exercise.role() != Role.HOLD);
        return rests && (limit.site() == null || loads(exercise, stress.get(), limit.site()));
    }

    /** Whether {@code exercise} loads {@code site}: by its stress, or because it works a joint there that the model lacks. */
    private static boolean loads(Exercise exercise, Map<Site, Double> stress, Site site) {
        Traits.Unmodelled unmodelled = exercise.traits().unmodelled();
        return stress.getOrDefault(site, 0.0) >= LOADS_SITE_FROM
                || (unmodelled != null && unmodelled.loads().contains(site));
    }

    /**
     * The limits that hold while {@code side} works at {@code exercise} and the other arm does not: its own, those of nobody's
     * side, and those of the other arm where that one carries, holds or steadies something meanwhile.
     */
    static List<Limit> whileWorking(Side side, Exercise exercise, List<Limit> limits) {
        List<Limit> holding = new ArrayList<>();
        for (Limit limit : limits) {
            boolean own = limit.kind() == Limit.Kind.NO_SUPPORT_ON_HAND
                    ? limit.side() != side
                    : limit.side() == null || limit.side() == side;
            if (own) {
                holding.add(limit);
            } else if (limit.kind() == Limit.Kind.NO_LOADING && rests(limit, exercise)) {
                holding.add(limit.ofTheWholeArm());
            }
        }
        return holding;
    }

    /**
     * Whether the arm that {@code limit} rests is needed: a sore place is loaded by carrying and by holding the band that the other
     * arm pulls, a whole arm by steadying too.
     */
    private static boolean rests(Limit limit, Exercise exercise) {
        return switch (exercise.traits().otherArm()) {
            case RESTS -> false;
            case HELPS -> limit.site() == null || exercise.resistance() instanceof ResistanceSpec.Elastic;
            case CARRIES -> true;
        };
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
    public static List<Limit> dosing(Limit.Kind kind, Exercise exercise, Map<Site, Double> stress, List<Limit> limits) {
        return limits.stream()
                .filter(l -> l.kind() == kind && concerns(exercise, l))
                .filter(l -> l.site() == null || loads(exercise, stress, l.site()))
                .toList();
    }

    /** When an exercise has its turn among those for its muscle. */
    enum Turn {
        OPENS,
        BETWEEN,
        LAST
    }

    /** The turn that {@code limits} give {@code exercise}; what provokes a place never opens, whatever opens for another. */
    static Turn turn(Exercise exercise, List<Limit> limits) {
        return movesTo(Limit.Kind.COMES_LAST, exercise, limits)
                ? Turn.LAST
                : movesTo(Limit.Kind.OPENS, exercise, limits) ? Turn.OPENS : Turn.BETWEEN;
    }

    private static boolean movesTo(Limit.Kind kind, Exercise exercise, List<Limit> limits) {
        return limits.stream().anyMatch(l -> l.kind() == kind && l.target() != null && exercise.isCalled(l.target()));
    }

    /** The limits that leave {@code method} out; cuffs go with the limit on them. */
    public static List<Limit> againstMethod(Method method, List<Limit> limits) {
        return limits.stream()
                .filter(l -> (l.kind() == Limit.Kind.NO_METHOD && method.key().equals(l.target()))
                        || (l.kind() == Limit.Kind.NO_CUFFS && method.cuffs()))
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
            case LARGEST_INWARD_ROTATION -> inwardWhileRaisedDeg(pose) > limit.number() + ROTATION_TOLERANCE_DEG;
            case LARGEST_OUTWARD_ROTATION -> outwardWhileRaisedDeg(pose) > limit.number() + ANGLE_TOLERANCE_DEG;
            default -> false;
        };
    }

    /** The clinical inward rotation of a raised arm, degrees; a hanging arm has none that counts. */
    private static double inwardWhileRaisedDeg(Pose pose) {
        if (pose.elevationDeg() <= RAISED_FROM_DEG) {
            return -MOST_BENT_DEG;
        }
        return Math.IEEEremainder(pose.axialRotationDeg() - pose.planeOfElevationDeg(), 360);
    }

    /**
     * How far the arm is turned outward from where raising it alone would take it, as the check at the ribs measures it; a
     * hanging arm has none that counts.
     */
    private static double outwardWhileRaisedDeg(Pose pose) {
        return Math.abs(pose.elevationDeg()) <= RAISED_FROM_DEG ? -MOST_BENT_DEG : -pose.axialRotationDeg();
    }

    /** Whether {@code target} is a position the exercise takes, or one that leaves no hand to hold on with. */
    private static boolean isHeld(Exercise exercise, @Nullable String target) {
        boolean handsBusy =
                exercise.arms() != Exercise.Arms.IN_TURN && exercise.furniture().hands() == Furniture.Hands.FREE;
        return LimitTargets.STANDING_HANDS_BUSY.equals(target)
                ? exercise.takes(Stance.STANDING) && handsBusy
                : Stream.of(Stance.values()).anyMatch(s -> name(s).equals(target) && exercise.takes(s));
    }

    private static boolean leansFurther(Traits.@Nullable Rung rung, @Nullable String lowest) {
        return rung != null
                && Stream.of(Traits.Rung.values()).anyMatch(r -> name(r).equals(lowest) && rung.compareTo(r) > 0);
    }

    private static boolean concerns(Exercise exercise, Limit limit) {
        boolean group = limit.group() == null || limit.group() == exercise.group();
        boolean grip = limit.grip() == null || limit.grip() == exercise.grip();
        boolean movement = limit.kind().hasTarget() || limit.target() == null || exercise.isCalled(limit.target());
        boolean only = limit.movement() == null || exercise.isCalled(limit.movement());
        return group && grip && movement && only;
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
            case NO_STANCE -> isHeld(exercise, limit.target());
            case LOWEST_RUNG -> leansFurther(exercise.traits().rung(), limit.target());
            case LARGEST_TRUNK_BEND ->
                exercise.trunkIsFree()
                        && curve.samples().stream()
                                .anyMatch(s -> s.pose().torsoPitchDeg() > limit.number() + ANGLE_TOLERANCE_DEG);
            case NO_SUPPORT_ON_HAND -> exercise.traits().otherArm() == Traits.OtherArmDuty.CARRIES;
            case NO_LOOP -> exercise.traits().looped();
            case LARGEST_OUTWARD_ROTATION -> curve.samples().stream().anyMatch(s -> isIn(s.pose(), limit));
            case NO_EXERCISE -> limit.target() != null && exercise.isCalled(limit.target());
            case COMES_LAST, OPENS -> false;
            case NO_FLAT_HAND -> exercise.isOnFlatHands();
            case NO_BODY_WEIGHT -> exercise.implement() == Implement.BODY_WEIGHT;
            case NO_ARM_PAD -> exercise.bracesTheArm();
            case LARGEST_INWARD_ROTATION -> curve.samples().stream().anyMatch(s -> isIn(s.pose(), limit));
            case LARGEST_ELBOW_BEND,
                    SMALLEST_ELBOW_BEND,
                    LARGEST_EFFORT,
                    FEWEST_REPS,
                    MOST_REPS,
                    SETS_PER_EXERCISE,
                    SETS_A_WEEK,
                    NO_METHOD,
                    HOLDS_ONLY,
                    LONGEST_HOLD,
                    NO_LOADING,
                    MOST_FLOOR_CHANGES,
                    IN_WORDS,
                    NO_BREATH_HOLDING,
                    NO_CUFFS,
                    NO_FAST_LOWERING -> false;
        };
    }

    private static String name(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}

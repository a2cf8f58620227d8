package kinesia.core.plan;

import java.util.ArrayList;
import java.util.List;
import kinesia.core.arm.Movement;
import kinesia.core.dose.Equipment;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.exercise.Adjustment;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Gear;
import kinesia.core.exercise.Grip;
import kinesia.core.exercise.Implement;
import kinesia.core.exercise.WorkbenchScope;
import kinesia.core.exercise.WorkbenchScope.Span;
import kinesia.core.reason.Numbers;
import org.jspecify.annotations.Nullable;

/**
 * The single changes that may be tried on one exercise in one room, by dimension, each with its size in steps: one bench
 * notch, 15 degrees, 15 cm of anchor height, 15 degrees of a depth stop, one grip, one implement or one load is one step
 * [house].
 */
final class EaseMoves {
    /** What is turned. */
    enum Dimension {
        BENCH("bench angle"),
        ARM("arm forward or back"),
        FLARE("elbow flare"),
        ANCHOR("cable or anchor height"),
        LOWER_STOP("where the lift starts"),
        UPPER_STOP("where the lift ends"),
        GRIP("grip"),
        IMPLEMENT("implement"),
        LOAD("load");

        private final String words;

        Dimension(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    /**
     * One change of one dimension.
     *
     * @param size steps, 1 or more
     * @param loadSteps steps up or down the room's loads; 0 for all but {@link Dimension#LOAD}
     */
    record Move(Dimension dimension, int size, Adjustment change, int loadSteps, String words) {
        /** Whether this goes the same way as {@code other} and at least as far. */
        boolean holds(Move other) {
            return dimension == other.dimension && size >= other.size && way().equals(other.way());
        }

        private String way() {
            double sign =
                    Math.signum(change.benchDeg() + change.armForwardDeg() + change.flareDeg() + change.anchorUpM());
            return Math.round(sign) + " " + Integer.signum(loadSteps) + " " + change.grip() + " " + change.implement();
        }
    }

    private static final double NOTCH_DEG = 15;
    private static final double NOTCH_M = 0.15;
    private static final double RIGHT_ANGLE = 90;
    private static final double SAME_DEG = 2;
    private static final double SAME_M = 0.05;
    // Shoulder height over stature, standing (Drillis and Contini 1966 [pub], quoted from memory).
    private static final double SHOULDER_HEIGHT = 0.818;
    private static final int MOST_NOTCHES = 3;
    private static final int MOST_LOAD_STEPS = 3;
    private static final double LEAST_RANGE_KEPT = 0.5;

    private EaseMoves() {}

    /** The moves of {@code dimension}, smallest first; empty when it cannot be turned here. */
    static List<Move> of(
            Dimension dimension,
            Exercise now,
            WorkbenchScope scope,
            Adjustment current,
            Equipment equipment,
            Body body) {
        return switch (dimension) {
            case BENCH -> bench(now, scope.benchDeg(), current.benchDeg(), equipment);
            case ARM -> spanned(dimension, scope.armForwardDeg(), current.armForwardDeg());
            case FLARE -> spanned(dimension, scope.flareDeg(), current.flareDeg());
            case ANCHOR -> anchors(now, equipment, body);
            case LOWER_STOP -> stops(now.movement(), true);
            case UPPER_STOP -> stops(now.movement(), false);
            case GRIP -> grips(now, scope);
            case IMPLEMENT -> implementChoices(now, scope, equipment, body);
            case LOAD -> loads(now);
        };
    }

    /** To the notches that the room's bench has; by 15 degrees where nobody wrote them down. */
    private static List<Move> bench(Exercise now, @Nullable Span span, double current, Equipment equipment) {
        if (span == null || !equipment.furniture().contains("adjustable bench")) {
            return List.of();
        }
        List<Double> notches = equipment.fixtures() == null
                ? List.of()
                : equipment.fixtures().benchNotchesDeg().stream()
                        .distinct()
                        .sorted()
                        .toList();
        if (notches.isEmpty()) {
            return spanned(Dimension.BENCH, span, current);
        }
        double pitch = now.movement().keyframes().get(0).pose().torsoPitchDeg();
        boolean back = pitch < 0;
        double at = back ? RIGHT_ANGLE + pitch : RIGHT_ANGLE - pitch;
        List<Move> moves = new ArrayList<>();
        for (double notch : notches) {
            double by = back ? notch - at : at - notch;
            if (Math.abs(by) < SAME_DEG || current + by < span.from() || current + by > span.to()) {
                continue;
            }
            int between = (int) notches.stream()
                    .filter(n -> n > Math.min(at, notch) + SAME_DEG && n < Math.max(at, notch) - SAME_DEG)
                    .count();
            if (between < MOST_NOTCHES) {
                moves.add(new Move(
                        Dimension.BENCH,
                        between + 1,
                        Adjustment.bench(by),
                        0,
                        "bench in the " + Numbers.plain(notch) + " degree notch, "
                                + (notch > at ? "more upright" : "flatter")));
            }
        }
        moves.sort(java.util.Comparator.comparingInt(Move::size));
        return moves;
    }

    private static List<Move> spanned(Dimension dimension, @Nullable Span span, double current) {
        List<Move> moves = new ArrayList<>();
        for (int k = 1; span != null && k <= MOST_NOTCHES; k++) {
            for (int sign : new int[] {1, -1}) {
                double by = sign * k * NOTCH_DEG;
                if (current + by >= span.from() && current + by <= span.to()) {
                    moves.add(new Move(dimension, k, turned(dimension, by), 0, words(dimension, by)));
                }
            }
        }
        return moves;
    }

    private static Adjustment turned(Dimension dimension, double by) {
        return switch (dimension) {
            case BENCH -> Adjustment.bench(by);
            case ARM -> Adjustment.armForward(by);
            default -> Adjustment.flare(by);
        };
    }

    private static String words(Dimension dimension, double by) {
        String degrees = (int) Math.abs(by) + " degrees";
        return switch (dimension) {
            case BENCH -> "bench " + degrees + (by > 0 ? " more upright" : " flatter");
            case ARM -> "upper arm " + degrees + (by > 0 ? " further forward" : " further back");
            default -> "elbows " + degrees + (by > 0 ? " further out" : " further in");
        };
    }

    /**
     * To the heights that the room has, where they are written down; else a cable's pulley goes hole by hole, and a band
     * stays where it is fixed unless a door holds it.
     */
    private static List<Move> anchors(Exercise now, Equipment equipment, Body body) {
        List<Move> moves = new ArrayList<>();
        if (!now.implement().isAnchored() || now.implement() == Implement.MACHINE) {
            return moves;
        }
        boolean underfoot =
                now.equipment().stream().noneMatch(Gear.ANCHORS::contains) && now.implement() == Implement.BAND;
        List<Double> heights = equipment.fixtures() == null
                ? List.of()
                : equipment.fixtures().anchorHeightsM().stream()
                        .distinct()
                        .sorted()
                        .toList();
        if (underfoot
                || (heights.isEmpty()
                        && now.implement() == Implement.BAND
                        && !equipment.furniture().contains("door anchor"))) {
            return moves;
        }
        if (!heights.isEmpty()) {
            return toHeights(now, heights, body);
        }
        for (int k = 1; k <= MOST_NOTCHES; k++) {
            for (int sign : new int[] {1, -1}) {
                double by = sign * k * NOTCH_M;
                moves.add(new Move(
                        Dimension.ANCHOR,
                        k,
                        Adjustment.anchorUp(by),
                        0,
                        (now.implement() == Implement.BAND ? "anchor " : "pulley ") + Math.round(Math.abs(by) * 100)
                                + " cm " + (by > 0 ? "higher" : "lower")));
            }
        }
        return moves;
    }

    private static List<Move> toHeights(Exercise now, List<Double> heights, Body body) {
        double at = now.resistance().anchor(body).orElseThrow().y() + SHOULDER_HEIGHT * body.statureM();
        List<Move> moves = new ArrayList<>();
        for (double height : heights) {
            double by = height - at;
            int between = (int) heights.stream()
                    .filter(h -> h > Math.min(at, height) + SAME_M && h < Math.max(at, height) - SAME_M)
                    .count();
            if (Math.abs(by) >= SAME_M && between < MOST_NOTCHES) {
                moves.add(new Move(
                        Dimension.ANCHOR,
                        between + 1,
                        Adjustment.anchorUp(by),
                        0,
                        (now.implement() == Implement.BAND ? "anchor" : "pulley") + " at " + Math.round(height * 100)
                                + " cm, " + (by > 0 ? "higher" : "lower")));
            }
        }
        moves.sort(java.util.Comparator.comparingInt(Move::size));
        return moves;
    }

    /** Stops that leave out the first or last 15, 30 or 45 degrees of bend, while half of the bend is kept. */
    private static List<Move> stops(Movement movement, boolean lower) {
        double start = movement.at(0).elbowFlexionDeg();
        double end = movement.at(1).elbowFlexionDeg();
        double whole = Math.abs(end - start);
        List<Move> moves = new ArrayList<>();
        for (int k = 1; k <= MOST_NOTCHES; k++) {
            double cut = k * NOTCH_DEG;
            if (whole - cut < LEAST_RANGE_KEPT * whole) {
                break;
            }
            double share = progressAfter(movement, lower, cut);
            double bend = movement.at(lower ? share : 1 - share).elbowFlexionDeg();
            moves.add(new Move(
                    lower ? Dimension.LOWER_STOP : Dimension.UPPER_STOP,
                    k,
                    lower ? Adjustment.range(share, 1) : Adjustment.range(0, 1 - share),
                    0,
                    (lower ? "start" : "stop") + " at " + Math.round(bend) + " degrees of bend"));
        }
        return moves;
    }

    private static double progressAfter(Movement movement, boolean fromStart, double cut) {
        double first = movement.at(fromStart ? 0 : 1).elbowFlexionDeg();
        for (int i = 1; i <= 1000; i++) {
            double p = i / 1000.0;
            double bend = movement.at(fromStart ? p : 1 - p).elbowFlexionDeg();
            if (Math.abs(bend - first) >= cut - 1e-9) {
                return p;
            }
        }
        return 1;
    }

    private static List<Move> grips(Exercise now, WorkbenchScope scope) {
        List<Move> moves = new ArrayList<>();
        for (Grip grip : scope.grips()) {
            if (grip != now.grip()) {
                moves.add(new Move(Dimension.GRIP, 1, Adjustment.grip(grip), 0, "held " + grip.words()));
            }
        }
        return moves;
    }

    private static List<Move> implementChoices(Exercise now, WorkbenchScope scope, Equipment equipment, Body body) {
        List<Move> moves = new ArrayList<>();
        for (Implement implement : scope.implementChoices()) {
            if (implement != now.implement() && isHere(implement, now, equipment, body)) {
                moves.add(new Move(
                        Dimension.IMPLEMENT, 1, Adjustment.implement(implement), 0, "with a " + implement.words()));
            }
        }
        return moves;
    }

    private static boolean isHere(Implement implement, Exercise now, Equipment equipment, Body body) {
        return !ReachableLoads.of(equipment, implement, now.bodyWeightShare() * body.massKg(), now.implementsAtOnce())
                .isEmpty();
    }

    private static List<Move> loads(Exercise now) {
        List<Move> moves = new ArrayList<>();
        for (int k = 1; now.bodyWeightShare() == 0 && k <= MOST_LOAD_STEPS; k++) {
            for (int sign : new int[] {-1, 1}) {
                moves.add(new Move(
                        Dimension.LOAD,
                        k,
                        Adjustment.NONE,
                        sign * k,
                        k + (k == 1 ? " load step " : " load steps ") + (sign < 0 ? "lighter" : "heavier")));
            }
        }
        return moves;
    }
}

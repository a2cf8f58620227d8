package kinesia.core.plan;

import java.util.Optional;
import kinesia.core.arm.Movement;

/** The part of a movement that lies within an allowed range of elbow bend. */
final class RangeOfMovement {
    // A movement that keeps less than half of its bend is another exercise; it is left out instead [house].
    private static final double SMALLEST_SHARE = 0.5;
    private static final int STEPS = 1000;

    private RangeOfMovement() {}

    /** {@code movement} cut to bends from {@code least} to {@code most} degrees; empty when too little would be left. */
    static Optional<Movement> within(Movement movement, double least, double most) {
        return part(movement, least, most).map(p -> p.isWhole() ? movement : movement.part(p.from(), p.to()));
    }

    /** The part of the lift with bends from {@code least} to {@code most} degrees; empty when too little would be left. */
    static Optional<LimitCheck.Part> part(Movement movement, double least, double most) {
        // Angles run straight between keyframes: when those lie within, everything does.
        boolean whole = movement.keyframes().stream()
                .mapToDouble(k -> k.pose().elbowFlexionDeg())
                .allMatch(bend -> bend >= least - 1e-9 && bend <= most + 1e-9);
        if (whole) {
            return Optional.of(LimitCheck.Part.WHOLE);
        }
        int from = -1;
        int to = -1;
        for (int i = 0; i <= STEPS; i++) {
            double bend = movement.elbowFlexionAt((double) i / STEPS);
            if (bend >= least - 1e-9 && bend <= most + 1e-9) {
                from = from < 0 ? i : from;
                to = i;
            } else if (from >= 0) {
                break;
            }
        }
        if (from == 0 && to == STEPS) {
            return Optional.of(LimitCheck.Part.WHOLE);
        }
        if (from < 0 || travel(movement, from, to) < SMALLEST_SHARE * travel(movement, 0, STEPS)) {
            return Optional.empty();
        }
        return Optional.of(new LimitCheck.Part((double) from / STEPS, (double) to / STEPS));
    }

    private static double travel(Movement movement, int from, int to) {
        return Math.abs(movement.elbowFlexionAt((double) to / STEPS) - movement.elbowFlexionAt((double) from / STEPS));
    }
}

package kinesia.core.exercise;

import kinesia.core.arm.BandCalibration;
import kinesia.core.reason.InvalidValue;
import org.jspecify.annotations.Nullable;

/**
 * What a trainer turns on the workbench, as differences from a catalogue entry. Applied by {@link Workbench}.
 *
 * @param benchDeg added to the trunk's pitch, -75 to 75; positive is more upright for a client lying back
 * @param armForwardDeg upper arm forward (positive) or back through the whole lift, -90 to 90
 * @param driftDeg how much further forward the upper arm drifts by the top, -60 to 60
 * @param flareDeg elbows outward, -30 to 75
 * @param anchorUpM pulley or anchor higher, -2 to 2 m
 * @param anchorForwardM pulley or anchor further forward, -2 to 2 m
 * @param grip null as in the entry
 * @param implement null as in the entry
 * @param rangeFrom share of the entry's range where the lift starts, 0 to 1
 * @param rangeTo share where it ends, 0 to 1, at least 0.05 beyond the start
 * @param bandCount bands side by side, 1 to 8
 * @param bandWrapM length wound up, 0 to 1 m
 * @param band measured band; null for the entry's own
 */
public record Adjustment(
        double benchDeg,
        double armForwardDeg,
        double driftDeg,
        double flareDeg,
        double anchorUpM,
        double anchorForwardM,
        @Nullable Grip grip,
        @Nullable Implement implement,
        double rangeFrom,
        double rangeTo,
        int bandCount,
        double bandWrapM,
        @Nullable MeasuredBand band) {

    /** Nothing changed. */
    public static final Adjustment NONE = new Adjustment(0, 0, 0, 0, 0, 0, null, null, 0, 1, 1, 0, null);

    private static final double SMALLEST_RANGE = 0.05;

    /** A band's free length and two pulls on a luggage scale. */
    public record MeasuredBand(double freeLengthM, BandCalibration.Pull firstPull, BandCalibration.Pull secondPull) {
        public BandCalibration calibration() {
            return BandCalibration.of(freeLengthM, firstPull, secondPull);
        }
    }

    /** Throws {@link InvalidValue} naming the field and its range. */
    public Adjustment {
        InvalidValue.requireWithin("benchDeg", benchDeg, -75, 75, "degrees");
        InvalidValue.requireWithin("armForwardDeg", armForwardDeg, -90, 90, "degrees");
        InvalidValue.requireWithin("driftDeg", driftDeg, -60, 60, "degrees");
        InvalidValue.requireWithin("flareDeg", flareDeg, -30, 75, "degrees");
        InvalidValue.requireWithin("anchorUpM", anchorUpM, -2, 2, "m");
        InvalidValue.requireWithin("anchorForwardM", anchorForwardM, -2, 2, "m");
        InvalidValue.requireWithin("rangeFrom", rangeFrom, 0, 1 - SMALLEST_RANGE, "");
        InvalidValue.requireWithin("rangeTo", rangeTo, rangeFrom + SMALLEST_RANGE, 1, "");
        InvalidValue.requireWithin("bandCount", bandCount, 1, 8, "bands");
        InvalidValue.requireWithin("bandWrapM", bandWrapM, 0, 1, "m");
    }

    /** This change and then {@code next}; a range of {@code next} is a share of what this one leaves. */
    public Adjustment then(Adjustment next) {
        double left = rangeTo - rangeFrom;
        return new Adjustment(
                benchDeg + next.benchDeg,
                armForwardDeg + next.armForwardDeg,
                driftDeg + next.driftDeg,
                flareDeg + next.flareDeg,
                anchorUpM + next.anchorUpM,
                anchorForwardM + next.anchorForwardM,
                next.grip == null ? grip : next.grip,
                next.implement == null ? implement : next.implement,
                rangeFrom + left * next.rangeFrom,
                rangeFrom + left * next.rangeTo,
                next.bandCount == 1 ? bandCount : next.bandCount,
                bandWrapM + next.bandWrapM,
                next.band == null ? band : next.band);
    }

    /** Only the arm raised forward or back. */
    public static Adjustment armForward(double degrees) {
        return new Adjustment(0, degrees, 0, 0, 0, 0, null, null, 0, 1, 1, 0, null);
    }

    /** Only the bench tipped. */
    public static Adjustment bench(double degrees) {
        return new Adjustment(degrees, 0, 0, 0, 0, 0, null, null, 0, 1, 1, 0, null);
    }

    /** Only the elbows let out. */
    public static Adjustment flare(double degrees) {
        return new Adjustment(0, 0, 0, degrees, 0, 0, null, null, 0, 1, 1, 0, null);
    }

    /** Only the pulley or anchor moved up or down. */
    public static Adjustment anchorUp(double metres) {
        return new Adjustment(0, 0, 0, 0, metres, 0, null, null, 0, 1, 1, 0, null);
    }

    /** Only another grip. */
    public static Adjustment grip(Grip grip) {
        return new Adjustment(0, 0, 0, 0, 0, 0, grip, null, 0, 1, 1, 0, null);
    }

    /** Only another implement. */
    public static Adjustment implement(Implement implement) {
        return new Adjustment(0, 0, 0, 0, 0, 0, null, implement, 0, 1, 1, 0, null);
    }

    /** Only part of the range. */
    public static Adjustment range(double from, double to) {
        return new Adjustment(0, 0, 0, 0, 0, 0, null, null, from, to, 1, 0, null);
    }
}

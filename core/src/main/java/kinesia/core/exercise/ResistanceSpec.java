package kinesia.core.exercise;

import java.util.List;
import java.util.Optional;
import kinesia.core.arm.ArmFrame;
import kinesia.core.arm.Resistance;
import kinesia.core.arm.Vec3;

/** How a load in kilograms becomes a force on one hand. Points are shares of stature from the shoulder. */
public sealed interface ResistanceSpec {
    // A band is measured by its pull at double length; at first tension it already gives a tenth of that [house].
    double BAND_START_SHARE = 0.10;

    /** The resistances on one hand for {@code loadKg}. */
    List<Resistance> forLoad(double loadKg, Body body);

    /** Where a cable or band is fixed (m, from the shoulder); empty for the others. */
    default Optional<Vec3> anchor(Body body) {
        return Optional.empty();
    }

    /** How many hands share one load. */
    default int hands() {
        return 1;
    }

    /** A weight shared by {@code hands} hands. */
    record Weight(int hands) implements ResistanceSpec {
        @Override
        public List<Resistance> forLoad(double loadKg, Body body) {
            return List.of(new Resistance.FreeWeight(loadKg / hands));
        }
    }

    /** A stack's cable shared by {@code hands} hands; an ideal pulley, real ones have friction. */
    record Stack(int hands, Vec3 pulley) implements ResistanceSpec {
        @Override
        public Optional<Vec3> anchor(Body body) {
            return Optional.of(pulley.times(body.statureM()));
        }

        @Override
        public List<Resistance> forLoad(double loadKg, Body body) {
            return List.of(new Resistance.Cable(loadKg * Resistance.GRAVITY / hands, pulley.times(body.statureM())));
        }
    }

    /**
     * Bands per hand; {@code loadKg} is the pull of one at double length over standard gravity.
     *
     * @param freeLength share of stature
     * @param startShare pull at first tension over pull at double length
     * @param count bands side by side
     * @param wrap wound up length, share of stature
     */
    record Elastic(double freeLength, Vec3 fixedAt, double startShare, int count, double wrap)
            implements ResistanceSpec {
        /** One band, not wound up, whose start is the usual share. */
        static Elastic of(double freeLength, Vec3 fixedAt) {
            return new Elastic(freeLength, fixedAt, BAND_START_SHARE, 1, 0);
        }

        @Override
        public Optional<Vec3> anchor(Body body) {
            return Optional.of(fixedAt.times(body.statureM()));
        }

        @Override
        public List<Resistance> forLoad(double loadKg, Body body) {
            double force = loadKg * Resistance.GRAVITY;
            return List.of(new Resistance.Band(
                    startShare * force,
                    force,
                    freeLength * body.statureM(),
                    fixedAt.times(body.statureM()),
                    count,
                    wrap * body.statureM()));
        }
    }

    /** Body weight pushed away by the hands, along {@code toward} (a unit vector); the load is what both hands carry. */
    record Own(Vec3 toward) implements ResistanceSpec {
        @Override
        public List<Resistance> forLoad(double loadKg, Body body) {
            return List.of(new Resistance.Support(toward.times(loadKg * Resistance.GRAVITY / 2)));
        }
    }

    /**
     * A body that leans on its hands; the load is what both hands carry on average over the movement.
     *
     * @param share of body mass on both hands, on average
     */
    record Leaning(double tiltDeg, Pivot pivot, double share) implements ResistanceSpec {
        /** What the body turns about. */
        public enum Pivot {
            FEET(1, 0.818, 0.56),
            KNEES(0.886, 0.533, 0.335);

            // Of body mass above it, and of stature to shoulder and to the centre of mass, which raised arms bring up a
            // little (segment masses: de Leva 1996, lengths: Drillis and Contini 1966, quoted from memory [pub]).
            private final double massShare;
            private final double toShoulder;
            private final double toCentre;

            Pivot(double massShare, double toShoulder, double toCentre) {
                this.massShare = massShare;
                this.toShoulder = toShoulder;
                this.toCentre = toCentre;
            }
        }

        @Override
        public List<Resistance> forLoad(double loadKg, Body body) {
            return List.of(new Resistance.Leaning(
                    loadKg / share * pivot.massShare * Resistance.GRAVITY,
                    pivot.toShoulder * body.statureM(),
                    pivot.toCentre * body.statureM(),
                    tiltDeg));
        }

        /** The share of body mass that the hands carry at one moment, whoever leans. */
        static double shareAt(double tiltDeg, Pivot pivot, Body body, ArmFrame frame) {
            Resistance whole =
                    new Leaning(tiltDeg, pivot, 1).forLoad(body.massKg(), body).get(0);
            return 2 * whole.forceOn(frame).norm() / (body.massKg() * Resistance.GRAVITY);
        }
    }

    /**
     * An effort against something that does not move, which pushes back on each hand along {@code toward} (a unit vector); the
     * load is how hard, in kilograms of push per hand.
     */
    record Push(Vec3 toward) implements ResistanceSpec {
        @Override
        public List<Resistance> forLoad(double loadKg, Body body) {
            return List.of(new Resistance.Support(toward.times(loadKg * Resistance.GRAVITY)));
        }
    }

    /** Nothing in the hand. */
    record Unloaded() implements ResistanceSpec {
        @Override
        public List<Resistance> forLoad(double loadKg, Body body) {
            return List.of();
        }
    }
}

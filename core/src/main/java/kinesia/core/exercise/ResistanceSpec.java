package kinesia.core.exercise;

import java.util.List;
import java.util.Optional;
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

    /** A band per hand; {@code loadKg} is its pull at double length over standard gravity. */
    record Elastic(double freeLength, Vec3 fixedAt) implements ResistanceSpec {
        @Override
        public Optional<Vec3> anchor(Body body) {
            return Optional.of(fixedAt.times(body.statureM()));
        }

        @Override
        public List<Resistance> forLoad(double loadKg, Body body) {
            double force = loadKg * Resistance.GRAVITY;
            return List.of(new Resistance.Band(
                    BAND_START_SHARE * force,
                    force,
                    freeLength * body.statureM(),
                    fixedAt.times(body.statureM()),
                    1,
                    0));
        }
    }

    /** Body weight pushed up by the hands; the load is the mass both hands carry. */
    record Own() implements ResistanceSpec {
        @Override
        public List<Resistance> forLoad(double loadKg, Body body) {
            return List.of(new Resistance.Support(new Vec3(0, loadKg * Resistance.GRAVITY / 2, 0)));
        }
    }
}

package kinesia.core.arm;

import kinesia.core.reason.InvalidValue;

/** What pulls or pushes at the grip of one hand. */
public sealed interface Resistance {
    /** Standard gravity, m/s2 (CGPM 1901). */
    double GRAVITY = 9.80665;

    /** Force on the hand (N) with the grip at {@code grip} (m, from the shoulder). */
    Vec3 forceAt(Vec3 grip);

    /** The same resistance seen in the mirror that swaps left and right. */
    Resistance mirrored();

    /** A weight in the hand; 0 to 200 kg. */
    record FreeWeight(double massKg) implements Resistance {
        public FreeWeight {
            InvalidValue.requireWithin("massKg", massKg, 0, 200, "kg");
        }

        @Override
        public Vec3 forceAt(Vec3 grip) {
            return new Vec3(0, -massKg * GRAVITY, 0);
        }

        @Override
        public Resistance mirrored() {
            return this;
        }
    }

    /** A cable of constant tension (0 to 2000 N) toward a pulley (m, from the shoulder). */
    record Cable(double tensionN, Vec3 pulley) implements Resistance {
        public Cable {
            InvalidValue.requireWithin("tensionN", tensionN, 0, 2000, "N");
        }

        @Override
        public Vec3 forceAt(Vec3 grip) {
            return toward(grip, pulley, tensionN);
        }

        @Override
        public Resistance mirrored() {
            return new Cable(tensionN, pulley.mirrored());
        }
    }

    /**
     * {@code count} equal bands toward an anchor (m, from the shoulder). Tension of each is {@code forceAtZeroN} +
     * (force at double length - force at zero) x e, with e = (L - L0)/L0 the stretch beyond the free length L0 less the
     * wrapped length; slack bands pull nothing. Force depends on relative stretch: Simoneau et al. 2001 [pub].
     */
    record Band(
            double forceAtZeroN, double forceAtDoubleLengthN, double freeLengthM, Vec3 anchor, int count, double wrapM)
            implements Resistance {
        public Band {
            InvalidValue.requireWithin("forceAtZeroN", forceAtZeroN, 0, 500, "N");
            InvalidValue.requireWithin("forceAtDoubleLengthN", forceAtDoubleLengthN, forceAtZeroN, 1000, "N");
            InvalidValue.requireWithin("freeLengthM", freeLengthM, 0.05, 5, "m");
            InvalidValue.requireWithin("count", count, 1, 8, "bands");
            InvalidValue.requireWithin("wrapM", wrapM, 0, freeLengthM - 0.02, "m");
        }

        @Override
        public Vec3 forceAt(Vec3 grip) {
            double stretch = stretchAt(grip);
            double each = stretch > 0 ? forceAtZeroN + (forceAtDoubleLengthN - forceAtZeroN) * stretch : 0;
            return toward(grip, anchor, count * each);
        }

        /** Stretch beyond the free, unwrapped length as a share of it (1 = double length); 0 or less when slack. */
        public double stretchAt(Vec3 grip) {
            double free = freeLengthM - wrapM;
            return (anchor.minus(grip).norm() - free) / free;
        }

        @Override
        public Resistance mirrored() {
            return new Band(forceAtZeroN, forceAtDoubleLengthN, freeLengthM, anchor.mirrored(), count, wrapM);
        }
    }

    /** A reaction force given directly (N): the share of body weight a hand carries in a push-up or dip. */
    record Support(Vec3 force) implements Resistance {
        public Support {
            InvalidValue.requireWithin("forceN", force.norm(), 0, 3000, "N");
        }

        @Override
        public Vec3 forceAt(Vec3 grip) {
            return force;
        }

        @Override
        public Resistance mirrored() {
            return new Support(force.mirrored());
        }
    }

    private static Vec3 toward(Vec3 grip, Vec3 target, double force) {
        Vec3 line = target.minus(grip);
        double length = line.norm();
        return length == 0 ? Vec3.ZERO : line.times(force / length);
    }
}

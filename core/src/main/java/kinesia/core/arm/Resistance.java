package kinesia.core.arm;

import kinesia.core.reason.InvalidValue;

/** What pulls or pushes at the grip of one hand. */
public sealed interface Resistance {
    /** Standard gravity, m/s2 (CGPM 1901). */
    double GRAVITY = 9.80665;

    /** Force on the hand (N) of an arm placed as {@code frame}. */
    Vec3 forceOn(ArmFrame frame);

    /** The same resistance seen in the mirror that swaps left and right. */
    Resistance mirrored();

    /** What depends on nothing but where the hand is. */
    sealed interface AtTheGrip extends Resistance {
        /** Force on the hand (N) with the grip at {@code grip} (m, from the shoulder). */
        Vec3 forceAt(Vec3 grip);

        @Override
        default Vec3 forceOn(ArmFrame frame) {
            return forceAt(frame.grip());
        }
    }

    /** A weight in the hand; 0 to 200 kg. */
    record FreeWeight(double massKg) implements AtTheGrip {
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
    record Cable(double tensionN, Vec3 pulley) implements AtTheGrip {
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
            implements AtTheGrip {
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
    record Support(Vec3 force) implements AtTheGrip {
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

    /**
     * A stiff body that leans on both hands and turns about feet or knees: what each hand carries follows from the balance of
     * moments about that pivot, from moment to moment of the movement [physics].
     *
     * @param weightN weight of the part above the pivot, 0 to 3000
     * @param pivotM from the shoulder down the trunk to the pivot, 0.2 to 2
     * @param centreM from the pivot up the trunk to the centre of that weight, 0 to {@code pivotM}
     * @param tiltDeg how far the push of ground, wall or edge leaves the line of the forearm, within the elbow's bending plane
     *     and to the side that the extensors work against; 0 to 30
     */
    record Leaning(double weightN, double pivotM, double centreM, double tiltDeg) implements Resistance {
        public Leaning {
            InvalidValue.requireWithin("weightN", weightN, 0, 3000, "N");
            InvalidValue.requireWithin("pivotM", pivotM, 0.2, 2, "m");
            InvalidValue.requireWithin("centreM", centreM, 0, pivotM, "m");
            InvalidValue.requireWithin("tiltDeg", tiltDeg, 0, 30, "degrees");
        }

        @Override
        public Vec3 forceOn(ArmFrame frame) {
            Vec3 up = frame.trunkUp();
            double tilt = Math.toRadians(tiltDeg);
            Vec3 toward = frame.forearm()
                    .times(-Math.cos(tilt))
                    .plus(frame.flexionAxis().cross(frame.forearm()).times(Math.sin(tilt)));
            Vec3 fromPivot = frame.grip().plus(up.times(pivotM));
            double lever = fromPivot.x() * toward.y() - fromPivot.y() * toward.x();
            double moment = weightN * centreM * up.x();
            return moment <= 0 || lever <= 0 ? Vec3.ZERO : toward.times(moment / lever / 2);
        }

        @Override
        public Resistance mirrored() {
            return this;
        }
    }

    private static Vec3 toward(Vec3 grip, Vec3 target, double force) {
        Vec3 line = target.minus(grip);
        double length = line.norm();
        return length == 0 ? Vec3.ZERO : line.times(force / length);
    }
}

package kinesia.core.dose;

import kinesia.core.reason.InvalidValue;

/**
 * How hard a set was, 1 to 10 in halves, both ends included. From 7 up, repetitions in reserve are 10 - effort (Zourdos
 * et al. 2016 [pub]); below that no such number is claimed.
 */
public record Effort(double value) implements Comparable<Effort> {
    /** From here on a set counts as hard [house]. */
    public static final Effort HARD = new Effort(6);

    private static final double RESERVE_FROM = 7;

    public Effort {
        InvalidValue.requireWithin("effort", value, 1, 10, "");
        if (value * 2 != Math.rint(value * 2)) {
            throw new InvalidValue("effort", "goes in halves, was " + value);
        }
    }

    public static Effort of(double value) {
        return new Effort(value);
    }

    public boolean isHard() {
        return value >= HARD.value;
    }

    /** Whether repetitions in reserve may be read from this effort. */
    public boolean tellsReserve() {
        return value >= RESERVE_FROM;
    }

    /** Repetitions in reserve; only where {@link #tellsReserve()}. */
    public double repsInReserve() {
        if (!tellsReserve()) {
            throw new IllegalStateException("no repetitions in reserve below effort 7");
        }
        return 10 - value;
    }

    /** This effort, or {@code cap} if that is lower. */
    public Effort cappedAt(double cap) {
        return value <= cap ? this : new Effort(Math.max(1, Math.floor(cap * 2) / 2));
    }

    @Override
    public int compareTo(Effort other) {
        return Double.compare(value, other.value);
    }
}

package kinesia.core.screening;

import kinesia.core.reason.InvalidValue;

/** Pain as said by the client: a whole number from 0 (none) to 10, both included; anything else is refused. */
public record PainScore(int value) implements Comparable<PainScore> {
    public static final PainScore NONE = new PainScore(0);

    public PainScore {
        InvalidValue.requireWithin("pain", value, 0, 10, "");
    }

    public static PainScore of(int value) {
        return new PainScore(value);
    }

    public boolean atLeast(int other) {
        return value >= other;
    }

    @Override
    public int compareTo(PainScore other) {
        return Integer.compare(value, other.value);
    }
}

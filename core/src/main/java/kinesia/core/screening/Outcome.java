package kinesia.core.screening;

/** What a screen ends in, mildest first; the worst one wins. */
public enum Outcome {
    GO,
    GO_WITH_LIMITS,
    INCOMPLETE,
    REFER_BEFORE_LOADING,
    REFER_TODAY,
    STOP_NOW;

    /** The worse of the two. */
    public Outcome worse(Outcome other) {
        return compareTo(other) >= 0 ? this : other;
    }

    /** Whether a session may be planned. */
    public boolean allowsPlanning() {
        return this == GO || this == GO_WITH_LIMITS;
    }
}

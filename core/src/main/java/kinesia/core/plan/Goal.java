package kinesia.core.plan;

/** What the client wants; it bends how many sets a week has and how they are shared (RULES 5, [house]). */
public enum Goal {
    FUNCTION,
    ARM_SIZE,
    STRENGTH,
    KEEP,
    RETURN,
    LOOK;

    /** Whether the back of the arm gets four sets to three, and weeks grow to the most there is. */
    public boolean wantsMore() {
        return this == ARM_SIZE || this == STRENGTH || this == LOOK;
    }
}

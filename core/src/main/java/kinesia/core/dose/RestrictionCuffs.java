package kinesia.core.dose;

/** Restriction cuffs on the floor (RULES 4 [practice]): off between exercises, after ten minutes at most, and at once on numbness. */
public final class RestrictionCuffs {
    /** Seconds that they may stay on. */
    public static final int LONGEST_ON_S = 600;

    private RestrictionCuffs() {}
}

package kinesia.core.exercise;

import java.util.Locale;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What limits, methods and rankings ask about an entry: said in its rule file, never read from the spelling of its key.
 *
 * @param families the kinds of movement it counts as, such as "press" or "across-body"
 * @param otherArm what the arm that does not lift is needed for; for entries whose arms take turns
 * @param rung where it stands on the ladder of push-ups; null off the ladder
 * @param also positions that it takes besides its stance, such as one knee on a bench
 * @param braced whether the working elbow or upper arm is pressed against something that is no pad
 * @param looped whether something is looped round the wrist or held tight on the arm
 * @param safer the variation that does the same more kindly, which this one never comes before; null for none
 * @param risky whether an end of it is risky, so that it is planned only by hand
 * @param straightWrist whether the hands carry on fists or handles, so that no wrist is bent back
 * @param unmodelled the joint that it works and that the arm model does not have; null where it has all of them
 * @param alike another movement that a trainer would call the same thing in one session; null for none
 */
public record Traits(
        Set<String> families,
        OtherArmDuty otherArm,
        @Nullable Rung rung,
        Set<Stance> also,
        boolean braced,
        boolean looped,
        @Nullable String safer,
        boolean risky,
        boolean straightWrist,
        @Nullable Unmodelled unmodelled,
        @Nullable String alike) {
    // What a fancier variation is worth at most of its plainer sibling, and one with a risky end [house].
    private static final double FANCIER = 0.9;
    private static final double RISKY = 0.5;

    /** An entry about which nothing special is said. */
    public static final Traits NONE =
            new Traits(Set.of(), OtherArmDuty.RESTS, null, Set.of(), false, false, null, false, false, null, null);

    public Traits {
        families = Set.copyOf(families);
        also = Set.copyOf(also);
    }

    /** The most that an entry may be worth whose safer sibling is worth {@code safer}. */
    public double mostBeside(double safer) {
        double share = risky ? RISKY : FANCIER;
        return safer > 0 ? safer * share : safer * (2 - share);
    }

    /** What the arm model, which ends at the hand and at the shoulder, has no joint for. */
    public enum Unmodelled {
        WRIST("the wrist"),
        FOREARM_TURN("the turning of the forearm"),
        GRIP("the fingers"),
        SHOULDER_BLADE("the shoulder blade");

        private final String words;

        Unmodelled(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** The places that such work loads, though nobody can say by how much. */
        public Set<Site> loads() {
            return this == SHOULDER_BLADE ? Set.of() : Set.of(Site.OUTER_ELBOW, Site.INNER_ELBOW, Site.WRIST);
        }
    }

    /** What the arm that does not lift does meanwhile. */
    public enum OtherArmDuty {
        RESTS,
        /** It holds or steadies something, and carries no trunk. */
        HELPS,
        /** It carries a part of the trunk. */
        CARRIES
    }

    /** The ladder of push-ups, the most upright first. */
    public enum Rung {
        WALL,
        COUNTER,
        TABLE,
        BENCH,
        KNEES,
        FLOOR;

        /** In words: "the wall". */
        public String words() {
            return switch (this) {
                case WALL, COUNTER, TABLE, BENCH -> "the " + name().toLowerCase(Locale.ROOT);
                case KNEES -> "the knees";
                case FLOOR -> "the floor";
            };
        }
    }
}

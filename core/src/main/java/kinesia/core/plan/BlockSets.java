package kinesia.core.plan;

import java.util.List;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;

/**
 * How many hard sets the weeks of a block have, and how they are shared between front and back of the arm.
 *
 * @param ratio sets for the flexors against those for the extensors, 0.75 to 1
 * @param reasons of the sets and of the ratio
 */
public record BlockSets(Block.WeeklySets sets, double ratio, List<Reason> reasons) {
    // Of hard sets a week for each group [house].
    private static final int CEILING_SORE = 12;
    private static final int CEILING_CLEAR = 16;
    private static final int RISE_SORE = 1;
    private static final int RISE_CLEAR = 2;
    // The back of the arm is more than half of it: who wants size gets a set or two more there [house].
    private static final double RATIO_FOR_SIZE = 0.75;

    public BlockSets {
        reasons = List.copyOf(reasons);
    }

    /** The most hard sets of a group that a week may have. */
    public static int ceiling(boolean sore) {
        return sore ? CEILING_SORE : CEILING_CLEAR;
    }

    /** How many more a week may have after a good one. */
    public static int rise(boolean sore) {
        return sore ? RISE_SORE : RISE_CLEAR;
    }

    /** What a block that begins with {@code first} and has {@code visitsAWeek} may have. */
    public static BlockSets of(PlanRequest first, int visitsAWeek, Goal aim) {
        boolean forSize = aim.wantsMore();
        boolean sore = !first.soreSites().isEmpty();
        int each = Math.max(
                1,
                first.budget().values().stream()
                        .mapToInt(PlanRequest.SetBudget::sets)
                        .max()
                        .orElse(1));
        if (aim == Goal.KEEP) {
            return new BlockSets(new Block.WeeklySets(each, 0, each), 1, List.of(keeping(each)));
        }
        int start = Math.min(CEILING_CLEAR, each * visitsAWeek);
        int ceiling = Math.max(start, ceiling(sore));
        int rise = rise(sore);
        boolean full = start == ceiling;
        Reason sets = Reason.of(
                        "BLOCK-sets",
                        Tag.HOUSE,
                        "at most " + CEILING_SORE + " hard sets a week where a place is sore, else " + CEILING_CLEAR,
                        full
                                ? hardSets(start) + " every week and none added: no more than " + ceiling(sore)
                                        + " is built up" + (sore ? " where a place is sore." : ".")
                                : hardSets(start) + " in the first week, " + each + " at each visit, then " + rise
                                        + " more every week up to " + ceiling + ".",
                        full
                                ? "That is plenty; more would not be better."
                                : "We build the amount up slowly, week by week.")
                .with("first week", start)
                .with("more every week", rise)
                .with("at most", ceiling)
                .with("a place is sore", sore ? "yes" : "no");
        Reason ratio = Reason.of(
                        "BLOCK-ratio",
                        Tag.HOUSE,
                        forSize ? "3 sets for the front to 4 for the back" : "as many for the front as for the back",
                        forSize
                                ? "The goal is the look or size of the arm, and its back is more than half of it: 3 sets for"
                                        + " the front to 4 for the back."
                                : "As many sets for the front of the arm as for its back.",
                        forSize
                                ? "The back of the arm is the larger part, so it gets a little more."
                                : "Both get the same.")
                .with("goal is size or look", forSize ? "yes" : "no");
        return new BlockSets(
                new Block.WeeklySets(start, rise, ceiling), forSize ? RATIO_FOR_SIZE : 1, List.of(sets, ratio));
    }

    private static Reason keeping(int sets) {
        return Reason.of(
                        "BLOCK-keep",
                        Tag.PUB,
                        "keeping what is there: a third of the sets in one visit a week, the same load",
                        hardSets(sets)
                                + " a week for each side of the arm and none added: that keeps the strength that is there.",
                        "A little every week keeps what you have.")
                .with("sets a week", sets);
    }

    private static String hardSets(int sets) {
        return sets + (sets == 1 ? " hard set" : " hard sets");
    }
}

package kinesia.core.response;

import java.util.List;
import java.util.Objects;
import kinesia.core.arm.Side;
import kinesia.core.dose.LoggedSet;

/**
 * Which arm begins where the arms take turns: the one that did two repetitions or more less of the same load at the last visit
 * (RULES 6), else the one that did not begin then. Always the same arm first is one of the faults of the trade.
 */
public final class StartingArm {
    private static final int DIFFER_BY = 2;

    private StartingArm() {}

    /** {@code last} are the sets of the last visit in the order they were done; the right arm where no arm worked alone. */
    public static Side after(List<LoggedSet> last) {
        List<LoggedSet> armByArm = last.stream().filter(s -> s.side() != null).toList();
        if (armByArm.isEmpty()) {
            return Side.RIGHT;
        }
        for (LoggedSet set : armByArm) {
            for (LoggedSet other : armByArm) {
                boolean both = set.side() == Side.LEFT
                        && other.side() == Side.RIGHT
                        && set.exerciseKey().equals(other.exerciseKey())
                        && set.setNumber() == other.setNumber()
                        && set.load().equals(other.load());
                if (both && Math.abs(set.reps() - other.reps()) >= DIFFER_BY) {
                    return set.reps() < other.reps() ? Side.LEFT : Side.RIGHT;
                }
            }
        }
        return Objects.requireNonNull(armByArm.get(0).side()).other();
    }
}

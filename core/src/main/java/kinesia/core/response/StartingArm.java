package kinesia.core.response;

import java.util.Collections;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.IntStream;
import kinesia.core.arm.Side;
import kinesia.core.dose.LoggedSet;
import kinesia.core.plan.Plan.Slot;

/**
 * Which arm begins where the arms take turns. Of a visit: the one that did two repetitions or more less of the same load at the
 * last one (RULES 6), else the one that did not begin then. Of an exercise in which each arm has its own load: the weaker one.
 * Always the same arm first is one of the faults of the trade.
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
                        && set.setNumber() == other.setNumber();
                if (both && set.load().equals(other.load()) && Math.abs(set.reps() - other.reps()) >= DIFFER_BY) {
                    return set.reps() < other.reps() ? Side.LEFT : Side.RIGHT;
                }
            }
        }
        return Objects.requireNonNull(armByArm.get(0).side()).other();
    }

    /**
     * The arm that begins each set of {@code slot} in a visit that {@code first} begins; empty where both work together. Where the
     * arms change at every repetition the other one begins every other set.
     */
    public static List<Side> ofSets(Slot slot, Side first) {
        return switch (slot.arms()) {
            case TOGETHER -> List.of();
            case ALTERNATING ->
                IntStream.range(0, slot.sets())
                        .mapToObj(set -> set % 2 == 0 ? first : first.other())
                        .toList();
            case IN_TURN -> Collections.nCopies(slot.sets(), weaker(slot).orElse(first));
        };
    }

    private static Optional<Side> weaker(Slot slot) {
        int over = Double.compare(
                slot.of(Side.LEFT).load().kg(), slot.of(Side.RIGHT).load().kg());
        return over == 0 ? Optional.empty() : Optional.of(over < 0 ? Side.LEFT : Side.RIGHT);
    }
}

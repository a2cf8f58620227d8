package kinesia.core.response;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import kinesia.core.dose.Load;
import kinesia.core.dose.LoggedSet;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.plan.TrainingBlock;

/**
 * One exercise of the main work of a block, as it was done.
 *
 * @param visits on how many it was done
 * @param first the load of its first set
 * @param last the load of its last one
 */
public record DoneInBlock(String exerciseKey, String name, int visits, Load first, Load last) {
    /** What was in {@code block}, in the order it was first done; {@code sessions} oldest first. */
    public static List<DoneInBlock> of(TrainingBlock block, List<SessionRecord> sessions) {
        Map<String, DoneInBlock> done = new LinkedHashMap<>();
        for (SessionRecord session : sessions) {
            if (!block.covers(session.on())) {
                continue;
            }
            for (Slot slot : session.plan().mainSlots()) {
                List<LoggedSet> sets = session.setsOf(slot.exerciseKey());
                if (!sets.isEmpty()) {
                    Load first = sets.get(0).load();
                    Load last = sets.get(sets.size() - 1).load();
                    done.merge(
                            slot.exerciseKey(),
                            new DoneInBlock(slot.exerciseKey(), slot.name(), 1, first, last),
                            (a, b) -> new DoneInBlock(a.exerciseKey, b.name, a.visits + 1, a.first, b.last));
                }
            }
        }
        return new ArrayList<>(done.values());
    }
}

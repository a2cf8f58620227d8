package kinesia.core.plan;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import kinesia.core.exercise.Head;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import org.jspecify.annotations.Nullable;

/** Exercises that give way at the start of a block, where others fit. */
public final class NewExercises {
    /** Why one of the block before is left out. */
    public static final Reason REASON = Reason.of(
            "BLOCK-change",
            Tag.HOUSE,
            "exercises change between blocks where others fit",
            "It was in the block before; this block has other exercises where others fit.",
            "Something new for the next weeks.");

    private NewExercises() {}

    /** The request in which none gives way; empty where none does in {@code request}. */
    static Optional<PlanRequest> without(PlanRequest request) {
        Map<String, Reason> others = new HashMap<>(request.leftOut());
        return others.values().removeIf(REASON::equals) ? Optional.of(request.leavingOut(others)) : Optional.empty();
    }

    /** Whether others fit: {@code changed} gives each muscle at least the sets of {@code stayed}. */
    static boolean fit(@Nullable Plan changed, @Nullable Plan stayed) {
        if (changed == null || stayed == null) {
            return changed != null;
        }
        for (Head.Group group : Head.Group.values()) {
            if (changed.setsFor(group) < stayed.setsFor(group)) {
                return false;
            }
        }
        return true;
    }
}

package kinesia.plan;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import kinesia.core.dose.Progression;
import kinesia.core.plan.PlanCheck.WrittenUnit;
import kinesia.core.plan.PlanRequest;
import org.jspecify.annotations.Nullable;

/**
 * How a client's next visits are to be worked.
 *
 * @param method key of the way of working; null when none is picked
 * @param minutes null for the client's usual ones
 * @param placeId null for the client's usual place
 * @param pinned exercises that must be in it
 * @param banned exercises that must not
 * @param order exercises in the order the trainer moved them to; empty for the planner's own
 * @param rule what earns the next load; null for the house's own
 * @param written the session as the trainer wrote it; null while the planner composes it
 */
public record Composition(
        @Nullable String method,
        @Nullable Integer minutes,
        @Nullable UUID placeId,
        List<String> pinned,
        List<String> banned,
        List<String> order,
        Progression.@Nullable Rule rule,
        @Nullable List<WrittenUnit> written) {
    /** Nothing picked and nothing fixed. */
    public static final Composition NONE =
            new Composition(null, null, null, List.of(), List.of(), List.of(), null, null);

    /** Nothing picked but how long it lasts. */
    public static Composition lasting(int minutes) {
        return new Composition(null, minutes, null, List.of(), List.of(), List.of(), null, null);
    }

    public Composition {
        pinned = List.copyOf(pinned);
        banned = List.copyOf(banned);
        order = List.copyOf(order);
        written = written == null ? null : List.copyOf(written);
    }

    /** The same at another place. */
    Composition at(UUID place) {
        return new Composition(method, minutes, place, pinned, banned, order, rule, written);
    }

    Progression.Rule earns() {
        return rule == null ? Progression.Rule.TWICE_AT_THE_TOP : rule;
    }

    PlanRequest.Wishes wishes() {
        return new PlanRequest.Wishes(Set.copyOf(pinned), Set.copyOf(banned));
    }
}

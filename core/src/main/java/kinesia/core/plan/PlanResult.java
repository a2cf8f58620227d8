package kinesia.core.plan;

import java.util.List;
import kinesia.core.reason.Reason;
import org.jspecify.annotations.Nullable;

/** Either a plan, or why there is none and what would make one possible. */
public record PlanResult(@Nullable Plan plan, List<Reason> refusals) {
    static PlanResult refused(Reason reason) {
        return new PlanResult(null, List.of(reason));
    }

    static PlanResult of(Plan plan) {
        return new PlanResult(plan, List.of());
    }
}

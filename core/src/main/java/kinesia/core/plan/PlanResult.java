package kinesia.core.plan;

import java.util.ArrayList;
import java.util.List;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import org.jspecify.annotations.Nullable;

/**
 * Either a plan, or why there is none and what would make one possible.
 *
 * @param nearest the nearest method that fits, when the picked one cannot be kept
 * @param blocked nothing can be planned on that day, whatever the method
 */
public record PlanResult(
        @Nullable Plan plan,
        List<Reason> refusals,
        @Nullable String nearest,
        boolean blocked) {
    public PlanResult(@Nullable Plan plan, List<Reason> refusals) {
        this(plan, refusals, null, false);
    }

    static PlanResult refused(List<Reason> reasons) {
        return new PlanResult(null, List.copyOf(reasons));
    }

    static PlanResult blocked(Reason reason) {
        return new PlanResult(null, List.of(reason), null, true);
    }

    static PlanResult of(Plan plan) {
        return new PlanResult(plan, List.of());
    }

    PlanResult near(Method other) {
        List<Reason> more = new ArrayList<>(refusals);
        more.add(Reason.of(
                        "METHOD-nearest",
                        Tag.HOUSE,
                        "the first of the near methods that fits",
                        "The nearest way of working that fits is " + other.name() + ": " + other.what() + ".",
                        "We can do something close to it.")
                .with("method", other.name()));
        return new PlanResult(null, more, other.key(), false);
    }
}

package kinesia.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import kinesia.core.exercise.Site;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import org.jspecify.annotations.Nullable;

/**
 * Either a plan, or why there is none and what would make one possible.
 *
 * @param nearest the nearest method that fits, when the picked one cannot be kept
 * @param blocked nothing can be planned on that day, whatever the method
 * @param substitutes for each exercise of the plan what could take its place, best first
 */
public record PlanResult(
        @Nullable Plan plan,
        List<Reason> refusals,
        @Nullable String nearest,
        boolean blocked,
        Map<String, List<Substitute>> substitutes) {
    /** A result that says nothing of substitutes. */
    public PlanResult(@Nullable Plan plan, List<Reason> refusals) {
        this(plan, refusals, null, false, Map.of());
    }

    /**
     * An exercise that could take another's place.
     *
     * @param compared how good it is here beside what it would replace, in words
     * @param secondsMore what it takes longer
     * @param stress at each site, for what it changes there
     */
    public record Substitute(
            String exerciseKey, String name, String compared, double secondsMore, Map<Site, Double> stress) {}

    /** The same with {@code other} as its plan. */
    public PlanResult with(Plan other) {
        return new PlanResult(other, refusals, nearest, blocked, substitutes);
    }

    static PlanResult refused(List<Reason> reasons) {
        return new PlanResult(null, List.copyOf(reasons));
    }

    static PlanResult blocked(Reason reason) {
        return new PlanResult(null, List.of(reason), null, true, Map.of());
    }

    static PlanResult of(Plan plan, Map<String, List<Substitute>> substitutes) {
        return new PlanResult(plan, List.of(), null, false, substitutes);
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
        return new PlanResult(null, more, other.key(), false, Map.of());
    }
}

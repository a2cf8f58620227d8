package kinesia.core.response;

import java.util.function.Supplier;
import kinesia.core.plan.Plan;
import org.jspecify.annotations.Nullable;

/** The plan of a session that was, brought only when somebody asks: much is said of a record without it, and it is large. */
public final class Planned {
    private final Supplier<Plan> source;
    private @Nullable Plan plan;

    private Planned(Supplier<Plan> source) {
        this.source = source;
    }

    /** One that is there. */
    public static Planned of(Plan plan) {
        return new Planned(() -> plan);
    }

    /** One that {@code source} brings, once. */
    public static Planned broughtBy(Supplier<Plan> source) {
        return new Planned(source);
    }

    /** The plan. */
    public synchronized Plan plan() {
        if (plan == null) {
            plan = source.get();
        }
        return plan;
    }

    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof Planned planned && planned.plan().equals(plan());
    }

    @Override
    public int hashCode() {
        return plan().hashCode();
    }
}

package kinesia.core.response;

import java.util.Optional;
import kinesia.core.dose.Load;
import kinesia.core.dose.LoggedSet;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.dose.TrialSets;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;

/** What the set just done says about the next one. */
public final class InSession {
    private static final int PAIN_ENDS_OVER = 5;
    private static final double TOO_HARD_BY = 1.5;
    private static final double TWICE = 2;
    private static final double TINY = 1e-6;
    private static final double TOO_EASY_BY = 2;
    private static final double LARGEST_STEP = 1.10;
    private static final double SMALLEST_CUT = 0.95;
    private static final int EASY_PAIN = 2;
    private static final int MORE_REPS = 2;

    private InSession() {}

    /** What to do next. */
    public enum Next {
        AS_PLANNED,
        OTHER_LOAD,
        OTHER_REPS,
        END_EXERCISE
    }

    /** The advice for the next set of the same exercise. */
    public record Advice(Next next, Load load, int reps, Reason reason) {}

    /** The same for somebody frail, whose load is never doubled within a visit [house]. */
    public static Advice unhurried(Slot slot, LoggedSet set, ReachableLoads loads) {
        double most = TWICE * slot.load().kg() - TINY;
        return after(slot, set, loads.upTo(Math.max(most, set.load().kg())));
    }

    /** Advice after {@code set} of {@code slot}, with the loads the room has for it. */
    public static Advice after(Slot slot, LoggedSet set, ReachableLoads loads) {
        int aim = slot.reps().high();
        if (set.pain().value() > PAIN_ENDS_OVER) {
            return new Advice(
                    Next.END_EXERCISE,
                    set.load(),
                    0,
                    Reason.of(
                                    "FLOOR-pain-ends",
                                    Tag.PUB,
                                    "over 5",
                                    "Pain of " + set.pain().value() + " is over 5: this exercise ends here.",
                                    "We leave this one for today.")
                            .with("pain", set.pain().value()));
        }
        if (set.effort() == null) {
            return asPlanned(
                    set,
                    aim,
                    slot.trial()
                            ? "Nobody said how hard the trial set was: the same load again, and ask."
                            : "No effort was said: the next set stays as planned.");
        }
        double effort = set.effort().value();
        double target = slot.targetEffort().value();
        if (slot.trial() && set.setNumber() <= TrialSets.MOST && set.pain().value() <= EASY_PAIN) {
            TrialSets.Step step = TrialSets.after(set.load(), set.reps(), set.effort(), loads);
            boolean other = step.load().kg() != set.load().kg();
            int reps = step.found() ? aim : step.reps();
            return new Advice(
                    other ? Next.OTHER_LOAD : step.found() ? Next.AS_PLANNED : Next.OTHER_REPS,
                    step.load(),
                    reps,
                    step.reason());
        }
        if (effort >= target + TOO_HARD_BY) {
            Optional<Load> less = loads.below(set.load().kg());
            Reason reason = Reason.of(
                            "FLOOR-too-hard",
                            Tag.HOUSE,
                            "effort 1.5 above target",
                            "Effort " + Numbers.plain(effort) + " against a target of " + Numbers.plain(target) + ": "
                                    + less.filter(l -> l.kg() >= set.load().kg() * (2 * SMALLEST_CUT - 1))
                                            .map(l -> "next set with " + l.label() + ".")
                                            .orElse("two repetitions fewer, the next lighter load is too far down."),
                            "That was harder than meant; the next one is easier.")
                    .with("effort", effort)
                    .with("target", target);
            return less.filter(l -> l.kg() >= set.load().kg() * (2 * SMALLEST_CUT - 1))
                    .map(l -> new Advice(Next.OTHER_LOAD, l, aim, reason))
                    .orElseGet(
                            () -> new Advice(Next.OTHER_REPS, set.load(), Math.max(1, set.reps() - MORE_REPS), reason));
        }
        if (effort <= target - TOO_EASY_BY && set.pain().value() <= EASY_PAIN) {
            Optional<Load> more = loads.above(set.load().kg())
                    .filter(l -> l.kg() <= set.load().kg() * LARGEST_STEP + 1e-9);
            Reason reason = Reason.of(
                            "FLOOR-too-easy",
                            Tag.HOUSE,
                            "effort 2 below target and pain up to 2",
                            "Effort " + Numbers.plain(effort) + " against a target of " + Numbers.plain(target) + ": "
                                    + more.map(l -> "next set with " + l.label() + ".")
                                            .orElse("one or two repetitions more, the next load is over 10 % away."),
                            "That was easy; the next one may be a little more.")
                    .with("effort", effort)
                    .with("target", target);
            return more.map(l -> new Advice(Next.OTHER_LOAD, l, aim, reason))
                    .orElseGet(() -> new Advice(Next.OTHER_REPS, set.load(), aim + MORE_REPS, reason));
        }
        return asPlanned(
                set,
                aim,
                "Effort " + Numbers.plain(effort) + " is near the target of " + Numbers.plain(target)
                        + ": the next set stays as planned.");
    }

    private static Advice asPlanned(LoggedSet set, int aim, String exact) {
        return new Advice(
                Next.AS_PLANNED,
                set.load(),
                aim,
                Reason.of("FLOOR-as-planned", Tag.HOUSE, "effort within 2 of target", exact, "Good; the same again."));
    }
}

package kinesia.core.response;

import java.util.Optional;
import kinesia.core.dose.Load;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.exercise.Exercise.RepRange;
import kinesia.core.plan.Carryover;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;

/** What takes from an exercise: sets that were too hard, a place that stays the same for too long, a break. */
final class StepsBack {
    private static final double STEP_BACK = 0.9;
    private static final double BREAK_PER_WEEK = 0.1;
    private static final double BREAK_FLOOR = 0.5;
    // Down to this share the fewest repetitions stand in for a lighter load that is not here [house].
    private static final double FEWER_REPS_FROM = 0.7;
    private static final int WEEK = 7;

    private StepsBack() {}

    /** The load below, with the repetitions that went well there. */
    static Carryover tooHard(ExerciseLog log, ReachableLoads loads) {
        Load load = log.load();
        Slot slot = log.slot();
        Load less = loads.below(load.kg()).orElse(load);
        Reason why = Reason.of(
                        "LOAD-too-hard",
                        Tag.HOUSE,
                        "effort 2 above target, or under the fewest repetitions",
                        "The last sets were harder than meant or short of "
                                + slot.reps().low() + " repetitions: " + load.label()
                                + (less.equals(load)
                                        ? " stays, the lightest there is."
                                        : " goes down to " + less.label() + "."),
                        "That was a little too much, so we take a bit off.")
                .with("load", load.label())
                .with("repetitions", log.last().repetitions())
                .with("efforts", log.last().efforts());
        return new Decided(less, why).with(slot, log.repsThatWentWell(less).orElse(slot.reps()));
    }

    /** Second same running, its mornings not clean: a tenth of the load, else a set. */
    static Carryover secondSame(ExerciseLog log, ReachableLoads loads, SiteSignal signal) {
        Load load = log.load();
        Slot slot = log.slot();
        Load less = loads.atMost(load.kg() * STEP_BACK).orElse(load);
        boolean fewer = less.equals(load) && slot.sets() > 1;
        String lightest = "Second same running, and " + load.label() + " is the lightest there is: "
                + (fewer ? "one set fewer. " : "it stays. ");
        String back = "Second same running: a step back from " + load.label() + " to " + less.label() + ". ";
        Carryover decided = new Decided(
                        less,
                        Reason.of(
                                        "SAME-step-back",
                                        Tag.HOUSE,
                                        "second same running: 10 % of load or one set",
                                        (less.equals(load) ? lightest : back)
                                                + signal.reason().exact(),
                                        "We take a small step back and let it settle.")
                                .with("from", load.label())
                                .with("signal", signal.reason().ruleId()))
                .with(slot);
        return fewer ? decided.atMost(slot.sets() - 1) : decided;
    }

    /**
     * A tenth of the load for each started week beyond two [practice].
     *
     * @param away days
     * @param limited whether a sore or limited place is loaded: then fewer repetitions are no substitute for a lighter load
     */
    static Carryover afterBreak(ExerciseLog log, ReachableLoads loads, long away, boolean limited) {
        Load load = log.load();
        Slot slot = log.slot();
        long weeks = (away - WeekAllowance.BREAK_DAYS + WEEK - 1) / WEEK;
        double share = Math.max(BREAK_FLOOR, 1 - BREAK_PER_WEEK * weeks);
        String back = "Back after " + away + " days";
        String wanted = back + ": " + Numbers.plain(100 * share, 0) + " % of " + load.label() + " is ";
        Optional<Load> under = loads.atMost(load.kg() * share);
        if (under.isPresent()) {
            String most = wanted + "at most " + under.get().label() + " here,";
            return returning(away, load, under.get(), most).with(slot);
        }
        if (share >= FEWER_REPS_FROM && !limited && !loads.isEmpty()) {
            Load lightest = loads.lightest();
            int fewest = Math.min(slot.usual().low(), slot.reps().low());
            String few =
                    back + ", and nothing is lighter here than " + lightest.label() + ": " + fewest + " repetitions,";
            return returning(away, load, lightest, few).with(slot, new RepRange(fewest, fewest));
        }
        // What is not here is asked for all the same: then the planner leaves the exercise out, or takes what is nearly
        // it.
        Load less = load.ofItsKind(load.kg() * share);
        String none = loads.isEmpty() ? "none," : loads.lightest().label() + ",";
        return returning(away, load, less, wanted + less.label() + ", under the lightest here, " + none)
                .with(slot);
    }

    private static Decided returning(long away, Load last, Load now, String what) {
        return new Decided(
                now,
                Reason.of(
                                "BREAK-return",
                                Tag.PRACTICE,
                                "10 % for each started week beyond 14 days, down to half",
                                what + " and the number of sets starts again.",
                                "After the break we begin lighter and build up again.")
                        .with("days away", away)
                        .with("last load", last.label()));
    }
}

package kinesia.core.dose;

import java.util.List;
import java.util.Optional;
import kinesia.core.exercise.Exercise.RepRange;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;

/**
 * When and how an exercise gets harder: two sessions running at the top of the range at or under the target effort, both
 * "go", then the smallest step of 2 to 10 % (ACSM 2009 [pub]); a larger step is bridged with repetitions first, then with a
 * slower lowering [house].
 */
public final class Progression {
    public static final double SMALLEST_STEP = 0.02;
    public static final double LARGEST_STEP = 0.10;
    private static final int BRIDGE_REPS = 5;
    private static final int MOST_REPS = 20;
    // The range that is aimed at while bridging, and after a big step, stays this narrow [house].
    private static final int BRIDGE_WIDTH = 4;
    private static final int AFTER_STEP_WIDTH = 2;

    /** Seconds of lowering while it bridges a step; every exercise's and method's own is shorter. */
    public static final int SLOW_LOWERING_S = 4;

    private Progression() {}

    /** One session of one exercise, as far as progression looks at it; {@code lowering} in seconds. */
    public record Session(List<LoggedSet> sets, RepRange reps, int lowering, Effort target, boolean go) {
        public Session {
            sets = List.copyOf(sets);
        }

        boolean earned() {
            return go
                    && !sets.isEmpty()
                    && sets.stream()
                            .allMatch(s -> s.reps() >= reps.high()
                                    && s.effort() != null
                                    && s.effort().compareTo(target) <= 0);
        }
    }

    /** What changes: at most one of load, repetitions and seconds of lowering; 0 is the exercise's own lowering. */
    public record Step(Load load, RepRange reps, int lowering, Reason reason) {}

    /**
     * The step that {@code previous} and {@code last} have earned; empty when they have not.
     *
     * @param base the exercise's own repetition range, for the floor after a step
     * @param mostReps the highest repetitions a limit allows
     */
    public static Optional<Step> next(
            Session previous, Session last, Load load, RepRange base, int mostReps, ReachableLoads loads) {
        if (!previous.earned() || !last.earned()) {
            return Optional.empty();
        }
        Optional<Load> above = loads.loads().stream()
                .filter(l -> l.kg() >= load.kg() * (1 + SMALLEST_STEP) - 1e-9)
                .findFirst();
        if (above.isPresent() && above.get().kg() <= load.kg() * (1 + LARGEST_STEP) + 1e-9) {
            return Optional.of(new Step(above.get(), base, 0, step(load, above.get(), "")));
        }
        int bridged = Math.min(Math.min(base.high() + BRIDGE_REPS, MOST_REPS), mostReps);
        if (last.reps().high() < bridged) {
            int high = last.reps().high() + 1;
            RepRange more = new RepRange(Math.max(last.reps().low(), high - BRIDGE_WIDTH), high);
            return Optional.of(new Step(load, more, 0, bridgedBy(load, above, "up to " + high + " repetitions", more)));
        }
        if (last.lowering() < SLOW_LOWERING_S) {
            String how = "the same repetitions, lowered in " + SLOW_LOWERING_S + " s,";
            return Optional.of(new Step(load, last.reps(), SLOW_LOWERING_S, bridgedBy(load, above, how, last.reps())));
        }
        if (previous.lowering() < SLOW_LOWERING_S) {
            return Optional.empty(); // lowered slowly in two sessions running, as with everything else
        }
        return above.map(a -> new Step(
                a,
                new RepRange(base.low(), Math.min(base.high(), base.low() + AFTER_STEP_WIDTH)),
                0,
                step(load, a, " with the fewest repetitions to start")));
    }

    private static Reason step(Load from, Load to, String how) {
        String percent = Numbers.plain(100 * (to.kg() / from.kg() - 1), 0);
        return Reason.of(
                        "PROGRESS-load",
                        Tag.PUB,
                        "2 to 10 %",
                        "Two sessions running at the top of the range at or under the target effort, both go: "
                                + from.label() + " to " + to.label() + ", " + percent + " % more" + how + ".",
                        "You have earned the next weight.")
                .with("from", from.label())
                .with("to", to.label())
                .with("step", percent + " %");
    }

    private static Reason bridgedBy(Load load, Optional<Load> above, String how, RepRange reps) {
        String next = above.map(a -> "the next load, " + a.label() + ", is "
                        + Numbers.plain(100 * (a.kg() / load.kg() - 1), 0) + " % more")
                .orElse("there is no heavier load here");
        return Reason.of(
                        "PROGRESS-bridge",
                        Tag.HOUSE,
                        "a step over 10 % is bridged: repetitions, then slower lowering, then the step",
                        "Two sessions running at the top of the range, both go, but " + next + ": " + how + " with "
                                + load.label() + " first.",
                        "The next weight is a big jump, so we make this one harder first.")
                .with("load", load.label())
                .with("next load", above.map(Load::label).orElse("none"))
                .with("repetitions", reps.low() + " to " + reps.high());
    }
}

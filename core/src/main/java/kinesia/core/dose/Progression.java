package kinesia.core.dose;

import java.util.List;
import java.util.Optional;
import kinesia.core.exercise.Exercise.RepRange;
import kinesia.core.exercise.Exercise.Tempo;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import org.jspecify.annotations.Nullable;

/**
 * When and how an exercise gets harder (RULES 4): two sessions running at the top of the range at or under the target effort, both
 * "go", or one easy one where nothing limited is loaded; then the smallest step of 2 to 10 % (ACSM 2009 [pub]). A larger step is
 * bridged with repetitions first, then with a slower lowering [house]. One variable at a time: a load keeps its range.
 */
public final class Progression {
    public static final double SMALLEST_STEP = 0.02;
    public static final double LARGEST_STEP = 0.10;
    /** Nobody doubles a load: by Epley's formula whoever does 20 repetitions with one cannot lift twice as much once [house]. */
    public static final double DOUBLE = 2;
    /** Repetitions over the aim in the last set that {@link Rule#TWO_FOR_TWO} asks for [pub]. */
    public static final int OVER_IN_LAST_SET = 2;

    private static final double LARGEST_EASY_STEP = 0.5;
    private static final int BRIDGE_REPS = 5;
    private static final int MOST_REPS = 20;
    // The range that is aimed at while bridging, and after a big step, stays this narrow [house].
    private static final int BRIDGE_WIDTH = 4;
    private static final int AFTER_STEP_WIDTH = 2;
    // People misjudge by more than half a point, so half a point over the target is nothing [pub].
    private static final double NOTHING = 0.5;
    private static final double EASY_UP_TO = 6;
    private static final double EASY_UNDER_TARGET = 1;
    private static final int LONGEST_SET_S = 90;
    private static final double TINY = 1e-9;

    /** Seconds of lowering while it bridges a step; every exercise's and method's own is shorter. */
    public static final int SLOW_LOWERING_S = 4;

    private Progression() {}

    /** What earns a step. */
    public enum Rule {
        /** All sets at the top of the range at or under the target effort, in two sessions running [house]. */
        TWICE_AT_THE_TOP,
        /** Two or more repetitions over the aim in the last set, in two sessions running: "2-for-2" [pub]. */
        TWO_FOR_TWO
    }

    /**
     * One session of one exercise, as far as progression looks at it.
     *
     * @param top whether every set reached its own aim
     * @param lowering seconds
     * @param go whether no place that it loads was worse than go, and it hurt too little to matter
     */
    public record Session(List<LoggedSet> sets, boolean top, RepRange reps, int lowering, Effort target, boolean go) {
        public Session {
            sets = List.copyOf(sets);
        }

        /** One whose sets all aim at the top of {@code reps}. */
        public Session(List<LoggedSet> sets, RepRange reps, int lowering, Effort target, boolean go) {
            this(sets, sets.stream().allMatch(s -> s.reps() >= reps.high()), reps, lowering, target, go);
        }

        private boolean earned(double most) {
            if (!go || !top || sets.isEmpty() || sets.get(sets.size() - 1).effort() == null) {
                return false; // the last set's effort has to be said
            }
            return sets.stream().map(LoggedSet::effort).allMatch(said -> said == null || said.value() <= most + TINY);
        }

        private boolean earned() {
            return earned(target.value() + NOTHING);
        }

        private boolean earned(Rule rule) {
            return rule == Rule.TWO_FOR_TWO
                    ? go && !sets.isEmpty() && sets.get(sets.size() - 1).reps() >= reps.high() + OVER_IN_LAST_SET
                    : earned();
        }

        private boolean easy() {
            return earned(Math.min(EASY_UP_TO, target.value() - EASY_UNDER_TARGET));
        }

        private int fewest() {
            return sets.stream().skip(1).mapToInt(LoggedSet::reps).min().orElse(0);
        }

        private double kg() {
            return sets.isEmpty() ? 0 : sets.get(sets.size() - 1).load().kg();
        }
    }

    /**
     * What is to get harder, and inside what.
     *
     * @param usual the range that the load belongs to; a bridge goes past it, a step comes back to it
     * @param mostReps the highest repetitions a limit allows
     * @param tempo of the exercise, lowering apart
     * @param lowers whether the lowering may bridge: not where the tempo belongs to the way of working
     * @param limited whether it loads a place that is sore or limited
     * @param bestKg the most it was done with before, within the record that is read
     * @param rule what earns a step
     */
    public record What(
            Load load,
            RepRange usual,
            int mostReps,
            Tempo tempo,
            boolean lowers,
            ReachableLoads loads,
            boolean limited,
            double bestKg,
            Rule rule) {
        private boolean regains() {
            return bestKg > load.kg() * (1 + SMALLEST_STEP);
        }
    }

    /**
     * What changes: at most one of load, repetitions and seconds of lowering; 0 is the exercise's own lowering.
     *
     * @param end nothing changes: there is no heavier load, and every bridge is used up
     */
    public record Step(Load load, RepRange reps, int lowering, boolean end, Reason reason) {
        /** One that changes something. */
        public Step(Load load, RepRange reps, int lowering, Reason reason) {
            this(load, reps, lowering, false, reason);
        }
    }

    /** The step that {@code previous} (null before there was one) and {@code last} have earned; empty when they have not. */
    public static Optional<Step> next(@Nullable Session previous, Session last, What what) {
        Optional<Load> above = what.loads().loads().stream()
                .filter(l -> l.kg() >= what.load().kg() * (1 + SMALLEST_STEP) - TINY)
                .findFirst();
        double step = above.map(l -> l.kg() / what.load().kg() - 1).orElse(Double.MAX_VALUE);
        boolean stepped = previous != null && last.kg() > previous.kg() + TINY;
        if (what.regains() && last.earned() && step <= (what.limited() ? LARGEST_STEP : LARGEST_EASY_STEP) + TINY) {
            return above.map(a -> step(what, a, what.usual(), Earned.REGAINED, ""));
        }
        if (!what.limited() && last.easy() && !stepped && step <= LARGEST_EASY_STEP + TINY) {
            return above.map(a -> step(what, a, what.usual(), Earned.EASY, ""));
        }
        if (previous == null || !previous.earned(what.rule()) || !last.earned(what.rule())) {
            boolean quick = !what.limited() && last.easy();
            return quick ? bridge(last, last, what, above) : Optional.empty();
        }
        if (step <= LARGEST_STEP + TINY) {
            return above.map(a -> step(what, a, what.usual(), twice(what), ""));
        }
        return bridge(previous, last, what, above);
    }

    /** A step that is too large is bridged: repetitions, then a slower lowering, then the step with the fewest repetitions. */
    private static Optional<Step> bridge(Session previous, Session last, What what, Optional<Load> above) {
        int bridged = Math.min(Math.min(what.usual().high() + BRIDGE_REPS, MOST_REPS), what.mostReps());
        if (last.reps().high() < bridged) {
            // What was easy and went past its aim has shown those repetitions already.
            int shown = last.easy() ? last.fewest() : 0;
            int high = Math.min(bridged, Math.max(last.reps().high() + 1, shown));
            RepRange more = new RepRange(Math.max(last.reps().low(), high - BRIDGE_WIDTH), high);
            return Optional.of(bridged(what, more, 0, above, "up to " + high + " repetitions"));
        }
        boolean slowFits = what.lowers()
                && last.reps().high() * (what.tempo().upS() + what.tempo().holdS() + SLOW_LOWERING_S) <= LONGEST_SET_S;
        if (last.lowering() < SLOW_LOWERING_S && slowFits) {
            return Optional.of(bridged(
                    what,
                    last.reps(),
                    SLOW_LOWERING_S,
                    above,
                    "the same repetitions, lowered in " + SLOW_LOWERING_S + " s,"));
        }
        if (slowFits && previous.lowering() < SLOW_LOWERING_S) {
            return Optional.empty(); // lowered slowly in two sessions running, as with everything else
        }
        return Optional.of(above.map(a -> step(
                        what,
                        a,
                        new RepRange(
                                what.usual().low(),
                                Math.min(what.usual().high(), what.usual().low() + AFTER_STEP_WIDTH)),
                        twice(what),
                        " with the fewest repetitions to start"))
                .orElseGet(() -> end(what, last)));
    }

    private static Earned twice(What what) {
        return what.rule() == Rule.TWO_FOR_TWO ? Earned.TWO_FOR_TWO : Earned.TWICE;
    }

    private enum Earned {
        TWO_FOR_TWO("Two sessions running with two or more repetitions over the aim in the last set, both go: "),
        TWICE("Two sessions running at the top of the range at or under the target effort, both go: "),
        EASY("All sets at the top of the range and easy: "),
        REGAINED("All sets at the top of the range, and more than this was lifted before: ");

        private final String words;

        Earned(String words) {
            this.words = words;
        }
    }

    private static Step step(What what, Load to, RepRange reps, Earned earned, String how) {
        Load from = what.load();
        String percent = Numbers.plain(100 * (to.kg() / from.kg() - 1), 0);
        return new Step(
                to,
                reps,
                0,
                Reason.of(
                                "PROGRESS-load",
                                earned == Earned.TWICE || earned == Earned.TWO_FOR_TWO ? Tag.PUB : Tag.HOUSE,
                                "2 to 10 %; up to half as much again where it was easy or is regained",
                                earned.words + from.label() + " to " + to.label() + ", " + percent + " % more" + how
                                        + ".",
                                "You have earned the next weight.")
                        .with("from", from.label())
                        .with("to", to.label())
                        .with("step", percent + " %"));
    }

    private static Step bridged(What what, RepRange reps, int lowering, Optional<Load> above, String how) {
        Load load = what.load();
        String next = above.map(a -> "the next load, " + a.label() + ", is "
                        + Numbers.plain(100 * (a.kg() / load.kg() - 1), 0) + " % more")
                .orElse("there is no heavier load here");
        return new Step(
                load,
                reps,
                lowering,
                Reason.of(
                                "PROGRESS-bridge",
                                Tag.HOUSE,
                                "a step over 10 % is bridged: repetitions, then slower lowering, then the step",
                                "At the top of the range, and go, but " + next + ": " + how + " with " + load.label()
                                        + " first.",
                                "The next weight is a big jump, so we make this one harder first.")
                        .with("load", load.label())
                        .with("next load", above.map(Load::label).orElse("none"))
                        .with("repetitions", reps.low() + " to " + reps.high()));
    }

    /** There is nothing heavier, and repetitions and lowering are used up. */
    private static Step end(What what, Session last) {
        return new Step(
                what.load(),
                last.reps(),
                last.lowering() >= SLOW_LOWERING_S ? SLOW_LOWERING_S : 0,
                true,
                Reason.of(
                                "PROGRESS-end",
                                Tag.HOUSE,
                                "no heavier load, all repetitions and the slow lowering reached",
                                what.load().first()
                                        + " is the heaviest here, and repetitions and lowering are at their most:"
                                        + " more range, or another exercise, would make it harder.",
                                "You have outgrown this one here.")
                        .with("load", what.load().label()));
    }
}

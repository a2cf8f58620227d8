package kinesia.core.dose;

import java.util.Optional;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;

/** Finding a first load: at most three trial sets of 8, each step taken by the effort said (RULES 4, [house]). */
public final class TrialSets {
    public static final int MOST = 3;
    public static final int REPS = 8;
    private static final int REPS_BEFORE_A_BIG_STEP = 12;
    private static final double VERY_EASY_UP_TO = 3;
    private static final double EASY_UP_TO = 4.5;
    static final double FOUND_UP_TO = 6;
    private static final double VERY_EASY = 1.5;
    private static final double EASY = 1.25;
    private static final double TOO_HARD = 0.8;
    private static final double LARGEST = 1.5;
    private static final double NOTHING = 1e-9;

    private TrialSets() {}

    /**
     * The load to try next, or to work with.
     *
     * @param found whether it is the one to work with
     * @param reps of the next trial set
     */
    public record Step(Load load, boolean found, int reps, Reason reason) {}

    /** The step after a trial set of {@code load} with {@code reps} felt like {@code effort}. */
    public static Step after(Load load, int reps, Effort effort, ReachableLoads loads) {
        double said = effort.value();
        String felt = "The trial set with " + load.label() + " felt like " + Numbers.plain(said) + ": ";
        if (said > FOUND_UP_TO) {
            Load less = lighter(load, loads);
            boolean none = less.kg() >= load.kg() - NOTHING;
            return step(
                    less,
                    none,
                    REPS,
                    felt + (none ? "there is nothing lighter here." : less.label() + " next."),
                    load,
                    said);
        }
        if (said > EASY_UP_TO) {
            return step(load, true, REPS, felt + "that is the load to work with.", load, said);
        }
        double factor = said <= VERY_EASY_UP_TO ? VERY_EASY : EASY;
        Load more = loads.atMost(load.kg() * factor + NOTHING).orElse(load);
        if (more.kg() > load.kg() + NOTHING) {
            return step(more, false, REPS, felt + more.label() + " next.", load, said);
        }
        Optional<Load> above = loads.above(load.kg());
        if (above.isEmpty()) {
            return step(load, true, REPS, felt + "there is nothing heavier here.", load, said);
        }
        Load next = above.get();
        boolean big = next.kg() > load.kg() * LARGEST + NOTHING;
        if (big
                && reps >= REPS_BEFORE_A_BIG_STEP
                && said > VERY_EASY_UP_TO
                && next.kg() >= Progression.DOUBLE * load.kg() - NOTHING) {
            String twice = "the next load, " + next.label() + ", is twice as heavy, so this is the one to work with.";
            return step(load, true, REPS, felt + twice, load, said);
        }
        if (!big || reps >= REPS_BEFORE_A_BIG_STEP) {
            return step(next, false, REPS, felt + "one step up to " + next.label() + ".", load, said);
        }
        return step(
                load,
                false,
                REPS_BEFORE_A_BIG_STEP,
                felt + "the next load, " + next.label()
                        + ", is more than half as much again, so 12 repetitions with this one first.",
                load,
                said);
    }

    /** The load of the last {@code trial}, carried to {@code aim} repetitions at {@code target} and rounded down. */
    public static Load working(LoggedSet trial, int aim, Effort target, ReachableLoads loads) {
        double kg = trial.load().kg() * ShownSet.carried(trial) / ShownSet.share(aim, target);
        return loads.atMost(Math.min(kg, trial.load().kg()) + NOTHING).orElse(trial.load());
    }

    /** A fifth less, at least one step of the room; the same where there is nothing lighter. */
    private static Load lighter(Load load, ReachableLoads loads) {
        return loads.atMost(load.kg() * TOO_HARD + NOTHING)
                .or(() -> loads.below(load.kg()))
                .orElse(load);
    }

    private static Step step(Load next, boolean found, int reps, String exact, Load tried, double said) {
        return new Step(
                next,
                found,
                reps,
                Reason.of(
                                "LOAD-trial",
                                Tag.HOUSE,
                                "to 3 half as much again, 3.5 to 4.5 a quarter more, 5 to 6 found, above 6 a fifth less",
                                exact,
                                "We let how it feels choose the weight.")
                        .with("effort said", said)
                        .with("load", tried.label()));
    }
}

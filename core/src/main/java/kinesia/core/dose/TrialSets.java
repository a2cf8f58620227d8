package kinesia.core.dose;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
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
    /** The most that a set may feel like for its load to be found. */
    public static final double FOUND_UP_TO = 6;

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

    /**
     * The repetitions of a first trial set with {@code load}, where {@code aim} are planned: 8, or 12 at once where the next load is
     * more than half as much again, which 8 could not lead to.
     */
    public static int first(Load load, int aim, ReachableLoads loads) {
        boolean big = loads.above(load.kg()).filter(next -> isBig(load, next)).isPresent();
        return Math.min(big ? REPS_BEFORE_A_BIG_STEP : REPS, aim);
    }

    private static boolean isBig(Load load, Load next) {
        return next.kg() > load.kg() * LARGEST + NOTHING;
    }

    /** The step after a trial set of {@code load} with {@code reps} felt like {@code effort}. */
    public static Step after(Load load, int reps, Effort effort, ReachableLoads loads) {
        double said = effort.value();
        String felt = felt(load, said);
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
        boolean big = isBig(load, next);
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

    /** A set of {@code reps} repetitions that felt like {@code effort}. */
    public record Tried(Load load, int reps, Effort effort) {
        private boolean isTooHard() {
            return effort.value() > FOUND_UP_TO;
        }

        private String felt() {
            return load.label() + " felt like " + Numbers.plain(effort.value());
        }
    }

    /** What an ordinary set aims at, and the loads there are for it. */
    public record Aim(int reps, Effort target, ReachableLoads loads) {}

    /**
     * The set after {@code trials}: the next trial set, or the first ordinary one, with the load that was found or settled on. It is
     * settled on after three, and where what would come next was tried already.
     *
     * @param trials in order, those of earlier visits among them; at least one
     * @param count of them all, with those of which nobody said how hard they were
     */
    public static Step next(List<Tried> trials, int count, Aim aim) {
        Tried last = trials.get(trials.size() - 1);
        Step step = after(last.load(), last.reps(), last.effort(), aim.loads());
        if (step.found()) {
            return working(last, step, aim);
        }
        Optional<Tried> hard = lightestTooHard(trials);
        boolean again = last.isTooHard()
                ? heaviestUnder(hard, trials)
                        .filter(t -> t.load().kg() >= step.load().kg() - NOTHING)
                        .isPresent()
                : hard.filter(t -> t.load().kg() <= step.load().kg() + NOTHING).isPresent();
        if (!again) {
            return count >= MOST ? settled(trials, count, aim) : step;
        }
        return hard.filter(h -> !last.isTooHard() && count < MOST)
                .flatMap(h -> under(h, last, aim.loads()))
                .orElseGet(() -> settled(trials, count, aim));
    }

    private static Optional<Tried> lightestTooHard(List<Tried> trials) {
        return trials.stream()
                .filter(Tried::isTooHard)
                .min(Comparator.comparingDouble(t -> t.load().kg()));
    }

    /** The heaviest that was not too hard, under {@code hard} where something was. */
    private static Optional<Tried> heaviestUnder(Optional<Tried> hard, List<Tried> trials) {
        double under = hard.map(h -> h.load().kg()).orElse(Double.MAX_VALUE);
        return trials.stream()
                .filter(t -> !t.isTooHard() && t.load().kg() < under)
                .max(Comparator.comparingDouble(t -> t.load().kg()));
    }

    /** The load between {@code last} and one that was too hard, where there is one. */
    private static Optional<Step> under(Tried tooHard, Tried last, ReachableLoads loads) {
        return loads.below(tooHard.load().kg())
                .filter(load -> load.kg() > last.load().kg() + NOTHING)
                .map(load -> step(
                        load,
                        false,
                        REPS,
                        felt(last.load(), last.effort().value()) + load.label() + " next, for " + tooHard.felt() + ".",
                        last.load(),
                        last.effort().value()));
    }

    /**
     * The load that was found, carried to the plan's repetitions and effort as a logged set and rounded down; never more than it. What
     * was easy and has nothing heavier stays, and so does what has nothing under it but a step too big to come back up.
     */
    private static Step working(Tried last, Step found, Aim aim) {
        Load load = carried(last, aim);
        boolean easy = last.effort().value() <= EASY_UP_TO;
        if (easy || isBig(load, last.load()) || load.kg() >= last.load().kg() - NOTHING) {
            return new Step(last.load(), true, aim.reps(), found.reason());
        }
        double said = last.effort().value();
        String exact = felt(last.load(), said) + "for " + aim.reps() + " repetitions that makes " + load.label() + ".";
        return step(load, true, aim.reps(), exact, last.load(), said);
    }

    private static Load carried(Tried last, Aim aim) {
        double most = last.load().kg();
        double kg = most * ShownSet.share(last.reps(), last.effort()) / ShownSet.share(aim.reps(), aim.target());
        // Under the lightest there is it is that.
        return aim.loads()
                .atMost(Math.min(kg, most) + NOTHING)
                .or(() ->
                        aim.loads().atMost(most + NOTHING).map(l -> aim.loads().lightest()))
                .orElse(last.load());
    }

    /** From here on it gets harder or easier like any other load. */
    private static Step settled(List<Tried> trials, int count, Aim aim) {
        Tried last = trials.get(trials.size() - 1);
        Optional<Tried> hard = lightestTooHard(trials);
        Optional<Tried> easy = heaviestUnder(hard, trials);
        // What was too hard for a trial says as well what a little less would be.
        Load load = Stream.concat(easy.map(Tried::load).stream(), hard.map(h -> carried(h, aim)).stream())
                .max(Comparator.comparingDouble(Load::kg))
                .orElse(last.load());
        String felt = easy.isPresent() && hard.isPresent()
                ? easy.get().load().first() + " felt like "
                        + Numbers.plain(easy.get().effort().value()) + " and "
                        + hard.get().felt() + ": "
                : "After " + count + " trial sets, the last of which felt like "
                        + Numbers.plain(last.effort().value()) + ", ";
        return new Step(
                load,
                true,
                aim.reps(),
                Reason.of(
                                "LOAD-trial-over",
                                Tag.HOUSE,
                                "at most three trial sets, and none with what was tried already",
                                felt + load.label() + " is the load to work with.",
                                "That is our weight for now.")
                        .with("load", load.label())
                        .with("effort said", Numbers.plain(last.effort().value())));
    }

    private static String felt(Load load, double said) {
        return "The trial set with " + load.label() + " felt like " + Numbers.plain(said) + ": ";
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

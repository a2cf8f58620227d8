package kinesia.core.dose;

import java.util.ArrayList;
import java.util.List;
import kinesia.core.exercise.Exercise;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import org.jspecify.annotations.Nullable;

/** The warm-up: general, arms in every direction, then ramp sets of the first exercise of each muscle [practice]. */
public final class WarmUp {
    private static final int GENERAL_S = 300;
    private static final int BRIEF_GENERAL_S = 90;
    private static final int SHORT_VISIT_MINUTES = 15;
    private static final int ARMS_S = 60;
    private static final int BRIEF_ARMS_S = 40;
    private static final int RAMPS_S = 150;
    private static final int BRIEF_RAMPS_S = 60;
    // The one ramp of a brief warm-up is the middle one.
    private static final int BRIEF_RAMP = 1;
    private static final double[] RAMP_SHARES = {0.4, 0.6, 0.8};
    private static final int[] RAMP_REPS = {8, 5, 3};
    private static final double THIRD_RAMP_FROM_EFFORT = 8;
    private static final int RAMP_CHANGE_S = 15;
    private static final int BRIEF_RAMP_CHANGE_S = 5;
    private static final int EXTRA_ROUND_AGE = 65;
    private static final double SAME_KG = 0.05;

    private WarmUp() {}

    /** One step of it. {@code exerciseKey} and {@code load} are null for general steps. */
    public record Step(
            String words,
            @Nullable String exerciseKey,
            @Nullable Load load,
            int reps,
            int seconds,
            Reason reason) {}

    /** Whether a visit of {@code minutes} is so short that the warm-up is cut to two or three minutes. */
    public static boolean isBrief(int minutes) {
        return minutes <= SHORT_VISIT_MINUTES;
    }

    /** Seconds of {@code steps}. */
    public static int seconds(List<Step> steps) {
        return steps.stream().mapToInt(Step::seconds).sum();
    }

    /** Seconds kept free for the ramp sets before the exercises are known [house]. */
    public static int rampsSeconds(boolean brief) {
        return brief ? BRIEF_RAMPS_S : RAMPS_S;
    }

    /** The general part for a visit of {@code minutes}; {@code brief} when there is little time or little work. */
    public static List<Step> general(boolean brief, int minutes, int age, boolean stiffOrBack) {
        List<Step> steps = new ArrayList<>();
        steps.add(new Step(
                "Easy whole-body movement: walk, march on the spot or pedal",
                null,
                null,
                0,
                brief ? BRIEF_GENERAL_S : GENERAL_S,
                Reason.of(
                                "WARMUP-general",
                                Tag.PUB,
                                "5 to 10 min; 2 to 3 in all when only ten minutes are there",
                                !brief
                                        ? "Five minutes of easy movement come before any lift."
                                        : isBrief(minutes)
                                                ? "A minute and a half, because the visit is " + minutes + " min."
                                                : "A minute and a half, because a longer warm-up would outlast the work.",
                                "Warm joints complain less.")
                        .with("minutes of the visit", minutes)));
        boolean twice = age >= EXTRA_ROUND_AGE || stiffOrBack;
        steps.add(new Step(
                "Arms in every direction with next to nothing, about 1 kg" + (twice ? ", two rounds" : ""),
                null,
                null,
                0,
                (twice ? 2 : 1) * (brief ? BRIEF_ARMS_S : ARMS_S),
                Reason.of(
                                "WARMUP-arms",
                                Tag.PRACTICE,
                                "an extra round from 65, after a stiff morning or on the first session back",
                                twice
                                        ? "Two easy rounds: "
                                                + (age >= EXTRA_ROUND_AGE
                                                        ? "the client is " + age + "."
                                                        : "a stiff morning or the first session back.")
                                        : "One easy round of all-direction arm movements.",
                                "We wake the shoulders and elbows up gently.")
                        .with("age", age)));
        return steps;
    }

    /**
     * Ramp sets for {@code exercise} at {@code working} load; loads the room has, never over the share; what would repeat or is not there is left out, one when
     * {@code brief}.
     */
    public static List<Step> ramp(Exercise exercise, Load working, Effort target, ReachableLoads loads, boolean brief) {
        List<Step> steps = new ArrayList<>();
        double last = 0;
        int rounds = target.value() >= THIRD_RAMP_FROM_EFFORT ? 3 : 2;
        for (int i = brief ? BRIEF_RAMP : 0; i < (brief ? BRIEF_RAMP + 1 : rounds); i++) {
            if (exercise.bodyWeightShare() > 0) {
                break;
            }
            double aim = RAMP_SHARES[i] * working.kg();
            Load load = loads.atMost(aim).orElse(null);
            if (load == null || load.kg() >= working.kg() || load.kg() <= last) {
                continue;
            }
            last = load.kg();
            String share = Numbers.plain(100 * RAMP_SHARES[i], 0);
            steps.add(new Step(
                    exercise.name() + ", easy",
                    exercise.key(),
                    load,
                    RAMP_REPS[i],
                    RAMP_REPS[i] * exercise.tempo().secondsPerRep() + (brief ? BRIEF_RAMP_CHANGE_S : RAMP_CHANGE_S),
                    Reason.of(
                                    "WARMUP-ramp",
                                    Tag.PRACTICE,
                                    "40 % x 8, 60 % x 5, and 80 % x 3 when the target effort is 8 or more",
                                    share + " % of " + working.label() + " is "
                                            + (load.kg() < aim - SAME_KG
                                                    ? Numbers.plain(aim, 1) + " kg; " + load.label()
                                                            + " is the heaviest under it here."
                                                    : load.label() + "."),
                                    "A lighter set first tells us how the joint is today.")
                            .with("share", share + " %")
                            .with("working load", working.label())));
        }
        return steps;
    }
}

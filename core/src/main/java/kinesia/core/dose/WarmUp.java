package kinesia.core.dose;

import java.util.ArrayList;
import java.util.List;
import kinesia.core.exercise.Exercise;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import org.jspecify.annotations.Nullable;

/** The steps of a warm-up and the share of a visit it may take: general, arms in every direction, ramp sets [practice]. */
public final class WarmUp {
    /** The general part, seconds: what is usual [pub 5-10 min], what it is cut to, and with the arm moves inside it. */
    public static final int GENERAL_S = 300;

    public static final int SHORT_GENERAL_S = 120;
    public static final int BRIEF_GENERAL_S = 90;

    /** One round of the arms in every direction. */
    public static final int ROUND_S = 60;

    /** Up to so many minutes a warm-up may be brief: arm moves inside the general part, one ramp a muscle. */
    public static final int BRIEF_UP_TO_MINUTES = 15;

    /** From this age on there is a second round. */
    public static final int EXTRA_ROUND_AGE = 65;

    // A third of the first 18 minutes and an eighth of the rest [house].
    private static final int THIRD_OF_MINUTES = 18;
    private static final int MINUTE_S = 60;
    private static final double THIRD_RAMP_FROM_EFFORT = 8;
    private static final int RAMP_CHANGE_S = 15;
    private static final int BRIEF_RAMP_CHANGE_S = 5;
    private static final double SAME_KG = 0.05;

    private WarmUp() {}

    /** A lighter set before the working load. */
    public enum Ramp {
        FORTY(0.4, 8),
        HALF(0.5, 6),
        SIXTY(0.6, 5),
        EIGHTY(0.8, 3);

        private final double share;
        private final int reps;

        Ramp(double share, int reps) {
            this.share = share;
            this.reps = reps;
        }
    }

    /** One step of it. {@code exerciseKey} and {@code load} are null for general steps. */
    public record Step(
            String words,
            @Nullable String exerciseKey,
            @Nullable Load load,
            int reps,
            int seconds,
            Reason reason) {}

    /** The seconds that a warm-up may take of a visit of {@code minutes}. */
    public static int shareSeconds(int minutes) {
        return Math.min(minutes, THIRD_OF_MINUTES) * MINUTE_S / 3
                + Math.max(0, minutes - THIRD_OF_MINUTES) * MINUTE_S / 8;
    }

    /** Seconds of {@code steps}. */
    public static int seconds(List<Step> steps) {
        return steps.stream().mapToInt(Step::seconds).sum();
    }

    /** The ramps that {@code target} asks for, lightest first. */
    public static List<Ramp> usual(Effort target) {
        return target.value() >= THIRD_RAMP_FROM_EFFORT
                ? List.of(Ramp.FORTY, Ramp.SIXTY, Ramp.EIGHTY)
                : List.of(Ramp.FORTY, Ramp.SIXTY);
    }

    /**
     * Easy movement of the whole body.
     *
     * @param sitting for whoever does not stand
     * @param armsInside whether the arm moves are part of it
     */
    public static Step general(int seconds, int minutes, boolean sitting, boolean armsInside) {
        String how = sitting
                ? "Easy movement sitting: push the chair along, or big arm circles and reaching"
                : "Easy whole-body movement: walk, march on the spot or pedal";
        String arms = armsInside ? ", the arms in every direction towards the end" : "";
        String cut = seconds < GENERAL_S
                ? time(seconds) + ", because warming up takes no more than its share of " + minutes + " minutes."
                : "Five minutes of easy movement come before any lift.";
        return new Step(
                how + arms,
                null,
                null,
                0,
                seconds,
                Reason.of(
                                "WARMUP-general",
                                Tag.PUB,
                                "5 to 10 min; less where it would take more than its share of a short visit",
                                cut,
                                "Warm joints complain less.")
                        .with("minutes of the visit", minutes)
                        .with("share of the warm-up", time(shareSeconds(minutes))));
    }

    /** Arms in every direction; {@code because} says why there are two rounds, null where there is one. */
    public static Step arms(@Nullable String because) {
        int rounds = because == null ? 1 : 2;
        return new Step(
                "Arms in every direction with next to nothing, about 1 kg" + (rounds == 2 ? ", two rounds" : ""),
                null,
                null,
                0,
                rounds * ROUND_S,
                Reason.of(
                        "WARMUP-arms",
                        Tag.PRACTICE,
                        "an extra round from 65, after a stiff morning or on the first session back",
                        because == null
                                ? "One easy round of all-direction arm movements."
                                : "Two easy rounds: " + because + ".",
                        "We wake the shoulders and elbows up gently."));
    }

    /** How long one brief ramp of {@code exercise} takes. */
    public static int briefRampSeconds(Exercise exercise) {
        return RestAndTime.setSeconds(exercise, Ramp.HALF.reps) + BRIEF_RAMP_CHANGE_S;
    }

    /**
     * Ramp sets for {@code exercise} at {@code working} load, both arms where they work in turn: loads the room has, never over
     * the share; what would repeat or is not there is left out.
     */
    public static List<Step> ramp(Exercise exercise, Load working, ReachableLoads loads, List<Ramp> ramps) {
        List<Step> steps = new ArrayList<>();
        if (exercise.bodyWeightShare() > 0) {
            return steps;
        }
        double last = 0;
        for (Ramp ramp : ramps) {
            double aim = ramp.share * working.kg();
            Load load = loads.atMost(aim).orElse(null);
            if (load == null || load.kg() >= working.kg() || load.kg() <= last) {
                continue;
            }
            last = load.kg();
            int change = ramp == Ramp.HALF ? BRIEF_RAMP_CHANGE_S : RAMP_CHANGE_S;
            String share = Numbers.plain(100 * ramp.share, 0);
            steps.add(new Step(
                    exercise.name() + ", easy",
                    exercise.key(),
                    load,
                    ramp.reps,
                    RestAndTime.setSeconds(exercise, ramp.reps) + change,
                    Reason.of(
                                    "WARMUP-ramp",
                                    Tag.PRACTICE,
                                    ramp == Ramp.HALF
                                            ? "one set of 6 at half where time is short"
                                            : "40 % x 8, 60 % x 5, and 80 % x 3 when the target effort is 8 or more",
                                    share + " % of " + working.label() + " is "
                                            + (load.kg() < aim - SAME_KG
                                                    ? load.inItsUnit(aim) + "; " + load.label()
                                                            + " is the heaviest under it here."
                                                    : load.label() + "."),
                                    "A lighter set first tells us how the joint is today.")
                            .with("share", share + " %")
                            .with("working load", working.label())));
        }
        return steps;
    }

    /** The movement itself, where the place has nothing lighter than the working load; {@code brief} where time is short. */
    public static Step withoutLoad(Exercise exercise, boolean brief) {
        int reps = brief ? Ramp.HALF.reps : Ramp.FORTY.reps;
        return new Step(
                exercise.name() + ", the movement without load",
                exercise.key(),
                null,
                reps,
                RestAndTime.setSeconds(exercise, reps) + (brief ? BRIEF_RAMP_CHANGE_S : RAMP_CHANGE_S),
                Reason.of(
                        "WARMUP-ramp",
                        Tag.PRACTICE,
                        "one ramp for each muscle, always",
                        "There is nothing lighter here than the working load, so the movement is done without.",
                        "First without weight, to tell us how the joint is today."));
    }

    private static String time(int seconds) {
        int minutes = seconds / MINUTE_S;
        int rest = seconds % MINUTE_S;
        String whole = minutes + (minutes == 1 ? " minute" : " minutes");
        return rest == 0 ? whole : minutes + " min " + rest + " s";
    }
}

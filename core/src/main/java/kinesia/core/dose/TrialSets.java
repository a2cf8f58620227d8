package kinesia.core.dose;

import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;

/** Finding a first load: at most three easy sets of 5 to 8, each step taken by the effort said [house]. */
public final class TrialSets {
    public static final int MOST = 3;
    private static final double TWO_STEPS_UP_TO = 3;
    private static final double ONE_STEP_UP_TO = 4.5;
    static final double FOUND_UP_TO = 6;

    private TrialSets() {}

    /** The load to try next, whether it is the one to work with, and why. */
    public record Step(Load load, boolean found, Reason reason) {}

    /** The step after a trial set of {@code load} felt like {@code effort}. */
    public static Step after(Load load, Effort effort, ReachableLoads loads) {
        int steps = effort.value() <= TWO_STEPS_UP_TO
                ? 2
                : effort.value() <= ONE_STEP_UP_TO ? 1 : effort.value() <= FOUND_UP_TO ? 0 : -1;
        Load next = load;
        for (int i = 0; i < Math.abs(steps); i++) {
            next = (steps > 0 ? loads.above(next.kg()) : loads.below(next.kg())).orElse(next);
        }
        boolean found = steps <= 0 || next.equals(load);
        String said = "The trial set at " + load.label() + " felt like " + Numbers.plain(effort.value()) + ": ";
        String then = switch (steps) {
            case 2 -> "two steps up to " + next.label() + ".";
            case 1 -> "one step up to " + next.label() + ".";
            case 0 -> "that is the working load.";
            default -> "one step down to " + next.label() + ".";
        };
        return new Step(
                next,
                found,
                Reason.of(
                                "LOAD-trial",
                                Tag.HOUSE,
                                "up to 3 two steps, 3.5 to 4.5 one, 5 to 6 found, above 6 one down",
                                said + then,
                                "We let how it feels choose the weight.")
                        .with("effort said", effort.value())
                        .with("load", load.label()));
    }
}

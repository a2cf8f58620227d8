package kinesia.core.response;

import kinesia.core.exercise.Site;
import kinesia.core.reason.InvalidValue;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;

/**
 * Two exercises tried one after the other with a light load, each rated by the client; evidence for what the joint
 * tolerates.
 *
 * @param site the place that is being watched
 */
public record FeltTrial(Site site, Felt first, Felt second) {
    // Two points is the smallest change of a pain score worth calling one: Farrar et al. 2001 [pub].
    private static final int WORTH_CALLING = 2;

    /** Where in the lift it felt hardest. */
    public enum Hardest {
        START,
        MIDDLE,
        END,
        EVEN
    }

    /**
     * How one of the two felt.
     *
     * @param loadKg 0 to 200
     * @param joint 0 quiet to 10
     * @param muscle 0 nothing to 10, how much the muscle worked
     */
    public record Felt(String exerciseKey, double loadKg, int joint, int muscle, Hardest hardest) {
        public Felt {
            InvalidValue.requireWithin("loadKg", loadKg, 0, 200, "kg");
            InvalidValue.requireWithin("joint", joint, 0, 10, "");
            InvalidValue.requireWithin("muscle", muscle, 0, 10, "");
        }
    }

    /** The two must differ; otherwise {@link InvalidValue}. */
    public FeltTrial {
        if (first.exerciseKey().equals(second.exerciseKey())) {
            throw new InvalidValue("second.exerciseKey", "must be another exercise than the first");
        }
    }

    /** What the trial says, by the names of the two: which is easier on the joint, or that they cannot be told apart. */
    public Reason says(String firstName, String secondName) {
        int difference = second.joint() - first.joint();
        boolean apart = Math.abs(difference) >= WORTH_CALLING;
        String easier = difference > 0 ? firstName : secondName;
        String muscle = first.muscle() == second.muscle()
                ? "the muscle felt the same in both"
                : "the muscle felt more in " + (first.muscle() > second.muscle() ? firstName : secondName);
        return Reason.of(
                        "FELT-trial",
                        Tag.PUB,
                        "2 points is the smallest change worth calling one",
                        apart
                                ? easier + " was easier on the " + site.words() + " by " + Math.abs(difference)
                                        + " points; " + muscle + "."
                                : "The " + site.words() + " cannot tell the two apart (" + first.joint() + " and "
                                        + second.joint() + "); " + muscle + ".",
                        apart
                                ? "Your joint preferred one of them, so we go with that."
                                : "Your joint liked both alike.")
                .with("joint, first", first.joint())
                .with("joint, second", second.joint())
                .with("muscle, first", first.muscle())
                .with("muscle, second", second.muscle());
    }
}

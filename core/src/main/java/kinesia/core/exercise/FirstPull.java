package kinesia.core.exercise;

import java.util.Optional;

/** What is looked at before a band is pulled for the first time in a visit [practice]: what holds it, the band, and the face. */
public final class FirstPull {
    private static final String ANCHOR = "anchor";

    private FirstPull() {}

    /** What to look at before {@code exercise}; empty where no band is pulled. */
    public static Optional<String> check(Exercise exercise) {
        if (exercise.implement() != Implement.BAND) {
            return Optional.empty();
        }
        boolean anchored = exercise.equipment().stream().anyMatch(thing -> thing.endsWith(ANCHOR));
        return Optional.of(
                anchored
                        ? "Before the first pull: the anchor holds, no nick in the band, feet on the mark, face out of its line."
                        : "Before the first pull: what holds the band holds it whole, no nick in it, face out of its line.");
    }
}

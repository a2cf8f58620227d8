package kinesia.core.dose;

import java.util.Set;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Body;
import kinesia.core.reason.InvalidValue;

/**
 * Who somebody is, as far as strength is read from it.
 *
 * @param age 18 to 110 years
 * @param moderatelySore arms with a place that is sore enough to start lower
 */
public record Person(Body body, int age, TrainingStory story, Set<Side> moderatelySore) {
    /** From this usual pain on a sore place takes something off the start [house]. */
    public static final int MODERATE_PAIN = 4;

    public Person {
        InvalidValue.requireWithin("age", age, 18, 110, "years");
        moderatelySore = Set.copyOf(moderatelySore);
    }

    /** Somebody of this size in the middle of the first row of the norms, of whom nothing more is known. */
    public static Person anybody(Body body) {
        return new Person(body, 60, new TrainingStory(0, false, true), Set.of());
    }
}

package kinesia.core.screening;

import java.time.LocalDate;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Grip;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Site;
import kinesia.core.reason.Reason;
import org.jspecify.annotations.Nullable;

/**
 * Something to stay out of for now.
 *
 * @param side null when it holds for both
 * @param site the sore place it protects; null when it protects the whole person. Effort, reps and sets with a site hold
 *     only for exercises that load that site
 * @param value degrees, effort, repetitions or sets, as the kind says; null for the kinds without a number
 * @param target the grip, implement, stance or movement family that is left out; null for the other kinds
 * @param group holds only for exercises that load this group; null for all
 * @param grip holds only for exercises with this grip; null for all
 * @param lookAgainOn when to screen it again
 */
public record Limit(
        Kind kind,
        @Nullable Side side,
        @Nullable Site site,
        @Nullable Double value,
        @Nullable String target,
        Head.@Nullable Group group,
        @Nullable Grip grip,
        LocalDate lookAgainOn,
        Reason reason) {

    /** What is limited. */
    public enum Kind {
        LARGEST_ELEVATION,
        LARGEST_EXTENSION,
        LARGEST_ELBOW_BEND,
        SMALLEST_ELBOW_BEND,
        NO_GRIP,
        NO_IMPLEMENT,
        NO_STANCE,
        NO_EXERCISE,
        NO_BODY_WEIGHT,
        LARGEST_EFFORT,
        FEWEST_REPS,
        MOST_REPS,
        SETS_PER_EXERCISE,
        NO_BREATH_HOLDING,
        NO_CUFFS,
        NO_FAST_LOWERING
    }

    /** The number of this limit; only for kinds that have one. */
    public double number() {
        if (value == null) {
            throw new IllegalStateException(kind + " has no number");
        }
        return value;
    }
}

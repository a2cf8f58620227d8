package kinesia.core.screening;

import java.time.LocalDate;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Grip;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Site;
import kinesia.core.reason.InvalidValue;
import kinesia.core.reason.Reason;
import org.jspecify.annotations.Nullable;

/**
 * Something to stay out of for now.
 *
 * @param side null when it holds for both
 * @param site the sore place it protects; null when it protects the whole person. Effort, reps and sets with a site hold
 *     only for exercises that load that site
 * @param value degrees, effort, repetitions, sets, seconds or changes, as the kind says; null for the kinds without a number
 * @param target the grip, implement, stance, method, movement, rung or entry that is left out; with an angle or a dose, the
 *     movements it holds for ("press": all presses); null for all
 * @param group holds only for exercises that load this group; null for all
 * @param grip holds only for exercises with this grip; null for all
 * @param movement holds only for this movement, entry or family of movements ("press"); null for all
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
        @Nullable String movement,
        LocalDate lookAgainOn,
        Reason reason) {

    /** What is limited; kinds with a number say its range, both ends included, and its unit. */
    public enum Kind {
        LARGEST_ELEVATION(0, 180, "degrees"),
        LARGEST_EXTENSION(0, 90, "degrees"),
        LARGEST_ELBOW_BEND(10, 160, "degrees"),
        SMALLEST_ELBOW_BEND(0, 120, "degrees"),
        /** Inward rotation at the shoulder while the arm is raised, clinical degrees. */
        LARGEST_INWARD_ROTATION(-90, 90, "degrees"),
        /** Outward turn of the shoulder that pressing and raising need, from the forearm straight ahead. */
        LARGEST_OUTWARD_ROTATION(0, 110, "degrees"),
        /** Bend of a trunk that nothing carries, from upright. */
        LARGEST_TRUNK_BEND(0, 90, "degrees"),
        NO_GRIP,
        NO_IMPLEMENT,
        NO_STANCE,
        NO_EXERCISE,
        NO_METHOD,
        NO_BODY_WEIGHT,
        /** No body weight on a hand that lies flat; fists and handles carry on. */
        NO_FLAT_HAND,
        /** The lowest rung of the ladder of push-ups that is still done: what leans further is left out. */
        LOWEST_RUNG,
        /** A family of movement that comes after everything else for its muscle. */
        COMES_LAST,
        /** A family of movement that comes before everything else for its muscle. */
        OPENS,
        /** Nothing presses on the upper arm or under the elbow. */
        NO_ARM_PAD,
        /** The hand carries no trunk while the other arm works. */
        NO_SUPPORT_ON_HAND,
        /** Nothing tight or looped on the arm. */
        NO_LOOP,
        LARGEST_EFFORT(1, 10, "effort"),
        FEWEST_REPS(1, 30, "repetitions"),
        MOST_REPS(1, 30, "repetitions"),
        SETS_PER_EXERCISE(1, 6, "sets"),
        SETS_A_WEEK(0, 20, "sets"),
        /** Only efforts without movement for what loads the site; with a target, only holds of that movement. */
        HOLDS_ONLY,
        /** One hold. */
        LONGEST_HOLD(1, 60, "seconds"),
        /** Nothing that loads the site. */
        NO_LOADING,
        /** Changes between floor and standing in a session. */
        MOST_FLOOR_CHANGES(0, 10, "changes"),
        /** A clinician's condition in its own words; whoever trains keeps to it. */
        IN_WORDS,
        NO_BREATH_HOLDING,
        NO_CUFFS,
        NO_FAST_LOWERING;

        private final double least;
        private final double most;
        private final @Nullable String unit;

        Kind() {
            this.least = 0;
            this.most = 0;
            this.unit = null;
        }

        Kind(double least, double most, String unit) {
            this.least = least;
            this.most = most;
            this.unit = unit;
        }

        /** Smallest number that makes sense; 0 for kinds without one. */
        public double least() {
            return least;
        }

        /** Largest number that makes sense; 0 for kinds without one. */
        public double most() {
            return most;
        }

        /** What the number counts; null for kinds without one. */
        public @Nullable String unit() {
            return unit;
        }

        /** The kind as the rule file writes it. */
        String words() {
            return name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
        }

        /** Whether it says a number. */
        public boolean hasNumber() {
            return unit != null;
        }

        /** Whether it says what is left out. */
        public boolean hasTarget() {
            return this == NO_GRIP
                    || this == NO_IMPLEMENT
                    || this == NO_STANCE
                    || this == NO_EXERCISE
                    || this == LOWEST_RUNG
                    || this == COMES_LAST
                    || this == OPENS
                    || this == NO_METHOD;
        }

        /** Throws {@link InvalidValue} unless {@code value} and {@code target} are what this kind needs. */
        void check(@Nullable Double value, @Nullable String target) {
            if (unit != null) {
                if (value == null) {
                    throw new InvalidValue("value", "is needed, in " + unit);
                }
                InvalidValue.requireWithin("value", value, least, most, unit);
            }
            if (hasTarget() && (target == null || target.isBlank())) {
                throw new InvalidValue("target", "is needed: say what is left out");
            }
        }
    }

    /** A limit of one place that holds for everything there; {@code value} is null for kinds without a number. */
    public static Limit at(
            Site site, Side side, Kind kind, @Nullable Double value, LocalDate lookAgainOn, Reason reason) {
        return new Limit(kind, side, site, value, null, null, null, null, lookAgainOn, reason);
    }

    /** What this limit is, apart from its number: two limits with the same key say the same of the same. */
    public String key() {
        return reason.ruleId() + "|" + kind + "|" + side + "|" + site + "|" + target + "|" + group + "|" + grip
                + (movement == null ? "" : "|" + movement);
    }

    /** The same for all of the arm and not only for one place of it. */
    public Limit ofTheWholeArm() {
        return new Limit(kind, side, null, value, target, group, grip, movement, lookAgainOn, reason);
    }

    /** The number of this limit; only for kinds that have one. */
    public double number() {
        if (value == null) {
            throw new IllegalStateException(kind + " has no number");
        }
        return value;
    }
}

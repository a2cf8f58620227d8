package kinesia.core.screening;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Site;
import kinesia.core.reason.InvalidValue;
import org.jspecify.annotations.Nullable;

/**
 * What a licensed clinician allowed, as the trainer recorded it.
 *
 * @param givenBy who gave it, 1 to 120 characters
 * @param givenOn first day it holds
 * @param expiresOn last day it holds; not before {@code givenOn}
 * @param conditions in the clinician's words; empty when there are none
 * @param side the arm or the side of the place; null when it is about the whole person
 * @param site the place; only with {@link Purpose#PLACE}
 * @param strength how hard the clinician lets the client work; null when the letter does not say
 * @param largestEffort the largest effort the letter names, 1 to 10 in halves; null when it names none
 */
public record Clearance(
        Purpose purpose,
        String givenBy,
        LocalDate givenOn,
        LocalDate expiresOn,
        String conditions,
        @Nullable Side side,
        @Nullable Site site,
        @Nullable Strength strength,
        @Nullable Double largestEffort) {

    /** How hard a letter lets somebody work; the efforts are a house rule. */
    public enum Strength {
        LIGHT(5.0),
        MODERATE(6.0),
        VIGOROUS(null);

        private final @Nullable Double largestEffort;

        Strength(@Nullable Double largestEffort) {
            this.largestEffort = largestEffort;
        }

        String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** What the clinician was asked. */
    public enum Purpose {
        /** Exercise at all, or harder exercise with a known disease. */
        EXERCISE,
        /** A raised resting pressure. */
        PRESSURE,
        /** Restriction cuffs. */
        CUFFS,
        /** Medicine that can weaken tendons. */
        TENDON_MEDICINE,
        /** One arm. */
        ARM,
        /** One sore place. */
        PLACE
    }

    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_CONDITIONS = 600;
    private static final double LEAST_EFFORT = 1;
    private static final double MOST_EFFORT = 10;

    /** A letter that says nothing of how hard. */
    public Clearance(
            Purpose purpose,
            String givenBy,
            LocalDate givenOn,
            LocalDate expiresOn,
            String conditions,
            @Nullable Side side,
            @Nullable Site site) {
        this(purpose, givenBy, givenOn, expiresOn, conditions, side, site, null, null);
    }

    /** Throws {@link InvalidValue} naming the field. */
    public Clearance {
        if (largestEffort != null) {
            InvalidValue.requireWithin("largestEffort", largestEffort, LEAST_EFFORT, MOST_EFFORT, "effort");
        }
        if (givenBy.isBlank() || givenBy.length() > LONGEST_NAME) {
            throw new InvalidValue("givenBy", "is needed, at most " + LONGEST_NAME + " characters");
        }
        if (conditions.length() > LONGEST_CONDITIONS) {
            throw new InvalidValue("conditions", "at most " + LONGEST_CONDITIONS + " characters");
        }
        if (expiresOn.isBefore(givenOn)) {
            throw new InvalidValue("expiresOn", "must not be before the day it was given");
        }
        if (purpose == Purpose.PLACE && (site == null || side == null)) {
            throw new InvalidValue("site", "is needed, with its side, for a clearance of one place");
        }
        if (purpose == Purpose.ARM && side == null) {
            throw new InvalidValue("side", "is needed for a clearance of one arm");
        }
    }

    /** Whether it holds on {@code day}, both ends included. */
    public boolean holdsOn(LocalDate day) {
        return !day.isBefore(givenOn) && !day.isAfter(expiresOn);
    }

    /** The largest effort it allows, by its strength or by its own number, whichever is less; empty when it names none. */
    public Optional<Double> effortCap() {
        return Stream.of(
                        Optional.ofNullable(largestEffort),
                        Optional.ofNullable(strength).map(s -> s.largestEffort))
                .flatMap(Optional::stream)
                .min(Comparator.naturalOrder());
    }

    /** Whether it answers the same question as {@code other}, so that the later letter holds. */
    boolean isAbout(Clearance other) {
        return purpose == other.purpose && side == other.side && site == other.site;
    }

    boolean isFor(Purpose asked, @Nullable Side askedSide, @Nullable Site askedSite) {
        return purpose == asked
                && (purpose != Purpose.PLACE || site == askedSite)
                && (side == null || side == askedSide);
    }
}

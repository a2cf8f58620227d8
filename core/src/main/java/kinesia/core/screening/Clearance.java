package kinesia.core.screening;

import java.time.LocalDate;
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
 */
public record Clearance(
        Purpose purpose,
        String givenBy,
        LocalDate givenOn,
        LocalDate expiresOn,
        String conditions,
        @Nullable Side side,
        @Nullable Site site) {

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

    /** Throws {@link InvalidValue} naming the field. */
    public Clearance {
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

    boolean isFor(Purpose asked, @Nullable Side askedSide, @Nullable Site askedSite) {
        return purpose == asked
                && (purpose != Purpose.PLACE || site == askedSite)
                && (side == null || side == askedSide);
    }
}

package kinesia.core.screening;

import java.time.LocalDate;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Site;
import kinesia.core.reason.InvalidValue;
import org.jspecify.annotations.Nullable;

/**
 * A change that a person made to the limits of a screen, recorded with who, when and why.
 *
 * @param limitKey the limit that is changed, {@link Limit#key()}; null when one is added
 * @param added what is added; null when one is changed
 * @param value the new number of a changed limit; null lifts it
 * @param why the trainer's reason, or the clinician's words; 3 to 400 characters
 * @param author the trainer who recorded it
 * @param clinician who gave the note; needed with {@link Kind#CLINICIAN_NOTE}
 * @param madeOn the day it was recorded
 * @param until its last day
 */
public record LimitChange(
        Kind kind,
        @Nullable String limitKey,
        @Nullable Added added,
        @Nullable Double value,
        String why,
        String author,
        @Nullable String clinician,
        LocalDate madeOn,
        LocalDate until) {

    /** Who may change what. */
    public enum Kind {
        /** The trainer adds a limit, until the next screen. */
        STRICTER,
        /** A licensed clinician's note loosens or lifts one. */
        CLINICIAN_NOTE,
        /** The trainer sets one aside for one session, on the record. */
        OVERRIDE
    }

    /** A limit added by hand; the same meanings as in {@link Limit}. */
    public record Added(
            Limit.Kind kind,
            @Nullable Side side,
            @Nullable Site site,
            @Nullable Double value,
            @Nullable String target) {}

    private static final int SHORTEST_WHY = 3;
    private static final int LONGEST_WHY = 400;

    /** Throws {@link InvalidValue} naming the field. */
    public LimitChange {
        if (why.strip().length() < SHORTEST_WHY || why.length() > LONGEST_WHY) {
            throw new InvalidValue("why", "is needed, from " + SHORTEST_WHY + " to " + LONGEST_WHY + " characters");
        }
        if (kind == Kind.STRICTER && added == null) {
            throw new InvalidValue("added", "is needed: say what to stay out of");
        }
        if (kind != Kind.STRICTER && limitKey == null) {
            throw new InvalidValue("limitKey", "is needed: say which limit");
        }
        if (kind == Kind.CLINICIAN_NOTE && (clinician == null || clinician.isBlank())) {
            throw new InvalidValue("clinician", "is needed: say whose note it is");
        }
        if (until.isBefore(madeOn)) {
            throw new InvalidValue("until", "must not be before today");
        }
        if (kind == Kind.OVERRIDE && !until.equals(madeOn)) {
            throw new InvalidValue("until", "must be today: a limit is set aside for one session");
        }
        if (added != null) {
            added.kind().check(added.value(), added.target());
        }
    }

    /** Whether it counts on {@code day}, when the latest screen was taken on {@code screenedOn}. */
    boolean countsOn(LocalDate day, LocalDate screenedOn) {
        boolean afterScreen = kind == Kind.CLINICIAN_NOTE || !madeOn.isBefore(screenedOn);
        return afterScreen && !day.isBefore(madeOn) && !day.isAfter(until);
    }
}

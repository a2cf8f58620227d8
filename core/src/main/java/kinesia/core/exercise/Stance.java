package kinesia.core.exercise;

import java.util.Locale;

/** How the body is held. */
public enum Stance {
    STANDING,
    SEATED,
    SUPINE,
    PRONE_SUPPORTED,
    BENT_OVER,
    KNEELING,
    FLOOR,
    SIDE_LYING,
    /** The hips hang between a bench under the hands and the feet. */
    HANGING;

    public String words() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    /** Whether getting into it means getting down to the floor. */
    public boolean onFloor() {
        return this == FLOOR;
    }
}

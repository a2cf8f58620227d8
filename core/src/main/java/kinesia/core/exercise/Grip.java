package kinesia.core.exercise;

import java.util.Locale;

/** How the forearm is turned while the load is held. */
public enum Grip {
    PALM_UP,
    NEUTRAL,
    PALM_DOWN,
    TURNING;

    public String words() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}

package kinesia.core.exercise;

import java.util.Locale;

/** What is held or pushed against. */
public enum Implement {
    DUMBBELL,
    STRAIGHT_BAR,
    ANGLED_BAR,
    CABLE_HANDLE,
    CABLE_ROPE,
    BAND,
    BODY_WEIGHT;

    public String words() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}

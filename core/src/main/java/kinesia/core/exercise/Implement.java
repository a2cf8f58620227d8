package kinesia.core.exercise;

import java.util.List;
import java.util.Locale;

/** What is held or pushed against. */
public enum Implement {
    DUMBBELL,
    STRAIGHT_BAR,
    ANGLED_BAR,
    CABLE_HANDLE,
    CABLE_ROPE,
    CABLE_BAR,
    BAND,
    MACHINE,
    HOUSEHOLD,
    BODY_WEIGHT,
    /** Something that does not move: a table, a wall, a towel held fast. How hard is said by effort, not by a load. */
    FIXED,
    NOTHING;

    /** Whether both hands hold one stiff bar, which fixes how wrists and shoulders are turned. */
    public boolean isBar() {
        return this == STRAIGHT_BAR || this == ANGLED_BAR || this == CABLE_BAR;
    }

    /** Whether it is something that can be taken up and put down, and another thing taken in its place. */
    public boolean isHeld() {
        return this != MACHINE && this != BODY_WEIGHT && this != FIXED && this != NOTHING;
    }

    /** Whether the force comes along a line toward a fixed point. */
    public boolean isAnchored() {
        return this == CABLE_HANDLE || this == CABLE_ROPE || this == CABLE_BAR || this == BAND || this == MACHINE;
    }

    /** What a place must have for it, in the words of the equipment list. */
    public List<String> equipment() {
        return switch (this) {
            case DUMBBELL -> List.of("dumbbells");
            case STRAIGHT_BAR -> List.of("straight bar");
            case ANGLED_BAR -> List.of("angled bar");
            case CABLE_HANDLE, CABLE_ROPE, CABLE_BAR -> List.of("cable stack");
            case BAND -> List.of("bands");
            case HOUSEHOLD -> List.of("household object");
            case MACHINE, BODY_WEIGHT, FIXED, NOTHING -> List.of();
        };
    }

    public String words() {
        return switch (this) {
            case HOUSEHOLD -> "household object";
            case FIXED -> "fixed thing";
            default -> name().toLowerCase(Locale.ROOT).replace('_', ' ');
        };
    }
}

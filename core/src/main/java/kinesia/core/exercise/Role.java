package kinesia.core.exercise;

import java.util.Locale;

/** What an entry is there for in a session. */
public enum Role {
    /** Main work for the muscles that bend or straighten the elbow. */
    MAIN,
    /** Two movements in one. */
    HYBRID,
    /** A held effort at one angle. */
    HOLD,
    /** A shoulder exercise used beside the arm work in blocks. */
    COMPANION,
    /** Work around the arm that keeps elbows and shoulders quiet: shoulder blade, wrist, turning of the forearm, grip. */
    CARE,
    WARM_UP,
    COOL_DOWN;

    /** Whether it is judged as work for the elbow's muscles. */
    public boolean trainsTheArm() {
        return this == MAIN || this == HYBRID || this == HOLD;
    }

    public String words() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}

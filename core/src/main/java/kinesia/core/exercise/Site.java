package kinesia.core.exercise;

import java.util.Locale;

/** A place on one arm that can be sore. A region, never a diagnosis. */
public enum Site {
    FRONT_OF_SHOULDER,
    TOP_OUTER_SHOULDER,
    TOP_JOINT_OF_SHOULDER,
    BACK_OF_ELBOW,
    CROOK_OF_ELBOW,
    OUTER_ELBOW,
    INNER_ELBOW,
    WRIST;

    /** The site in words, for example "top joint of shoulder". */
    public String words() {
        return this == TOP_OUTER_SHOULDER
                ? "top and outer shoulder"
                : name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    public boolean isShoulder() {
        return this == FRONT_OF_SHOULDER || this == TOP_OUTER_SHOULDER || this == TOP_JOINT_OF_SHOULDER;
    }
}

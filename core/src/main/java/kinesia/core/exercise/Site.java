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

    /** The joint it is at. */
    public Joint joint() {
        return switch (this) {
            case FRONT_OF_SHOULDER, TOP_OUTER_SHOULDER, TOP_JOINT_OF_SHOULDER -> Joint.SHOULDER;
            case BACK_OF_ELBOW, CROOK_OF_ELBOW, OUTER_ELBOW, INNER_ELBOW -> Joint.ELBOW;
            case WRIST -> Joint.WRIST;
        };
    }

    public boolean isShoulder() {
        return joint() == Joint.SHOULDER;
    }

    /** The joints of an arm. */
    public enum Joint {
        SHOULDER,
        ELBOW,
        WRIST
    }
}

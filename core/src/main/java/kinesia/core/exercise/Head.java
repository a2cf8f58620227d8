package kinesia.core.exercise;

import java.util.Locale;

/** A muscle or head of a muscle that bends or straightens the elbow. */
public enum Head {
    BICEPS_LONG_HEAD(Group.FLEXORS),
    BICEPS_SHORT_HEAD(Group.FLEXORS),
    BRACHIALIS(Group.FLEXORS),
    BRACHIORADIALIS(Group.FLEXORS),
    TRICEPS_LONG_HEAD(Group.EXTENSORS),
    TRICEPS_LATERAL_HEAD(Group.EXTENSORS),
    TRICEPS_MEDIAL_HEAD(Group.EXTENSORS);

    /** Which way the muscle moves the elbow. */
    public enum Group {
        FLEXORS,
        EXTENSORS;

        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    private final Group group;

    Head(Group group) {
        this.group = group;
    }

    public Group group() {
        return group;
    }

    public String words() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}

package kinesia.core.exercise;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import kinesia.core.reason.RuleFile;

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

        /** Where on the arm it lies, as a trainer says it. */
        public String where() {
            return this == FLEXORS ? "front of the arm" : "back of the arm";
        }

        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    // From this share of a hard set on a head counts as worked [house].
    private static final double WORKED_FROM = 0.3;

    private final Group group;

    Head(Group group) {
        this.group = group;
    }

    public Group group() {
        return group;
    }

    /** The head written as {@code name} in a rule file; an error on {@code line} when there is none. */
    static Head named(RuleFile line, String name) {
        for (Head head : values()) {
            if (head.words().replace(' ', '-').equals(name)) {
                return head;
            }
        }
        throw line.error("'" + name + "' is no muscle head");
    }

    /** The heads of {@code stimulus} (shares of a hard set) that count as worked, the most worked first. */
    public static List<Head> worked(Map<Head, Double> stimulus) {
        return stimulus.entrySet().stream()
                .filter(of -> of.getValue() >= WORKED_FROM)
                .sorted(Map.Entry.<Head, Double>comparingByValue().reversed().thenComparing(Map.Entry.comparingByKey()))
                .map(Map.Entry::getKey)
                .toList();
    }

    public String words() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}

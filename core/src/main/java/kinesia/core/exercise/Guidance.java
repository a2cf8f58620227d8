package kinesia.core.exercise;

import java.util.List;

/**
 * What the trainer says and watches.
 *
 * @param setUp how the load gets up, in steps; the way down is the same steps backward
 * @param faults what to watch for; the floor logs them in one tap
 * @param landmark where the movement stops
 * @param otherArm what the other arm does meanwhile
 * @param homeAlone whether a client may do it alone at home; nothing heavy over face or chest may be
 */
public record Guidance(
        List<String> setUp,
        List<String> cues,
        String breathing,
        List<String> faults,
        String landmark,
        String otherArm,
        boolean homeAlone) {}

package kinesia.core.exercise;

import java.util.List;

/**
 * What the trainer says and watches.
 *
 * @param setUp how body and place are set, in steps
 * @param up how the load comes up to where the set begins
 * @param down how it goes down again afterwards, and how the body gets up
 * @param danger the one thing that can go badly wrong here; empty where there is none
 * @param faults what to watch for; the floor logs them in one tap
 * @param landmark where the movement stops
 * @param otherArm what the other arm does meanwhile
 * @param homeAlone whether a client may do it alone at home; nothing heavy over face or chest may be
 */
public record Guidance(
        List<String> setUp,
        String up,
        String down,
        String danger,
        List<String> cues,
        String breathing,
        List<String> faults,
        String landmark,
        String otherArm,
        boolean homeAlone) {}

package kinesia.core.dose;

import java.util.Optional;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;

/**
 * What to drink in a visit: 6 to 8 US fluid ounces for each 15 minutes [practice, under the ceiling of Casa et al. 2000]. Of
 * somebody whose drinking a clinician limits nothing is said.
 */
public final class Water {
    private static final int LOW_ML = 180;
    private static final int HIGH_ML = 240;
    private static final int FOR_MINUTES = 15;

    private Water() {}

    /** For a visit of {@code minutes}; empty where drinking is {@code limited}. */
    public static Optional<Reason> of(int minutes, boolean limited) {
        if (limited) {
            return Optional.empty();
        }
        int low = Math.max(LOW_ML, LOW_ML * Math.round(minutes / (float) FOR_MINUTES));
        int high = Math.max(HIGH_ML, HIGH_ML * Math.round(minutes / (float) FOR_MINUTES));
        return Optional.of(Reason.of(
                        "WATER-visit",
                        Tag.PRACTICE,
                        "6 to 8 fl oz (180 to 240 ml) for each 15 minutes",
                        "Water: " + low + " to " + high + " ml over these " + minutes
                                + " minutes, a few mouthfuls at a time.",
                        "A few mouthfuls of water whenever we rest.")
                .with("minutes", minutes));
    }
}

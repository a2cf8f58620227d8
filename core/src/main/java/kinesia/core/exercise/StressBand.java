package kinesia.core.exercise;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;

/**
 * Stress of a site in steps that a trainer tells apart; the reference exercise of the site is {@link #USUAL}. Where the steps lie
 * is a house rule.
 */
public enum StressBand {
    NEXT_TO_NONE(0.1, "next to none", "leaves the %s alone"),
    VERY_LITTLE(0.35, "very little", "kind to the %s"),
    LITTLE(0.7, "little", "easy on the %s"),
    USUAL(1.25, "usual", "some load on the %s"),
    MORE(1.75, "more", "hard on the %s"),
    MUCH_MORE(Double.POSITIVE_INFINITY, "much more", "hard on the %s");

    private final double most;
    private final String words;
    private final String toward;

    StressBand(double most, String words, String toward) {
        this.most = most;
        this.words = words;
        this.toward = toward;
    }

    /** The band of {@code stress}, 1 as the reference; the upper end belongs to it. */
    public static StressBand of(double stress) {
        return Arrays.stream(values())
                .filter(band -> stress <= band.most)
                .findFirst()
                .orElse(MUCH_MORE);
    }

    /** Every site with its stress in words; one that is not named has none. */
    public static Map<Site, String> words(Map<Site, Double> stress) {
        Map<Site, String> words = new EnumMap<>(Site.class);
        for (Site site : Site.values()) {
            words.put(site, of(stress.getOrDefault(site, 0.0)).words);
        }
        return words;
    }

    /** What it is to a place, as in "kind to the wrist". */
    public String toward(String place) {
        return toward.formatted(place);
    }
}

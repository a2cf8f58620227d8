package kinesia.core.plan;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import kinesia.core.arm.Side;
import kinesia.core.dose.Person;
import kinesia.core.exercise.Place;
import kinesia.core.exercise.Site;
import kinesia.core.screening.PainScore;

/** A place that has to be spared, with its usual pain from the last screen. */
public record SoreSite(Site site, Side side, PainScore usual) {
    // A quiet sore place still counts a little [house].
    private static final double QUIET_SENSITIVITY = 0.3;

    /** How much stress there counts, 0.3 to 1. */
    double sensitivity() {
        return Math.min(1, QUIET_SENSITIVITY + 0.1 * usual.value());
    }

    /** The arms with a place that is sore enough to start lower. */
    public static Set<Side> moderateArms(List<SoreSite> sore) {
        return sore.stream()
                .filter(s -> s.usual().atLeast(Person.MODERATE_PAIN))
                .map(SoreSite::side)
                .collect(Collectors.toSet());
    }

    public Place place() {
        return new Place(site, side);
    }

    public String words() {
        return place().words();
    }
}

package kinesia.core.response;

import java.util.List;
import java.util.Map;

/**
 * What one place of one client takes in a week: the dose at which it stands one point over its usual on the morning after, the
 * edge of "go" (RULES 6). Every answered visit makes some doses more likely than others (Bayes' rule over a row of doses, each
 * 4 % over the one before); the estimate is the middle of what is left. The band goes a sixth to either side of it once at least
 * three fifths of the belief lie there; until then it is as wide as four fifths of the belief are, and nothing is learned.
 *
 * <p>Up to half of the tolerated dose a place shows nothing, from there on it rises evenly to one point at the tolerated dose
 * and three at twice as much [house]; an answer scatters about that by one point, is a whole number and never under 0.
 *
 * @param dose the estimate, repetitions at the reference's stress a week
 * @param low the lower end of the band
 * @param high its upper end
 * @param sure how much of the belief lies in the band, 0 to 1
 * @param learned whether the band is narrow enough to plan by
 * @param mayPlan the week's dose whose chance of a morning three over usual is small enough to plan it
 * @param answered visits it rests on
 * @param quiet of these, up to one point over usual
 * @param most the largest week that was answered quietly; 0 where none was
 */
public record Tolerance(
        double dose,
        double low,
        double high,
        double sure,
        boolean learned,
        double mayPlan,
        int answered,
        int quiet,
        double most) {
    // Until it is learned the band is as wide as this share of the belief [house].
    private static final double WIDE = 0.8;
    // From this share of the belief in the narrow band on it is learned [house].
    private static final double LEARNED_FROM = 0.6;
    private static final double NARROW = 1.18;
    static final int FEWEST = 4;
    // How likely a morning of three over usual may be at most once the tolerance is learned [house]; until then a week
    // goes up to the estimate, as a place far inside what it takes would teach nothing.
    private static final double RISK = 0.04;

    /**
     * Judges {@code visits}.
     *
     * @param house what a place with this usual pain takes until more is known, over 0
     * @param weights of the exercises' house stress
     */
    static Tolerance of(List<Exposure> visits, double house, Map<String, Double> weights) {
        Beliefs beliefs = Beliefs.of(visits, house, weights);
        List<Exposure> answered =
                visits.stream().filter(v -> v.morning() != null).toList();
        List<Exposure> quiet =
                answered.stream().filter(v -> v.over().orElse(0) <= 1).toList();
        double dose = beliefs.at(0.5);
        double sure = beliefs.between(dose / NARROW, dose * NARROW);
        boolean learned = sure >= LEARNED_FROM && answered.size() >= FEWEST;
        return new Tolerance(
                dose,
                learned ? dose / NARROW : beliefs.at((1 - WIDE) / 2),
                learned ? dose * NARROW : beliefs.at((1 + WIDE) / 2),
                learned ? sure : WIDE,
                learned,
                learned ? beliefs.withRisk(RISK, visits) : dose,
                answered.size(),
                quiet.size(),
                quiet.stream().mapToDouble(v -> v.weekDose(weights)).max().orElse(0));
    }

    /** Points over usual to be expected on the morning after a week of {@code dose} at a place that takes {@code tolerance}. */
    static double expected(double dose, double tolerance) {
        return Math.max(0, 2 * dose / tolerance - 1);
    }
}

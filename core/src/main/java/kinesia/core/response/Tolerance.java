package kinesia.core.response;

import java.util.List;
import java.util.Map;
import org.hipparchus.special.Erf;

/**
 * What one place of one client takes in a week: the dose at which it stands one point over its usual on the morning after, the
 * edge of "go" (RULES 6). Every answered visit makes some doses more likely than others (Bayes' rule over a row of doses, each
 * 4 % over the one before); the estimate is the middle of what is left, the band the middle four fifths of it.
 *
 * <p>Up to half of the tolerated dose a place shows nothing, from there on it rises evenly to one point at the tolerated dose
 * and three at twice as much [house]; an answer scatters about that by one point, is a whole number and never under 0.
 *
 * @param dose the estimate, repetitions at the reference's stress a week
 * @param low the lower end of the band
 * @param high its upper end
 * @param answered visits it rests on
 * @param quiet of these, up to one point over usual
 * @param most the largest week that was answered quietly; 0 where none was
 */
public record Tolerance(double dose, double low, double high, int answered, int quiet, double most) {
    /** How sure one may be of the band [house]. */
    public static final double BAND = 0.8;
    // A band no wider than this share of the estimate counts as learned [house].
    static final double LEARNED_WITHIN = 0.4;
    // How far clients with the same usual pain lie apart, as a standard deviation of the logarithm [house].
    private static final double PEOPLE_APART = 0.45;
    // Student's t with so many degrees of freedom: some lie far away.
    private static final double TAIL = 3;
    private static final double STEP = 1.04;
    private static final int STEPS = 200;

    /** Whether the band is narrow enough to plan by. */
    public boolean isLearned() {
        return high - low <= LEARNED_WITHIN * dose;
    }

    /**
     * Judges {@code visits}.
     *
     * @param house what a place with this usual pain takes until more is known, over 0
     * @param weights of the exercises' house stress
     */
    static Tolerance of(List<Exposure> visits, double house, Map<String, Double> weights) {
        Beliefs beliefs = Beliefs.of(visits, house, weights);
        List<Exposure> answered = visits.stream().filter(Exposure::isAnswered).toList();
        List<Exposure> quiet =
                answered.stream().filter(v -> v.over().orElse(0) <= 1).toList();
        return new Tolerance(
                beliefs.at(0.5),
                beliefs.at((1 - BAND) / 2),
                beliefs.at((1 + BAND) / 2),
                answered.size(),
                quiet.size(),
                quiet.stream().mapToDouble(v -> v.weekDose(weights)).max().orElse(0));
    }

    /** Points over usual to be expected on the morning after a week of {@code dose} at a place that takes {@code tolerance}. */
    static double expected(double dose, double tolerance) {
        return Math.max(0, 2 * dose / tolerance - 1);
    }

    /** How likely each of a row of tolerances is. */
    record Beliefs(double[] doses, double[] likely) {
        // One point of scatter from day to day, as the smallest change worth calling one is two (Farrar 2001 [pub]), a
        // whole
        // number besides.
        private static final double SCATTER = 1.05;
        private static final double HALF = 0.5;
        private static final int MOST_PAIN = 10;
        private static final double LEAST_LIKELY = 0.002;

        static Beliefs of(List<Exposure> visits, double house, Map<String, Double> weights) {
            double[] doses = new double[STEPS];
            double[] logs = new double[STEPS];
            for (int i = 0; i < STEPS; i++) {
                doses[i] = house * Math.pow(STEP, i - STEPS / 2);
                double apart = Math.log(doses[i] / house) / PEOPLE_APART;
                logs[i] = -(TAIL + 1) / 2 * Math.log(1 + apart * apart / TAIL);
            }
            for (Exposure visit : visits) {
                Integer after = visit.after();
                if (after != null) {
                    double dose = visit.weekDose(weights);
                    for (int i = 0; i < STEPS; i++) {
                        logs[i] += Math.log(chance(after, visit.usual() + expected(dose, doses[i])));
                    }
                }
            }
            double most = Double.NEGATIVE_INFINITY;
            for (double log : logs) {
                most = Math.max(most, log);
            }
            double sum = 0;
            for (int i = 0; i < STEPS; i++) {
                logs[i] = Math.exp(logs[i] - most);
                sum += logs[i];
            }
            for (int i = 0; i < STEPS; i++) {
                logs[i] /= sum;
            }
            return new Beliefs(doses, logs);
        }

        /** The chance of the whole number {@code pain} where {@code mean} is expected. */
        private static double chance(int pain, double mean) {
            double upTo = pain >= MOST_PAIN ? 1 : below(pain + HALF, mean);
            double under = pain <= 0 ? 0 : below(pain - HALF, mean);
            return Math.max(LEAST_LIKELY, upTo - under);
        }

        private static double below(double value, double mean) {
            return HALF * (1 + Erf.erf((value - mean) / (SCATTER * Math.sqrt(2))));
        }

        /** The dose under which {@code share} of the belief lies. */
        double at(double share) {
            double sum = 0;
            for (int i = 0; i < STEPS; i++) {
                double next = sum + likely[i];
                if (next >= share) {
                    return doses[i] * Math.pow(STEP, (share - sum) / likely[i] - HALF);
                }
                sum = next;
            }
            return doses[STEPS - 1];
        }

        /** The chance of up to {@code over} points over {@code usual} after a week of {@code dose}. */
        double atMost(int over, int usual, double dose) {
            double sum = 0;
            for (int i = 0; i < STEPS; i++) {
                sum += likely[i] * below(usual + over + HALF, usual + expected(dose, doses[i]));
            }
            return sum;
        }
    }
}

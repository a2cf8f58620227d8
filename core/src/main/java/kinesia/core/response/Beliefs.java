package kinesia.core.response;

import java.util.List;
import java.util.Map;
import org.hipparchus.special.Erf;

/**
 * How likely each of a row of tolerances is, each 4 % over the one before: where the belief begins, and by Bayes' rule what every
 * answered morning made of it.
 */
final class Beliefs {
    // How far clients with the same usual pain lie apart, as a standard deviation of the logarithm [house].
    private static final double PEOPLE_APART = 0.45;
    // Student's t with so many degrees of freedom: some lie far away.
    private static final double TAIL = 3;
    private static final double STEP = 1.04;
    private static final int STEPS = 200;
    private static final int FIRST_VISITS = 6;
    // One point of scatter from day to day, as the smallest change worth calling one is two (Farrar 2001 [pub]), told
    // in whole numbers besides.
    private static final double SCATTER = 1.05;
    private static final double HALF = 0.5;
    private static final int MOST_PAIN = 10;
    private static final int EASE_OVER = 3;
    private static final double LEAST_LIKELY = 0.002;

    private final double[] doses;
    private final double[] likely;

    private Beliefs(double[] doses, double[] likely) {
        this.doses = doses;
        this.likely = likely;
    }

    /**
     * @param visits oldest first; those without a morning say nothing
     * @param house what a place with this usual pain takes until more is known, over 0
     * @param weights of the exercises' house stress
     */
    static Beliefs of(List<Exposure> visits, double house, Map<String, Double> weights) {
        double middle = middle(visits, house, weights);
        double[] doses = new double[STEPS];
        double[] logs = new double[STEPS];
        for (int i = 0; i < STEPS; i++) {
            doses[i] = middle * Math.pow(STEP, i - STEPS / 2);
            double apart = Math.log(doses[i] / middle) / PEOPLE_APART;
            logs[i] = -(TAIL + 1) / 2 * Math.log(1 + apart * apart / TAIL);
        }
        for (Exposure visit : visits) {
            Integer morning = visit.morning();
            if (morning != null) {
                double dose = visit.weekDose(weights);
                for (int i = 0; i < STEPS; i++) {
                    logs[i] += Math.log(chance(morning, visit.stands() + Tolerance.expected(dose, doses[i])));
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

    /** Where the belief begins: between what the house expects and what was asked at first, which was meant to be right. */
    private static double middle(List<Exposure> visits, double house, Map<String, Double> weights) {
        double[] weeks = visits.stream()
                .limit(FIRST_VISITS)
                .mapToDouble(v -> v.weekDose(weights))
                .filter(d -> d > 0)
                .sorted()
                .toArray();
        return weeks.length < Tolerance.FEWEST ? house : Math.sqrt(house * weeks[weeks.length / 2]);
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

    /** How much of the belief lies from {@code low} to {@code high}. */
    double between(double low, double high) {
        double half = Math.sqrt(STEP);
        double sum = 0;
        for (int i = 0; i < STEPS; i++) {
            double from = Math.max(low, doses[i] / half);
            double to = Math.min(high, doses[i] * half);
            sum += to > from ? likely[i] * Math.log(to / from) / Math.log(STEP) : 0;
        }
        return sum;
    }

    /** The largest week after which a morning three over usual is at most so likely, by where the place stands at last. */
    double withRisk(double risk, List<Exposure> visits) {
        if (visits.isEmpty()) {
            return at(0.5);
        }
        Exposure last = visits.get(visits.size() - 1);
        for (int i = STEPS - 1; i > 0; i--) {
            if (1 - atMost(last.usual() + EASE_OVER - 1, last.stands(), doses[i]) <= risk) {
                return Math.min(doses[i], at(0.5));
            }
        }
        return doses[0];
    }

    /** The chance of up to {@code pain} on the morning after a week of {@code dose} at a place that stands at {@code stands}. */
    double atMost(int pain, double stands, double dose) {
        double sum = 0;
        for (int i = 0; i < STEPS; i++) {
            sum += likely[i] * below(pain + HALF, stands + Tolerance.expected(dose, doses[i]));
        }
        return sum;
    }
}

package kinesia.core.plan;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import kinesia.core.plan.SessionProblem.Option;

/**
 * The options of one pick in the order they are tried, with a bound on what those from one on can add at a price of
 * seconds: what their best rounds give in full, the third and fourth of each a little less, and their best bonuses.
 */
final class PickReach {
    private final int[] order;
    private final double[][] byRounds;
    private final double[][] byChosen;
    private final double mostGain;

    /**
     * @param tried the positions in {@code options} that are worth trying
     * @param slots the most that may be chosen
     * @param rounds the most of one
     */
    PickReach(List<Option> options, List<Integer> tried, double price, int slots, int rounds) {
        this.order = tried.stream()
                .sorted(Comparator.comparingDouble(o -> -gain(options.get(o), price)))
                .mapToInt(o -> o)
                .toArray();
        this.byRounds = new double[order.length + 1][];
        this.byChosen = new double[order.length + 1][];
        this.mostGain = order.length == 0 ? 0 : Math.max(0, gain(options.get(order[0]), price));
        double[] gains = new double[slots * rounds];
        double[] bonuses = new double[slots];
        byRounds[order.length] = sums(gains);
        byChosen[order.length] = sums(bonuses);
        for (int i = order.length - 1; i >= 0; i--) {
            Option option = options.get(order[i]);
            double gain = gain(option, price);
            for (int r = 1; r <= Math.min(rounds, option.mostRounds()); r++) {
                insert(gains, gain - SessionProblem.costOfTheSame(r));
            }
            insert(bonuses, option.bonus() + option.habit() + option.usualBonus() - price * option.setUpS());
            byRounds[i] = sums(gains);
            byChosen[i] = sums(bonuses);
        }
    }

    /** More than one set of an option can ever add, less what its seconds cost. */
    private static double gain(Option option, double price) {
        return Arrays.stream(option.given()).sum() - option.cost() - price * option.seconds();
    }

    // Keeps the largest, largest first; what would take something away is never needed.
    private static void insert(double[] largest, double value) {
        double carried = value;
        for (int i = 0; i < largest.length && carried > 0; i++) {
            if (carried > largest[i]) {
                double smaller = largest[i];
                largest[i] = carried;
                carried = smaller;
            }
        }
    }

    private static double[] sums(double[] values) {
        double[] sums = new double[values.length + 1];
        for (int i = 0; i < values.length; i++) {
            sums[i + 1] = sums[i] + values[i];
        }
        return sums;
    }

    int size() {
        return order.length;
    }

    /** The position of the option that is tried as number {@code i}. */
    int option(int i) {
        return order[i];
    }

    /** The most that one round of any option gives. */
    double mostGain() {
        return mostGain;
    }

    /** The most that {@code rounds} of options from {@code i} on give. */
    double byRounds(int i, int rounds) {
        return byRounds[i][Math.min(rounds, byRounds[i].length - 1)];
    }

    /** The most that {@code chosen} options from {@code i} on add beside their rounds. */
    double byChosen(int i, int chosen) {
        return byChosen[i][chosen];
    }
}

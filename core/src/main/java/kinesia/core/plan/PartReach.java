package kinesia.core.plan;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import kinesia.core.plan.SessionProblem.Option;

/**
 * A bound on what the picks of a part that are still open can add at a price of seconds: the best choice of their options and
 * rounds within the hard sets that are left, were each set worth to its heads what the first is. By dynamic programming over
 * the options in the order they are tried; that two of one movement exclude each other, and stress, are left out.
 */
final class PartReach {
    private final int[][] order;
    // By pick, option from which on, exercises still to choose there, and hard sets left.
    private final double[][][][] most;

    /** The options of one pick that are worth trying, the most of them that may be chosen, and their rounds. */
    record Open(List<Option> options, List<Integer> tried, int slots, int fewestRounds, int mostRounds) {}

    /** @param sets the hard sets there are */
    PartReach(List<Open> picks, double price, int sets) {
        this.order = new int[picks.size()][];
        this.most = new double[picks.size()][][][];
        double[] later = new double[sets + 1];
        for (int p = picks.size() - 1; p >= 0; p--) {
            Open pick = picks.get(p);
            double[][] values =
                    pick.options().stream().map(o -> values(o, pick, price)).toArray(double[][]::new);
            double[] largest =
                    Arrays.stream(values).mapToDouble(PartReach::largest).toArray();
            order[p] = pick.tried().stream()
                    .sorted(Comparator.comparingDouble(o -> -largest[o]))
                    .mapToInt(o -> o)
                    .toArray();
            most[p] = table(pick, order[p], values, later);
            later = most[p][0][pick.slots()];
        }
    }

    /** What each number of rounds of an option is worth at most, from the fewest on. */
    private static double[] values(Option option, Open pick, double price) {
        double given = 0;
        for (double g : option.given()) {
            given += g;
        }
        int most = Math.min(pick.mostRounds(), option.mostRounds());
        double[] values = new double[Math.max(0, most - pick.fewestRounds() + 1)];
        for (int v = 0; v < values.length; v++) {
            int rounds = pick.fewestRounds() + v;
            values[v] = given * rounds + option.fixedValue(rounds) - price * option.time(rounds);
        }
        return values;
    }

    private static double largest(double[] values) {
        double largest = 0;
        for (double value : values) {
            largest = Math.max(largest, value);
        }
        return largest;
    }

    private static double[][][] table(Open pick, int[] order, double[][] values, double[] later) {
        double[][][] table = new double[order.length + 1][pick.slots() + 1][];
        Arrays.fill(table[order.length], later);
        for (int i = order.length - 1; i >= 0; i--) {
            Option option = pick.options().get(order[i]);
            int each = option.counts()[0] + option.counts()[1];
            table[i][0] = later;
            for (int n = 1; n <= pick.slots(); n++) {
                table[i][n] = table[i + 1][n].clone();
                for (int v = 0; v < values[order[i]].length; v++) {
                    int taken = each * (pick.fewestRounds() + v);
                    for (int left = taken; left < later.length; left++) {
                        table[i][n][left] =
                                Math.max(table[i][n][left], values[order[i]][v] + table[i + 1][n - 1][left - taken]);
                    }
                }
            }
        }
        return table;
    }

    int size(int pick) {
        return order[pick].length;
    }

    /** The position of the option that is tried as number {@code i}. */
    int option(int pick, int i) {
        return order[pick][i];
    }

    /** The most that up to {@code slots} options of {@code pick} from {@code i} on and all later picks add. */
    double from(int pick, int i, int slots, int setsLeft) {
        return most[pick][i][slots][Math.max(0, setsLeft)];
    }
}

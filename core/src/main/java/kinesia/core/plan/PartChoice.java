package kinesia.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import kinesia.core.plan.SessionProblem.Chosen;

/**
 * What is chosen in one part of a session, or in the parts joined so far.
 *
 * @param priced the value less the price of its seconds
 * @param stress in the order of the problem's budgets
 * @param picked each a section, pick, option and rounds, packed by {@link #pack}
 */
// Numbers of an innermost loop, never compared or stored.
@SuppressWarnings("ArrayRecordComponent")
record PartChoice(double value, double priced, double seconds, double[] stress, Needs needs, int[] picked) {
    private static final double SAME = Composer.SAME;

    static PartChoice none(int budgets) {
        return new PartChoice(0, 0, 0, new double[budgets], Needs.NONE, new int[0]);
    }

    static int pack(int section, int pick, int option, int rounds) {
        return section << 24 | pick << 16 | option << 4 | rounds;
    }

    List<Chosen> chosen() {
        return Arrays.stream(picked)
                .mapToObj(p -> new Chosen(p >>> 24, (p >>> 16) & 0xff, (p >>> 4) & 0xfff, p & 0xf))
                .sorted(Comparator.comparingInt(Chosen::section)
                        .thenComparingInt(Chosen::pick)
                        .thenComparingInt(Chosen::option))
                .toList();
    }

    boolean fitsWith(PartChoice other, double[] budgets) {
        for (int i = 0; i < stress.length; i++) {
            if (stress[i] + other.stress[i] > budgets[i] + SAME) {
                return false;
            }
        }
        return true;
    }

    PartChoice and(PartChoice other) {
        double[] both = stress.clone();
        for (int i = 0; i < both.length; i++) {
            both[i] += other.stress[i];
        }
        int[] all = Arrays.copyOf(picked, picked.length + other.picked.length);
        System.arraycopy(other.picked, 0, all, picked.length, other.picked.length);
        return new PartChoice(
                value + other.value, priced + other.priced, seconds + other.seconds, both, needs.and(other.needs), all);
    }

    /** Whether nothing is lost with this in the place of {@code other}, which needs the same. */
    private boolean beats(PartChoice other) {
        if (value < other.value || seconds > other.seconds + SAME) {
            return false;
        }
        for (int i = 0; i < stress.length; i++) {
            if (stress[i] > other.stress[i] + SAME) {
                return false;
            }
        }
        return true;
    }

    /** Choices of one part that need the same of the others, best priced value first. */
    record Alike(Needs needs, List<PartChoice> choices) {
        double best() {
            return choices.get(0).priced();
        }
    }

    /** Keeps, of choices that need the same, those that no other beats. */
    static final class Kept {
        private final Map<Needs, List<PartChoice>> all = new LinkedHashMap<>();

        void add(PartChoice choice) {
            List<PartChoice> alike = all.computeIfAbsent(choice.needs(), n -> new ArrayList<>());
            for (PartChoice other : alike) {
                if (other.beats(choice)) {
                    return;
                }
            }
            alike.removeIf(choice::beats);
            alike.add(choice);
        }

        List<Alike> bestFirst() {
            return all.entrySet().stream()
                    .map(e -> new Alike(
                            e.getKey(),
                            e.getValue().stream()
                                    .sorted(Comparator.comparingDouble(PartChoice::priced)
                                            .reversed())
                                    .toList()))
                    .sorted(Comparator.comparingDouble(Alike::best).reversed())
                    .toList();
        }
    }
}

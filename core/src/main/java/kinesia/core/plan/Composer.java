package kinesia.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Head;
import kinesia.core.screening.Limit;
import org.jspecify.annotations.Nullable;

/**
 * Picks the bending and straightening exercises and their rounds with the largest objective: diminishing value of each
 * head's sets, less what sore places pay, less the cost of changing. Exact: every combination within the session's time
 * is bounded or tried.
 */
final class Composer {
    private static final int MOST_PAIRS = 3;
    private static final int MOST_ROUNDS = 4;
    // Value of stimulus up to two thirds of the visit's budget, then half of that, then nearly nothing [house].
    private static final double FULL_VALUE_SHARE = 0.67;
    private static final double REDUCED_VALUE = 0.5;
    private static final double SPARE_VALUE = 0.05;
    private static final double COST_PER_STRESS_SET = 0.25;
    private static final double CONTINUITY_BONUS = 1.0;
    private static final double SAME_SETS_BONUS = 0.2;

    private final PlanRequest request;
    private final SessionClock clock;
    private final int floorVisits;
    private final IdentityHashMap<Candidate, double[]> shares = new IdentityHashMap<>();

    Composer(PlanRequest request, SessionClock clock) {
        this.request = request;
        this.clock = clock;
        this.floorVisits = request.limits().stream()
                .filter(l -> l.kind() == Limit.Kind.MOST_FLOOR_CHANGES)
                .mapToInt(l -> (int) l.number())
                .min()
                .orElse(Integer.MAX_VALUE);
    }

    /** The exercises of one group, in order, with their sets. */
    record Choice(List<Candidate> order, List<Integer> sets, double score) {}

    /** The best session: both groups with the same number of pairs. */
    record Best(Choice flexors, Choice extensors) {
        double score() {
            return flexors.score() + extensors.score();
        }
    }

    /** The optimum over {@code candidates}; null when no pair fits. Two pairs or three where possible, else one. */
    @Nullable
    Best best(List<Candidate> candidates) {
        Map<Head.Group, List<Candidate>> byGroup = new EnumMap<>(Head.Group.class);
        for (Head.Group group : Head.Group.values()) {
            byGroup.put(
                    group,
                    candidates.stream()
                            .filter(c -> c.exercise().group() == group)
                            .toList());
        }
        Best best = null;
        for (int pairs = 2; pairs <= MOST_PAIRS; pairs++) {
            best = better(best, best(byGroup, pairs));
        }
        return best == null ? best(byGroup, 1) : best;
    }

    private @Nullable Best best(Map<Head.Group, List<Candidate>> byGroup, int pairs) {
        List<List<Candidate>> flexorOrders = orders(byGroup.getOrDefault(Head.Group.FLEXORS, List.of()), pairs);
        List<List<Candidate>> extensorOrders = orders(byGroup.getOrDefault(Head.Group.EXTENSORS, List.of()), pairs);
        Best best = null;
        for (List<Integer> rounds : rounds(pairs)) {
            List<Choice> flexors = choices(Head.Group.FLEXORS, flexorOrders, rounds);
            List<Choice> extensors = choices(Head.Group.EXTENSORS, extensorOrders, rounds);
            for (Choice flexor : flexors) {
                if (best != null
                        && !extensors.isEmpty()
                        && flexor.score() + extensors.get(0).score() <= best.score()) {
                    break; // sorted: no later one can be better with any partner
                }
                for (Choice extensor : extensors) {
                    Best both = new Best(flexor, extensor);
                    if (best != null && both.score() <= best.score()) {
                        break; // sorted: nothing further along can be better
                    }
                    if (clock.fits(both) && FloorVisits.of(both) <= floorVisits) {
                        best = both;
                        break;
                    }
                }
            }
        }
        return best;
    }

    /** Every choice of {@code pairs} exercises of different movements, each in the order of the session. */
    private static List<List<Candidate>> orders(List<Candidate> all, int pairs) {
        // Sorted once; every subset taken in this order is in the order of the session.
        List<Candidate> sorted = all.stream()
                .sorted(Comparator.comparing((Candidate c) -> c.exercise().closingPress())
                        .thenComparing(Candidate::elbowStress)
                        .thenComparing(c -> c.exercise().key()))
                .toList();
        List<List<Candidate>> orders = new ArrayList<>();
        subsets(sorted, pairs, 0, new ArrayList<>(), orders::add);
        return orders;
    }

    private List<Choice> choices(Head.Group group, List<List<Candidate>> orders, List<Integer> rounds) {
        int budget =
                java.util.Objects.requireNonNull(request.budget().get(group)).sets();
        List<Choice> choices = new ArrayList<>();
        for (List<Candidate> order : orders) {
            int[] sets = new int[order.size()];
            int left = budget;
            boolean each = true;
            for (int i = 0; i < sets.length; i++) {
                sets[i] = Math.min(left, Math.min(rounds.get(i), order.get(i).mostSets()));
                left -= sets[i];
                each &= sets[i] > 0;
            }
            if (each) {
                choices.add(new Choice(order, Arrays.stream(sets).boxed().toList(), score(order, sets, budget)));
            }
        }
        choices.sort(Comparator.comparing(Choice::score).reversed());
        return choices;
    }

    /** Rounds of each pair: at most one pair with a single round, and never more rounds later than earlier. */
    private List<List<Integer>> rounds(int pairs) {
        int most = request.budget().values().stream()
                .mapToInt(PlanRequest.SetBudget::sets)
                .max()
                .orElse(0);
        List<List<Integer>> all = new ArrayList<>();
        extend(all, new ArrayList<>(), pairs, most, MOST_ROUNDS);
        return all;
    }

    private static void extend(List<List<Integer>> all, List<Integer> begun, int pairs, int left, int highest) {
        if (begun.size() == pairs) {
            all.add(List.copyOf(begun));
            return;
        }
        boolean last = begun.size() == pairs - 1;
        for (int n = Math.min(left, highest); n >= (last ? 1 : 2); n--) {
            begun.add(n);
            extend(all, begun, pairs, left - n, n);
            begun.remove(begun.size() - 1);
        }
        if (begun.isEmpty() && pairs == 2 && left == pairs) {
            // Two sets in all: one each, which is enough to begin with (Garber et al. 2011 [pub]).
            all.add(java.util.Collections.nCopies(pairs, 1));
        }
    }

    private double score(List<Candidate> order, int[] sets, int budget) {
        double[] given = new double[Head.values().length];
        double score = 0;
        for (int i = 0; i < sets.length; i++) {
            Candidate candidate = order.get(i);
            int n = sets[i];
            double[] shares = shares(candidate);
            for (int head = 0; head < given.length; head++) {
                given[head] += n * shares[head];
            }
            score -= n * candidate.cost() * COST_PER_STRESS_SET;
            Integer before = request.inBlock().get(candidate.exercise().key());
            if (before != null) {
                score += CONTINUITY_BONUS + (before == n ? SAME_SETS_BONUS : 0);
            }
        }
        for (double amount : given) {
            score += value(amount, budget);
        }
        return score;
    }

    /** The candidate's stimulus in the order of the heads; looked up once, as this is the innermost loop. */
    private double[] shares(Candidate candidate) {
        return shares.computeIfAbsent(candidate, c -> {
            Head[] heads = Head.values();
            double[] byHead = new double[heads.length];
            for (int i = 0; i < heads.length; i++) {
                byHead[i] = c.stimulus().getOrDefault(heads[i], 0.0);
            }
            return byHead;
        });
    }

    private static double value(double given, int budget) {
        double full = FULL_VALUE_SHARE * budget;
        double first = Math.min(given, full);
        double second = Math.min(Math.max(0, given - full), budget - full);
        double spare = Math.max(0, given - budget);
        return first + REDUCED_VALUE * second + SPARE_VALUE * spare;
    }

    private static void subsets(
            List<Candidate> all,
            int size,
            int from,
            List<Candidate> chosen,
            java.util.function.Consumer<List<Candidate>> sink) {
        if (chosen.size() == size) {
            sink.accept(List.copyOf(chosen));
            return;
        }
        for (int i = from; i < all.size(); i++) {
            Exercise next = all.get(i).exercise();
            if (chosen.stream().noneMatch(c -> c.exercise().movementFamily().equals(next.movementFamily()))) {
                chosen.add(all.get(i));
                subsets(all, size, i + 1, chosen, sink);
                chosen.remove(chosen.size() - 1);
            }
        }
    }

    private static @Nullable Best better(@Nullable Best a, @Nullable Best b) {
        if (a == null || b == null) {
            return a == null ? b : a;
        }
        return b.score() > a.score() ? b : a;
    }
}

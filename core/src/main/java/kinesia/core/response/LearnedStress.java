package kinesia.core.response;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * How much of its house stress each exercise counts at one place of one client. The rule is a gamma-Poisson one: points over
 * usual are counted, and the house weight stands before them as if it had already been right for {@link #HOUSE_POINTS} of them.
 *
 * <p>An exercise's weight is (house points + the points it got) / (house points + the points its house stress would have had it
 * get). A morning's points are shared out over what was done in its seven days, by dose, with a part for the place wavering by
 * itself; the shares are done again with the new weights until they hold (expectation-maximisation for a sum of Poisson counts,
 * Dempster, Laird and Rubin 1977 [pub], quoted from memory). Pain over usual in a set
 * belongs to that exercise.
 */
public record LearnedStress(Map<String, Double> weights, List<Evidence> evidence) {
    // As many points as the house weight stands for [house].
    static final double HOUSE_POINTS = 6;
    // What a place that gets nothing is over its usual on an average morning, from a day's own ups and downs [house].
    static final double BY_ITSELF = 0.4;
    static final double LEAST = 0.4;
    static final double MOST = 3;
    private static final int ROUNDS = 30;
    private static final double TINY = 1e-9;

    public LearnedStress {
        weights = Map.copyOf(weights);
        evidence = List.copyOf(evidence);
    }

    /**
     * What is known of one exercise at the place, in counts.
     *
     * @param house its stress at the place by the house weights
     * @param weight how much of that it counts here, 0.4 to 3
     * @param worse mornings after it that were 2 or more over usual
     * @param answered mornings after it that were answered, by a morning or the next door
     * @param hurt visits at which it hurt in its own sets, over usual
     * @param said visits at which somebody said how its sets felt
     */
    public record Evidence(
            String exerciseKey, double house, double weight, int worse, int answered, int hurt, int said) {
        /** Its stress as it counts here. */
        public double stress() {
            return house * weight;
        }
    }

    /**
     * Learns from {@code visits}, oldest first.
     *
     * @param house stress at the place for each exercise that was done, from the plans
     * @param before the weight each has before anything of this client is counted: what the room knows; missing is 1
     */
    static LearnedStress of(List<Exposure> visits, Map<String, Double> house, Map<String, Double> before) {
        Map<String, Double> weights = new LinkedHashMap<>();
        house.forEach((key, stress) -> weights.put(key, before.getOrDefault(key, 1.0)));
        Felt felt = Felt.of(visits, house, before);
        List<Exposure> answered = visits.stream().filter(Exposure::isAnswered).toList();
        double points = answered.stream().mapToDouble(LearnedStress::points).sum();
        double dose = answered.stream()
                .mapToDouble(v -> Exposure.weighed(v.week(), before))
                .sum();
        double above = Math.max(0, points - BY_ITSELF * answered.size());
        double perDose = dose < TINY ? 0 : above / dose;
        for (int round = 0; round < ROUNDS; round++) {
            Map<String, Double> got = new LinkedHashMap<>(felt.got());
            Map<String, Double> due = new LinkedHashMap<>(felt.due());
            for (Exposure visit : answered) {
                double all = BY_ITSELF + perDose * visit.weekDose(weights);
                visit.week().forEach((key, x) -> {
                    double share = perDose * x * weights.getOrDefault(key, 1.0) / all;
                    got.merge(key, points(visit) * share, Double::sum);
                    due.merge(key, perDose * x * before.getOrDefault(key, 1.0), Double::sum);
                });
            }
            weights.replaceAll((key, old) -> clamp(before.getOrDefault(key, 1.0)
                    * (HOUSE_POINTS + got.getOrDefault(key, 0.0))
                    / (HOUSE_POINTS + due.getOrDefault(key, 0.0))));
        }
        List<Evidence> evidence = new ArrayList<>();
        weights.forEach((key, weight) -> evidence.add(evidence(key, weight, house.getOrDefault(key, 0.0), visits)));
        evidence.sort(Comparator.comparingDouble(Evidence::stress).reversed().thenComparing(Evidence::exerciseKey));
        return new LearnedStress(weights, evidence);
    }

    private static double points(Exposure visit) {
        return Math.max(0, visit.over().orElse(0));
    }

    private static double clamp(double weight) {
        return Math.max(LEAST, Math.min(MOST, weight));
    }

    private static Evidence evidence(String key, double weight, double house, List<Exposure> visits) {
        List<Exposure> with =
                visits.stream().filter(v -> v.done().containsKey(key)).toList();
        return new Evidence(
                key,
                house,
                weight,
                (int) with.stream().filter(Exposure::wasWorse).count(),
                (int) with.stream().filter(Exposure::isAnswered).count(),
                (int) with.stream()
                        .filter(v -> v.felt().getOrDefault(key, 0) > v.usual())
                        .count(),
                (int) with.stream().filter(v -> v.felt().containsKey(key)).count());
    }

    /** Points felt in the exercises' own sets: what each got, and what its house stress would have had it get of them. */
    private record Felt(Map<String, Double> got, Map<String, Double> due) {
        static Felt of(List<Exposure> visits, Map<String, Double> house, Map<String, Double> before) {
            Map<String, Double> got = new LinkedHashMap<>();
            Map<String, Double> due = new LinkedHashMap<>();
            for (Exposure visit : visits) {
                double all = 0;
                double stress = 0;
                for (Map.Entry<String, Integer> felt : visit.felt().entrySet()) {
                    all += over(felt.getValue(), visit);
                    stress += stress(felt.getKey(), house, before);
                }
                if (all > 0 && stress > TINY) {
                    for (Map.Entry<String, Integer> felt : visit.felt().entrySet()) {
                        got.merge(felt.getKey(), over(felt.getValue(), visit), Double::sum);
                        due.merge(felt.getKey(), all * stress(felt.getKey(), house, before) / stress, Double::sum);
                    }
                }
            }
            return new Felt(got, due);
        }

        private static double over(int pain, Exposure visit) {
            return Math.max(0, pain - visit.usual());
        }

        private static double stress(String key, Map<String, Double> house, Map<String, Double> before) {
            return house.getOrDefault(key, 0.0) * before.getOrDefault(key, 1.0);
        }
    }
}

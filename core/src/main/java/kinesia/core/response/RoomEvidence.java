package kinesia.core.response;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import kinesia.core.exercise.Site;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;

/**
 * What the joints of a room's clients answered to its exercises, pooled and without names. A joint counts once it has answered
 * {@link #ANSWERS} times; an exercise counts from {@link #JOINTS} such joints on. What a new client's exercise then weighs is the
 * mean of those joints' weights, with the house weight standing for as many joints as {@link #HOUSE_JOINTS} [house].
 */
public record RoomEvidence(List<AtSite> exercises) {
    /** Nothing yet. */
    public static final RoomEvidence NONE = new RoomEvidence(List.of());

    static final int ANSWERS = 3;
    static final int JOINTS = 3;
    static final double HOUSE_JOINTS = 6;
    // From so much over its house weight on an exercise was worse for that joint than the house thinks [house].
    private static final double WORSE_FROM = 1.25;

    public RoomEvidence {
        exercises = List.copyOf(exercises);
    }

    /**
     * One exercise at one site.
     *
     * @param joints that did it and answered
     * @param worse of these, for which it was worse than its house weight
     * @param weight what it weighs for a new client before anything is known of them
     */
    public record AtSite(String exerciseKey, Site site, int joints, int worse, double weight) {
        /** The counts in a sentence, by the exercise's name. */
        public Reason says(String name) {
            return Reason.of(
                            "LEARNED-room",
                            Tag.HOUSE,
                            "joints with at least " + ANSWERS + " answers; the house weight stands for "
                                    + Numbers.plain(HOUSE_JOINTS, 0) + " of them",
                            name + ": worse than the house weight for " + worse + " of " + joints + " "
                                    + (joints == 1 ? "place" : "places") + " at the " + site.words() + " here.",
                            "We have seen how others took it.")
                    .with("places", joints)
                    .with("worse", worse)
                    .with("counts for a new client", Numbers.plain(weight, 2));
        }
    }

    /** Pools what each joint taught by itself. */
    public static RoomEvidence of(Collection<Learning.AtPlace> joints) {
        List<AtSite> all = new ArrayList<>();
        for (Site site : Site.values()) {
            Map<String, List<LearnedStress.Evidence>> answered = new TreeMap<>();
            joints.stream()
                    .filter(j -> j.place().site() == site)
                    .flatMap(j -> j.stress().evidence().stream())
                    .filter(e -> Math.max(e.answered(), e.said()) >= ANSWERS)
                    .forEach(e -> answered.computeIfAbsent(e.exerciseKey(), k -> new ArrayList<>())
                            .add(e));
            answered.forEach((key, each) -> {
                if (each.size() >= JOINTS) {
                    double sum = each.stream()
                            .mapToDouble(LearnedStress.Evidence::weight)
                            .sum();
                    int worse = (int)
                            each.stream().filter(e -> e.weight() >= WORSE_FROM).count();
                    all.add(new AtSite(
                            key, site, each.size(), worse, (HOUSE_JOINTS + sum) / (HOUSE_JOINTS + each.size())));
                }
            });
        }
        all.sort(Comparator.comparing(AtSite::site)
                .thenComparing(Comparator.comparingDouble(AtSite::weight).reversed())
                .thenComparing(AtSite::exerciseKey));
        return new RoomEvidence(all);
    }

    /** The weights at {@code site} by exercise; what is missing has its house weight. */
    Map<String, Double> at(Site site) {
        Map<String, Double> weights = new TreeMap<>();
        exercises.stream().filter(e -> e.site() == site).forEach(e -> weights.put(e.exerciseKey(), e.weight()));
        return weights;
    }
}

package kinesia.core.plan;

import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Site;

/**
 * What an exercise is worth to one client: the muscles' stimulus less what every place pays, a sore one by how sore it is and a
 * quiet one by a little care that grows with age (RULES 2). Atlas, composer, swaps and easing use this one number.
 */
final class Worth {
    private static final int CARE_FROM_AGE = 50;
    private static final double CARE_AT_THAT_AGE = 0.02;
    private static final double CARE_A_YEAR = 0.001;
    private static final double NEW_TO_TRAINING = 2;
    // More than any exercise is worth, so that everything else that is worth something comes before [house].
    private static final double COMES_LAST = 12;

    // A little more than what counts as the same [house].
    private static final double OPENS_BY = 0.05;

    // As much as makes a change worth while (RULES 5, twice the 5 % of a swap) [house].
    private static final double SECOND_BY = 0.1;

    private final double care;
    private final List<SoreSite> soreSites;
    private final Learned learned;

    private Worth(double care, List<SoreSite> soreSites, Learned learned) {
        this.care = care;
        this.soreSites = soreSites;
        this.learned = learned;
    }

    static Worth of(int age, boolean newToTraining, List<SoreSite> soreSites, Learned learned) {
        double byAge = CARE_AT_THAT_AGE + CARE_A_YEAR * Math.max(0, age - CARE_FROM_AGE);
        return new Worth(byAge * (newToTraining ? NEW_TO_TRAINING : 1), soreSites, learned);
    }

    static Worth of(PlanRequest request) {
        return of(request.age(), request.newToTraining(), request.soreSites(), request.learned());
    }

    /** What a place pays for one unit of stress while {@code arms} work. */
    double pays(Site site, Collection<Side> arms) {
        return care
                + soreSites.stream()
                        .filter(s -> s.site() == site && arms.contains(s.side()))
                        .mapToDouble(SoreSite::sensitivity)
                        .max()
                        .orElse(0);
    }

    /**
     * What all places pay while {@code arms} work; a sore place pays for what its own arm lifts and for what it carries while the
     * other one lifts, as much of it as was learned.
     *
     * @param stress on the working arm
     * @param supporting on the other; empty where it carries nothing
     */
    double cost(String exerciseKey, Map<Site, Double> stress, Map<Site, Double> supporting, Collection<Side> arms) {
        double cost = 0;
        for (Map.Entry<Site, Double> at : stress.entrySet()) {
            cost += care * at.getValue() + atSore(exerciseKey, at.getKey(), stress, supporting, arms);
        }
        return cost;
    }

    /** Of that, what each sore place pays. */
    Map<Site, Double> atSorePlaces(
            String exerciseKey, Map<Site, Double> stress, Map<Site, Double> supporting, Collection<Side> arms) {
        Map<Site, Double> parts = new EnumMap<>(Site.class);
        for (SoreSite sore : soreSites) {
            parts.put(
                    sore.site(),
                    care * stress.getOrDefault(sore.site(), 0.0)
                            + atSore(exerciseKey, sore.site(), stress, supporting, arms));
        }
        return parts;
    }

    private double atSore(
            String exerciseKey,
            Site site,
            Map<Site, Double> stress,
            Map<Site, Double> supporting,
            Collection<Side> arms) {
        double most = 0;
        for (SoreSite sore : soreSites) {
            if (sore.site() == site) {
                double working = arms.contains(sore.side()) ? stress.getOrDefault(site, 0.0) : 0;
                // The other arm carries while this one rests, or while the two take turns.
                double carrying = arms.contains(sore.side().other()) ? supporting.getOrDefault(site, 0.0) : 0;
                most = Math.max(
                        most, sore.sensitivity() * learned.factor(exerciseKey, sore.place()) * (working + carrying));
            }
        }
        return most;
    }

    /** What is worth {@code otherwise}, where a limit says that it comes after everything else. */
    static double last(double otherwise) {
        return otherwise - COMES_LAST;
    }

    /** What is worth {@code otherwise}, where the lightest load is a little heavy. */
    static double second(double otherwise) {
        return otherwise - Math.abs(otherwise) * SECOND_BY;
    }

    /** The most that is worth anything beside what opens for its muscle, the best of which is worth {@code opener}. */
    static double after(double opener) {
        return opener - OPENS_BY;
    }

    static double given(Map<Head, Double> stimulus) {
        return stimulus.values().stream().mapToDouble(d -> d).sum();
    }
}

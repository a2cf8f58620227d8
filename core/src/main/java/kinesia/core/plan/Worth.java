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
    private static final double COMES_LAST = 4;

    private final double care;
    private final List<SoreSite> soreSites;

    private Worth(double care, List<SoreSite> soreSites) {
        this.care = care;
        this.soreSites = soreSites;
    }

    static Worth of(int age, boolean newToTraining, List<SoreSite> soreSites) {
        double byAge = CARE_AT_THAT_AGE + CARE_A_YEAR * Math.max(0, age - CARE_FROM_AGE);
        return new Worth(byAge * (newToTraining ? NEW_TO_TRAINING : 1), soreSites);
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

    /** What all places pay for {@code stress} while {@code arms} work. */
    double cost(Map<Site, Double> stress, Collection<Side> arms) {
        double cost = 0;
        for (Map.Entry<Site, Double> at : stress.entrySet()) {
            cost += pays(at.getKey(), arms) * at.getValue();
        }
        return cost;
    }

    /** Of that, what each sore place pays. */
    Map<Site, Double> atSorePlaces(Map<Site, Double> stress, Collection<Side> arms) {
        Map<Site, Double> parts = new EnumMap<>(Site.class);
        for (SoreSite sore : soreSites) {
            if (arms.contains(sore.side())) {
                parts.put(sore.site(), pays(sore.site(), arms) * stress.getOrDefault(sore.site(), 0.0));
            }
        }
        return parts;
    }

    /** What is worth {@code otherwise}, where a limit says that it comes after everything else. */
    static double last(double otherwise) {
        return otherwise - COMES_LAST;
    }

    static double given(Map<Head, Double> stimulus) {
        return stimulus.values().stream().mapToDouble(d -> d).sum();
    }
}

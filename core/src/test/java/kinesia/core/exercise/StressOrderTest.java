package kinesia.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import kinesia.core.RuleFiles;
import kinesia.core.arm.LoadCurve;
import kinesia.core.arm.Sex;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * The values and orders of the trade at equal effort, for a woman of 1.65 m and 68 kg who curls 4 kg: common practice, judged by
 * coaching experience, no source.
 */
class StressOrderTest {
    private static final Body BODY = new Body(Sex.FEMALE, 1.65, 68);
    private static final ExerciseModel MODEL = RuleFiles.model();
    private static final ElbowStrength STRENGTH = curling(BODY, 4);
    private static final List<Exercise> MAIN =
            MODEL.catalogue().all().stream().filter(e -> e.role() == Role.MAIN).toList();

    private static ElbowStrength curling(Body body, double kg) {
        LoadCurve curve = MODEL.curve(MODEL.catalogue().get("seated-curl"), body, kg);
        return ElbowStrength.ofFlexors(ExerciseModel.askedShare(curve, new ElbowStrength(1, 1)));
    }

    private static double stress(String key, Site site) {
        return stress(MODEL.catalogue().get(key), site);
    }

    /** At equal effort; what body weight makes too hard or too easy is brought to it. */
    private static double stress(Exercise exercise, Site site) {
        double value = MODEL.stress(exercise, BODY, STRENGTH).get(site);
        LoadCurve curve = MODEL.curve(exercise, BODY, 0);
        return exercise.bodyWeightShare() == 0 ? value : value / ExerciseModel.askedShare(curve, STRENGTH);
    }

    private static double asItIs(String key, Site site) {
        return MODEL.stress(MODEL.catalogue().get(key), BODY, STRENGTH).get(site);
    }

    @ParameterizedTest(name = "{0}: {1} about {2}")
    @CsvSource({
        "FRONT_OF_SHOULDER, sloped-pad-curl, 0.2",
        "FRONT_OF_SHOULDER, concentration-curl, 0.3",
        "FRONT_OF_SHOULDER, supported-kickback, 0.6",
        "FRONT_OF_SHOULDER, standing-curl, 1.05",
        "FRONT_OF_SHOULDER, close-floor-press, 1.0",
        "FRONT_OF_SHOULDER, close-bench-press, 1.3",
        "FRONT_OF_SHOULDER, incline-curl, 1.8",
        "FRONT_OF_SHOULDER, bench-push-up, 1.2",
        "TOP_OUTER_SHOULDER, lying-extension, 1.2",
        "TOP_OUTER_SHOULDER, bench-push-up, 1.5",
        "TOP_OUTER_SHOULDER, tipped-back-extension, 2.0",
        "TOP_OUTER_SHOULDER, overhead-extension, 3.5",
        "TOP_JOINT_OF_SHOULDER, incline-curl, 0.6",
        "TOP_JOINT_OF_SHOULDER, cross-body-hammer-curl, 1.0",
        "TOP_JOINT_OF_SHOULDER, across-chest-extension, 1.8",
        "TOP_JOINT_OF_SHOULDER, overhead-extension, 1.8",
        "TOP_JOINT_OF_SHOULDER, close-bench-press, 2.5",
        "BACK_OF_ELBOW, rope-press-down, 1.0",
        "BACK_OF_ELBOW, close-bench-press, 0.95",
        "BACK_OF_ELBOW, bench-dip, 0.8",
        "BACK_OF_ELBOW, bar-dip, 0.8",
        "BACK_OF_ELBOW, chin-line-press, 1.2",
        "BACK_OF_ELBOW, lying-extension, 1.5",
        "BACK_OF_ELBOW, overhead-extension, 1.8",
        "CROOK_OF_ELBOW, standing-curl, 1.0",
        "CROOK_OF_ELBOW, sloped-pad-curl, 1.2",
        "CROOK_OF_ELBOW, incline-curl, 1.3",
        "CROOK_OF_ELBOW, sloped-pad-full-curl, 2.2",
        "OUTER_ELBOW, band-press-down, 0.2",
        "OUTER_ELBOW, band-curl, 0.2",
        "WRIST, close-bar-press, 1.8"
    })
    void values_come_within_a_quarter(Site site, String key, double value) {
        assertThat(stress(key, site)).isBetween(value * 0.75, value * 1.25);
    }

    @ParameterizedTest(name = "{0}: {1} < {2}")
    @CsvSource({
        "FRONT_OF_SHOULDER, drag-curl, standing-curl",
        "FRONT_OF_SHOULDER, standing-curl, incline-curl",
        "FRONT_OF_SHOULDER, steep-incline-curl, incline-curl",
        "FRONT_OF_SHOULDER, close-floor-press, close-bench-press",
        "TOP_OUTER_SHOULDER, lying-extension, bench-push-up",
        "TOP_OUTER_SHOULDER, bench-push-up, tipped-back-extension",
        "TOP_OUTER_SHOULDER, tipped-back-extension, overhead-extension",
        "TOP_JOINT_OF_SHOULDER, incline-curl, cross-body-hammer-curl",
        "TOP_JOINT_OF_SHOULDER, close-floor-press, close-bench-press",
        "TOP_JOINT_OF_SHOULDER, close-bench-press, bench-dip",
        "OUTER_ELBOW, standing-curl, standing-hammer-curl",
        "OUTER_ELBOW, standing-hammer-curl, palm-down-dumbbell-curl",
        "INNER_ELBOW, standing-curl, bar-curl",
        "INNER_ELBOW, lying-extension, overhead-extension",
        "BACK_OF_ELBOW, rope-press-down, chin-line-press",
        "BACK_OF_ELBOW, chin-line-press, lying-extension",
        "BACK_OF_ELBOW, lying-extension, overhead-extension",
        "CROOK_OF_ELBOW, sloped-pad-curl, incline-curl",
        "CROOK_OF_ELBOW, incline-curl, sloped-pad-full-curl",
        "WRIST, seated-curl, bar-curl",
        "WRIST, close-bar-press, narrow-bar-press"
    })
    void easier_comes_before_harder(Site site, String easier, String harder) {
        assertThat(stress(easier, site)).isLessThan(stress(harder, site));
    }

    @Test
    void what_holds_for_a_kind_holds_for_every_entry_of_it() {
        every(e -> e.isCalled("press-down"), Site.TOP_OUTER_SHOULDER, 0, 0.4);
        every(e -> e.isCalled("kickback"), Site.TOP_OUTER_SHOULDER, 0, 0.4);
        every(e -> e.traits().braced(), Site.TOP_OUTER_SHOULDER, 0, 0.4);
        every(e -> e.isCalled("press-down"), Site.FRONT_OF_SHOULDER, 0, 0.31);
        every(e -> e.isCalled("extension-overhead"), Site.TOP_OUTER_SHOULDER, 3, 4);
        every(e -> e.isCalled("curl-at-side"), Site.TOP_JOINT_OF_SHOULDER, 0, 0.2);
        every(e -> e.traits().looped(), Site.OUTER_ELBOW, 0, 0.25);
        every(e -> e.isCalled("dip"), Site.TOP_JOINT_OF_SHOULDER, 2.5, 20);
        every(e -> e.isCalled("bench-dip"), Site.FRONT_OF_SHOULDER, 2.4, 4);
        assertThat(worst(Site.FRONT_OF_SHOULDER)).isEqualTo("incline-curl");
        assertThat(worst(Site.CROOK_OF_ELBOW)).isEqualTo("sloped-pad-full-curl");
        assertThat(Set.of("palm-down-curl", "palm-down-dumbbell-curl")).contains(worst(Site.OUTER_ELBOW));
    }

    private static void every(Predicate<Exercise> kind, Site site, double least, double most) {
        List<Exercise> all = MAIN.stream().filter(kind).toList();
        assertThat(all).isNotEmpty();
        for (Exercise e : all) {
            assertThat(stress(e, site)).as(e.key() + " at the " + site.words()).isBetween(least, most);
        }
    }

    private static String worst(Site site) {
        return MAIN.stream()
                .filter(e -> e.isCalled("curl") && e.bodyWeightShare() == 0)
                .max(java.util.Comparator.comparingDouble(e -> stress(e, site)))
                .map(Exercise::key)
                .orElseThrow();
    }

    /** Orders between kinds, over all entries: nothing deeper or higher comes before anything shallower. */
    @Test
    void the_back_of_the_elbow_pays_by_how_deep_and_how_high() {
        double presses = most(e -> e.isCalled("close-press"));
        double chin = least(e -> e.isCalled("chin-line-press"));
        double lying = least(e -> Set.of("lying-extension", "lying-bar-extension", "floor-lying-extension")
                .contains(e.key()));
        double overhead = least(e -> e.isCalled("extension-overhead"));
        assertThat(presses).isLessThan(chin);
        assertThat(most(e -> e.isCalled("chin-line-press"))).isLessThan(lying);
        assertThat(most(e -> e.isCalled("extension-lying") && !e.key().equals("incline-bench-extension")))
                .isLessThan(overhead);
    }

    private static double most(Predicate<Exercise> kind) {
        return MAIN.stream()
                .filter(kind)
                .mapToDouble(e -> stress(e, Site.BACK_OF_ELBOW))
                .max()
                .orElseThrow();
    }

    private static double least(Predicate<Exercise> kind) {
        return MAIN.stream()
                .filter(kind)
                .mapToDouble(e -> stress(e, Site.BACK_OF_ELBOW))
                .min()
                .orElseThrow();
    }

    /** Body weight follows the weight on the hands, without jumps; the wall asks a third of what the floor does. */
    @Test
    void a_rung_pays_by_the_weight_on_the_hands() {
        for (Site site : Site.values()) {
            if (site == Site.CROOK_OF_ELBOW) {
                continue; // a push-up asks nothing there
            }
            List<Double> rungs =
                    List.of("wall-push-up", "counter-push-up", "table-push-up", "bench-push-up", "floor-push-up")
                            .stream()
                            .map(key -> asItIs(key, site))
                            .collect(Collectors.toList());
            assertThat(rungs).as(site.words()).isSorted();
            assertThat(rungs.get(4) / rungs.get(0)).as(site.words()).isBetween(1.8, 4.2);
        }
        // By the balance of the body a wall asks a third of what the floor does, where the table has a quarter.
        assertThat(asItIs("wall-push-up", Site.OUTER_ELBOW)).isCloseTo(0.2, within(0.1));
        assertThat(asItIs("bench-push-up", Site.OUTER_ELBOW)).isCloseTo(0.5, within(0.125));
        assertThat(asItIs("floor-push-up", Site.OUTER_ELBOW)).isCloseTo(0.8, within(0.2));
        assertThat(asItIs("floor-push-up", Site.WRIST)).isGreaterThan(3);
    }

    /** Whoever is twice as strong pays half at the same weight: body weight is judged by how much of their strength it asks. */
    @Test
    void a_stronger_client_pays_less_for_the_same_weight() {
        Exercise bench = MODEL.catalogue().get("bench-push-up");
        double weak = MODEL.stress(bench, BODY, curling(BODY, 3)).get(Site.FRONT_OF_SHOULDER);
        double strong = MODEL.stress(bench, BODY, curling(BODY, 8)).get(Site.FRONT_OF_SHOULDER);
        assertThat(weak / strong).isBetween(1.9, 2.7);
    }

    /** At equal effort an exercise costs a woman of 52 about what it costs a man of 75. */
    @Test
    void at_equal_effort_the_values_hardly_depend_on_who_it_is() {
        Body man = new Body(Sex.MALE, 1.78, 82);
        for (Exercise e : MAIN) {
            if (e.bodyWeightShare() > 0 || e.implement() == Implement.NOTHING) {
                continue;
            }
            for (Site site : Site.values()) {
                double hers = MODEL.stress(e, BODY, STRENGTH).get(site);
                double his = MODEL.stress(e, man, curling(man, 9)).get(site);
                assertThat(his).as(e.key() + " " + site).isCloseTo(hers, within(0.15 + 0.35 * hers));
            }
        }
    }

    @Test
    void the_reference_of_a_site_is_one() {
        assertThat(stress("seated-curl", Site.CROOK_OF_ELBOW)).isCloseTo(1, within(1e-6));
        assertThat(stress("rope-press-down", Site.BACK_OF_ELBOW)).isCloseTo(1, within(1e-6));
        assertThat(stress("close-bench-press", Site.TOP_JOINT_OF_SHOULDER)).isCloseTo(2.5, within(1e-6));
    }

    @Test
    void every_exercise_works_the_group_that_it_is_for() {
        for (Exercise exercise : MODEL.catalogue().all()) {
            if (!exercise.role().trainsTheArm()) {
                continue;
            }
            double load = MODEL.equalEffortLoad(exercise, BODY, STRENGTH);
            double mean = MODEL.curve(exercise, BODY, load).samples().stream()
                    .mapToDouble(sample -> sample.load().elbowDemandNm())
                    .average()
                    .orElseThrow();
            assertThat(Math.signum(mean)).as(exercise.key()).isEqualTo(exercise.group() == Head.Group.FLEXORS ? 1 : -1);
        }
    }

    @Test
    void equal_effort_means_the_same_share_of_what_the_arm_can_make() {
        for (Exercise e : MAIN) {
            if (e.bodyWeightShare() == 0 && !e.isPressing() && e.implement() != Implement.NOTHING) {
                double load = MODEL.equalEffortLoad(e, BODY, STRENGTH);
                assertThat(ExerciseModel.askedShare(MODEL.curve(e, BODY, load), STRENGTH))
                        .as(e.key())
                        .isCloseTo(1, within(0.03));
            }
        }
    }

    /** Strongest near 90 degrees in bending, between 70 and 90 in straightening (Askew et al. 1987, quoted from memory). */
    @Test
    void the_strength_curve_peaks_where_elbows_are_strongest() {
        assertThat(best(Head.Group.FLEXORS)).isBetween(80, 100);
        assertThat(best(Head.Group.EXTENSORS)).isBetween(70, 90);
        assertThat(StrengthCurve.at(Head.Group.FLEXORS, 0)).isEqualTo(0.55);
        assertThat(StrengthCurve.at(Head.Group.FLEXORS, 65)).isCloseTo(0.9, within(1e-9));
        assertThat(StrengthCurve.at(Head.Group.EXTENSORS, 105)).isCloseTo(0.85, within(1e-9));
        assertThat(StrengthCurve.at(Head.Group.EXTENSORS, 150)).isEqualTo(0.7);
    }

    private static int best(Head.Group group) {
        int best = 0;
        for (int degree = 0; degree <= 150; degree++) {
            best = StrengthCurve.at(group, degree) > StrengthCurve.at(group, best) ? degree : best;
        }
        return best;
    }

    @Test
    void a_kickback_loads_late_and_a_sloped_pad_early() {
        // Mechanics: a kickback loads most where the muscle is short; a sloped pad near its longest.
        Exercise kickback = MODEL.catalogue().get("supported-kickback");
        Exercise pad = MODEL.catalogue().get("sloped-pad-curl");
        assertThat(MODEL.curve(kickback, BODY, 4).summary().profile())
                .isEqualTo(kinesia.core.arm.LoadCurve.Profile.LATE);
        assertThat(MODEL.curve(pad, BODY, 4).summary().profile()).isEqualTo(kinesia.core.arm.LoadCurve.Profile.EARLY);
    }
}

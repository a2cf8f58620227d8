package kinesia.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import kinesia.core.RuleFiles;
import kinesia.core.arm.Sex;
import kinesia.core.arm.Side;
import kinesia.core.dose.ClientStrength;
import kinesia.core.dose.Equipment;
import kinesia.core.dose.Person;
import kinesia.core.exercise.Adjustment;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.ElbowStrength;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Implement;
import kinesia.core.exercise.Role;
import kinesia.core.exercise.Site;
import kinesia.core.exercise.Workbench;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.Limit;
import kinesia.core.screening.PainScore;
import org.junit.jupiter.api.Test;

class AtlasTest {
    private static final Body BODY = new Body(Sex.FEMALE, 1.66, 68);
    private static final ExerciseModel MODEL = RuleFiles.model();
    private static final Person WELL = new Person(BODY, 62, People.USED_TO_IT, Set.of());
    private static final ElbowStrength STRENGTH = ClientStrength.ofAnybody(MODEL, BODY);

    private static Atlas atlas(List<Limit> limits, Site sore, Map<String, Double> used) {
        List<SoreSite> sites = sore == null ? List.of() : List.of(new SoreSite(sore, Side.RIGHT, PainScore.of(5)));
        return new Atlas(MODEL, new Atlas.Asked(WELL, STRENGTH, used, limits, sites, null, List.of(), false));
    }

    private static Limit limit(Limit.Kind kind, double value, Site site, Head.Group group) {
        Reason reason = Reason.of("SITE-test", Tag.HOUSE, "", "Stays out of there for now.", "Not there for now.");
        return new Limit(kind, Side.RIGHT, site, value, null, group, null, null, LocalDate.of(2026, 1, 1), reason);
    }

    private static List<String> keys(Atlas atlas, Head.Group group) {
        return atlas.ranked().stream()
                .filter(e -> e.isAllowed()
                        && e.exercise().role().trainsTheArm()
                        && e.exercise().group() == group)
                .map(e -> e.exercise().key())
                .toList();
    }

    @Test
    void a_sore_front_of_shoulder_and_a_sore_back_of_elbow_get_sensibly_different_rankings() {
        Atlas shoulder = atlas(
                List.of(limit(Limit.Kind.LARGEST_EXTENSION, 0, Site.FRONT_OF_SHOULDER, null)),
                Site.FRONT_OF_SHOULDER,
                Map.of());
        Atlas elbow = atlas(
                List.of(limit(Limit.Kind.LARGEST_ELBOW_BEND, 90, Site.BACK_OF_ELBOW, Head.Group.EXTENSORS)),
                Site.BACK_OF_ELBOW,
                Map.of());
        List<String> shoulderCurls = keys(shoulder, Head.Group.FLEXORS);
        List<String> elbowCurls = keys(elbow, Head.Group.FLEXORS);
        // The sore shoulder loses the arm-behind curls; the sore elbow keeps them all.
        assertThat(shoulderCurls).doesNotContain("incline-curl", "drag-curl", "band-curl-behind");
        assertThat(elbowCurls).contains("incline-curl", "drag-curl");
        assertThat(shoulder.ranked())
                .filteredOn(e -> e.exercise().key().equals("incline-curl"))
                .singleElement()
                .satisfies(
                        e -> assertThat(e.whyNot()).extracting(Reason::ruleId).containsExactly("SITE-test"));
        // For the sore elbow press-downs come well before anything that bends deep and high.
        List<String> elbowExtensions = keys(elbow, Head.Group.EXTENSORS);
        assertThat(elbowExtensions.indexOf("rope-press-down")).isLessThan(elbowExtensions.indexOf("lying-extension"));
        assertThat(elbowExtensions.indexOf("lying-extension"))
                .isLessThan(elbowExtensions.indexOf("overhead-extension"));
        assertThat(shoulderCurls.subList(0, 10)).isNotEqualTo(elbowCurls.subList(0, 10));
    }

    @Test
    void reasons_name_the_worth_and_what_each_sore_place_pays() {
        Atlas atlas = atlas(List.of(), Site.FRONT_OF_SHOULDER, Map.of());
        Atlas.Entry entry = atlas.entry(MODEL.catalogue().get("seated-curl"));
        assertThat(entry.worthReason().exact()).contains("front of shoulder").contains("Worth ");
        assertThat(atlas.stressParts(entry)).hasSize(Site.values().length).allSatisfy(s -> {
            assertThat(s.value()).isEqualTo(entry.stress().get(s.site()));
            assertThat(s.reason().exact()).contains(s.site().words());
            assertThat(s.reason().inputs()).containsKey("stress");
        });
        // 62 and used to training: a quiet place counts 0.02 + 0.012, one that is sore at 5 counts 0.8 more.
        double cost = entry.stress().entrySet().stream()
                .mapToDouble(at -> (0.032 + (at.getKey() == Site.FRONT_OF_SHOULDER ? 0.8 : 0)) * at.getValue())
                .sum();
        double stimulus = entry.stimulus().values().stream().mapToDouble(d -> d).sum();
        assertThat(entry.worth()).isCloseTo(stimulus - cost, within(1e-9));
    }

    @Test
    void only_what_works_the_elbow_against_a_load_speaks_of_equal_effort() {
        Atlas anybody = atlas(List.of(), null, Map.of());
        assertThat(anybody.ranked()).allSatisfy(entry -> {
            Exercise exercise = entry.exercise();
            String expected = exercise.bodyWeightShare() > 0
                    ? "LOAD-body"
                    : !exercise.isModelled()
                            ? "LOAD-not-modelled"
                            : exercise.implement() == Implement.NOTHING
                                    ? "LOAD-none"
                                    : exercise.role() == Role.WARM_UP || exercise.role() == Role.COOL_DOWN
                                            ? "LOAD-light"
                                            : "LOAD-equal-effort";
            assertThat(entry.loadReason().ruleId()).as(exercise.key()).isEqualTo(expected);
            assertThat(entry.loadReason().exact()).as(exercise.key()).doesNotContain(" 0 kg");
        });
    }

    @Test
    void the_working_load_is_used_where_there_is_one_and_equal_effort_follows_it_elsewhere() {
        Atlas light = atlas(List.of(), null, Map.of("seated-curl", 1.5));
        Atlas.Entry used = light.entry(MODEL.catalogue().get("seated-curl"));
        assertThat(used.loadKg()).isEqualTo(1.5);
        assertThat(used.loadReason().ruleId()).isEqualTo("LOAD-last-used");
        Atlas.Entry other = light.entry(MODEL.catalogue().get("standing-hammer-curl"));
        assertThat(other.loadReason().ruleId()).isEqualTo("LOAD-equal-effort");
        // The same lever and the same effort: the load that this arm would hold in the curl.
        assertThat(other.loadKg())
                .isCloseTo(MODEL.equalEffortLoad(MODEL.catalogue().get("seated-curl"), BODY, STRENGTH), within(0.1));
        double crook = used.stress().get(Site.CROOK_OF_ELBOW);
        assertThat(crook).as("lighter than the usual effort is less stress").isLessThan(1);
    }

    @Test
    void a_shortened_range_says_why_and_shades_what_is_left_out() {
        Atlas elbow = atlas(
                List.of(limit(Limit.Kind.LARGEST_ELBOW_BEND, 90, Site.BACK_OF_ELBOW, Head.Group.EXTENSORS)),
                Site.BACK_OF_ELBOW,
                Map.of());
        Atlas.Entry entry = elbow.entry(MODEL.catalogue().get("lying-extension"));
        assertThat(entry.rangeReason()).isNotNull();
        assertThat(entry.done().from()).isCloseTo(0.2, within(0.01));
        assertThat(entry.soreArc()).singleElement().satisfies(p -> {
            assertThat(p.from()).isZero();
            assertThat(p.to()).isCloseTo(0.19, within(0.02));
        });
        assertThat(entry.doneCurve().samples().get(0).pose().elbowFlexionDeg()).isCloseTo(90, within(0.2));
        assertThat(entry.curve().samples().get(0).pose().elbowFlexionDeg()).isEqualTo(110);
    }

    @Test
    void missing_equipment_and_dislikes_are_said_too() {
        Equipment bare = new Equipment(List.of(2.0), null, null, null, null, List.of(), Set.of(), List.of());
        Atlas atlas = new Atlas(
                MODEL,
                new Atlas.Asked(WELL, STRENGTH, Map.of(), List.of(), List.of(), bare, List.of("standing-curl"), false));
        assertThat(atlas.entry(MODEL.catalogue().get("rope-press-down")).whyNot())
                .extracting(Reason::ruleId)
                .contains("EQUIPMENT-missing");
        assertThat(atlas.entry(MODEL.catalogue().get("standing-curl")).whyNot())
                .extracting(Reason::ruleId)
                .containsExactly("CHOICE-dislike");
    }

    @Test
    void warm_ups_and_companions_have_no_worth_and_never_reach_a_plan() {
        for (Atlas.Entry e : atlas(List.of(), null, Map.of()).ranked()) {
            assertThat(e.worth() != 0)
                    .as(e.exercise().key())
                    .isEqualTo(e.exercise().role().trainsTheArm());
        }
    }

    @Test
    void a_rooms_own_variation_is_ranked_like_any_other() {
        Exercise own = new Workbench(MODEL.catalogue().get("lying-extension"), BODY, MODEL.stimulusRules())
                .apply(Adjustment.armForward(15))
                .called("own-1", "Tipped a little");
        ExerciseModel withOwn = MODEL.with(MODEL.catalogue().with(List.of(own)));
        List<Atlas.Entry> ranked = new Atlas(withOwn, Atlas.Asked.anybody(MODEL, BODY)).ranked();
        assertThat(ranked).hasSize(MODEL.catalogue().all().size() + 1);
        assertThat(ranked).anySatisfy(e -> assertThat(e.exercise().name()).isEqualTo("Tipped a little"));
    }

    @Test
    void each_of_the_eighteen_methods_draws_on_something_for_both_sides_of_the_arm() {
        Methods methods = RuleFiles.methods();
        assertThat(methods.all()).hasSize(18);
        for (Method method : methods.all()) {
            Set<Head.Group> groups = MODEL.catalogue().all().stream()
                    .filter(e -> e.role().trainsTheArm() && method.drawsOn(e))
                    .map(Exercise::group)
                    .collect(Collectors.toSet());
            assertThat(groups).as(method.key()).contains(Head.Group.EXTENSORS);
            if (!method.key().equals("extension-day")) {
                assertThat(groups).as(method.key()).contains(Head.Group.FLEXORS);
            }
            // Every movement or entry it names exists, and so does every method it points to.
            Set<String> names = MODEL.catalogue().all().stream()
                    .flatMap(e -> Stream.concat(Stream.of(e.movementFamily(), e.key()), e.traits().families().stream()))
                    .collect(Collectors.toSet());
            method.sections().stream()
                    .flatMap(s -> s.picks().stream())
                    .forEach(p -> assertThat(names).as(method.key()).containsAll(p.movements()));
            assertThat(method.near())
                    .allSatisfy(key -> assertThat(methods.find(key)).isPresent());
        }
    }
}

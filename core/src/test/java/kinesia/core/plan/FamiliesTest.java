package kinesia.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import kinesia.core.RuleFiles;
import kinesia.core.arm.Side;
import kinesia.core.dose.Equipment;
import kinesia.core.dose.Person;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Role;
import kinesia.core.exercise.Site;
import kinesia.core.exercise.Traits;
import kinesia.core.screening.Answers;
import kinesia.core.screening.Answers.Sore;
import kinesia.core.screening.Limit;
import kinesia.core.screening.PainScore;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What provokes a place moves the whole family of that movement, at whatever place (common practice, no source). */
class FamiliesTest {
    private static final ExerciseModel MODEL = RuleFiles.model();
    private static final Planner PLANNER = new Planner(MODEL, RuleFiles.methods());
    private static final Equipment HOME = FirstChoices.AT_HOME;

    /** How the place's own table or the movements of any place say it. */
    private static String said(Site site, String movement) {
        return switch (movement) {
            case "pressing" ->
                switch (site) {
                    case FRONT_OF_SHOULDER -> "pressing-overhead";
                    case BACK_OF_ELBOW -> "leaning";
                    default -> "pressing";
                };
            case "leaning" ->
                switch (site) {
                    case WRIST -> "gripping-leaning";
                    case INNER_ELBOW -> "deep-bend-tingling";
                    default -> "leaning";
                };
            default -> movement;
        };
    }

    private static List<Atlas.Entry> ranked(Site site, List<Limit> limits, Head.Group group) {
        return ranked(List.of(new SoreSite(site, Side.RIGHT, new PainScore(3))), limits, group);
    }

    private static List<Atlas.Entry> ranked(List<SoreSite> sore, List<Limit> limits, Head.Group group) {
        Person person = People.request(People.GYM, 40, 6, List.of(), List.of(), People.history())
                .person();
        Atlas atlas = new Atlas(
                MODEL,
                new Atlas.Asked(
                        person,
                        kinesia.core.dose.ClientStrength.of(MODEL, person, List.of(), People.DAY)
                                .both(),
                        Map.of(),
                        limits,
                        sore,
                        People.GYM,
                        List.of(),
                        false));
        return atlas.ranked().stream()
                .filter(e -> e.isAllowed()
                        && e.exercise().role() == Role.MAIN
                        && e.exercise().group() == group)
                .toList();
    }

    private static List<Limit> limits(Site site, String movement) {
        return People.limitsOf(site, Side.RIGHT, said(site, movement));
    }

    private static boolean presses(Exercise exercise) {
        return exercise.isCalled("press") || exercise.isCalled("dip");
    }

    private static boolean pressesDown(Exercise exercise) {
        return exercise.isCalled("pressing-down");
    }

    private static List<Exercise> session(Equipment room, Site site, List<Limit> limits) {
        PlanRequest request = People.request(
                room, 40, 6, limits, List.of(new SoreSite(site, Side.RIGHT, new PainScore(3))), People.history());
        Plan plan = PLANNER.plan(request).plan();
        assertThat(plan).isNotNull();
        return plan.slots().stream()
                .map(s -> MODEL.catalogue().get(s.exerciseKey()))
                .toList();
    }

    @ParameterizedTest
    @EnumSource(Site.class)
    void where_pressing_provokes_it_every_press_comes_after_everything_else(Site site) {
        List<Atlas.Entry> back = ranked(site, limits(site, "pressing"), Head.Group.EXTENSORS);
        int firstPress = back.size();
        for (int i = 0; i < back.size(); i++) {
            if (presses(back.get(i).exercise())) {
                firstPress = Math.min(firstPress, i);
            } else {
                assertThat(i).as(back.get(i).exercise().key()).isLessThan(firstPress);
            }
        }
        assertThat(firstPress).as("much else is left").isGreaterThanOrEqualTo(5);
    }

    @ParameterizedTest
    @EnumSource(Site.class)
    void where_pressing_down_provokes_it_press_downs_come_after_everything_else(Site site) {
        // Lying with a band never comes before its kinder sibling, which is a press-down.
        List<Boolean> order = ranked(site, limits(site, "pressing-down"), Head.Group.EXTENSORS).stream()
                .filter(e -> e.exercise().traits().safer() == null)
                // What the first row of the top joint says of presses holds as well.
                .map(e -> pressesDown(e.exercise()) || (site == Site.TOP_JOINT_OF_SHOULDER && presses(e.exercise())))
                .toList();
        assertThat(order).contains(true, false).isSorted();
    }

    @ParameterizedTest
    @EnumSource(Site.class)
    void where_leaning_provokes_it_nothing_leans_on_that_hand(Site site) {
        List<Limit> limits = limits(site, "leaning");
        // A wrist bears fists and handles, which do not bend it back.
        Predicate<Exercise> leans = site == Site.WRIST ? Exercise::isOnFlatHands : e -> e.bodyWeightShare() > 0;
        assertThat(ranked(site, limits, Head.Group.EXTENSORS)).noneMatch(e -> leans.test(e.exercise()));
        // The other arm may not lift while this one carries; this one may lift while the other carries.
        Suitabilities suited =
                new Suitabilities(MODEL, People.well(People.GYM, 40, 6).body(), strength(), limits);
        Exercise kickback = MODEL.catalogue().get("supported-kickback");
        assertThat(kickback.traits().otherArm()).isEqualTo(Traits.OtherArmDuty.CARRIES);
        assertThat(suited.of(kickback, Side.LEFT).suitability().against()).isNotEmpty();
    }

    private static kinesia.core.exercise.ElbowStrength strength() {
        Person person = People.well(People.GYM, 40, 6).person();
        return kinesia.core.dose.ClientStrength.of(MODEL, person, List.of(), People.DAY)
                .both();
    }

    @Test
    void where_deep_bending_provokes_the_back_of_the_elbow_press_downs_open() {
        List<Limit> limits = limits(Site.BACK_OF_ELBOW, "deep-bending");
        assertThat(ranked(Site.BACK_OF_ELBOW, limits, Head.Group.EXTENSORS)
                        .get(0)
                        .exercise())
                .matches(FamiliesTest::pressesDown);
        Equipment anchored = People.with(
                List.of(), List.of(new Equipment.Band("thin", 20)), Set.of("chair", "table", "high anchor"));
        for (Equipment room : List.of(People.GYM, anchored)) {
            List<Exercise> slots = session(room, Site.BACK_OF_ELBOW, limits);
            assertThat(slots.stream()
                            .filter(s -> s.group() == Head.Group.EXTENSORS)
                            .findFirst())
                    .get()
                    .matches(FamiliesTest::pressesDown);
        }
    }

    static Stream<Arguments> sitesAndMovements() {
        return EnumSet.allOf(Site.class).stream()
                .flatMap(site ->
                        Stream.of("pressing", "pressing-down", "curling").map(m -> Arguments.of(site, m)));
    }

    @ParameterizedTest
    @MethodSource("sitesAndMovements")
    void what_provokes_it_never_opens_a_session(Site site, String movement) {
        for (Equipment room : List.of(People.GYM, HOME)) {
            List<Exercise> slots = session(room, site, limits(site, movement));
            assertThat(slots).as("%s at the %s", movement, site.words()).isNotEmpty();
            Predicate<Exercise> provokes = switch (movement) {
                case "pressing" -> FamiliesTest::presses;
                case "pressing-down" -> FamiliesTest::pressesDown;
                default -> e -> e.isCalled("curl");
            };
            boolean choice = !slots.stream().allMatch(provokes);
            assertThat(provokes.test(slots.get(0)))
                    .as("%s opens though %s provokes the %s", slots.get(0).key(), movement, site.words())
                    .isEqualTo(!choice);
        }
    }

    @Test
    void a_sore_place_on_the_arm_that_carries_the_trunk_counts() {
        Suitabilities suited =
                new Suitabilities(MODEL, People.well(People.GYM, 40, 6).body(), strength(), List.of());
        Suitabilities.Suited kickback = suited.of(MODEL.catalogue().get("supported-kickback"));
        Suitabilities.Suited pressDown = suited.of(MODEL.catalogue().get("rope-press-down"));
        assertThat(kickback.supporting().get(Site.WRIST))
                .as("one hand of a push-up against a counter bends the wrist back")
                .isGreaterThan(LimitCheck.LOADS_SITE_FROM);
        assertThat(pressDown.supporting()).isEmpty();
        Worth sore = Worth.of(62, false, List.of(new SoreSite(Site.WRIST, Side.RIGHT, new PainScore(5))), Learned.NONE);
        Worth quiet = Worth.of(62, false, List.of(), Learned.NONE);
        double lifting = sore.cost("kickback", kickback.stress(), Map.of(), List.of(Side.RIGHT));
        double inTurn = kickback.cost(sore, List.of(Side.values()));
        double onlyCarrying = kickback.cost(sore, List.of(Side.LEFT));
        assertThat(inTurn).isGreaterThan(lifting + 0.1);
        assertThat(onlyCarrying).isGreaterThan(kickback.cost(quiet, List.of(Side.LEFT)) + 0.1);
    }

    @ParameterizedTest
    @EnumSource(Site.class)
    void a_place_that_rests_carries_no_trunk_either(Site site) {
        List<Limit> limits = new Answers()
                .sore(Sore.at(site, Side.RIGHT, said(site, "pressing-down")).flag("PLACE-locking"))
                .assess()
                .limits();
        Suitabilities suited =
                new Suitabilities(MODEL, People.well(People.GYM, 40, 6).body(), strength(), limits);
        assertThat(suited.of(MODEL.catalogue().get("supported-kickback"), Side.LEFT)
                        .suitability()
                        .against())
                .isNotEmpty();
        assertThat(suited.of(MODEL.catalogue().get("one-arm-press-down"), Side.LEFT)
                        .suitability()
                        .against())
                .isEmpty();
    }

    /** Nothing is worked out for the wrist, so a wrist that rests cannot be told by a number: all of its work stays out. */
    @Test
    void what_the_model_lacks_a_joint_for_stays_out_where_the_place_rests() {
        List<Limit> limits = new Answers()
                .sore(Sore.at(Site.WRIST, Side.RIGHT, "gripping-leaning").flag("PLACE-locking"))
                .assess()
                .limits();
        Suitabilities suited =
                new Suitabilities(MODEL, People.well(People.GYM, 40, 6).body(), strength(), limits);
        for (String key : List.of("wrist-back-lowering", "hammer-turn", "ball-squeeze")) {
            Exercise exercise = MODEL.catalogue().get(key);
            assertThat(suited.of(exercise, Side.RIGHT).suitability().against())
                    .as(key)
                    .isNotEmpty();
            assertThat(suited.of(exercise, Side.LEFT).suitability().against())
                    .as(key)
                    .isEmpty();
        }
    }
}

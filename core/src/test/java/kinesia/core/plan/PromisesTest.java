package kinesia.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import kinesia.core.RuleFiles;
import kinesia.core.arm.LoadCurve;
import kinesia.core.arm.Side;
import kinesia.core.dose.ClientStrength;
import kinesia.core.dose.Person;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.ElbowStrength;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Grip;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Implement;
import kinesia.core.exercise.Role;
import kinesia.core.exercise.Site;
import kinesia.core.exercise.Stance;
import kinesia.core.exercise.Traits.OtherArmDuty;
import kinesia.core.screening.Answers;
import kinesia.core.screening.Answers.Sore;
import kinesia.core.screening.Limit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What the sentence of a limit promises is kept by every exercise that stays, looked up in facts and never in its key. */
class PromisesTest {
    private static final ExerciseModel MODEL = RuleFiles.model();
    private static final Planner PLANNER = new Planner(MODEL, RuleFiles.methods());
    private static final Body BODY = People.well(People.GYM, 45, 6).body();
    private static final ElbowStrength STRENGTH = ClientStrength.ofAnybody(MODEL, BODY);
    private static final ExerciseModel.StressScale SCALE = MODEL.stressScale(BODY, STRENGTH);

    private static List<Exercise> allowed(List<Limit> limits) {
        return MODEL.catalogue().all().stream()
                .filter(e -> e.role().trainsTheArm())
                .filter(e -> Suitability.of(MODEL, SCALE, e, BODY, STRENGTH, limits)
                        .against()
                        .isEmpty())
                .toList();
    }

    private static Answers sore(Site site, String by) {
        return new Answers().sore(Sore.at(site, Side.RIGHT, by));
    }

    private static Answers caution(String id) {
        return new Answers().caution(id);
    }

    private static boolean heldWeight(Exercise e) {
        return Set.of(Implement.DUMBBELL, Implement.STRAIGHT_BAR, Implement.ANGLED_BAR, Implement.HOUSEHOLD)
                .contains(e.implement());
    }

    private static double mostOut(Exercise e) {
        LoadCurve curve = MODEL.curve(e, BODY, 1);
        return curve.samples().stream()
                .filter(s -> Math.abs(s.pose().elevationDeg()) > 45)
                .mapToDouble(s -> -s.pose().axialRotationDeg())
                .max()
                .orElse(0);
    }

    private static boolean bendsFreely(Exercise e) {
        return e.trunkIsFree()
                && e.movement().keyframes().stream().anyMatch(k -> k.pose().torsoPitchDeg() > 30);
    }

    static Stream<Arguments> promises() {
        return Stream.of(
                kept(
                        "a cable or band does the work",
                        sore(Site.BACK_OF_ELBOW, "leaning"),
                        e -> !(e.isCalled("press") && heldWeight(e)) && e.implement() != Implement.BODY_WEIGHT),
                kept(
                        "no leaning on that arm",
                        sore(Site.BACK_OF_ELBOW, "leaning"),
                        e -> e.traits().otherArm() != OtherArmDuty.CARRIES && !e.bracesTheArm()),
                kept(
                        "no weight on a sore hand while the other arm works",
                        sore(Site.WRIST, "gripping-leaning"),
                        e -> e.traits().otherArm() != OtherArmDuty.CARRIES
                                && e.implement() != Implement.STRAIGHT_BAR
                                && !e.isOnFlatHands()),
                kept(
                        "no pad or brace under an elbow that tingles",
                        sore(Site.INNER_ELBOW, "deep-bend-tingling"),
                        e -> !e.bracesTheArm() && e.traits().otherArm() != OtherArmDuty.CARRIES),
                kept(
                        "neutral or turning dumbbells",
                        sore(Site.INNER_ELBOW, "gripping-palm-up"),
                        e -> !(heldWeight(e) && e.grip() == Grip.PALM_UP)),
                kept("nothing palm down", sore(Site.OUTER_ELBOW, "gripping"), e -> e.grip() != Grip.PALM_DOWN),
                kept(
                        "floor press instead of bench, nothing across, no dips",
                        sore(Site.TOP_JOINT_OF_SHOULDER, "pressing"),
                        e -> !e.isCalled("bench-press") && !e.isCalled("across-body") && !e.isCalled("dip")),
                kept(
                        "nothing pressed overhead and no push-up below a table",
                        sore(Site.TOP_JOINT_OF_SHOULDER, "pressing"),
                        e -> MODEL.curve(e, BODY, 1).summary().largestElevationDeg() <= 120.5
                                && (e.traits().rung() == null
                                        || e.traits().rung().compareTo(kinesia.core.exercise.Traits.Rung.TABLE) <= 0)),
                kept(
                        "a short outward turn limits what needs it",
                        new Answers()
                                .range("shoulder-outward", Side.RIGHT, 40)
                                .range("shoulder-outward", Side.LEFT, 60),
                        e -> mostOut(e) <= 30.5),
                kept(
                        "no unsupported bending with bone thinning",
                        caution("CAUTION-bone-thinning"),
                        e -> !bendsFreely(e) && e.stance() != Stance.BENT_OVER),
                kept(
                        "nothing that hangs without balance",
                        caution("CAUTION-balance"),
                        e -> !e.takes(Stance.HANGING) && !e.takes(Stance.STANDING)),
                kept(
                        "nothing that hangs for whoever cannot stand",
                        caution("CAUTION-cannot-stand"),
                        e -> !e.takes(Stance.HANGING)),
                kept(
                        "a hand free to hold on",
                        caution("CAUTION-stand-holding"),
                        e -> !e.takes(Stance.STANDING)
                                || e.arms() == Exercise.Arms.IN_TURN
                                || e.furniture().hands() != kinesia.core.exercise.Furniture.Hands.FREE),
                kept("no knee on a bench either", caution("CAUTION-cannot-kneel"), e -> !e.takes(Stance.KNEELING)),
                kept(
                        "not on the back, on the floor neither",
                        caution("CAUTION-cannot-lie"),
                        e -> !e.takes(Stance.SUPINE)),
                kept(
                        "nothing tight, pressing or looped on a fistula",
                        caution("CAUTION-fistula"),
                        e -> !e.traits().looped() && !e.bracesTheArm() && e.implement() != Implement.MACHINE));
    }

    private static Arguments kept(String promise, Answers answers, Predicate<Exercise> keeps) {
        return Arguments.of(promise, answers, keeps);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("promises")
    void what_stays_keeps_the_promise_and_something_stays(String promise, Answers answers, Predicate<Exercise> keeps) {
        List<Exercise> stay = allowed(answers.assess().limits());
        assertThat(stay)
                .isNotEmpty()
                .allSatisfy(e ->
                        assertThat(keeps.test(e)).as(promise + ": " + e.key()).isTrue());
        // The promise leaves something out of the whole, or it would be kept by nothing.
        assertThat(MODEL.catalogue().all().stream().filter(e -> e.role().trainsTheArm()))
                .anyMatch(e -> !keeps.test(e));
    }

    @Test
    void a_concentration_curl_bends_the_trunk_too_far_for_thin_bones() {
        assertThat(allowed(caution("CAUTION-bone-thinning").assess().limits()))
                .extracting(Exercise::key)
                .doesNotContain("concentration-curl", "concentration-hammer-curl", "two-arm-kickback")
                .contains("supported-kickback", "seated-curl");
    }

    @Test
    void a_referral_of_one_arm_leaves_the_other_arm_and_nothing_else() {
        for (Side referred : Side.values()) {
            List<Limit> limits =
                    new Answers().flag("FLAG-neck", referred).assess().limits();
            Plan plan = PLANNER.plan(People.request(People.GYM, 45, 8, limits, List.of(), List.of()))
                    .plan();
            assertThat(plan).isNotNull();
            assertThat(plan.slots()).isNotEmpty().allSatisfy(slot -> {
                Exercise e = MODEL.catalogue().get(slot.exerciseKey());
                assertThat(e.arms()).as(slot.name()).isEqualTo(Exercise.Arms.IN_TURN);
                assertThat(slot.sides().keySet()).as(slot.name()).containsExactly(referred.other());
                assertThat(e.traits().otherArm()).as(slot.name()).isEqualTo(OtherArmDuty.RESTS);
            });
        }
    }

    @Test
    void the_free_arm_goes_on_where_the_sore_hand_would_not_carry_the_trunk() {
        List<Limit> limits = sore(Site.WRIST, "gripping-leaning").assess().limits();
        Exercise kickback = MODEL.catalogue().get("supported-kickback");
        Suitabilities suits = new Suitabilities(MODEL, BODY, STRENGTH, limits);
        // The right wrist is sore: the left arm may not work while the right one carries, the right arm may.
        assertThat(suits.of(kickback, Side.LEFT).suitability().against()).isNotEmpty();
        assertThat(suits.of(kickback, Side.RIGHT).suitability().against()).isEmpty();
    }

    @Test
    void holds_that_were_not_tried_stay_out() {
        List<Limit> limits = new Answers()
                .sore(Sore.at(Site.CROOK_OF_ELBOW, Side.RIGHT, "lifting-palm-up")
                        .worst(8))
                .pain("hold-curl", Side.RIGHT, 0)
                .assess()
                .limits();
        assertThat(allowed(limits))
                .filteredOn(e -> e.role() == Role.HOLD)
                .isNotEmpty()
                .allMatch(e -> e.isCalled("hold-bent"));
    }

    /** "presses ... after everything else": in the atlas and in what is planned. */
    @Test
    void presses_come_after_everything_else_where_pressing_provokes_it() {
        List<Limit> limits =
                sore(Site.FRONT_OF_SHOULDER, "pressing-overhead").assess().limits();
        Atlas atlas = new Atlas(
                MODEL,
                new Atlas.Asked(
                        Person.anybody(BODY), STRENGTH, Map.of(), limits, List.of(), People.GYM, List.of(), false));
        List<Exercise> allowed = atlas.ranked().stream()
                .filter(e -> e.isAllowed()
                        && e.exercise().role() == Role.MAIN
                        && e.exercise().group() == Head.Group.EXTENSORS)
                .map(Atlas.Entry::exercise)
                .toList();
        List<Boolean> pressing = allowed.stream().map(e -> e.isCalled("press")).toList();
        assertThat(pressing).contains(true, false).isSorted();
    }
}

package kinesia.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.Stream;
import kinesia.core.RuleFiles;
import kinesia.core.arm.LoadCurve;
import kinesia.core.arm.Movement;
import kinesia.core.arm.Pose;
import kinesia.core.arm.Sex;
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
import kinesia.core.exercise.ResistanceSpec;
import kinesia.core.exercise.Role;
import kinesia.core.exercise.Site;
import kinesia.core.exercise.Stance;
import kinesia.core.exercise.Traits;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.Limit;
import kinesia.core.screening.Limit.Kind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Each kind of limit over all entries: what is allowed obeys it, and what obeys it is allowed. */
class LimitsOverTheCatalogueTest {
    private static final Body BODY = new Body(Sex.MALE, 1.78, 82);
    private static final ExerciseModel MODEL = RuleFiles.model();
    private static final ElbowStrength STRENGTH = ClientStrength.ofAnybody(MODEL, BODY);

    private static Limit limit(Kind kind, Double value, String target, Head.Group group, Grip grip) {
        Reason reason = Reason.of("TEST-" + kind, Tag.HOUSE, "", "Because of " + kind + ".", "Not for now.");
        return new Limit(
                kind,
                Side.LEFT,
                Site.FRONT_OF_SHOULDER,
                value,
                target,
                group,
                grip,
                null,
                LocalDate.of(2026, 1, 1),
                reason);
    }

    private static List<Atlas.Entry> ranked(Limit... limits) {
        return new Atlas(
                        MODEL,
                        new Atlas.Asked(
                                Person.anybody(BODY),
                                STRENGTH,
                                Map.of(),
                                List.of(limits),
                                List.of(),
                                null,
                                List.of(),
                                false))
                .ranked();
    }

    static Stream<Arguments> rules() {
        return Stream.of(
                Arguments.of(limit(Kind.NO_GRIP, null, "palm-down", null, null), by(e -> e.grip() != Grip.PALM_DOWN)),
                Arguments.of(
                        limit(Kind.NO_STANCE, null, "bent-over", null, null), by(e -> e.stance() != Stance.BENT_OVER)),
                Arguments.of(
                        limit(Kind.NO_EXERCISE, null, "dip", null, null),
                        by(e -> !e.movementFamily().equals("dip"))),
                Arguments.of(
                        limit(Kind.NO_EXERCISE, null, "close-bench-press", null, null),
                        by(e -> !e.key().equals("close-bench-press"))),
                Arguments.of(
                        limit(Kind.LARGEST_ELEVATION, 45.0, "press", null, null),
                        by(e -> summary(e).largestElevationDeg() <= 45.5
                                || !(e.movementFamily().endsWith("-press")
                                        || e.movementFamily().startsWith("push-up")
                                        || e.movementFamily().equals("side-lying-press-up")))),
                Arguments.of(limit(Kind.NO_ARM_PAD, null, null, null, null), by(e -> !e.bracesTheArm())),
                Arguments.of(
                        limit(Kind.NO_LOADING, null, null, null, null), by(e -> stressAtFrontOfShoulder(e) < 0.25)),
                Arguments.of(
                        limit(Kind.HOLDS_ONLY, null, null, null, null),
                        by(e -> e.role() == Role.HOLD || stressAtFrontOfShoulder(e) < 0.25)),
                Arguments.of(
                        limit(Kind.NO_BODY_WEIGHT, null, null, null, null),
                        by(e -> e.implement() != Implement.BODY_WEIGHT)),
                Arguments.of(
                        limit(Kind.NO_IMPLEMENT, null, "straight-bar", null, null),
                        by(e -> e.implement() != Implement.STRAIGHT_BAR && e.implement() != Implement.CABLE_BAR)),
                Arguments.of(
                        limit(Kind.NO_IMPLEMENT, null, "straight-bar", null, Grip.PALM_UP),
                        by(e -> e.grip() != Grip.PALM_UP
                                || (e.implement() != Implement.STRAIGHT_BAR && e.implement() != Implement.CABLE_BAR))),
                Arguments.of(
                        limit(Kind.LARGEST_ELEVATION, 45.0, null, null, null),
                        by(e -> summary(e).largestElevationDeg() <= 45.5)),
                Arguments.of(
                        limit(Kind.LARGEST_EXTENSION, 0.0, null, null, null),
                        by(e -> summary(e).largestExtensionDeg() <= 0.5)));
    }

    private static Predicate<Exercise> by(Predicate<Exercise> rule) {
        return rule;
    }

    private static double stressAtFrontOfShoulder(Exercise e) {
        return MODEL.stressScale(BODY, STRENGTH)
                .of(MODEL.curve(e, BODY, MODEL.equalEffortLoad(e, BODY, STRENGTH)), e)
                .getOrDefault(Site.FRONT_OF_SHOULDER, 0.0);
    }

    private static LoadCurve.Summary summary(Exercise e) {
        return MODEL.curve(e, BODY, 3).summary();
    }

    @ParameterizedTest(name = "{index}")
    @MethodSource("rules")
    void what_is_allowed_obeys_the_limit_and_nothing_else_is_left_out(Limit limit, Predicate<Exercise> obeys) {
        int out = 0;
        for (Atlas.Entry entry : ranked(limit)) {
            assertThat(entry.isAllowed()).as(entry.exercise().key()).isEqualTo(obeys.test(entry.exercise()));
            if (!entry.isAllowed()) {
                out++;
                assertThat(entry.whyNot()).extracting(Reason::ruleId).containsExactly("TEST-" + limit.kind());
            }
        }
        assertThat(out).as("the limit leaves something out").isPositive();
    }

    @Test
    void a_bend_limit_shortens_what_it_can_and_leaves_out_what_would_lose_half() {
        Limit ninety = limit(Kind.LARGEST_ELBOW_BEND, 90.0, null, Head.Group.EXTENSORS, null);
        int shortened = 0;
        for (Atlas.Entry entry : ranked(ninety)) {
            Exercise e = entry.exercise();
            if (e.group() != Head.Group.EXTENSORS || e.stimulus().isEmpty()) {
                continue;
            }
            double most = entry.doneCurve().samples().stream()
                    .mapToDouble(s -> s.pose().elbowFlexionDeg())
                    .max()
                    .orElseThrow();
            if (entry.isAllowed()) {
                assertThat(most).as(e.key()).isLessThanOrEqualTo(90.2);
            }
            if (entry.rangeReason() != null) {
                shortened++;
                assertThat(entry.soreArc()).as(e.key()).isNotEmpty();
                assertThat(entry.done().to() - entry.done().from()).isGreaterThanOrEqualTo(0.5 - 1e-9);
            }
        }
        assertThat(shortened).isGreaterThan(10);
    }

    @Test
    void a_limit_on_straightening_holds_only_for_its_grip() {
        Limit bent = limit(Kind.SMALLEST_ELBOW_BEND, 30.0, null, null, Grip.PALM_UP);
        for (Atlas.Entry entry : ranked(bent)) {
            double least = entry.doneCurve().samples().stream()
                    .mapToDouble(s -> s.pose().elbowFlexionDeg())
                    .min()
                    .orElseThrow();
            boolean concerned = entry.exercise().grip() == Grip.PALM_UP;
            if (entry.isAllowed() && concerned) {
                assertThat(least).as(entry.exercise().key()).isGreaterThanOrEqualTo(29.8);
            } else if (!concerned) {
                assertThat(entry.rangeReason()).as(entry.exercise().key()).isNull();
            }
        }
    }

    @Test
    void one_limit_more_never_allows_more() {
        Limit[] all = rules().map(a -> (Limit) a.get()[0]).toArray(Limit[]::new);
        long last = Long.MAX_VALUE;
        for (int n = 0; n <= all.length; n++) {
            long allowed = ranked(java.util.Arrays.copyOf(all, n)).stream()
                    .filter(Atlas.Entry::isAllowed)
                    .count();
            assertThat(allowed).isLessThanOrEqualTo(last);
            last = allowed;
        }
        assertThat(last).as("light work at the side is left even then").isPositive();
    }

    /** No shipped entry turns the raised arm inward; a room's own variation might. */
    @Test
    void a_raised_arm_turned_inward_is_left_out_and_a_hanging_one_is_not() {
        Limit inward = limit(Kind.LARGEST_INWARD_ROTATION, 0.0, null, null, null);
        assertThat(ranked(inward)).allMatch(Atlas.Entry::isAllowed);
        Exercise raise = MODEL.catalogue().get("side-raise");
        assertThat(broken(raise, inward, 80, 60)).containsExactly(inward);
        assertThat(broken(raise, inward, 80, 10)).isEmpty();
        assertThat(broken(raise, inward, 30, 60)).isEmpty();
    }

    @Test
    void the_hand_that_holds_the_band_rests_with_its_elbow_and_one_that_steadies_does_not() {
        Limit rests = new Limit(
                Kind.NO_LOADING,
                Side.RIGHT,
                Site.BACK_OF_ELBOW,
                null,
                null,
                null,
                null,
                null,
                LocalDate.of(2026, 3, 30),
                Reason.of("TEST", Tag.HOUSE, "", "It rests.", "It rests."));
        Exercise held = MODEL.catalogue().get("self-held-band-press-down");
        assertThat(LimitCheck.whileWorking(Side.LEFT, held, List.of(rests))).hasSize(1);
        Exercise steadied = MODEL.catalogue().all().stream()
                .filter(e -> e.traits().otherArm() == Traits.OtherArmDuty.HELPS)
                .filter(e -> !(e.resistance() instanceof ResistanceSpec.Elastic))
                .findFirst()
                .orElseThrow();
        assertThat(LimitCheck.whileWorking(Side.LEFT, steadied, List.of(rests))).isEmpty();
    }

    private static List<Limit> broken(Exercise exercise, Limit limit, double elevation, double rotation) {
        Exercise turned = exercise.withMovement(
                Movement.between(new Pose(0, 0, 0, 5, 0, 10), new Pose(0, 0, 0, elevation, rotation, 10)));
        return LimitCheck.broken(turned, MODEL.curve(turned, BODY, 2), Map::of, List.of(limit));
    }

    private static Method method(String key) {
        return RuleFiles.methods().find(key).orElseThrow();
    }

    @Test
    void a_method_is_left_out_by_its_limit_and_cuffs_by_theirs() {
        Limit method = limit(Kind.NO_METHOD, null, "extension-day", null, null);
        Limit cuffs = limit(Kind.NO_CUFFS, null, null, null, null);
        assertThat(LimitCheck.againstMethod(method("extension-day"), List.of(method, cuffs)))
                .containsExactly(method);
        assertThat(LimitCheck.againstMethod(method("low-load-cuff"), List.of(method, cuffs)))
                .containsExactly(cuffs);
        assertThat(LimitCheck.againstMethod(method("seated"), List.of(method, cuffs)))
                .isEmpty();
    }

    @Test
    void limits_that_dose_leave_the_atlas_as_it_is() {
        long free = ranked().stream().filter(Atlas.Entry::isAllowed).count();
        Limit[] dosing = Stream.of(Kind.LARGEST_EFFORT, Kind.FEWEST_REPS, Kind.SETS_PER_EXERCISE)
                .map(k -> limit(k, 5.0, null, null, null))
                .toArray(Limit[]::new);
        assertThat(ranked(dosing).stream().filter(Atlas.Entry::isAllowed).count())
                .isEqualTo(free);
    }
}

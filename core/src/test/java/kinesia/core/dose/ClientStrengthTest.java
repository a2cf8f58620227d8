package kinesia.core.dose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import kinesia.core.RuleFiles;
import kinesia.core.arm.Sex;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Role;
import kinesia.core.reason.InvalidValue;
import kinesia.core.screening.PainScore;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ClientStrengthTest {
    private static final LocalDate DAY = LocalDate.of(2026, 5, 4);
    private static final ExerciseModel MODEL = RuleFiles.model();
    private static final TrainingStory NEW = new TrainingStory(0, false, true);
    private static final Body WOMAN = new Body(Sex.FEMALE, 1.64, 66);
    private static final Person SHE = new Person(WOMAN, 67, NEW, Set.of());

    private static LoggedSet set(int daysAgo, String key, double kg, int reps, @Nullable Double effort) {
        return new LoggedSet(
                DAY.minusDays(daysAgo),
                key,
                null,
                1,
                Load.ofKg(kg),
                reps,
                effort == null ? null : Effort.of(effort),
                PainScore.NONE,
                null,
                null);
    }

    private static double flexors(Person who, List<LoggedSet> sets) {
        return ClientStrength.of(MODEL, who, sets, DAY).both().flexorsNm();
    }

    private static double first(Person who, List<LoggedSet> sets, String key) {
        return FirstLoad.of(
                        ClientStrength.of(MODEL, who, sets, DAY),
                        MODEL.catalogue().get(key))
                .kg();
    }

    /** Rikli and Jones 1999, middle half, quoted from memory: every row of both sexes. */
    @ParameterizedTest
    @CsvSource({
        "FEMALE, 50, 13, 19", "FEMALE, 60, 13, 19", "FEMALE, 64, 13, 19", "FEMALE, 65, 12, 18", "FEMALE, 70, 12, 17",
        "FEMALE, 75, 11, 17", "FEMALE, 80, 10, 16", "FEMALE, 85, 10, 15", "FEMALE, 90, 8, 13", "FEMALE, 101, 8, 13",
        "MALE, 60, 16, 22", "MALE, 65, 15, 21", "MALE, 70, 14, 21", "MALE, 75, 13, 19", "MALE, 80, 13, 19",
        "MALE, 85, 11, 17", "MALE, 94, 10, 14"
    })
    void the_norm_of_an_age_is_that_of_its_row(Sex sex, int age, int low, int high) {
        ArmCurlNorms.Row row = ArmCurlNorms.of(sex, age);
        assertThat(row.low()).isEqualTo(low);
        assertThat(row.high()).isEqualTo(high);
        assertThat(row.dumbbellKg()).isEqualTo(sex == Sex.FEMALE ? 2.27 : 3.63);
    }

    /** The worked loads: 2.27 x 14.5/15 x (58/70)^(2/3), 3.63 x 19/15 x (92/80)^(2/3) x 1.25, 2.27 x 13/15 x (48/70)^(2/3) x 0.8. */
    @Test
    void with_no_history_it_is_the_arm_curl_norm() {
        Person new72 = new Person(new Body(Sex.FEMALE, 1.62, 58), 72, NEW, Set.of());
        Person trained60 = new Person(new Body(Sex.MALE, 1.80, 92), 60, new TrainingStory(0, true, true), Set.of());
        Person frail83 = new Person(new Body(Sex.FEMALE, 1.55, 48), 83, new TrainingStory(0, false, false), Set.of());
        assertThat(first(new72, List.of(), "standing-curl")).isCloseTo(1.94, within(0.02));
        assertThat(first(trained60, List.of(), "standing-curl")).isCloseTo(6.31, within(0.03));
        assertThat(first(frail83, List.of(), "standing-curl")).isCloseTo(1.22, within(0.02));
        ClientStrength strength = ClientStrength.of(MODEL, new72, List.of(), DAY);
        assertThat(strength.known(Side.LEFT, Head.Group.FLEXORS).reason().ruleId())
                .isEqualTo("STRENGTH-norms");
        assertThat(strength.both().extensorsNm())
                .isCloseTo(0.65 * strength.both().flexorsNm(), within(1e-9));
    }

    @Test
    void frailty_comes_with_85_or_with_hands_on_the_chair_and_newness_ends_by_itself() {
        assertThat(NEW.isFrail(84)).isFalse();
        assertThat(NEW.isFrail(85)).isTrue();
        assertThat(new TrainingStory(5, false, false).isFrail(60)).isTrue();
        assertThat(NEW.after(23).isNew()).isTrue();
        assertThat(NEW.after(24).isNew()).isFalse();
        assertThatThrownBy(() -> new TrainingStory(-1, false, true)).isInstanceOf(InvalidValue.class);
    }

    @Test
    void a_moderately_sore_arm_starts_a_quarter_lower_and_the_other_does_not() {
        Person sore = new Person(WOMAN, 67, NEW, Set.of(Side.RIGHT));
        ClientStrength strength = ClientStrength.of(MODEL, sore, List.of(), DAY);
        double kg = ClientStrength.normCurlKg(sore, true);
        assertThat(kg).isCloseTo(0.75 * ClientStrength.normCurlKg(sore, false), within(1e-9));
        assertThat(strength.of(Side.RIGHT).flexorsNm())
                .isLessThan(strength.of(Side.LEFT).flexorsNm());
        assertThat(strength.both().flexorsNm())
                .isEqualTo(strength.of(Side.RIGHT).flexorsNm());
    }

    /** Epley 1985: 12 repetitions with 3 in reserve are 15 to failure. */
    @Test
    void a_set_is_carried_to_twelve_at_seven_by_repetitions_and_said_reserve() {
        assertThat(ShownSet.carried(set(1, "seated-curl", 2, 12, 7.0))).isEqualTo(1);
        assertThat(ShownSet.carried(set(1, "seated-curl", 2, 8, 8.0))).isCloseTo(40 / 45.0, within(1e-12));
        assertThat(ShownSet.carried(set(1, "seated-curl", 2, 8, 5.0))).isCloseTo(42 / 45.0, within(1e-12));
        assertThat(ShownSet.carried(set(1, "seated-curl", 2, 8, null))).isCloseTo(40 / 45.0, within(1e-12));
        assertThat(ShownSet.carried(set(1, "seated-curl", 2, 30, 8.0))).isCloseTo(50 / 45.0, within(1e-12));
    }

    @Test
    void shown_at_two_visits_it_counts_however_far_over_the_norm_and_a_slip_of_the_finger_never() {
        double norm = flexors(SHE, List.of());
        List<LoggedSet> steady = List.of(set(12, "seated-curl", 2.5, 12, 7.0), set(9, "seated-curl", 2.5, 12, 7.0));
        List<LoggedSet> strong = List.of(set(12, "seated-curl", 5, 12, 7.0), set(9, "seated-curl", 5, 12, 7.0));
        assertThat(flexors(SHE, strong)).isGreaterThan(1.7 * norm);
        List<LoggedSet> slip = new ArrayList<>(steady);
        slip.add(set(3, "seated-curl", 25, 12, 7.0));
        assertThat(flexors(SHE, slip)).isCloseTo(1.25 * flexors(SHE, steady), within(1e-9));
        assertThat(flexors(SHE, List.of(set(3, "seated-curl", 25, 12, 7.0)))).isCloseTo(1.25 * norm, within(1e-9));
    }

    @Test
    void it_lasts_eight_weeks_and_fades_by_a_tenth_for_each_started_four_or_by_the_break() {
        List<LoggedSet> old = List.of(set(70, "seated-curl", 2.5, 12, 7.0), set(1, "rope-press-down", 5, 12, 7.0));
        List<LoggedSet> fresh = List.of(set(20, "seated-curl", 2.5, 12, 7.0), set(1, "rope-press-down", 5, 12, 7.0));
        assertThat(flexors(SHE, old)).isCloseTo(0.9 * flexors(SHE, fresh), within(1e-9));
        // 36 days without any set: 22 days past the fortnight are four started weeks.
        List<LoggedSet> away = List.of(set(36, "seated-curl", 2.5, 12, 7.0));
        assertThat(flexors(SHE, away)).isCloseTo(0.6 * flexors(SHE, fresh), within(1e-9));
        List<LoggedSet> longAway = List.of(set(200, "seated-curl", 2.5, 12, 7.0));
        assertThat(flexors(SHE, longAway)).isLessThanOrEqualTo(0.5 * flexors(SHE, fresh) + 1e-9);
    }

    @Test
    void what_hurt_shows_nothing_and_a_press_raises_an_elbow_by_a_tenth_a_visit() {
        LoggedSet hurt = new LoggedSet(
                DAY.minusDays(2),
                "seated-curl",
                null,
                1,
                Load.ofKg(2.5),
                12,
                Effort.of(7),
                PainScore.of(6),
                null,
                null);
        assertThat(flexors(SHE, List.of(hurt))).isEqualTo(flexors(SHE, List.of()));
        double before = ClientStrength.of(MODEL, SHE, List.of(), DAY).both().extensorsNm();
        double after = ClientStrength.of(MODEL, SHE, List.of(set(2, "floor-push-up", 0, 12, 8.0)), DAY)
                .both()
                .extensorsNm();
        assertThat(after / before).isBetween(1.0, 1.1 + 1e-9);
    }

    /** "A logged floor push-up predicts 18.8 kg a hand": it may not. */
    @Test
    void a_push_up_is_no_dumbbell() {
        List<LoggedSet> sets = List.of(set(5, "floor-push-up", 0, 15, 7.0), set(2, "floor-push-up", 0, 15, 7.0));
        assertThat(first(SHE, sets, "lying-extension")).isLessThan(1.6);
        assertThat(first(SHE, sets, "close-bench-press")).isLessThan(8);
    }

    @Test
    void a_first_press_is_half_of_what_the_elbow_allows_and_a_first_raise_a_quarter_of_the_curl() {
        double curl = first(SHE, List.of(), "standing-curl");
        assertThat(first(SHE, List.of(), "side-raise")).isCloseTo(curl / 4, within(0.02));
        FirstLoad press = FirstLoad.of(
                ClientStrength.of(MODEL, SHE, List.of(), DAY), MODEL.catalogue().get("close-bench-press"));
        assertThat(press.basis()).isEqualTo(FirstLoad.Basis.FIRST_PRESS);
        List<LoggedSet> pressed =
                List.of(set(5, "close-bench-press", 4, 12, 7.0), set(2, "close-bench-press", 4, 12, 7.0));
        assertThat(first(SHE, pressed, "close-floor-press")).isGreaterThan(press.kg());
    }

    /** Anybody: stronger never gets less, older or sorer never gets more, more said reserve never predicts less. */
    @Test
    void what_ought_never_to_happen_does_not() {
        Random random = new Random(14);
        List<Exercise> loaded = MODEL.catalogue().all().stream()
                .filter(e -> e.role() == Role.MAIN && e.bodyWeightShare() == 0 && e.implementsAtOnce() > 0)
                .toList();
        for (int i = 0; i < 300; i++) {
            Sex sex = random.nextBoolean() ? Sex.FEMALE : Sex.MALE;
            Body body = new Body(sex, 1.5 + random.nextInt(40) / 100.0, 48 + random.nextInt(50));
            int age = 50 + random.nextInt(45);
            Person who = new Person(body, age, NEW, Set.of());
            Exercise e = loaded.get(random.nextInt(loaded.size()));
            double curl = ClientStrength.normCurlKg(who, false);
            double kg = Math.max(0.5, Math.round(curl * (0.6 + random.nextDouble()) * 10) / 10.0);
            int reps = 6 + random.nextInt(10);
            double effort = 6 + random.nextInt(7) / 2.0;
            List<LoggedSet> sets = List.of(set(3, "standing-curl", kg, reps, effort));
            double now = first(who, sets, e.key());
            String which = i + " " + e.key();
            assertThat(first(who, List.of(set(3, "standing-curl", kg + 0.2, reps, effort)), e.key()))
                    .as(which + " a little stronger")
                    .isGreaterThanOrEqualTo(now - 1e-9);
            assertThat(first(who, List.of(set(3, "standing-curl", kg, reps, effort - 0.5)), e.key()))
                    .as(which + " more in reserve")
                    .isGreaterThanOrEqualTo(now - 1e-9);
            assertThat(first(who, List.of(set(3, "standing-curl", kg, reps, null)), e.key()))
                    .as(which + " nothing said")
                    .isLessThanOrEqualTo(first(who, List.of(set(3, "standing-curl", kg, reps, 7.5)), e.key()) + 1e-9);
            Person older = new Person(body, Math.min(109, age + 10), NEW, Set.of());
            Person sorer = new Person(body, age, NEW, Set.of(Side.LEFT));
            assertThat(first(older, List.of(), e.key()))
                    .as(which + " older")
                    .isLessThanOrEqualTo(first(who, List.of(), e.key()) + 1e-9);
            assertThat(first(sorer, List.of(), e.key()))
                    .as(which + " sorer")
                    .isLessThanOrEqualTo(first(who, List.of(), e.key()) + 1e-9);
        }
    }
}

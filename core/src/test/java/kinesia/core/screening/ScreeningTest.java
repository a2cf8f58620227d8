package kinesia.core.screening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import kinesia.core.RuleFiles;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Site;
import kinesia.core.reason.InvalidValue;
import kinesia.core.screening.Limit.Kind;
import kinesia.core.screening.ScreenAnswers.FlagAnswer;
import kinesia.core.screening.ScreenAnswers.Pressure;
import kinesia.core.screening.ScreenAnswers.Readiness;
import kinesia.core.screening.ScreenAnswers.Reading;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ScreeningTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 3, 2);
    private static final ScreenQuestions QUESTIONS = RuleFiles.questions();
    private static final ScreeningRules RULES = new ScreeningRules(QUESTIONS);
    private static final Readiness READY = new Readiness(true, false, false, null);
    private static final Pressure CALM = new Pressure(false, List.of(), false);

    private static Map<String, Boolean> noCautions() {
        Map<String, Boolean> answers = new HashMap<>();
        QUESTIONS.cautions().forEach(c -> answers.put(c.id(), false));
        return answers;
    }

    private static ScreenAnswers answers(
            Map<String, FlagAnswer> flags, Readiness readiness, Pressure pressure, List<SiteRecord> sites) {
        return new ScreenAnswers(flags, readiness, pressure, noCautions(), sites);
    }

    private static Assessment sites(SiteRecord... sites) {
        return RULES.assess(answers(ScreeningRules.noFlags(QUESTIONS), READY, CALM, List.of(sites)), TODAY);
    }

    private static SiteRecord sore(Site site, int usual, int lightUse, int worst, double hours, String... provokedBy) {
        return new SiteRecord(
                site,
                Side.RIGHT,
                PainScore.of(usual),
                PainScore.of(lightUse),
                PainScore.of(worst),
                PainScore.of(usual),
                hours,
                List.of(provokedBy),
                null);
    }

    private static List<Limit> of(Assessment assessment, Kind kind) {
        return assessment.limits().stream().filter(l -> l.kind() == kind).toList();
    }

    @Test
    void nothing_to_report_is_a_go_without_limits() {
        assertThat(sites().outcome()).isEqualTo(Outcome.GO);
        assertThat(sites().limits()).isEmpty();
    }

    @Test
    void each_flag_gives_its_outcome_and_never_a_milder_one_beside_another() {
        for (ScreenQuestions.Flag flag : QUESTIONS.flags()) {
            Map<String, FlagAnswer> flags = new HashMap<>(ScreeningRules.noFlags(QUESTIONS));
            flags.put(flag.id(), new FlagAnswer(true, Side.LEFT));
            Assessment alone = RULES.assess(answers(flags, READY, CALM, List.of()), TODAY);
            assertThat(alone.outcome()).as(flag.id()).isEqualTo(flag.outcome());
            assertThat(alone.outcome().allowsPlanning()).isFalse();
            for (ScreenQuestions.Flag other : QUESTIONS.flags()) {
                Map<String, FlagAnswer> both = new HashMap<>(flags);
                both.put(other.id(), new FlagAnswer(true, Side.LEFT));
                assertThat(RULES.assess(answers(both, READY, CALM, List.of()), TODAY)
                                .outcome())
                        .isGreaterThanOrEqualTo(alone.outcome());
            }
        }
    }

    @Test
    void a_missing_answer_is_never_a_no() {
        for (ScreenQuestions.Flag flag : QUESTIONS.flags()) {
            Map<String, FlagAnswer> flags = new HashMap<>(ScreeningRules.noFlags(QUESTIONS));
            flags.remove(flag.id());
            Assessment result = RULES.assess(answers(flags, READY, CALM, List.of()), TODAY);
            assertThat(result.outcome()).isEqualTo(Outcome.INCOMPLETE);
            assertThat(result.missing()).containsExactly(flag.ask());
        }
        ScreenAnswers notAsked = new ScreenAnswers(ScreeningRules.noFlags(QUESTIONS), READY, CALM, noCautions(), null);
        assertThat(RULES.assess(notAsked, TODAY).outcome()).isEqualTo(Outcome.INCOMPLETE);
        SiteRecord half =
                new SiteRecord(Site.WRIST, Side.LEFT, PainScore.of(2), null, null, null, null, List.of(), null);
        assertThat(sites(half).missing()).hasSize(4);
    }

    /** The pre-participation logic of Riebe et al. 2015, quoted from memory, as a whole truth table. */
    @ParameterizedTest(name = "active {0}, disease {1}, symptoms {2}: {3}, cap {4}")
    @CsvSource({
        "true, false, false, GO, 0",
        "true, true, false, GO_WITH_LIMITS, 6",
        "false, false, false, GO_WITH_LIMITS, 6",
        "false, true, false, REFER_BEFORE_LOADING, 0",
        "true, false, true, REFER_BEFORE_LOADING, 0",
        "true, true, true, REFER_BEFORE_LOADING, 0",
        "false, false, true, REFER_BEFORE_LOADING, 0",
        "false, true, true, REFER_BEFORE_LOADING, 0"
    })
    void readiness_follows_the_published_logic(
            boolean active, boolean disease, boolean symptoms, Outcome outcome, double cap) {
        Assessment result = RULES.assess(
                answers(
                        ScreeningRules.noFlags(QUESTIONS),
                        new Readiness(active, disease, symptoms, null),
                        CALM,
                        List.of()),
                TODAY);
        assertThat(result.outcome()).isEqualTo(outcome);
        assertThat(of(result, Kind.LARGEST_EFFORT)).hasSize(cap > 0 ? 1 : 0).allMatch(l -> l.number() == cap);
    }

    @Test
    void a_clearance_lifts_the_cap_for_twelve_months_and_symptoms_outrank_it() {
        assertThat(readiness(new Readiness(true, true, false, TODAY.minusMonths(12)))
                        .outcome())
                .isEqualTo(Outcome.GO);
        assertThat(readiness(new Readiness(
                                true, true, false, TODAY.minusMonths(12).minusDays(1)))
                        .outcome())
                .isEqualTo(Outcome.GO_WITH_LIMITS);
        assertThat(readiness(new Readiness(true, true, true, TODAY)).outcome()).isEqualTo(Outcome.REFER_BEFORE_LOADING);
    }

    private static Assessment readiness(Readiness readiness) {
        return RULES.assess(answers(ScreeningRules.noFlags(QUESTIONS), readiness, CALM, List.of()), TODAY);
    }

    /** Thresholds of Williams et al. 2007, quoted from memory, taken on the cautious side. */
    @ParameterizedTest(name = "{0}/{1} pulse {2}: {3}")
    @CsvSource({
        "159, 99, 100, GO",
        "160, 80, 70, REFER_BEFORE_LOADING",
        "150, 100, 70, REFER_BEFORE_LOADING",
        "180, 90, 70, REFER_BEFORE_LOADING",
        "150, 110, 70, REFER_BEFORE_LOADING",
        "140, 85, 101, GO_WITH_LIMITS",
        "140, 85, 120, GO_WITH_LIMITS",
        "140, 85, 121, REFER_BEFORE_LOADING"
    })
    void the_last_of_two_readings_decides(int systolic, int diastolic, int pulse, Outcome outcome) {
        Reading last = new Reading(systolic, diastolic, pulse);
        Pressure two = new Pressure(true, List.of(new Reading(190, 100, 90), last), false);
        assertThat(pressure(two).outcome()).isEqualTo(outcome);
    }

    @Test
    void a_raised_first_reading_asks_for_a_second_and_a_clearance_goes_without_breath_holding() {
        Pressure one = new Pressure(true, List.of(new Reading(165, 90, 70)), false);
        assertThat(pressure(one).outcome()).isEqualTo(Outcome.INCOMPLETE);
        assertThat(pressure(new Pressure(true, List.of(new Reading(159, 99, 70)), false))
                        .outcome())
                .isEqualTo(Outcome.GO);
        Pressure cleared = new Pressure(true, List.of(new Reading(165, 90, 70), new Reading(165, 90, 70)), true);
        assertThat(of(pressure(cleared), Kind.NO_BREATH_HOLDING)).hasSize(1);
        Pressure stop = new Pressure(true, List.of(new Reading(185, 90, 70), new Reading(185, 90, 70)), true);
        assertThat(pressure(stop).outcome()).isEqualTo(Outcome.REFER_BEFORE_LOADING);
    }

    private static Assessment pressure(Pressure pressure) {
        return RULES.assess(answers(ScreeningRules.noFlags(QUESTIONS), READY, pressure, List.of()), TODAY);
    }

    @ParameterizedTest(name = "worst {0}, {1} h to settle: {2}")
    @CsvSource({
        "3, 1, IRRITABILITY-low", "4, 1, IRRITABILITY-moderate", "3, 1.5, IRRITABILITY-moderate",
        "6, 24, IRRITABILITY-moderate", "7, 1, IRRITABILITY-high", "3, 25, IRRITABILITY-high"
    })
    void irritability_takes_the_worse_of_strength_and_lingering(int worst, double hours, String rule) {
        Assessment result = sites(sore(Site.BACK_OF_ELBOW, 2, 1, worst, hours, "deep-bending"));
        boolean high = rule.endsWith("high");
        assertThat(result.outcome()).isEqualTo(high ? Outcome.REFER_BEFORE_LOADING : Outcome.GO_WITH_LIMITS);
        assertThat(
                        high
                                ? result.findings().get(0).reason().ruleId()
                                : of(result, Kind.LARGEST_EFFORT)
                                        .get(0)
                                        .reason()
                                        .ruleId())
                .isEqualTo(rule);
    }

    @Test
    void seven_in_light_use_refers_and_six_does_not() {
        assertThat(sites(sore(Site.WRIST, 5, 7, 6, 1))
                        .findings()
                        .get(0)
                        .reason()
                        .ruleId())
                .isEqualTo("SITE-strong-pain");
        assertThat(sites(sore(Site.WRIST, 5, 6, 6, 1)).outcome()).isEqualTo(Outcome.GO_WITH_LIMITS);
    }

    @ParameterizedTest(name = "{0} by {1}: {2}")
    @CsvSource({
        "FRONT_OF_SHOULDER, lifting-forward, LARGEST_ELEVATION, 45",
        "FRONT_OF_SHOULDER, arm-behind, LARGEST_EXTENSION, 0",
        "TOP_OUTER_SHOULDER, overhead-sideways, LARGEST_ELEVATION, 60",
        "TOP_JOINT_OF_SHOULDER, pressing, LARGEST_EXTENSION, 0",
        "BACK_OF_ELBOW, deep-bending, LARGEST_ELBOW_BEND, 90",
        "BACK_OF_ELBOW, straightening, SMALLEST_ELBOW_BEND, 15",
        "BACK_OF_ELBOW, leaning, NO_BODY_WEIGHT,",
        "CROOK_OF_ELBOW, lifting-palm-up, SMALLEST_ELBOW_BEND, 30",
        "OUTER_ELBOW, gripping, NO_GRIP,",
        "INNER_ELBOW, gripping-palm-up, NO_IMPLEMENT,",
        "INNER_ELBOW, deep-bend-tingling, LARGEST_ELBOW_BEND, 90",
        "WRIST, gripping-leaning, NO_IMPLEMENT,"
    })
    void each_provocation_gives_its_limit_on_its_side(Site site, String provocation, Kind kind, Double value) {
        Assessment result = sites(sore(site, 2, 1, 3, 1, provocation));
        Limit limit = of(result, kind).get(0);
        assertThat(limit.side()).isEqualTo(Side.RIGHT);
        assertThat(limit.site()).isEqualTo(site);
        assertThat(limit.value()).isEqualTo(value);
        assertThat(limit.lookAgainOn()).isEqualTo(TODAY.plusDays(28));
        assertThat(limit.reason().ruleId()).contains(provocation);
        assertThat(limit.reason().exact()).contains("right " + site.words());
    }

    @Test
    void without_a_named_provocation_the_first_row_of_the_site_holds() {
        assertThat(of(sites(sore(Site.BACK_OF_ELBOW, 2, 1, 3, 1)), Kind.LARGEST_ELBOW_BEND))
                .hasSize(1);
    }

    @Test
    void a_measured_painful_arc_keeps_the_loaded_arm_ten_degrees_below() {
        SiteRecord arc = new SiteRecord(
                Site.TOP_OUTER_SHOULDER,
                Side.LEFT,
                PainScore.of(2),
                PainScore.of(1),
                PainScore.of(3),
                PainScore.of(2),
                1.0,
                List.of("overhead-sideways"),
                85.0);
        assertThat(of(sites(arc), Kind.LARGEST_ELEVATION).get(0).number()).isEqualTo(75);
    }

    @Test
    void more_pain_never_removes_a_limit() {
        for (Site site : Site.values()) {
            int before = 0;
            for (int worst = 1; worst <= 6; worst++) {
                int now = sites(sore(site, 1, 1, worst, 1)).limits().size();
                assertThat(now).as(site + " at " + worst).isGreaterThanOrEqualTo(before);
                before = now;
            }
        }
    }

    @Test
    void impossible_answers_are_refused_with_their_range() {
        assertThatThrownBy(() -> PainScore.of(11))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("from 0 to 10");
        assertThatThrownBy(() -> new Reading(300, 80, 70)).hasMessageContaining("from 60 to 260 mmHg");
        assertThatThrownBy(() -> new Reading(120, 130, 70)).hasMessageContaining("below the systolic");
        assertThatThrownBy(() -> sore(Site.WRIST, 2, 1, 3, 500)).hasMessageContaining("from 0 to 168 hours");
    }
}

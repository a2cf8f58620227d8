package kinesia.core.screening;

import static kinesia.core.screening.Answers.RULES;
import static kinesia.core.screening.Answers.TODAY;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Site;
import kinesia.core.screening.Answers.Sore;
import kinesia.core.screening.ScreenAnswers.FlagAnswer;
import kinesia.core.screening.ScreenAnswers.PastStop;
import kinesia.core.screening.ScreenAnswers.Reading;
import kinesia.core.screening.ScreenComparison.Taken;
import org.junit.jupiter.api.Test;

/** What one screen leaves to the next, and what an old screen says under rules that ask more. */
class ContinuityTest {
    private static final LocalDate BEFORE = TODAY.minusDays(60);

    private static Taken taken(Answers answers) {
        ScreenAnswers built = answers.build();
        return new Taken(BEFORE, built, RULES.assess(built, BEFORE));
    }

    private static Assessment after(Taken last, Answers answers) {
        return RULES.assess(Continuity.known(answers.build(), last).after(Continuity.before(last, null)), TODAY);
    }

    @Test
    void a_stop_is_asked_about_until_a_clinician_has_seen_it() {
        Taken stopped = taken(new Answers().flag("FLAG-fainting", null));
        assertThat(stopped.assessment().outcome()).isEqualTo(Outcome.STOP_NOW);
        Assessment next = after(stopped, new Answers());
        assertThat(next.outcome()).isEqualTo(Outcome.INCOMPLETE);
        assertThat(next.missing())
                .singleElement()
                .satisfies(m -> assertThat(m).contains("Fainting", BEFORE.toString()));
        // A screen that kept "no" hands the question on.
        ScreenAnswers unseen = new Answers()
                .earlier(new PastStop("Fainting", BEFORE), false, null)
                .build();
        Taken later = new Taken(TODAY.minusDays(3), unseen, RULES.assess(unseen, TODAY.minusDays(3)));
        assertThat(Continuity.before(later, null).stop()).isEqualTo(new PastStop("Fainting", BEFORE));
        ScreenAnswers seen = new Answers()
                .earlier(new PastStop("Fainting", BEFORE), true, null)
                .build();
        assertThat(Continuity.before(new Taken(TODAY.minusDays(3), seen, RULES.assess(seen, TODAY)), null)
                        .stop())
                .isNull();
    }

    @Test
    void a_session_that_was_stopped_is_asked_about_as_well() {
        PastStop dizzy = new PastStop("dizziness", TODAY.minusDays(1));
        assertThat(Continuity.before(taken(new Answers()), dizzy).stop()).isEqualTo(dizzy);
        assertThat(Continuity.before(null, dizzy).stop()).isEqualTo(dizzy);
        ScreenAnswers answers = new Answers().build().after(Continuity.before(null, dizzy));
        assertThat(RULES.assess(answers, TODAY).missing().toString()).contains("dizziness");
    }

    @Test
    void the_last_reading_stands_in_for_the_first_one_of_everybody() {
        Taken read = taken(new Answers());
        Reading last = Continuity.before(read, null).reading();
        assertThat(last.on()).isEqualTo(BEFORE);
        assertThat(after(read, new Answers().pressure(new ScreenAnswers.Pressure(false, List.of())))
                        .outcome())
                .isEqualTo(Outcome.GO);
    }

    @Test
    void a_sign_that_was_said_before_is_known_since_then_and_a_clearance_in_between_knew_of_it() {
        Taken said = taken(new Answers().flag("FLAG-cancer-new-pain", null));
        LocalDate between = BEFORE.plusDays(10);
        Answers again = new Answers()
                .flag("FLAG-cancer-new-pain", null)
                .readiness(true, false, false, false)
                .cleared(Clearance.Purpose.EXERCISE, null, null, between, TODAY.plusDays(30));
        assertThat(after(said, again).outcome()).isEqualTo(Outcome.GO);
        // The same answers without the screen before: first said today, so the clearance did not know.
        assertThat(again.assess().outcome()).isEqualTo(Outcome.REFER_BEFORE_LOADING);
        // On the other arm it is another sign.
        Taken left = taken(new Answers().flag("FLAG-neck", Side.LEFT));
        Answers right = new Answers()
                .flag("FLAG-neck", Side.RIGHT)
                .cleared(Clearance.Purpose.ARM, Side.RIGHT, null, between, TODAY.plusDays(30));
        assertThat(after(left, right).outcome()).isEqualTo(Outcome.REFER_BEFORE_LOADING);
    }

    @Test
    void a_place_that_is_no_worse_is_known_since_the_screen_before_and_a_worse_one_is_not() {
        Taken said = taken(new Answers()
                .sore(Sore.at(Site.WRIST, Side.LEFT, "gripping-leaning").flag("PLACE-worse")));
        LocalDate between = BEFORE.plusDays(10);
        Answers same = new Answers()
                .sore(Sore.at(Site.WRIST, Side.LEFT, "gripping-leaning").flag("PLACE-worse"))
                .cleared(Clearance.Purpose.PLACE, Side.LEFT, Site.WRIST, between, TODAY.plusDays(30));
        assertThat(after(said, same).outcome()).isEqualTo(Outcome.GO_WITH_LIMITS);
        Answers worse = new Answers()
                .sore(Sore.at(Site.WRIST, Side.LEFT, "gripping-leaning")
                        .flag("PLACE-worse")
                        .flag("PLACE-night-pain"))
                .cleared(Clearance.Purpose.PLACE, Side.LEFT, Site.WRIST, between, TODAY.plusDays(30));
        assertThat(after(said, worse).outcome()).isEqualTo(Outcome.REFER_BEFORE_LOADING);
    }

    /** Every question that came with the second version, left open: the old screen stays what it was and says so. */
    @Test
    void what_was_not_asked_then_never_makes_a_stored_screen_incomplete() {
        Answers old = new Answers().pressure(new ScreenAnswers.Pressure(false, List.of()));
        Answers.QUESTIONS.flags().stream().filter(f -> f.version() > 1).forEach(f -> old.without(f.id()));
        Answers.QUESTIONS.cautions().stream().filter(c -> c.version() > 1).forEach(c -> old.without(c.id()));
        Assessment under = old.underVersion(1).assess();
        assertThat(under.outcome()).isEqualTo(Outcome.GO);
        assertThat(under.missing()).isEmpty();
        assertThat(under.notAskedThen())
                .hasSizeGreaterThan(5)
                .anyMatch(q -> q.contains("fainting"))
                .anyMatch(q -> q.contains("blood pressure"))
                .anyMatch(q -> q.contains("pulse"));
        assertThat(RULES.notAskedThen(old.build(), TODAY)).isEqualTo(under.notAskedThen());
        assertThat(old.underVersion(ScreeningRules.VERSION).assess().outcome()).isEqualTo(Outcome.INCOMPLETE);
    }

    @Test
    void the_end_of_eight_weeks_is_a_day_on_which_an_old_screen_is_judged_anew() {
        ScreenAnswers answers = new Answers()
                .caution("CAUTION-tendon-medicine")
                .detail("CAUTION-tendon-medicine", null, "cortisone", TODAY.minusDays(50))
                .cleared(Clearance.Purpose.TENDON_MEDICINE)
                .build();
        LocalDate end = TODAY.minusDays(50).plusWeeks(8);
        assertThat(RULES.turnsBetween(answers, TODAY, end.minusDays(1))).isFalse();
        assertThat(RULES.turnsBetween(answers, TODAY, end)).isTrue();
        assertThat(RULES.assess(answers, TODAY, end.minusDays(1)).limits()).isNotEmpty();
        assertThat(RULES.assess(answers, TODAY, end).outcome()).isEqualTo(Outcome.GO);
    }

    @Test
    void a_reading_is_whole_or_refused_at_its_field() {
        org.assertj.core.api.Assertions.assertThatThrownBy(() -> new Reading(140, null, 70, false, null, null))
                .extracting("field")
                .isEqualTo("diastolic");
        org.assertj.core.api.Assertions.assertThatThrownBy(() -> new Reading(null, null, 70, false, 500, null))
                .extracting("field")
                .isEqualTo("quietMinutes");
        assertThat(new Reading(null, null, 70, false, 5, null).hasPressure()).isFalse();
        assertThat(new FlagAnswer(true, null).since()).isNull();
    }
}

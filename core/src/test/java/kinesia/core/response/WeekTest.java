package kinesia.core.response;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import kinesia.core.RuleFiles;
import kinesia.core.dose.Effort;
import kinesia.core.dose.Load;
import kinesia.core.dose.LoggedSet;
import kinesia.core.dose.RestAndTime;
import kinesia.core.dose.TrainingStory;
import kinesia.core.exercise.Head;
import kinesia.core.plan.Goal;
import kinesia.core.plan.Plan;
import kinesia.core.plan.PlanRequest.SetBudget;
import kinesia.core.plan.TrainingBlock;
import kinesia.core.plan.TrainingWeek;
import kinesia.core.plan.TrainingWeek.OtherTraining;
import kinesia.core.screening.PainScore;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Hard sets of a week: house numbers inside published ranges, each at its edge. */
class WeekTest {
    private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);
    private static final TrainingStory USUAL = new TrainingStory(60, false, true);

    private static SessionRecord session(LocalDate on, int flexors, int extensors) {
        List<LoggedSet> sets = new ArrayList<>();
        for (int n = 1; n <= Math.max(flexors, extensors); n++) {
            if (n <= flexors) {
                sets.add(set(on, "seated-curl", n));
            }
            if (n <= extensors) {
                sets.add(set(on, "rope-press-down", n));
            }
        }
        Plan plan = new Plan(
                on,
                List.of(),
                List.of(),
                90,
                RestAndTime.first().reason(),
                new Plan.Minutes(6, 20),
                List.of(),
                List.of());
        return new SessionRecord(on, plan, List.of(), sets, null, null);
    }

    private static LoggedSet set(LocalDate on, String key, int n) {
        return new LoggedSet(on, key, null, n, Load.ofKg(4), 10, Effort.of(7), PainScore.NONE, null, null);
    }

    /** The same session, felt as easy. */
    private static SessionRecord easily(SessionRecord session) {
        List<LoggedSet> easy = session.sets().stream()
                .map(s -> new LoggedSet(
                        s.on(),
                        s.exerciseKey(),
                        null,
                        s.setNumber(),
                        s.load(),
                        s.reps(),
                        Effort.of(5),
                        s.pain(),
                        null,
                        null))
                .toList();
        return new SessionRecord(
                session.on(),
                session.planned(),
                session.soreSites(),
                easy,
                true,
                session.rightAfter(),
                session.morning(),
                session.nextDoor());
    }

    private static Map<Head.Group, SetBudget> week(
            TrainingWeek week, TrainingStory story, boolean sore, LocalDate on, SessionRecord... sessions) {
        List<SessionRecord> records = List.of(sessions);
        return new WeekAllowance(
                        records, SignalRules.judge(records), RuleFiles.model().catalogue(), week, story, sore)
                .forVisit(on);
    }

    private static int sets(Head.Group group, Map<Head.Group, SetBudget> budget) {
        return budget.get(group).sets();
    }

    @ParameterizedTest(name = "{0} visits so far, trained before {1}: {2} at the first of two visits")
    @CsvSource({"0, false, 3", "23, false, 3", "24, false, 4", "0, true, 5", "200, true, 5"})
    void the_first_week_follows_training_age(int visits, boolean before, int each) {
        Map<Head.Group, SetBudget> budget =
                week(TrainingWeek.of(Goal.FUNCTION, 2), new TrainingStory(visits, before, true), false, MONDAY);
        assertThat(sets(Head.Group.FLEXORS, budget)).isEqualTo(each);
        assertThat(sets(Head.Group.EXTENSORS, budget)).isEqualTo(each);
    }

    @ParameterizedTest(name = "{0}: {1} for the front and {2} for the back at the first of two visits")
    @CsvSource({"FUNCTION, 4, 4", "ARM_SIZE, 4, 6", "STRENGTH, 4, 6", "LOOK, 4, 6", "RETURN, 3, 3", "KEEP, 3, 3"})
    void the_goal_bends_sets_and_ratio(Goal goal, int flexors, int extensors) {
        Map<Head.Group, SetBudget> budget = week(TrainingWeek.of(goal, 2), USUAL, false, MONDAY);
        assertThat(sets(Head.Group.FLEXORS, budget)).isEqualTo(flexors);
        assertThat(sets(Head.Group.EXTENSORS, budget)).isEqualTo(extensors);
    }

    /** Effort under 6 makes no hard set (RULES 4): it is said, and takes nothing from the week. */
    @Test
    void easy_sets_are_told_and_not_counted() {
        TrainingWeek twice = TrainingWeek.of(Goal.FUNCTION, 2);
        SetBudget front = week(twice, USUAL, false, MONDAY.plusDays(3), easily(session(MONDAY, 4, 0)))
                .get(Head.Group.FLEXORS);
        assertThat(front.reason().exact()).contains("none done since Monday (4 easy sets do not count)");
        assertThat(front.sets()).as("half as much again as an even share").isEqualTo(6);
        assertThat(week(twice, USUAL, false, MONDAY.plusDays(3), session(MONDAY, 4, 0))
                        .get(Head.Group.FLEXORS)
                        .reason()
                        .exact())
                .contains("4 done since Monday; ");
    }

    /** Keeping what is there: one session a week at a third of the sets (Bickel et al. 2011, quoted from memory). */
    @Test
    void keeping_has_one_visit_a_week() {
        TrainingWeek keep = TrainingWeek.of(Goal.KEEP, 2);
        SessionRecord monday = session(MONDAY, 3, 3);
        assertThat(sets(Head.Group.FLEXORS, week(keep, USUAL, false, MONDAY.plusDays(3), monday)))
                .isZero();
        assertThat(sets(Head.Group.FLEXORS, week(keep, USUAL, false, MONDAY.plusDays(7), monday)))
                .isEqualTo(3);
    }

    /** 48 hours: Monday evening, Wednesday afternoon is enough, and each muscle by itself. */
    @Test
    void a_muscle_rests_one_whole_day_and_the_other_goes_on() {
        SessionRecord curls = session(MONDAY, 4, 0);
        Map<Head.Group, SetBudget> tuesday =
                week(TrainingWeek.of(Goal.FUNCTION, 3), USUAL, false, MONDAY.plusDays(1), curls);
        assertThat(sets(Head.Group.FLEXORS, tuesday)).isZero();
        assertThat(tuesday.get(Head.Group.FLEXORS).reason().ruleId()).isEqualTo("WEEK-48h");
        assertThat(sets(Head.Group.EXTENSORS, tuesday)).isPositive();
        assertThat(sets(
                        Head.Group.FLEXORS,
                        week(TrainingWeek.of(Goal.FUNCTION, 3), USUAL, false, MONDAY.plusDays(2), curls)))
                .isPositive();
    }

    @Test
    void the_week_is_the_calendars_and_the_ceiling_holds_for_any_seven_days() {
        SessionRecord friday = session(MONDAY.minusDays(3), 10, 4);
        // A new week on Monday: its even share, but no more than twelve in seven days where a place is sore.
        Map<Head.Group, SetBudget> monday = week(TrainingWeek.of(Goal.FUNCTION, 2), USUAL, true, MONDAY, friday);
        assertThat(sets(Head.Group.FLEXORS, monday)).isEqualTo(2);
        assertThat(monday.get(Head.Group.FLEXORS).reason().exact()).contains("10 in the last seven days");
        assertThat(sets(Head.Group.EXTENSORS, monday)).isEqualTo(4);
    }

    @Test
    void a_visit_takes_at_most_half_as_much_again_as_its_even_share() {
        // Nothing was done until Saturday of a week of two visits: six, not eight.
        assertThat(sets(Head.Group.FLEXORS, week(TrainingWeek.of(Goal.FUNCTION, 2), USUAL, false, MONDAY.plusDays(5))))
                .isEqualTo(6);
    }

    @Test
    void the_clients_own_days_share_the_week() {
        TrainingWeek tuesdayAndFriday = new TrainingWeek(
                Goal.FUNCTION, 2, Set.of(DayOfWeek.TUESDAY, DayOfWeek.FRIDAY), Set.of(), false, List.of(), List.of());
        SessionRecord tuesday = session(MONDAY.plusDays(1), 3, 4);
        assertThat(sets(Head.Group.FLEXORS, week(tuesdayAndFriday, USUAL, false, MONDAY.plusDays(4), tuesday)))
                .isEqualTo(5);
        assertThat(firstDay(tuesdayAndFriday, MONDAY.plusDays(2), tuesday)).isEqualTo(MONDAY.plusDays(4));
    }

    @Test
    void a_hard_day_of_rows_counts_three_sets_for_the_front_and_keeps_its_day_of_rest() {
        TrainingWeek rows = new TrainingWeek(
                Goal.FUNCTION,
                2,
                Set.of(),
                Set.of(),
                true,
                List.of(new OtherTraining(DayOfWeek.SATURDAY, Head.Group.FLEXORS, true)),
                List.of());
        Map<Head.Group, SetBudget> monday = week(rows, USUAL, false, MONDAY);
        assertThat(sets(Head.Group.FLEXORS, monday)).isEqualTo(3); // (8 - 3) over two visits
        assertThat(sets(Head.Group.EXTENSORS, monday)).isEqualTo(4);
        Map<Head.Group, SetBudget> sunday = week(rows, USUAL, false, MONDAY.plusDays(6));
        assertThat(sunday.get(Head.Group.FLEXORS).reason().ruleId()).isEqualTo("WEEK-48h");
        assertThat(sets(Head.Group.EXTENSORS, sunday)).isPositive();
        TrainingWeek light = new TrainingWeek(
                Goal.FUNCTION,
                2,
                Set.of(),
                Set.of(),
                true,
                List.of(new OtherTraining(DayOfWeek.SATURDAY, null, false)),
                List.of());
        assertThat(sets(Head.Group.FLEXORS, week(light, USUAL, false, MONDAY))).isEqualTo(4);
    }

    @ParameterizedTest(name = "{0} days before a concert: lighter {1}")
    @CsvSource({"3, false", "2, true", "1, true", "0, false"})
    void the_two_days_before_something_that_is_coming_up_are_lighter(int before, boolean lighter) {
        TrainingWeek concert = new TrainingWeek(
                Goal.FUNCTION, 2, Set.of(), Set.of(), false, List.of(), List.of(MONDAY.plusDays(before)));
        Map<Head.Group, SetBudget> budget = week(concert, USUAL, false, MONDAY);
        assertThat(sets(Head.Group.FLEXORS, budget)).isEqualTo(lighter ? 2 : 4);
        assertThat(budget.get(Head.Group.FLEXORS).reason().ruleId())
                .isEqualTo(lighter ? "WEEK-event" : "WEEK-allowance");
    }

    @Test
    void a_block_has_its_own_aim_and_its_lighter_week() {
        TrainingWeek size = TrainingWeek.of(Goal.ARM_SIZE, 2)
                .with(List.of(new TrainingBlock(MONDAY, 4, Goal.KEEP, null, false, null)), Set.of());
        // A spell of keeping: a third of eight in one visit a week; then three to the front and four to the back again.
        assertThat(sets(Head.Group.EXTENSORS, week(size, USUAL, false, MONDAY))).isEqualTo(3);
        assertThat(sets(Head.Group.EXTENSORS, week(size, USUAL, false, MONDAY.plusWeeks(4))))
                .isGreaterThan(4);
        TrainingWeek six = TrainingWeek.of(Goal.FUNCTION, 2)
                .with(List.of(new TrainingBlock(MONDAY, 6, Goal.FUNCTION, 6, false, null)), Set.of());
        Map<Head.Group, SetBudget> fifth = week(six, USUAL, false, MONDAY.plusWeeks(4));
        Map<Head.Group, SetBudget> lighter = week(six, USUAL, false, MONDAY.plusWeeks(5));
        assertThat(sets(Head.Group.FLEXORS, fifth)).isEqualTo(4);
        assertThat(sets(Head.Group.FLEXORS, lighter)).isEqualTo(2); // 4 - 40 %, rounded down
        assertThat(lighter.get(Head.Group.FLEXORS).reason().ruleId()).isEqualTo("WEEK-lighter");
        TrainingBlock ended = new TrainingBlock(MONDAY, 6, Goal.KEEP, 6, false, MONDAY.plusDays(10));
        assertThat(ended.covers(MONDAY.plusDays(9))).isTrue();
        assertThat(ended.covers(MONDAY.plusDays(10))).isFalse();
        assertThat(ended.isLighter(MONDAY.plusWeeks(5))).isFalse();
    }

    @Test
    void what_is_booked_is_the_next_visit_and_shares_the_week() {
        // Three visits a week as a rule, this week one more is booked after today's: half of the week today.
        TrainingWeek booked = TrainingWeek.of(Goal.FUNCTION, 3)
                .with(List.of(), Set.of(MONDAY, MONDAY.plusDays(4), MONDAY.plusDays(9)));
        assertThat(sets(Head.Group.FLEXORS, week(booked, USUAL, false, MONDAY))).isEqualTo(4);
        SessionRecord monday = session(MONDAY, 4, 4);
        assertThat(firstDay(booked, MONDAY, monday)).isEqualTo(MONDAY.plusDays(4));
        // Booked the day after hard sets: they come all the same, and the plan says what rests.
        TrainingWeek tomorrow = booked.with(List.of(), Set.of(MONDAY.plusDays(1)));
        assertThat(firstDay(tomorrow, MONDAY, monday)).isEqualTo(MONDAY.plusDays(1));
        assertThat(sets(Head.Group.FLEXORS, week(tomorrow, USUAL, false, MONDAY.plusDays(1), monday)))
                .isZero();
    }

    private static LocalDate firstDay(TrainingWeek week, LocalDate earliest, SessionRecord... sessions) {
        List<SessionRecord> records = List.of(sessions);
        return NextVisit.firstDay(
                RuleFiles.model().catalogue(), records, SignalRules.judge(records), earliest, week, USUAL, false);
    }

    @Test
    void after_a_break_a_week_has_three_quarters_of_what_it_had() {
        List<SessionRecord> before = new ArrayList<>();
        for (int week = 0; week < 5; week++) {
            before.add(session(MONDAY.plusWeeks(week), 4, 4));
            before.add(session(MONDAY.plusWeeks(week).plusDays(3), 4, 4));
        }
        LocalDate back = MONDAY.plusWeeks(8);
        // Eight and one more after each of four good weeks: twelve; three quarters of it are nine, five at the first
        // visit.
        Map<Head.Group, SetBudget> budget =
                week(TrainingWeek.of(Goal.FUNCTION, 2), USUAL, false, back, before.toArray(new SessionRecord[0]));
        assertThat(budget.get(Head.Group.FLEXORS).reason().inputs()).containsEntry("sets of the week", "9");
        assertThat(sets(Head.Group.FLEXORS, budget)).isEqualTo(5);
    }
}

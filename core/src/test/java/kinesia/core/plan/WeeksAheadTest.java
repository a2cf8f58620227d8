package kinesia.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import kinesia.core.RuleFiles;
import kinesia.core.arm.Side;
import kinesia.core.dose.Effort;
import kinesia.core.dose.LoggedSet;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Head;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.reason.InvalidValue;
import kinesia.core.response.Morning;
import kinesia.core.response.NextRequest;
import kinesia.core.response.SessionRecord;
import kinesia.core.response.SitePain;
import kinesia.core.response.WeeksAhead;
import kinesia.core.screening.PainScore;
import kinesia.core.screening.ScreeningRules;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.FieldSource;

class WeeksAheadTest {
    private static final ScreeningRules SCREENING = new ScreeningRules(RuleFiles.questions());
    private static final Planner PLANNER = new Planner(RuleFiles.model(), RuleFiles.methods(), RuleFiles.careWork());
    private static final LocalDate MONDAY = TrainingWeek.monday(People.DAY).plusWeeks(4);
    private static final Set<DayOfWeek> DAYS = Set.of(DayOfWeek.MONDAY, DayOfWeek.THURSDAY);

    static final List<Course.Who> PEOPLE = PrintVisits.people();

    static WeeksAhead.Asked asked(Course.Who who, Goal aim, boolean newExercises) {
        return new WeeksAhead.Asked(
                who.trainee(),
                new NextRequest.Room(RuleFiles.model(), who.room(), List.of(), Map.of()),
                booking(who, MONDAY),
                new TrainingBlock(MONDAY, 6, aim, 6, newExercises, null),
                DAYS);
    }

    private static NextRequest.Booking booking(Course.Who who, LocalDate on) {
        return new NextRequest.Booking(on, 35, Door.quiet(), who.method(), PlanRequest.Wishes.NONE);
    }

    static WeeksAhead.Weeks weeks(Course.Who who, Goal aim, boolean newExercises, List<SessionRecord> records) {
        return new WeeksAhead(PLANNER, SCREENING).of(asked(who, aim, newExercises), records);
    }

    /** Planned again one visit at a time from the record of the visits before, as on the day itself. */
    @ParameterizedTest
    @FieldSource("PEOPLE")
    void what_is_shown_is_what_comes_when_all_goes_as_planned(Course.Who who) {
        WeeksAhead.Weeks shown = weeks(who, who.trainee().week().goal(), false, List.of());
        List<WeeksAhead.Visit> visits =
                shown.weeks().stream().flatMap(w -> w.visits().stream()).toList();
        Set<LocalDate> booked = visits.stream().map(WeeksAhead.Visit::on).collect(Collectors.toSet());
        TrainingWeek kept = who.trainee()
                .week()
                .with(List.of(asked(who, who.trainee().week().goal(), false).block()), booked);
        NextRequest.Trainee trainee = new NextRequest.Trainee(
                who.trainee().body(),
                who.trainee().age(),
                who.trainee().story(),
                kept,
                who.trainee().screen(),
                Set.of());
        List<SessionRecord> records = new ArrayList<>();
        for (WeeksAhead.Visit visit : visits) {
            PlanResult real = PLANNER.plan(NextRequest.of(
                            trainee,
                            new NextRequest.Room(RuleFiles.model(), who.room(), List.of(), Map.of()),
                            booking(who, visit.on()),
                            SCREENING,
                            records)
                    .request());
            assertThat(visit.result()).isEqualTo(real);
            if (real.plan() != null) {
                records.add(asPlanned(visit.on(), real.plan(), who));
            }
        }
        assertThat(records).hasSizeGreaterThan(5);
    }

    @Test
    void the_last_week_is_lighter_and_what_a_block_begins_with_stays_in_it() {
        for (Course.Who who : PEOPLE) {
            List<WeeksAhead.Week> weeks =
                    weeks(who, who.trainee().week().goal(), false, List.of()).weeks();
            assertThat(weeks)
                    .extracting(WeeksAhead.Week::lighter)
                    .containsExactly(false, false, false, false, false, true);
            int fifth = all(weeks.get(4));
            assertThat(all(weeks.get(5))).as(who.name()).isBetween(1, (int) Math.ceil(0.6 * fifth));
            assertThat(keys(weeks.get(4))).as(who.name()).containsAnyElementsOf(keys(weeks.get(0)));
        }
    }

    @Test
    void a_lighter_week_that_begins_in_the_middle_of_one_is_shared_over_its_own_visits() {
        LocalDate saturday = MONDAY.plusDays(5);
        for (Course.Who who : PEOPLE) {
            Goal aim = who.trainee().week().goal();
            if (aim == Goal.KEEP) {
                continue;
            }
            WeeksAhead.Asked monday = asked(who, aim, false);
            List<WeeksAhead.Week> weeks = new WeeksAhead(PLANNER, SCREENING)
                    .of(
                            new WeeksAhead.Asked(
                                    monday.who(),
                                    monday.room(),
                                    monday.visit(),
                                    new TrainingBlock(saturday, 4, aim, 4, false, null),
                                    Set.of(DayOfWeek.SATURDAY, DayOfWeek.TUESDAY)),
                            List.of())
                    .weeks();
            WeeksAhead.Week lighter = weeks.get(3);
            assertThat(lighter.visits())
                    .as(who.name())
                    .hasSize(2)
                    .allMatch(v -> v.result().plan() != null);
            assertThat(all(lighter)).as(who.name()).isBetween(2, (int) Math.ceil(0.6 * all(weeks.get(2))) + 1);
        }
    }

    @Test
    void other_exercises_come_where_a_block_with_new_ones_begins() {
        Course.Who who = PEOPLE.get(1);
        List<SessionRecord> before =
                new Course(who, 35).visits(4).stream().map(Course.Visit::record).toList();
        Set<String> had = before.stream()
                .flatMap(r -> r.plan().mainSlots().stream())
                .map(Slot::exerciseKey)
                .collect(Collectors.toSet());
        Goal aim = who.trainee().week().goal();
        assertThat(keys(weeks(who, aim, false, before).weeks().get(0))).containsAnyElementsOf(had);
        assertThat(keys(weeks(who, aim, true, before).weeks().get(0)))
                .isNotEmpty()
                .doesNotContainAnyElementsOf(had);
    }

    @Test
    void a_spell_of_keeping_has_a_visit_a_week_with_sets_and_adds_none() {
        Course.Who who = PEOPLE.get(1);
        WeeksAhead.Weeks weeks = weeks(who, Goal.KEEP, false, List.of());
        assertThat(weeks.weeks().subList(0, 5))
                .extracting(WeeksAheadTest::all)
                .containsOnly(all(weeks.weeks().get(0)));
        assertThat(weeks.sets().exact()).contains("in every other that is not lighter");
    }

    @Test
    void days_next_to_each_other_are_refused() {
        WeeksAhead.Asked asked = asked(PEOPLE.get(0), Goal.FUNCTION, false);
        assertThatThrownBy(() -> new WeeksAhead.Asked(
                        asked.who(),
                        asked.room(),
                        asked.visit(),
                        asked.block(),
                        Set.of(DayOfWeek.SUNDAY, DayOfWeek.MONDAY)))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("at least a day between");
    }

    private static int all(WeeksAhead.Week week) {
        return week.sets().getOrDefault(Head.Group.EXTENSORS, 0) + week.sets().getOrDefault(Head.Group.FLEXORS, 0);
    }

    private static Set<String> keys(WeeksAhead.Week week) {
        Set<String> keys = new HashSet<>();
        week.visits().stream()
                .map(v -> v.result().plan())
                .filter(plan -> plan != null)
                .forEach(plan -> plan.mainSlots().forEach(s -> keys.add(s.exerciseKey())));
        return keys;
    }

    private static SessionRecord asPlanned(LocalDate on, Plan plan, Course.Who who) {
        List<SitePain> usual = who.trainee().screen().soreSites().stream()
                .map(s -> new SitePain(s.site(), s.side(), s.usual()))
                .toList();
        List<LoggedSet> sets = plan.slots().stream()
                .flatMap(s -> IntStream.rangeClosed(1, s.sets())
                        .boxed()
                        .flatMap(n -> arms(s).map(side -> {
                            Plan.SideDose own = side == null ? null : s.sides().get(side);
                            return new LoggedSet(
                                    on,
                                    s.exerciseKey(),
                                    side,
                                    n,
                                    own == null ? s.load() : own.load(),
                                    own == null ? s.repsIn(n) : own.reps().high(),
                                    said(s, own == null ? s.targetEffort() : own.targetEffort()),
                                    PainScore.NONE,
                                    null,
                                    null);
                        })))
                .toList();
        Morning morning = new Morning(on.plusDays(1), usual, 0, null, false, false);
        return new SessionRecord(on, plan, who.trainee().screen().soreSites(), sets, morning, usual);
    }

    private static Effort said(Slot slot, Effort target) {
        return slot.trial() ? Effort.of(Math.min(6, target.value())) : target;
    }

    private static Stream<Side> arms(Slot slot) {
        if (slot.arms() != Exercise.Arms.IN_TURN) {
            return Stream.of((Side) null);
        }
        return slot.sides().isEmpty() ? Stream.of(Side.values()) : slot.sides().keySet().stream();
    }
}

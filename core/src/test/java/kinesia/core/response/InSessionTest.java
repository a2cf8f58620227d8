package kinesia.core.response;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import kinesia.core.RuleFiles;
import kinesia.core.arm.Side;
import kinesia.core.dose.Effort;
import kinesia.core.dose.Load;
import kinesia.core.dose.LoggedSet;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Head;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.response.InSession.Advice;
import kinesia.core.response.InSession.Done;
import kinesia.core.response.InSession.Next;
import kinesia.core.screening.PainScore;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** What sets done in turn, set by set and with faults say of the next (RULES 6, within the session). */
class InSessionTest {
    private static final LocalDate DAY = LocalDate.of(2026, 3, 2);
    private static final ReachableLoads LOADS = new ReachableLoads(
            List.of(Load.ofKg(3), Load.ofKg(3.5), Load.ofKg(4), Load.ofKg(4.25), Load.ofKg(4.5), Load.ofKg(5)));

    private static Slot slot(List<Integer> setReps) {
        return slot(setReps, false);
    }

    private static Slot slot(List<Integer> setReps, boolean trial) {
        Exercise exercise = RuleFiles.model().catalogue().get("concentration-curl");
        return new Slot(
                exercise.key(),
                exercise.name(),
                Head.Group.FLEXORS,
                Exercise.Arms.IN_TURN,
                exercise.movement(),
                3,
                new Exercise.RepRange(8, 12),
                new Exercise.RepRange(8, 12),
                setReps,
                0,
                Load.ofKg(4),
                1,
                trial,
                Effort.of(7),
                new Exercise.Tempo(1, 1, 3),
                Map.of(),
                Map.of(),
                Map.of(),
                null);
    }

    private static Done done(@Nullable Side side, int number, double kg, int reps, double effort, String... faults) {
        return new Done(
                new LoggedSet(
                        DAY,
                        "concentration-curl",
                        side,
                        number,
                        Load.ofKg(kg),
                        reps,
                        Effort.of(effort),
                        PainScore.NONE,
                        null,
                        null),
                List.of(faults));
    }

    @Test
    void each_arm_goes_on_from_its_own_last_set() {
        List<Done> round = List.of(done(Side.LEFT, 1, 4, 12, 9), done(Side.RIGHT, 1, 4, 12, 5));
        Advice left = InSession.next(slot(List.of()), Side.LEFT, round, LOADS);
        Advice right = InSession.next(slot(List.of()), Side.RIGHT, round, LOADS);
        assertThat(left.next()).isEqualTo(Next.OTHER_REPS);
        assertThat(left.reps()).isEqualTo(10);
        assertThat(right.next()).isEqualTo(Next.OTHER_LOAD);
        assertThat(right.load().kg()).isEqualTo(4.25);
        assertThat(right.leads()).isNull();
    }

    @Test
    void arms_two_repetitions_apart_begin_with_the_weaker_and_stop_where_it_does() {
        List<Done> round = List.of(done(Side.RIGHT, 1, 4, 12, 7), done(Side.LEFT, 1, 4, 10, 7));
        for (Side arm : Side.values()) {
            Advice advice = InSession.next(slot(List.of()), arm, round, LOADS);
            assertThat(advice.leads()).isEqualTo(Side.LEFT);
            assertThat(advice.reps()).isEqualTo(10);
            assertThat(advice.reason().ruleId()).isEqualTo("FLOOR-arms-differ");
        }
        List<Done> near = List.of(done(Side.RIGHT, 1, 4, 12, 7), done(Side.LEFT, 1, 4, 11, 7));
        assertThat(InSession.next(slot(List.of()), Side.LEFT, near, LOADS).leads())
                .isNull();
    }

    @Test
    void a_trial_set_has_eight_repetitions_and_shows_what_each_word_would_do() {
        Advice first = InSession.first(slot(List.of(), true), Side.LEFT, LOADS);
        assertThat(first.trial()).isTrue();
        assertThat(first.reps()).isEqualTo(8);
        assertThat(first.said())
                .extracting(s -> s.then().load().kg(), s -> s.then().reps())
                .containsExactly(tuple(5.0, 8), tuple(3.5, 12), tuple(3.0, 8));
        Advice ordinary = InSession.first(slot(List.of()), Side.LEFT, LOADS);
        assertThat(ordinary.trial()).isFalse();
        assertThat(ordinary.reps()).isEqualTo(12);
        assertThat(ordinary.said()).allMatch(s -> s.then() == null);
    }

    @Test
    void once_the_load_is_found_the_sets_are_those_of_the_plan() {
        List<Done> found = List.of(done(Side.LEFT, 1, 4, 8, 5.5));
        Advice advice = InSession.next(slot(List.of(), true), Side.LEFT, found, LOADS);
        assertThat(advice.trial()).isFalse();
        assertThat(advice.reps()).isEqualTo(12);
        assertThat(advice.load().kg()).isEqualTo(3.5);
        assertThat(advice.said().get(1).effort().value())
                .as("right is the plan's effort")
                .isEqualTo(7);
        List<Done> worked = List.of(done(Side.LEFT, 1, 4, 8, 5.5), done(Side.LEFT, 2, 3.5, 12, 7));
        Advice then = InSession.next(slot(List.of(), true), Side.LEFT, worked, LOADS);
        assertThat(then.next()).as("7 is the target, not over the 6 of a trial").isEqualTo(Next.AS_PLANNED);
        assertThat(then.load().kg()).isEqualTo(3.5);
    }

    @Test
    void what_has_one_load_only_or_aims_of_its_own_is_no_trial() {
        ReachableLoads one = new ReachableLoads(List.of(Load.ofKg(4)));
        assertThat(InSession.first(slot(List.of(), true), Side.LEFT, one).trial())
                .isFalse();
        assertThat(InSession.first(slot(List.of(), true), Side.LEFT, one).reps())
                .isEqualTo(12);
    }

    @Test
    void the_aim_is_that_of_the_set_to_come() {
        Slot pyramid = slot(List.of(12, 10, 8));
        assertThat(InSession.next(pyramid, null, List.of(done(null, 1, 4, 12, 7)), LOADS)
                        .reps())
                .isEqualTo(10);
        assertThat(InSession.next(pyramid, null, List.of(done(null, 2, 4, 10, 7)), LOADS)
                        .reps())
                .isEqualTo(8);
    }

    @Test
    void a_fault_seen_twice_keeps_the_load_and_slows_seen_again_it_takes_off() {
        Done swings = done(null, 1, 4, 12, 5, "Swinging the trunk");
        assertThat(InSession.next(slot(List.of()), null, List.of(swings), LOADS)
                        .reason()
                        .ruleId())
                .isEqualTo("FLOOR-too-easy");
        List<Done> twice = List.of(swings, done(null, 2, 4, 11, 5, "Swinging the trunk"));
        Advice slower = InSession.next(slot(List.of()), null, twice, LOADS);
        assertThat(slower.reason().ruleId()).isEqualTo("FLOOR-form");
        assertThat(slower.load().kg()).isEqualTo(4);
        assertThat(slower.reps()).isEqualTo(11);
        List<Done> again = List.of(twice.get(0), twice.get(1), done(null, 3, 4, 10, 5, "Swinging the trunk"));
        Advice lighter = InSession.next(slot(List.of()), null, again, LOADS);
        assertThat(lighter.load().kg()).isEqualTo(3.5);
        // Another fault each time is no fault seen twice.
        List<Done> others = List.of(swings, done(null, 2, 4, 11, 7, "Elbow leaving the thigh"));
        assertThat(InSession.next(slot(List.of()), null, others, LOADS).reason().ruleId())
                .isEqualTo("FLOOR-as-planned");
    }

    @Test
    void pain_over_five_ends_it_whatever_else_was_seen() {
        Done hurt = new Done(
                new LoggedSet(
                        DAY,
                        "concentration-curl",
                        null,
                        2,
                        Load.ofKg(4),
                        8,
                        Effort.of(7),
                        PainScore.of(6),
                        kinesia.core.exercise.Site.WRIST,
                        Side.LEFT),
                List.of("Swinging the trunk"));
        List<Done> all = List.of(done(null, 1, 4, 12, 7, "Swinging the trunk"), hurt);
        Advice ended = InSession.next(slot(List.of()), null, all, LOADS);
        assertThat(ended.next()).isEqualTo(Next.END_EXERCISE);
        assertThat(ended.easier()).isTrue();
        assertThat(InSession.next(slot(List.of()), null, all.subList(0, 1), LOADS)
                        .easier())
                .isFalse();
    }
}

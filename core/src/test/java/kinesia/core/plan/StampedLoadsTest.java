package kinesia.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Set;
import kinesia.core.dose.Equipment;
import kinesia.core.dose.Load;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.dose.Things;
import kinesia.core.exercise.Implement;
import kinesia.core.reason.InvalidValue;
import kinesia.core.reason.Reason;
import org.junit.jupiter.api.Test;

/** A load is called by what is stamped on the thing, in plans, sentences and proposals alike. */
class StampedLoadsTest {
    private static List<String> labels(Implement implement) {
        return ReachableLoads.of(People.IN_POUNDS, implement, 0, 2).loads().stream()
                .map(Load::label)
                .toList();
    }

    @Test
    void a_room_in_pounds_has_the_loads_that_are_stamped_there() {
        assertThat(labels(Implement.DUMBBELL))
                .containsExactly("2 lb", "3 lb", "5 lb", "8 lb", "10 lb", "12 lb", "15 lb", "20 lb", "25 lb", "30 lb");
        assertThat(labels(Implement.STRAIGHT_BAR))
                .containsExactly("15 lb", "20 lb", "25 lb", "30 lb", "35 lb", "40 lb", "45 lb");
        assertThat(labels(Implement.CABLE_ROPE)).startsWith("5 lb", "7.5 lb with add-on", "10 lb");
        // NIST SP 811, quoted from memory: 1 lb = 0.45359237 kg exactly.
        assertThat(ReachableLoads.of(People.IN_POUNDS, Implement.DUMBBELL, 0, 2)
                        .above(6.5)
                        .orElseThrow()
                        .kg())
                .isEqualTo(15 * 0.45359237);
    }

    @Test
    void a_course_in_pounds_says_its_loads_in_pounds_and_climbs_by_what_is_there() {
        Course.Who who = PrintVisits.people().stream()
                .filter(w -> w.name().startsWith("in pounds"))
                .findFirst()
                .orElseThrow();
        List<Course.Visit> visits = new Course(who, 55).visits(12);
        List<Plan.Slot> slots =
                visits.stream().flatMap(v -> v.result().plan().slots().stream()).toList();
        List<Load> stamped =
                slots.stream().map(Plan.Slot::load).filter(Load::calledByWeight).toList();
        assertThat(stamped).hasSizeGreaterThan(30).allMatch(l -> l.label().matches("\\d+(\\.5)? lb( with add-on)?"));
        // What was lifted and what is next; where a first load comes from is said of the body, in kilograms.
        assertThat(slots.stream()
                        .map(s -> s.why().get(Plan.Aspect.LOAD))
                        .filter(r -> r.exact().contains(" lb") && !r.exact().contains(" The room has "))
                        .map(Reason::exact))
                .isNotEmpty()
                .noneMatch(words -> words.contains(" kg"));
    }

    @Test
    void what_would_help_is_proposed_in_the_unit_of_the_room() {
        assertThat(Things.missingIn(People.IN_POUNDS).stream()
                        .map(Things.Thing::words)
                        .filter(words -> words.contains("dumbbells")))
                .startsWith("a pair of 1 lb dumbbells", "a pair of 4 lb dumbbells")
                .noneMatch(words -> words.contains(" 5 lb") || words.contains("kg"));
    }

    @Test
    void only_what_has_a_stamp_is_in_pounds() {
        assertThatThrownBy(() -> new Equipment(
                        List.of(),
                        null,
                        null,
                        null,
                        null,
                        List.of(),
                        Set.of(),
                        null,
                        null,
                        null,
                        null,
                        Set.of("chair")))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("'chair' is not one of dumbbells, handle, straight bar");
    }

    @Test
    void a_load_says_another_mass_in_its_own_unit() {
        Load fifteen = Load.ofPounds(15);
        assertThat(fifteen.inItsUnit(5)).isEqualTo("11 lb");
        assertThat(Load.ofKg(6).inItsUnit(5.04)).isEqualTo("5 kg");
        assertThat(fifteen.ofItsKind(fifteen.kg() * 0.9).label()).isEqualTo("13.5 lb");
        assertThat(new Load(4, "green band").calledByWeight()).isFalse();
    }
}

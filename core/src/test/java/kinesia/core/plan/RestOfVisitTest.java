package kinesia.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Place;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.response.Changes;
import kinesia.core.response.RestOfVisit.Hurt;
import kinesia.core.response.RestOfVisit.Rest;
import kinesia.core.screening.PainScore;
import org.junit.jupiter.api.Test;

/** A place that hurts in a visit is spared for the rest of it, and what does not load it stays (RULES 6). */
class RestOfVisitTest {
    private static final double SPARED_EFFORT = 6;

    @Test
    void what_loads_the_place_is_done_at_effort_six_and_nothing_else_changes() {
        for (Course.Who who : PrintVisits.people()) {
            Course.Visit visit = PrintRest.fourth(who);
            Hurt hurt = PrintRest.hurt(visit, 4);
            Optional<Rest> rest = PrintRest.after(visit, hurt);
            Plan plan = rest.map(Rest::plan).orElse(visit.result().plan());
            for (Slot slot : plan.mainSlots()) {
                boolean begun = slot.exerciseKey().equals(hurt.exerciseKey());
                Optional<Slot> before = find(visit.result().plan(), slot.exerciseKey());
                if (begun || !slot.loads(hurt.place().site())) {
                    assertThat(before).as(who.name() + ": " + slot.name()).contains(slot);
                } else if (slot.sides().isEmpty() || slot.sides().containsKey(Side.LEFT)) {
                    assertThat(slot.of(Side.LEFT).targetEffort().value())
                            .as(who.name() + ": " + slot.name())
                            .isLessThanOrEqualTo(SPARED_EFFORT);
                }
            }
        }
    }

    @Test
    void pain_that_ends_an_exercise_takes_two_fifths_of_the_sets_that_load_the_place() {
        for (Course.Who who : PrintVisits.people()) {
            Course.Visit visit = PrintRest.fourth(who);
            Hurt hurt = PrintRest.hurt(visit, 6);
            int before = loading(visit.result().plan(), hurt);
            Optional<Rest> rest = PrintRest.after(visit, hurt);
            assertThat(rest.isPresent()).as(who.name()).isEqualTo(before > 0);
            rest.ifPresent(r -> assertThat(loading(r.plan(), hurt))
                    .as(who.name() + " from " + before)
                    .isLessThanOrEqualTo(before - Math.max(1, (int) (0.4 * before))));
        }
    }

    private static int loading(Plan plan, Hurt hurt) {
        return plan.mainSlots().stream()
                .filter(s -> !s.exerciseKey().equals(hurt.exerciseKey())
                        && s.loads(hurt.place().site()))
                .mapToInt(Slot::sets)
                .sum();
    }

    @Test
    void every_change_names_the_place_or_why_an_exercise_is_not_for_it() {
        for (Course.Who who : PrintVisits.people()) {
            Course.Visit visit = PrintRest.fourth(who);
            Hurt hurt = PrintRest.hurt(visit, 4);
            List<Changes.Change> changes =
                    PrintRest.after(visit, hurt).map(Rest::changes).orElse(List.of());
            assertThat(changes.stream()
                            .filter(c -> c.kind() == Changes.Kind.EFFORT || c.kind() == Changes.Kind.SETS)
                            .map(c -> c.reason().exact())
                            .collect(Collectors.toSet()))
                    .as(who.name())
                    .allMatch(said -> said.contains(hurt.place().words()));
        }
    }

    @Test
    void after_the_last_exercise_has_begun_nothing_is_left_to_change() {
        Course.Visit visit = PrintRest.fourth(PrintVisits.people().get(0));
        Plan plan = visit.result().plan();
        Slot last = plan.mainSlots().get(plan.mainSlots().size() - 1);
        Hurt hurt = new Hurt(
                new Place(kinesia.core.exercise.Site.WRIST, Side.LEFT),
                PainScore.of(4),
                last.exerciseKey(),
                false,
                false);
        assertThat(PrintRest.after(
                        visit,
                        hurt,
                        plan.mainSlots().stream().map(Slot::exerciseKey).collect(Collectors.toSet())))
                .isEmpty();
    }

    private static Optional<Slot> find(Plan plan, String key) {
        return plan.slots().stream().filter(s -> s.exerciseKey().equals(key)).findFirst();
    }
}

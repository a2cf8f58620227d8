package kinesia.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Objects;
import java.util.Set;
import kinesia.core.RuleFiles;
import kinesia.core.arm.Side;
import kinesia.core.dose.Equipment;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Site;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.plan.WhatIf.Difference;
import kinesia.core.plan.WhatIf.Kind;
import kinesia.core.screening.PainScore;
import org.junit.jupiter.api.Test;

/** What would change a plan is what the planner answers when it is asked for that. */
class WhatIfTest {
    private static final Planner PLANNER = new Planner(RuleFiles.model(), RuleFiles.methods(), RuleFiles.careWork());
    private static final Equipment JUGS = new Equipment(
            List.of(),
            null,
            null,
            null,
            null,
            List.of(),
            Set.of("chair"),
            List.of(new Equipment.HouseholdObject("jug", 3.8)));

    private static Plan plan(PlanRequest request) {
        return Objects.requireNonNull(PLANNER.plan(request).plan());
    }

    private static List<Difference> answers(PlanRequest request, Kind kind) {
        return new WhatIf(PLANNER)
                .of(request, PLANNER.plan(request).plan()).stream()
                        .filter(a -> a.kind() == kind)
                        .toList();
    }

    private static long sets(Plan plan, Head.Group group) {
        return plan.mainSlots().stream()
                .filter(s -> s.group() == group)
                .mapToInt(Slot::sets)
                .sum();
    }

    @Test
    void ten_more_minutes_are_what_the_longer_visit_has() {
        for (int minutes : new int[] {12, 20, 30, 45, 110}) {
            PlanRequest request = People.well(People.GYM, minutes, 6);
            Plan longer = plan(request.lasting(minutes + 10));
            Plan now = plan(request);
            Difference answer = answers(request, Kind.MINUTES).get(0);
            if (sets(now, Head.Group.FLEXORS) != sets(longer, Head.Group.FLEXORS)) {
                assertThat(answer.then()).contains(sets(longer, Head.Group.FLEXORS) + " sets for the front");
            }
            boolean same = longer.mainSlots().equals(now.mainSlots());
            if (same) {
                assertThat(answer.same()).as("%d minutes", minutes).isTrue();
            }
        }
        assertThat(answers(People.well(People.GYM, 115, 6), Kind.MINUTES)).isEmpty();
    }

    @Test
    void a_cleared_place_has_none_of_its_limits() {
        List<SoreSite> sore = List.of(new SoreSite(Site.FRONT_OF_SHOULDER, Side.RIGHT, PainScore.of(3)));
        PlanRequest request = People.request(
                People.GYM,
                40,
                6,
                People.limitsOf(Site.FRONT_OF_SHOULDER, Side.RIGHT, "pressing"),
                sore,
                People.history());
        Difference cleared = answers(request, Kind.CLEARED).get(0);
        assertThat(cleared.change()).isEqualTo("The right front of shoulder cleared");
        Plan free = plan(request.sore(List.of(), List.of()).within(List.of()));
        for (Slot slot : free.mainSlots()) {
            boolean joins = plan(request).mainSlots().stream()
                    .noneMatch(s -> s.exerciseKey().equals(slot.exerciseKey()));
            if (joins && free.mainSlots().size() <= 3) {
                assertThat(cleared.then()).contains(slot.name());
            }
        }
        assertThat(answers(request, Kind.PAIN))
                .extracting(Difference::change)
                .containsExactly("One point less pain at the right front of shoulder");
    }

    @Test
    void what_a_place_lacks_is_named_where_it_would_change_the_session() {
        List<Difference> things = answers(People.well(JUGS, 40, 6), Kind.EQUIPMENT);
        assertThat(things).hasSize(3).noneMatch(Difference::same);
        assertThat(things).extracting(Difference::change).contains("A cable stack");
    }

    @Test
    void a_refused_session_says_what_would_make_one() {
        PlanRequest bands = People.well(JUGS, 40, 6)
                .by(RuleFiles.methods().find("bands-only").orElseThrow());
        assertThat(PLANNER.plan(bands).plan()).isNull();
        assertThat(answers(bands, Kind.EQUIPMENT))
                .anySatisfy(a -> assertThat(a.then()).startsWith("A session of"));
        assertThat(answers(bands, Kind.MINUTES).get(0).then()).isEqualTo("There would still be no session.");
    }
}

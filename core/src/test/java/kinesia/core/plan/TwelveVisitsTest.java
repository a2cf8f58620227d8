package kinesia.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import kinesia.core.RuleFiles;
import kinesia.core.arm.Sex;
import kinesia.core.dose.TrainingStory;
import kinesia.core.exercise.Body;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.response.NextRequest.Trainee;
import kinesia.core.response.SoreNow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Twelve visits, one planned from the other, all of which go well: something moves on, and nobody is hurried (house rules). */
class TwelveVisitsTest {
    private static final int VISITS = 12;

    static Stream<Method> methods() {
        return Stream.concat(RuleFiles.methods().all().stream(), Stream.of(Methods.open()));
    }

    private static Course.Who who(Method method) {
        return new Course.Who(
                method.key(),
                new Trainee(
                        new Body(Sex.MALE, 1.76, 80),
                        58,
                        new TrainingStory(60, false, true),
                        TrainingWeek.of(Goal.ARM_SIZE, 2),
                        new SoreNow.Screened(List.of(), List.of(), People.DAY),
                        Set.of()),
                People.GYM,
                method,
                // Stronger than anything asked: what holds still is held by a rule, not by the arm.
                1.8,
                0.03);
    }

    @ParameterizedTest
    @MethodSource("methods")
    void something_moves_on_at_least_at_every_third_visit(Method method) {
        List<Course.Visit> visits = new Course(who(method), 40).visits(VISITS);
        int still = 0;
        List<String> told = new ArrayList<>();
        for (int v = 1; v < VISITS; v++) {
            Course.Visit visit = visits.get(v);
            assertThat(visit.result().plan())
                    .as(method.key() + " at visit " + (v + 1) + ": "
                            + visit.result().refusals())
                    .isNotNull();
            List<String> moves = Moves.between(visits.subList(0, v), visit);
            told.add((v + 1) + ": " + moves);
            still = moves.isEmpty() ? still + 1 : 0;
            assertThat(still).as(method.key() + " " + told).isLessThan(3);
        }
    }

    @Test
    void nobody_frail_doubles_a_load_from_one_visit_to_the_next() {
        Course.Who frail = PrintVisits.people().stream()
                .filter(w -> w.name().startsWith("frail"))
                .findFirst()
                .orElseThrow();
        for (int minutes : PrintVisits.MINUTES) {
            Map<String, Double> last = new HashMap<>();
            for (Course.Visit visit : new Course(frail, minutes).visits(VISITS)) {
                for (Slot slot : visit.result().plan().slots()) {
                    Double before = last.put(slot.exerciseKey(), slot.load().kg());
                    if (before != null && !slot.trial()) {
                        assertThat(slot.load().kg())
                                .as(slot.name() + " on " + visit.request().visitOn())
                                .isLessThan(2 * before);
                    }
                }
            }
        }
    }
}

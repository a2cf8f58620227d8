package kinesia.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.NavigableMap;
import java.util.TreeMap;
import kinesia.core.RuleFiles;
import kinesia.core.arm.Side;
import kinesia.core.dose.Effort;
import kinesia.core.dose.Load;
import kinesia.core.dose.LoggedSet;
import kinesia.core.dose.TrainingStory;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Site;
import kinesia.core.exercise.Traits.Rung;
import kinesia.core.screening.PainScore;
import org.junit.jupiter.api.Test;

class LadderTest {
    private static final ExerciseModel MODEL = RuleFiles.model();
    private static final Planner PLANNER = new Planner(MODEL, RuleFiles.methods());

    private static LoggedSet set(int daysAgo, String key, int reps, double effort) {
        return new LoggedSet(
                People.DAY.minusDays(daysAgo),
                key,
                null,
                1,
                Load.ofKg(20),
                reps,
                Effort.of(effort),
                PainScore.NONE,
                null,
                null);
    }

    private static NavigableMap<Rung, Double> rungs(Rung... here) {
        NavigableMap<Rung, Double> shares = new TreeMap<>();
        for (Exercise exercise : MODEL.catalogue().all()) {
            Rung rung = exercise.traits().rung();
            if (rung != null && List.of(here).contains(rung)) {
                shares.merge(rung, exercise.bodyWeightShare(), Math::min);
            }
        }
        return shares;
    }

    private static Rung after(LoggedSet... sets) {
        return Ladder.of(
                        People.request(People.GYM, 40, 6, List.of(), List.of(), List.of(sets)),
                        MODEL.catalogue(),
                        rungs(Rung.values()),
                        false)
                .rung();
    }

    @Test
    void it_climbs_after_two_sessions_of_fifteen_and_goes_back_under_six() {
        assertThat(after(set(6, "counter-push-up", 15, 7), set(3, "counter-push-up", 16, 6.5)))
                .isEqualTo(Rung.TABLE);
        assertThat(after(set(6, "counter-push-up", 14, 7), set(3, "counter-push-up", 16, 6.5)))
                .isEqualTo(Rung.COUNTER);
        assertThat(after(set(6, "counter-push-up", 15, 7), set(3, "counter-push-up", 16, 8)))
                .as("too hard")
                .isEqualTo(Rung.COUNTER);
        assertThat(after(set(3, "table-push-up", 5, 9))).isEqualTo(Rung.COUNTER);
        assertThat(after(set(3, "wall-push-up", 4, 9))).isEqualTo(Rung.WALL);
        assertThat(after(set(6, "floor-push-up", 20, 6), set(3, "floor-push-up", 20, 6)))
                .isEqualTo(Rung.FLOOR);
    }

    private static Ladder.Step ready(NavigableMap<Rung, Double> here, String key) {
        List<LoggedSet> sets = List.of(set(6, key, 16, 6), set(3, key, 16, 6));
        return Ladder.of(People.request(People.GYM, 40, 6, List.of(), List.of(), sets), MODEL.catalogue(), here, false);
    }

    @Test
    void a_rung_that_is_not_here_is_passed_over_unless_that_is_a_jump() {
        assertThat(ready(rungs(Rung.WALL, Rung.TABLE, Rung.KNEES), "table-push-up")
                        .rung())
                .isEqualTo(Rung.KNEES);
        assertThat(ready(rungs(Rung.values()), "table-push-up").rung())
                .as("a low bench puts half as much again on the hands, the knees a little less")
                .isEqualTo(Rung.KNEES);
        Ladder.Step stays = ready(rungs(Rung.WALL, Rung.KNEES, Rung.FLOOR), "wall-push-up");
        assertThat(stays.rung()).isEqualTo(Rung.WALL);
        assertThat(stays.reason().exact()).contains("the knees", "more than half as much again");
        assertThat(ready(rungs(Rung.WALL), "wall-push-up").rung()).isEqualTo(Rung.WALL);
        LoggedSet five = set(3, "knee-push-up", 5, 9);
        assertThat(Ladder.of(
                                People.request(People.GYM, 40, 6, List.of(), List.of(), List.of(five)),
                                MODEL.catalogue(),
                                rungs(Rung.WALL, Rung.KNEES),
                                false)
                        .rung())
                .isEqualTo(Rung.WALL);
    }

    @Test
    void the_first_rung_is_the_wall_when_new_frail_or_sore_where_it_loads_else_the_counter() {
        PlanRequest well = People.well(People.GYM, 40, 6);
        assertThat(Ladder.of(well, MODEL.catalogue(), rungs(Rung.values()), false)
                        .rung())
                .isEqualTo(Rung.COUNTER);
        assertThat(Ladder.of(well, MODEL.catalogue(), rungs(Rung.values()), true)
                        .rung())
                .isEqualTo(Rung.WALL);
        assertThat(Ladder.of(known(new TrainingStory(3, false, true)), MODEL.catalogue(), rungs(Rung.values()), false)
                        .rung())
                .isEqualTo(Rung.WALL);
        assertThat(Ladder.of(
                                known(new TrainingStory(300, false, false)),
                                MODEL.catalogue(),
                                rungs(Rung.values()),
                                false)
                        .rung())
                .isEqualTo(Rung.WALL);
    }

    private static PlanRequest known(TrainingStory story) {
        PlanRequest well = People.well(People.GYM, 40, 6);
        return new PlanRequest(
                well.body(),
                well.age(),
                well.visitOn(),
                well.minutes(),
                well.equipment(),
                well.limits(),
                well.soreSites(),
                well.dislikes(),
                new PlanRequest.Known(story, List.of(), People.DAY),
                well.carryovers(),
                well.inBlock(),
                well.leftOut(),
                well.budget(),
                well.rest(),
                well.door(),
                null,
                false);
    }

    /** Whatever way of working: push-ups stand on the client's own rung, or an easier one where that is not here. */
    @Test
    void no_plan_leans_further_than_the_rung() {
        List<SoreSite> sore = List.of(new SoreSite(Site.WRIST, Side.RIGHT, PainScore.of(3)));
        for (Method method : RuleFiles.methods().all()) {
            for (List<SoreSite> places : List.of(List.<SoreSite>of(), sore)) {
                PlanRequest request = People.request(People.GYM, 60, 9, List.of(), places, People.history())
                        .by(method);
                Plan plan = PLANNER.plan(request).plan();
                List<Rung> rungs = new ArrayList<>();
                if (plan != null) {
                    plan.slots().stream()
                            .map(s -> MODEL.catalogue()
                                    .get(s.exerciseKey())
                                    .traits()
                                    .rung())
                            .filter(r -> r != null)
                            .forEach(rungs::add);
                }
                assertThat(rungs).as(method.key()).allMatch(r -> r.compareTo(Rung.COUNTER) <= 0);
            }
        }
    }
}

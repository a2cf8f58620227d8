package kinesia.dose;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.ExampleObject;
import java.util.Arrays;
import java.util.List;
import kinesia.core.arm.Sex;
import kinesia.core.arm.Side;
import kinesia.core.dose.Effort;
import kinesia.core.dose.Equipment;
import kinesia.core.dose.Load;
import kinesia.core.dose.LoggedSet;
import kinesia.core.dose.OneRepMax;
import kinesia.core.dose.Progression;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.reason.InvalidValue;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.PainScore;
import kinesia.shared.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The arithmetic of loads, stateless. */
@RestController
class DoseController {
    private static final String SOMEBODY = "\"sex\": \"FEMALE\", \"statureM\": 1.66, \"bodyMassKg\": 68";
    private static final String ROOM =
            "\"equipment\": {\"dumbbellsKg\": [4, 5, 6], \"bands\": [], \"furniture\": [\"chair\"]}";

    private final ExerciseModel model;

    DoseController(ExerciseModel model) {
        this.model = model;
    }

    /**
     * A set to estimate from.
     *
     * @param reps 1 to 30
     * @param formula the one to show first; Epley when missing
     */
    record EstimateAsk(double loadKg, int reps, Effort effort, OneRepMax.@Nullable Formula formula) {}

    record FormulaEstimate(OneRepMax.Formula formula, double kg) {}

    /**
     * Estimated one-repetition maximum, always as a range over the formulas.
     *
     * @param lowKg missing, like the others, when the set tells too little
     * @param rough more than ten repetitions to failure
     */
    record Estimate(
            @Nullable Double lowKg,
            @Nullable Double chosenKg,
            @Nullable Double highKg,
            boolean rough,
            List<FormulaEstimate> formulas,
            Reason reason) {}

    @Operation(
            summary = "Estimated one-repetition maximum",
            description = "From load, repetitions and effort. A number only from effort 7 up and to 15 repetitions to"
                    + " failure; never a maximum test.",
            requestBody =
                    @io.swagger.v3.oas.annotations.parameters.RequestBody(
                            content =
                                    @Content(
                                            examples =
                                                    @ExampleObject(
                                                            value = "{\"loadKg\": 10, \"reps\": 8, \"effort\": 8}"))))
    @PostMapping("/api/dose/estimate")
    Estimate estimate(@RequestBody EstimateAsk ask) {
        Load.ofKg(ask.loadKg());
        OneRepMax.Formula chosen = ask.formula() == null ? OneRepMax.Formula.EPLEY : ask.formula();
        OneRepMax.Range range =
                OneRepMax.range(ask.loadKg(), ask.reps(), ask.effort()).orElse(null);
        if (range == null) {
            return new Estimate(
                    null,
                    null,
                    null,
                    false,
                    List.of(),
                    reason("Too little is known from this set: a number"
                            + " needs an effort of 7 or more and at most 15 repetitions to failure."));
        }
        double toFailure = ask.reps() + ask.effort().repsInReserve();
        return new Estimate(
                range.lowKg(),
                chosen.estimate(ask.loadKg(), toFailure),
                range.highKg(),
                range.rough(),
                Arrays.stream(OneRepMax.Formula.values())
                        .map(f -> new FormulaEstimate(f, f.estimate(ask.loadKg(), toFailure)))
                        .toList(),
                reason(ask.reps() + " repetitions and " + ask.effort().repsInReserve() + " in reserve make " + toFailure
                        + " to failure; the formulas differ, so a range is shown."));
    }

    private static Reason reason(String exact) {
        return Reason.of(
                "DOSE-estimate",
                Tag.PUB,
                "effort 7 or more, up to 15 repetitions to failure; rough above 10",
                exact,
                "An estimate, not a test.");
    }

    /** One set as it was done. */
    record DoneSet(int reps, Effort effort) {}

    /** One session of the exercise; {@code lowering} in seconds, missing for the usual; {@code go} when nothing hurt more than it should. */
    record DoneSession(
            List<DoneSet> sets,
            Exercise.RepRange reps,
            @Nullable Integer lowering,
            Effort target,
            boolean go) {
        Progression.Session session(String key, Load load) {
            List<LoggedSet> logged = new java.util.ArrayList<>();
            for (DoneSet set : sets) {
                logged.add(new LoggedSet(
                        java.time.LocalDate.EPOCH,
                        key,
                        null,
                        Math.min(20, logged.size() + 1),
                        load,
                        set.reps(),
                        set.effort(),
                        PainScore.NONE,
                        null,
                        (Side) null));
            }
            return new Progression.Session(logged, reps, lowering == null ? 0 : lowering, target, go);
        }
    }

    /**
     * @param mostReps the highest repetitions a limit allows; 30 when missing
     * @param usual the range that the load belongs to; what was aimed at last when missing
     * @param limited whether it loads a place that is sore or limited; no when missing
     * @param bestKg the most it was done with before; this load when missing
     * @param rule what earns a step; the house's own when missing
     */
    record NextLoadAsk(
            Sex sex,
            double statureM,
            double bodyMassKg,
            String exerciseKey,
            Equipment equipment,
            double loadKg,
            DoneSession previous,
            DoneSession last,
            @Nullable Integer mostReps,
            Exercise.@Nullable RepRange usual,
            @Nullable Boolean limited,
            @Nullable Double bestKg,
            Progression.@Nullable Rule rule) {}

    /**
     * @param changes whether load, repetitions or lowering change
     * @param lowering seconds while a big step is bridged; 0 for the usual
     */
    record NextLoad(boolean changes, Load load, Exercise.RepRange reps, int lowering, Reason reason) {}

    @Operation(
            summary = "What two sessions have earned",
            description =
                    "The smallest step of 2 to 10 %, bridged with repetitions, then slower lowering, where the place's step is bigger.",
            requestBody =
                    @io.swagger.v3.oas.annotations.parameters.RequestBody(
                            content =
                                    @Content(
                                            examples =
                                                    @ExampleObject(
                                                            value = "{" + SOMEBODY
                                                                    + ", \"exerciseKey\": \"seated-curl\", " + ROOM
                                                                    + ", \"loadKg\": 5, \"previous\": {\"sets\": [{\"reps\":"
                                                                    + " 12, \"effort\": 7}], \"reps\": {\"low\": 8,"
                                                                    + " \"high\": 12}, \"target\": 7.5, \"go\": true},"
                                                                    + " \"last\": {\"sets\": [{\"reps\": 12, \"effort\":"
                                                                    + " 7}], \"reps\": {\"low\": 8, \"high\": 12},"
                                                                    + " \"target\": 7.5, \"go\": true}}"))))
    @PostMapping("/api/dose/next-load")
    NextLoad nextLoad(@RequestBody NextLoadAsk ask) {
        Exercise exercise = exercise(ask.exerciseKey());
        ReachableLoads loads = loads(ask.equipment(), exercise, new Body(ask.sex(), ask.statureM(), ask.bodyMassKg()));
        Load load = loads.atMost(ask.loadKg())
                .orElseThrow(() -> new InvalidValue(
                        "loadKg",
                        "is under the lightest load here, " + loads.lightest().label()));
        int most = ask.mostReps() == null ? 30 : ask.mostReps();
        return Progression.next(
                        ask.previous().session(exercise.key(), load),
                        ask.last().session(exercise.key(), load),
                        new Progression.What(
                                load,
                                usual(ask, exercise),
                                most,
                                exercise.tempo(),
                                true,
                                loads,
                                Boolean.TRUE.equals(ask.limited()),
                                ask.bestKg() == null ? load.kg() : ask.bestKg(),
                                ask.rule() == null ? Progression.Rule.TWICE_AT_THE_TOP : ask.rule()))
                .map(s -> new NextLoad(!s.end(), s.load(), s.reps(), s.lowering(), s.reason()))
                .orElseGet(() -> new NextLoad(
                        false,
                        load,
                        ask.last().reps(),
                        0,
                        Reason.of(
                                "PROGRESS-not-yet",
                                Tag.HOUSE,
                                "two sessions running at the top of the range at or under target, both go",
                                "Not yet two sessions running at the top of the range at or under the target effort with go:"
                                        + " the load stays.",
                                "The same again; it is not time for more.")));
    }

    /** The range that the load belongs to: what was aimed at, or the exercise's own once that was bridged past it. */
    private static Exercise.RepRange usual(NextLoadAsk ask, Exercise exercise) {
        if (ask.usual() != null) {
            return ask.usual();
        }
        return ask.last().reps().high() <= exercise.reps().high() ? ask.last().reps() : exercise.reps();
    }

    record LoadsAsk(Sex sex, double statureM, double bodyMassKg, String exerciseKey, Equipment equipment) {}

    /** @param smallestStepPercent between neighbours; missing with fewer than two loads */
    record LoadsAnswer(
            List<Load> loads,
            List<String> missing,
            @Nullable Double smallestStepPercent) {}

    @Operation(
            summary = "Every load a place can give an exercise",
            description =
                    "Symmetric plates, stack steps with add-on, band combinations with wraps and foot marks, household"
                            + " objects; lightest first.",
            requestBody =
                    @io.swagger.v3.oas.annotations.parameters.RequestBody(
                            content =
                                    @Content(
                                            examples =
                                                    @ExampleObject(
                                                            value = "{" + SOMEBODY
                                                                    + ", \"exerciseKey\": \"seated-curl\", " + ROOM
                                                                    + "}"))))
    @PostMapping("/api/dose/reachable-loads")
    LoadsAnswer reachableLoads(@RequestBody LoadsAsk ask) {
        Exercise exercise = exercise(ask.exerciseKey());
        ReachableLoads loads =
                ReachableLoads.of(ask.equipment(), exercise, new Body(ask.sex(), ask.statureM(), ask.bodyMassKg()));
        Double step = null;
        for (int i = 1; i < loads.loads().size(); i++) {
            double below = loads.loads().get(i - 1).kg();
            double percent =
                    below == 0 ? Double.MAX_VALUE : 100 * (loads.loads().get(i).kg() / below - 1);
            step = step == null ? percent : Math.min(step, percent);
        }
        return new LoadsAnswer(loads.loads(), ReachableLoads.missingFor(ask.equipment(), exercise), step);
    }

    private Exercise exercise(String key) {
        return model.catalogue()
                .find(key)
                .orElseThrow(() -> Problem.invalid(
                        List.of(new Problem.Field("exerciseKey", "'" + key + "' is no exercise of the catalogue"))));
    }

    private static ReachableLoads loads(Equipment equipment, Exercise exercise, Body body) {
        ReachableLoads loads = ReachableLoads.of(equipment, exercise, body);
        if (loads.isEmpty()) {
            throw Problem.invalid(List.of(new Problem.Field(
                    "equipment",
                    "has no load for it; missing "
                            + String.join(", ", ReachableLoads.missingFor(equipment, exercise)))));
        }
        return loads;
    }
}

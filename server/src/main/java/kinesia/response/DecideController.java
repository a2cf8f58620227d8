package kinesia.response;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.ExampleObject;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import kinesia.core.arm.Sex;
import kinesia.core.arm.Side;
import kinesia.core.dose.ClientStrength;
import kinesia.core.dose.Effort;
import kinesia.core.dose.Equipment;
import kinesia.core.dose.Load;
import kinesia.core.dose.LoggedSet;
import kinesia.core.dose.Person;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.dose.RestAndTime;
import kinesia.core.dose.TrainingStory;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.ElbowStrength;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Place;
import kinesia.core.exercise.Site;
import kinesia.core.plan.Door;
import kinesia.core.plan.Goal;
import kinesia.core.plan.Method;
import kinesia.core.plan.Methods;
import kinesia.core.plan.Plan;
import kinesia.core.plan.PlanRequest;
import kinesia.core.plan.SoreSite;
import kinesia.core.plan.TrainingWeek;
import kinesia.core.reason.Reason;
import kinesia.core.response.Decisions;
import kinesia.core.response.LearnedPlace;
import kinesia.core.response.Morning;
import kinesia.core.response.NextRequest;
import kinesia.core.response.Planned;
import kinesia.core.response.RoomEvidence;
import kinesia.core.response.SessionRecord;
import kinesia.core.response.SitePain;
import kinesia.core.response.SiteSignal;
import kinesia.core.response.SoreNow;
import kinesia.core.screening.Limit;
import kinesia.core.screening.PainScore;
import kinesia.core.screening.ScreeningRules;
import kinesia.shared.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What a record says and decides, from facts alone. */
@RestController
class DecideController {
    static final String EXAMPLE = """
            {"facts": {"sex": "FEMALE", "statureM": 1.66, "bodyMassKg": 68, "age": 62, "goal": "FUNCTION", "visitsPerWeek": 2,
              "story": {"visits": 60, "trainedBefore": false, "risesWithoutHands": true},
              "equipment": {"dumbbellsKg": [3, 4, 4.25, 5], "bands": [], "furniture": ["chair", "flat bench", "mat"]},
              "soreSites": [{"site": "BACK_OF_ELBOW", "side": "RIGHT", "usual": 2}]},
             "visits": [
              {"on": "2026-03-02",
               "slots": [{"exerciseKey": "lying-extension", "sets": 2, "reps": {"low": 8, "high": 12}, "loadKg": 4, "effort": 7.5}],
               "sets": [{"exerciseKey": "lying-extension", "loadKg": 4, "reps": 12, "effort": 7, "pain": 1, "painSite": "BACK_OF_ELBOW", "painSide": "RIGHT"},
                        {"exerciseKey": "lying-extension", "loadKg": 4, "reps": 12, "effort": 7.5, "pain": 1, "painSite": "BACK_OF_ELBOW", "painSide": "RIGHT"}],
               "morning": {"sites": [{"site": "BACK_OF_ELBOW", "side": "RIGHT", "pain": 5}], "muscleSoreness": 2}}],
             "on": "2026-03-05",
             "door": [{"site": "BACK_OF_ELBOW", "side": "RIGHT", "pain": 3}]}""";

    private final ExerciseModel model;
    private final ScreeningRules screening;

    DecideController(ExerciseModel model, ScreeningRules screening) {
        this.model = model;
        this.screening = screening;
    }

    /**
     * Who it is. What is missing was not said.
     *
     * @param soreSites each with its usual pain
     * @param screenedOn the day these were asked; missing before all visits
     */
    record DecideFacts(
            Sex sex,
            double statureM,
            double bodyMassKg,
            int age,
            @Nullable Goal goal,
            @Nullable Integer visitsPerWeek,
            @Nullable List<DayOfWeek> days,
            @Nullable List<TrainingWeek.OtherTraining> elsewhere,
            @Nullable List<LocalDate> events,
            @Nullable TrainingStory story,
            Equipment equipment,
            @Nullable List<Limit> limits,
            @Nullable List<SoreSite> soreSites,
            @Nullable LocalDate screenedOn) {}

    /**
     * One exercise as it was planned.
     *
     * @param setReps repetitions set by set; missing when all are alike
     * @param usual the range that the load belongs to; {@code reps} when missing
     */
    record PlannedSlot(
            String exerciseKey,
            int sets,
            Exercise.RepRange reps,
            Exercise.@Nullable RepRange usual,
            @Nullable List<Integer> setReps,
            double loadKg,
            Effort effort,
            @Nullable Boolean trial,
            Exercise.@Nullable Tempo tempo) {}

    /** One set as it was done; {@code side} missing when both arms worked together, {@code effort} and {@code pain} when nobody said. */
    record DoneSetSaid(
            String exerciseKey,
            @Nullable Side side,
            double loadKg,
            int reps,
            @Nullable Effort effort,
            @Nullable PainScore pain,
            @Nullable Site painSite,
            @Nullable Side painSide) {}

    /**
     * The morning after.
     *
     * @param on the day it was said; the day after the visit where missing
     * @param soreSide the arm that alone is sore; missing for both alike
     */
    record MorningSaid(
            @Nullable LocalDate on,
            @Nullable List<SitePain> sites,
            @Nullable Integer muscleSoreness,
            Head.@Nullable Group soreMuscle,
            @Nullable Side soreSide,
            @Nullable Boolean sharp,
            @Nullable Boolean tinglingStays) {}

    /**
     * One visit, with the trainer or at home.
     *
     * @param door pain said at its door, before anything was lifted; it closes the visit before
     * @param rightAfter pain said after the last set
     */
    record PastVisit(
            LocalDate on,
            @Nullable Boolean atHome,
            @Nullable Integer restSeconds,
            List<PlannedSlot> slots,
            List<DoneSetSaid> sets,
            @Nullable List<SitePain> door,
            @Nullable List<SitePain> rightAfter,
            @Nullable MorningSaid morning) {}

    /**
     * @param door pain said at the door on the day, which closes the last visit
     * @param planned what is to be done on the day, for the forecast; missing for what was planned last
     */
    record DecideAsk(
            DecideFacts facts,
            List<PastVisit> visits,
            LocalDate on,
            @Nullable List<SitePain> door,
            @Nullable List<PlannedSlot> planned) {}

    /** A place, and what is said of it. */
    record PlaceSaid(Site site, Side side, Reason reason) {
        private static List<PlaceSaid> of(Map<Place, Reason> places) {
            return places.entrySet().stream()
                    .map(e -> new PlaceSaid(e.getKey().site(), e.getKey().side(), e.getValue()))
                    .toList();
        }
    }

    record VisitSignals(LocalDate on, List<SiteSignal> signals) {}

    /** @param rested places that were referred; {@code askAbout} places with new pain */
    record NextHolds(
            LocalDate on,
            Map<Head.Group, PlanRequest.SetBudget> sets,
            int restSeconds,
            boolean lighter,
            boolean returning,
            List<PlaceSaid> rested,
            List<PlaceSaid> askAbout,
            List<Limit> limits) {}

    /** @param learned what each sore place takes, what each exercise asks of it and how it will answer, with counts */
    record DecideAnswer(
            List<VisitSignals> visits,
            List<Decisions.Decision> decisions,
            NextHolds next,
            List<LearnedPlace> learned) {}

    /** Signals per visit and place, decisions per exercise, what the next visit may hold, and what was learned of each place. */
    @Operation(
            summary = "What a record says and decides",
            description =
                    "How each place answered each visit (go, same, ease, refer, waiting), what each exercise starts from,"
                            + " what the next visit may hold, and of each sore place what it takes, what each exercise asks of it"
                            + " and how it will answer the next visit, with counts. Said apart from unsaid: what is missing is never filled in."
                            + " Stateless: nothing is stored.",
            requestBody =
                    @io.swagger.v3.oas.annotations.parameters.RequestBody(
                            content =
                                    @Content(
                                            examples =
                                                    @ExampleObject(
                                                            name = "a morning three over usual",
                                                            value = EXAMPLE))))
    @PostMapping("/api/response/decide")
    DecideAnswer decide(@RequestBody DecideAsk ask) {
        DecideFacts facts = ask.facts();
        Body body = new Body(facts.sex(), facts.statureM(), facts.bodyMassKg());
        TrainingStory story = facts.story() == null ? new TrainingStory(0, false, true) : facts.story();
        List<SoreSite> sore = given(facts.soreSites());
        Records said = new Records(body, facts, story, sore);
        List<SessionRecord> records = said.of(ask);
        Plan planned = said.planned(ask, records);
        NextRequest.Prepared prepared = NextRequest.of(
                new NextRequest.Trainee(
                        body,
                        facts.age(),
                        story,
                        week(facts),
                        new SoreNow.Screened(sore, given(facts.limits()), facts.screenedOn()),
                        Set.of()),
                new NextRequest.Room(model, facts.equipment(), List.of(), Map.of()),
                new NextRequest.Booking(
                        ask.on(), PlanRequest.LONGEST_MINUTES, Door.quiet(), Methods.open(), PlanRequest.Wishes.NONE),
                screening,
                records);
        Decisions decided = Decisions.of(prepared, records);
        Decisions.Next next = decided.next();
        return new DecideAnswer(
                decided.visits().stream()
                        .map(v -> new VisitSignals(v.on(), v.signals()))
                        .toList(),
                decided.exercises(),
                new NextHolds(
                        next.on(),
                        next.sets(),
                        next.restSeconds(),
                        next.lighter(),
                        next.returning(),
                        PlaceSaid.of(next.rested()),
                        PlaceSaid.of(next.askAbout()),
                        next.limits()),
                LearnedPlace.of(model.catalogue(), prepared.places().soreSites(), records, RoomEvidence.NONE, planned));
    }

    private static <T> List<T> given(@Nullable List<T> list) {
        return list == null ? List.of() : list;
    }

    private static TrainingWeek week(DecideFacts facts) {
        List<TrainingWeek.OtherTraining> elsewhere = given(facts.elsewhere());
        return new TrainingWeek(
                facts.goal() == null ? Goal.FUNCTION : facts.goal(),
                facts.visitsPerWeek() == null ? 2 : facts.visitsPerWeek(),
                Set.copyOf(given(facts.days())),
                Set.of(),
                !elsewhere.isEmpty(),
                elsewhere,
                given(facts.events()));
    }

    /** Turns what was said of visits into the core's records. */
    private final class Records {
        private final Body body;
        private final DecideFacts facts;
        private final List<SoreSite> sore;
        private final ElbowStrength strength;
        private final List<Problem.Field> wrong = new ArrayList<>();

        Records(Body body, DecideFacts facts, TrainingStory story, List<SoreSite> sore) {
            this.body = body;
            this.facts = facts;
            this.sore = sore;
            Person person = new Person(body, facts.age(), story, Set.of());
            this.strength =
                    ClientStrength.of(model, person, List.of(), LocalDate.EPOCH).both();
        }

        List<SessionRecord> of(DecideAsk ask) {
            List<PastVisit> visits = ask.visits();
            for (int v = 0; v < visits.size(); v++) {
                LocalDate on = visits.get(v).on();
                boolean late = !on.isBefore(ask.on());
                boolean disordered = v > 0 && !on.isAfter(visits.get(v - 1).on());
                if (late || disordered) {
                    wrong.add(new Problem.Field(
                            "visits[" + v + "].on",
                            late ? "is not before the day that is asked for" : "is not after the visit before"));
                }
            }
            refuse();
            List<SessionRecord> records = new ArrayList<>();
            for (int v = 0; v < visits.size(); v++) {
                List<SitePain> door = v + 1 < visits.size() ? visits.get(v + 1).door() : ask.door();
                records.add(record("visits[" + v + "]", visits.get(v), door));
            }
            refuse();
            return records;
        }

        /** What is to be done on the day; null where nothing was ever planned. */
        @Nullable
        Plan planned(DecideAsk ask, List<SessionRecord> records) {
            if (ask.planned() != null) {
                Plan plan = plan(
                        ask.on(),
                        slots("planned", ask.planned()),
                        RestAndTime.first().seconds());
                refuse();
                return plan;
            }
            return records.isEmpty()
                    ? null
                    : plan(
                            ask.on(),
                            records.get(records.size() - 1).plan().slots(),
                            RestAndTime.first().seconds());
        }

        private List<Plan.Slot> slots(String at, List<PlannedSlot> said) {
            List<Plan.Slot> slots = new ArrayList<>();
            for (int s = 0; s < said.size(); s++) {
                Plan.Slot slot = slot(at + "[" + s + "]", said.get(s));
                if (slot != null) {
                    slots.add(slot);
                }
            }
            return slots;
        }

        private static Plan plan(LocalDate on, List<Plan.Slot> slots, int rest) {
            List<Plan.Unit> units = new ArrayList<>();
            for (Plan.Slot slot : slots) {
                units.add(new Plan.Unit(
                        String.valueOf((char) ('A' + units.size())),
                        Method.Layout.STRAIGHT,
                        rest,
                        0,
                        0,
                        List.of(slot)));
            }
            return new Plan(
                    on,
                    List.of(),
                    units,
                    rest,
                    RestAndTime.first().reason(),
                    new Plan.Minutes(0, 0),
                    List.of(),
                    List.of());
        }

        private void refuse() {
            if (!wrong.isEmpty()) {
                throw Problem.invalid(wrong.stream()
                        .sorted(Comparator.comparing(Problem.Field::field))
                        .toList());
            }
        }

        private SessionRecord record(String at, PastVisit visit, @Nullable List<SitePain> nextDoor) {
            int rest = visit.restSeconds() == null ? RestAndTime.first().seconds() : visit.restSeconds();
            Plan plan = plan(visit.on(), slots(at + ".slots", visit.slots()), rest);
            return new SessionRecord(
                    visit.on(),
                    Planned.of(plan),
                    sore,
                    sets(at, visit),
                    visit.rightAfter() != null
                            || visit.sets().isEmpty()
                            || visit.sets().stream().anyMatch(s -> s.pain() != null),
                    given(visit.rightAfter()),
                    morning(visit),
                    nextDoor);
        }

        private @Nullable Exercise exercise(String at, String key) {
            Exercise exercise = model.catalogue().find(key).orElse(null);
            if (exercise == null) {
                wrong.add(new Problem.Field(at + ".exerciseKey", "'" + key + "' is no exercise of the catalogue"));
            }
            return exercise;
        }

        private Plan.@Nullable Slot slot(String at, PlannedSlot said) {
            Exercise exercise = exercise(at, said.exerciseKey());
            if (exercise == null) {
                return null;
            }
            return new Plan.Slot(
                    exercise.key(),
                    exercise.name(),
                    exercise.group(),
                    exercise.arms(),
                    exercise.movement(),
                    said.sets(),
                    said.reps(),
                    said.usual() == null ? said.reps() : said.usual(),
                    given(said.setReps()),
                    0,
                    load(exercise, said.loadKg()),
                    1,
                    Boolean.TRUE.equals(said.trial()),
                    said.effort(),
                    said.tempo() == null ? exercise.tempo() : said.tempo(),
                    model.stress(exercise, body, strength),
                    Map.of(),
                    Map.of(),
                    null);
        }

        /** The load as the place names it, where it has just that one. */
        private Load load(Exercise exercise, double kg) {
            return ReachableLoads.of(facts.equipment(), exercise, body).loads().stream()
                    .filter(l -> Math.abs(l.kg() - kg) < 0.005)
                    .findFirst()
                    .orElseGet(() -> Load.ofKg(kg));
        }

        private List<LoggedSet> sets(String at, PastVisit visit) {
            List<LoggedSet> sets = new ArrayList<>();
            Map<String, Integer> numbers = new HashMap<>();
            for (int s = 0; s < visit.sets().size(); s++) {
                DoneSetSaid said = visit.sets().get(s);
                Exercise exercise = exercise(at + ".sets[" + s + "]", said.exerciseKey());
                if (exercise == null) {
                    continue;
                }
                int number = numbers.merge(said.exerciseKey() + said.side(), 1, Integer::sum);
                sets.add(new LoggedSet(
                        visit.on(),
                        said.exerciseKey(),
                        said.side(),
                        Math.min(20, number),
                        load(exercise, said.loadKg()),
                        said.reps(),
                        said.effort(),
                        said.pain() == null ? PainScore.NONE : said.pain(),
                        said.painSite(),
                        said.painSide()));
            }
            return sets;
        }

        private static @Nullable Morning morning(PastVisit visit) {
            MorningSaid said = visit.morning();
            return said == null
                    ? null
                    : new Morning(
                            said.on() == null ? visit.on().plusDays(1) : said.on(),
                            given(said.sites()),
                            said.muscleSoreness() == null ? 0 : said.muscleSoreness(),
                            said.soreMuscle(),
                            said.soreSide(),
                            null,
                            Boolean.TRUE.equals(said.sharp()),
                            Boolean.TRUE.equals(said.tinglingStays()),
                            null,
                            List.of());
        }
    }
}

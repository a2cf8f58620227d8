package kinesia.plan;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.ExampleObject;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import kinesia.account.RoomCalendar;
import kinesia.account.SignedIn;
import kinesia.client.Client;
import kinesia.client.Clients;
import kinesia.core.arm.LoadCurve;
import kinesia.core.arm.Sex;
import kinesia.core.arm.Side;
import kinesia.core.dose.Equipment;
import kinesia.core.dose.RestAndTime;
import kinesia.core.dose.TrainingStory;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Figure;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Site;
import kinesia.core.plan.Door;
import kinesia.core.plan.Goal;
import kinesia.core.plan.Learned;
import kinesia.core.plan.Method;
import kinesia.core.plan.Methods;
import kinesia.core.plan.Plan;
import kinesia.core.plan.PlanCheck;
import kinesia.core.plan.PlanRequest;
import kinesia.core.plan.PlanResult;
import kinesia.core.plan.Planner;
import kinesia.core.plan.Routine;
import kinesia.core.plan.SessionSums;
import kinesia.core.plan.SoreSite;
import kinesia.core.plan.TrainingBlock;
import kinesia.core.plan.WhatIf;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.response.Changes;
import kinesia.core.response.WeeksAhead;
import kinesia.core.screening.Limit;
import kinesia.room.RoomCatalogue;
import kinesia.room.RoomMethods;
import kinesia.shared.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Composes and checks sessions without storing anything: for a client of the room, or from facts alone. */
@RestController
class ComposeController {
    static final String EXAMPLE = """
            {"facts": {"sex": "FEMALE", "statureM": 1.66, "bodyMassKg": 68, "age": 62, "setsFlexors": 4, "setsExtensors": 4,
              "equipment": {"dumbbellsKg": [1, 2, 3, 4, 5], "bands": [], "furniture": ["chair", "flat bench"]},
              "limits": [], "soreSites": [], "dislikes": [], "story": {"visits": 40, "trainedBefore": true, "risesWithoutHands": true}},
             "composition": {"method": "joint-sparing", "minutes": 30, "pinned": [], "banned": [], "order": []}}""";

    private final Clients clients;
    private final NextRequests requests;
    private final VisitPlanner visits;
    private final Planner planner;
    private final RoomMethods methods;
    private final RoomCatalogue rooms;
    private final RoomCalendar calendar;

    ComposeController(
            Clients clients,
            NextRequests requests,
            VisitPlanner visits,
            Planner planner,
            RoomMethods methods,
            RoomCatalogue rooms,
            RoomCalendar calendar) {
        this.clients = clients;
        this.requests = requests;
        this.visits = visits;
        this.planner = planner;
        this.methods = methods;
        this.rooms = rooms;
        this.calendar = calendar;
    }

    /** Somebody who is no client of the room. */
    record Facts(
            Sex sex,
            double statureM,
            double bodyMassKg,
            int age,
            int setsFlexors,
            int setsExtensors,
            Equipment equipment,
            List<Limit> limits,
            List<SoreSite> soreSites,
            List<String> dislikes,
            TrainingStory story) {}

    /** For a client, or from facts: one of the two. {@code takenFrom} is the client whose composition it was. */
    record ComposeAsk(
            @Nullable UUID clientId,
            @Nullable Facts facts,
            Composition composition,
            @Nullable UUID takenFrom) {}

    /** Dose of a sore place against its budget for this visit. */
    record StressBar(Site site, Side side, double planned, double most, Reason reason) {}

    /** Stimulus of a head, in hard sets, against the sets of its group today. */
    record HeadBar(Head head, double sets, int allowed) {}

    /** What is drawn beside a slot, and what a sheet for home says of it; {@code own} is the room's own variation. */
    record SlotFigure(
            String exerciseKey,
            boolean own,
            Figure figure,
            List<String> setUp,
            String up,
            String down,
            String danger,
            boolean homeAlone,
            List<String> cues,
            String breathing,
            String landmark) {}

    /** A composed or checked session. */
    record Composed(
            LocalDate visitOn,
            int minutesThereAre,
            PlanResult result,
            List<PlanCheck.Mark> marks,
            List<StressBar> stress,
            List<HeadBar> heads,
            Map<Head.Group, PlanRequest.SetBudget> sets,
            List<SlotFigure> figures,
            List<String> whatToDo,
            List<Changes.Change> changes) {}

    /**
     * Weeks that are not kept yet.
     *
     * @param weeks 1 to 6
     * @param aim missing for the client's goal
     * @param lighterWeek counted from 1; missing for none
     * @param newExercises whether those of the weeks before give way where others fit
     */
    record BlockAsk(
            UUID clientId,
            Composition composition,
            int weeks,
            List<DayOfWeek> days,
            @Nullable Goal aim,
            @Nullable Integer lighterWeek,
            boolean newExercises) {}

    /** The best session for the composition; nothing is stored. */
    @Operation(
            summary = "The best session, or why there is none",
            description = "Exact optimum of the planner's objective. Stateless: nothing is stored.",
            requestBody =
                    @io.swagger.v3.oas.annotations.parameters.RequestBody(
                            content = @Content(examples = @ExampleObject(name = "joint sparing", value = EXAMPLE))))
    @PostMapping("/api/plan/compose")
    @Transactional(readOnly = true)
    Composed compose(@RequestBody ComposeAsk ask, @AuthenticationPrincipal SignedIn who) {
        VisitPlanner.Ready ready = ready(ask, who);
        PlanRequest request = ready.request();
        if (request == null) {
            return refused(ready);
        }
        PlanResult result = visits.compose(request, ask.composition());
        return composed(request, result, marks(request, ask.composition()), differences(ask, result.plan(), who), who);
    }

    /** @param answers one thing different each */
    record WhatIfView(List<WhatIf.Difference> answers) {}

    /** What the session would hold with one thing different; nothing is stored. */
    @Operation(
            summary = "What would change this session",
            description =
                    "More minutes, less pain, a place cleared, a thing this room lacks: each asked of the same planner.")
    @PostMapping("/api/plan/what-if")
    @Transactional(readOnly = true)
    WhatIfView whatIf(@RequestBody ComposeAsk ask, @AuthenticationPrincipal SignedIn who) {
        PlanRequest request = ready(ask, who).request();
        return new WhatIfView(
                request == null
                        ? List.of()
                        : new WhatIf(planner).of(request, planner.plan(request).plan()));
    }

    /**
     * A routine to be read.
     *
     * @param text as it was written or pasted
     * @param chosen by line, counted from 0, the key of the exercise that is meant
     */
    record RoutineAsk(UUID clientId, Composition composition, String text, Map<Integer, String> chosen) {}

    /** A routine brought along, line by line, with the smallest changes that make it fit; nothing is stored. */
    @Operation(
            summary = "A routine as text, understood and fitted to a client",
            description =
                    "Each line is found in the catalogue; where that is not sure, it is asked. What does not fit is changed as"
                            + " little as must be, with its reason. The units that come of it can be kept as composition.written.")
    @PostMapping("/api/plan/routine")
    @Transactional(readOnly = true)
    Routine.Brought routine(@RequestBody RoutineAsk ask, @AuthenticationPrincipal SignedIn who) {
        PlanRequest request = ready(new ComposeAsk(ask.clientId(), null, ask.composition(), null), who)
                .request();
        if (request == null) {
            throw Problem.refused("Nothing can be planned for this client now.");
        }
        return new Routine(planner).bring(request, ask.text(), ask.chosen());
    }

    /** A session written freely, held against limits, clock and budgets; it is marked and not refused. */
    @Operation(
            summary = "What a session written by hand would break",
            description = "Marks limits, loads the place has not, clock and budgets. Stateless: nothing is stored."
                    + " The units written are those of composition.written.")
    @PostMapping("/api/plan/check")
    @Transactional(readOnly = true)
    Composed check(@RequestBody ComposeAsk ask, @AuthenticationPrincipal SignedIn who) {
        List<PlanCheck.WrittenUnit> written = ask.composition().written();
        if (written == null) {
            throw Problem.invalid(List.of(new Problem.Field("composition.written", "is needed")));
        }
        PlanCheck.requireOnce("composition.written", written);
        VisitPlanner.Ready ready = ready(ask, who);
        PlanRequest request = ready.request();
        if (request == null) {
            return refused(ready);
        }
        PlanCheck.Checked checked = visits.check(request, written);
        return composed(request, new PlanResult(checked.plan(), List.of()), checked.marks(), List.of(), who);
    }

    /** Weeks of sessions as they would go if every visit were "go". */
    @PostMapping("/api/plan/block")
    @Transactional(readOnly = true)
    WeeksAhead.Weeks block(@RequestBody BlockAsk ask, @AuthenticationPrincipal SignedIn who) {
        Client client = clients.require(ask.clientId(), who.roomId());
        Goal aim = ask.aim() == null ? client.details().goal() : ask.aim();
        TrainingBlock kept = new TrainingBlock(
                calendar.today(who.roomId()), ask.weeks(), aim, ask.lighterWeek(), ask.newExercises(), null);
        checkMethod(ask.composition(), who);
        WeeksAhead.Weeks weeks = requests.weeks(client, ask.composition(), kept, Set.copyOf(ask.days()));
        if (weeks == null) {
            throw Problem.refused("Nothing can be planned for this client now.");
        }
        return weeks;
    }

    private List<PlanCheck.Mark> marks(PlanRequest request, Composition composition) {
        return composition.written() == null
                ? List.of()
                : visits.check(request, composition.written()).marks();
    }

    private VisitPlanner.Ready ready(ComposeAsk ask, SignedIn who) {
        checkMethod(ask.composition(), who);
        if (ask.clientId() == null) {
            if (ask.facts() == null) {
                throw Problem.invalid(List.of(new Problem.Field("facts", "are needed where there is no clientId")));
            }
            return new VisitPlanner.Ready(fromFacts(ask.facts(), ask.composition(), who), null, List.of(), List.of());
        }
        Client client = clients.require(ask.clientId(), who.roomId());
        return requests.of(client, ask.composition(), calendar.today(who.roomId()));
    }

    private void checkMethod(Composition composition, SignedIn who) {
        String method = composition.method();
        if (method != null && methods.find(who.roomId(), method).isEmpty()) {
            throw Problem.invalid(List.of(new Problem.Field("composition.method", "'" + method + "' is no method")));
        }
    }

    private PlanRequest fromFacts(Facts facts, Composition composition, SignedIn who) {
        Map<Head.Group, PlanRequest.SetBudget> sets = new EnumMap<>(Head.Group.class);
        Reason asked = Reason.of("WEEK-asked", Tag.HOUSE, "", "The sets asked for.", "As many as we said.");
        sets.put(Head.Group.FLEXORS, new PlanRequest.SetBudget(facts.setsFlexors(), asked));
        sets.put(Head.Group.EXTENSORS, new PlanRequest.SetBudget(facts.setsExtensors(), asked));
        Method method = composition.method() == null
                ? Methods.open()
                : methods.find(who.roomId(), composition.method()).orElseGet(Methods::open);
        return new PlanRequest(
                new Body(facts.sex(), facts.statureM(), facts.bodyMassKg()),
                facts.age(),
                calendar.today(who.roomId()),
                composition.minutes() == null ? 40 : composition.minutes(),
                facts.equipment(),
                facts.limits(),
                facts.soreSites(),
                Set.copyOf(facts.dislikes()),
                new PlanRequest.Known(facts.story(), List.of(), calendar.today(who.roomId())),
                Map.of(),
                Map.of(),
                Map.of(),
                sets,
                RestAndTime.first(),
                Door.quiet(),
                null,
                false,
                method,
                composition.wishes(),
                List.of(),
                false,
                false,
                List.of(),
                Learned.NONE);
    }

    private Composed refused(VisitPlanner.Ready ready) {
        VisitPlanner.Outcome outcome = java.util.Objects.requireNonNull(ready.refusal());
        return new Composed(
                LocalDate.EPOCH,
                0,
                outcome.result(),
                List.of(),
                List.of(),
                List.of(),
                Map.of(),
                List.of(),
                outcome.whatToDo(),
                List.of());
    }

    private static SlotFigure drawn(RoomCatalogue.Here room, PlanRequest request, Plan.Slot slot) {
        ExerciseModel model = room.model();
        Exercise exercise = model.catalogue().get(slot.exerciseKey()).withMovement(slot.movement());
        LoadCurve curve = model.curve(exercise, request.body(), slot.load().kg());
        return new SlotFigure(
                exercise.key(),
                room.isOwn(exercise.key()),
                Figure.still(exercise, request.body(), curve),
                exercise.guidance().setUp(),
                exercise.guidance().up(),
                exercise.guidance().down(),
                exercise.guidance().danger(),
                exercise.guidance().homeAlone(),
                exercise.guidance().cues(),
                exercise.guidance().breathing(),
                exercise.guidance().landmark());
    }

    /** What is different from the session of the client it was taken from: this client's limits, sets and loads. */
    private List<Changes.Change> differences(ComposeAsk ask, @Nullable Plan plan, SignedIn who) {
        if (ask.takenFrom() == null || plan == null) {
            return List.of();
        }
        PlanRequest theirs = ready(new ComposeAsk(ask.takenFrom(), null, ask.composition(), null), who)
                .request();
        Plan other = theirs == null
                ? null
                : visits.compose(theirs, ask.composition()).plan();
        return other == null ? List.of() : Changes.between(other, plan);
    }

    private Composed composed(
            PlanRequest request,
            PlanResult result,
            List<PlanCheck.Mark> marks,
            List<Changes.Change> changes,
            SignedIn who) {
        Plan plan = result.plan();
        RoomCatalogue.Here room = rooms.of(who.roomId(), request.body());
        List<SlotFigure> figures = plan == null
                ? List.of()
                : plan.slots().stream().map(s -> drawn(room, request, s)).toList();
        SessionSums sums =
                new SessionSums(room.model(), planner.strength(request).both(), request, plan);
        return new Composed(
                request.visitOn(),
                request.minutes(),
                result,
                marks,
                request.stressBudgets().stream()
                        .map(b -> new StressBar(b.site(), b.side(), sums.dose(b), b.most(), b.reason()))
                        .toList(),
                sums.heads().entrySet().stream()
                        .map(h -> new HeadBar(
                                h.getKey(),
                                h.getValue(),
                                request.setsFor(h.getKey().group())))
                        .toList(),
                request.budget(),
                figures,
                List.of(),
                changes);
    }
}

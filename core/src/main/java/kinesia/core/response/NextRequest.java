package kinesia.core.response;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import kinesia.core.dose.Equipment;
import kinesia.core.dose.LoggedSet;
import kinesia.core.dose.Progression;
import kinesia.core.dose.TrainingStory;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.plan.ArmBudget;
import kinesia.core.plan.Door;
import kinesia.core.plan.Learned;
import kinesia.core.plan.Method;
import kinesia.core.plan.NewExercises;
import kinesia.core.plan.Plan;
import kinesia.core.plan.PlanRequest;
import kinesia.core.plan.TrainingBlock;
import kinesia.core.plan.TrainingWeek;
import kinesia.core.reason.Reason;
import kinesia.core.screening.ScreeningRules;
import org.jspecify.annotations.Nullable;

/** The arrow from what was done to what is planned: a client, a place, a visit and the record make the planner's request. */
public final class NextRequest {
    // As many of the latest sessions as six weeks of two visits have.
    private static final int SESSIONS_OF_A_BLOCK = 12;
    private static final double CUT_SHORT = 0.75;

    private NextRequest() {}

    /**
     * Who is planned for.
     *
     * @param age on the day of the visit
     * @param story before the first session here
     * @param before sets of that time, oldest first, as far as a log tells them
     */
    public record Trainee(
            Body body,
            int age,
            TrainingStory story,
            TrainingWeek week,
            SoreNow.Screened screen,
            Set<String> dislikes,
            List<LoggedSet> before) {
        public Trainee {
            dislikes = Set.copyOf(dislikes);
            before = List.copyOf(before);
        }

        /** One of whom no log tells what was before. */
        public Trainee(
                Body body,
                int age,
                TrainingStory story,
                TrainingWeek week,
                SoreNow.Screened screen,
                Set<String> dislikes) {
            this(body, age, story, week, screen, dislikes, List.of());
        }
    }

    /**
     * What there is to train with.
     *
     * @param model with what the room made itself
     * @param own what the room made itself, on this body
     * @param gone of that, what is not planned any more, and why
     * @param pooled what the joints of the room's other clients answered
     */
    public record Room(
            ExerciseModel model,
            Equipment equipment,
            List<Exercise> own,
            Map<String, Reason> gone,
            RoomEvidence pooled) {
        /** One whose other clients have taught nothing. */
        public Room(ExerciseModel model, Equipment equipment, List<Exercise> own, Map<String, Reason> gone) {
            this(model, equipment, own, gone, RoomEvidence.NONE);
        }

        public Room {
            own = List.copyOf(own);
            gone = Map.copyOf(gone);
        }
    }

    /**
     * The visit.
     *
     * @param rule what earns a step
     */
    public record Booking(
            LocalDate on, int minutes, Door door, Method method, PlanRequest.Wishes wishes, Progression.Rule rule) {
        /** One at which a step is earned as usual. */
        public Booking(LocalDate on, int minutes, Door door, Method method, PlanRequest.Wishes wishes) {
            this(on, minutes, door, method, wishes, Progression.Rule.TWICE_AT_THE_TOP);
        }
    }

    /** The request, what the last session said, and the places as they are now. */
    public record Prepared(PlanRequest request, List<SiteSignal> lastSignals, SoreNow places) {}

    /** The request of {@code who}'s visit after {@code records}, oldest first. */
    public static Prepared of(
            Trainee who, Room room, Booking visit, ScreeningRules screening, List<SessionRecord> records) {
        SoreNow now = SoreNow.of(screening, room.model().catalogue(), who.screen(), records, visit.on())
                .atDoor(screening, visit.door().pains(), records, visit.on());
        NextVisit.Preparation past = NextVisit.prepare(
                new NextVisit.Visit(
                        room.model(),
                        who.body(),
                        who.age(),
                        room.equipment(),
                        now.limits(),
                        visit.on(),
                        who.week(),
                        who.story(),
                        now.soreSites(),
                        visit.rule()),
                records);
        List<LoggedSet> history = Stream.concat(
                        who.before().stream(), records.stream().flatMap(r -> r.sets().stream()))
                .toList();
        Map<String, Reason> leftOut = new HashMap<>(past.leftOut());
        leftOut.putAll(room.gone());
        TrainingBlock block = who.week().blockOn(visit.on());
        if (block != null && block.newExercises()) {
            before(who.week(), block, records).forEach(key -> leftOut.putIfAbsent(key, NewExercises.REASON));
        }
        Learned learned = Learning.of(now.soreSites(), records, room.pooled())
                .learned(room.model().catalogue());
        PlanRequest request = new PlanRequest(
                who.body(),
                who.age(),
                visit.on(),
                visit.minutes(),
                room.equipment(),
                now.limits(),
                now.soreSites(),
                who.dislikes(),
                new PlanRequest.Known(who.story().after(records.size()), history, visit.on()),
                past.carryovers(),
                inBlock(block, records, leftOut.keySet(), visit.minutes()),
                leftOut,
                now.eased(past.budget()),
                past.rest(),
                visit.door(),
                null,
                past.stiffOrBack(),
                visit.method(),
                visit.wishes(),
                new EasedPlaces(records, SignalRules.judge(records))
                        .bounded(ArmBudget.of(
                                now.soreSites(),
                                who.week(),
                                place -> WeekDose.before(records, place, visit.on(), learned),
                                learned)),
                past.lighter(),
                past.returning(),
                room.own(),
                learned);
        return new Prepared(request, past.lastSignals(), now);
    }

    /** The exercises of the block before {@code block}, or of as many weeks before it as a block has at most. */
    private static Set<String> before(TrainingWeek week, TrainingBlock block, List<SessionRecord> records) {
        LocalDate from = week.blocks().stream()
                .map(TrainingBlock::start)
                .filter(s -> s.isBefore(block.start()))
                .max(LocalDate::compareTo)
                .orElse(block.start().minusWeeks(TrainingBlock.MOST_WEEKS));
        return records.stream()
                .filter(r -> !r.on().isBefore(from) && r.on().isBefore(block.start()))
                .flatMap(r -> r.plan().mainSlots().stream())
                .map(Plan.Slot::exerciseKey)
                .collect(Collectors.toSet());
    }

    /**
     * What was in the block: with its sets what stays from the last session, or, once an ease or a visit much shorter than
     * {@code minutes} is over, from the last one before it; with none what was in others of its sessions. Nothing where a block
     * with new exercises has begun since.
     */
    private static Map<String, Integer> inBlock(
            @Nullable TrainingBlock block, List<SessionRecord> records, Set<String> leftOut, int minutes) {
        List<SessionRecord> here = records.stream()
                .filter(r -> block == null || !block.newExercises() || !r.on().isBefore(block.start()))
                .toList();
        Map<String, Integer> sets = new HashMap<>();
        if (here.isEmpty()) {
            return sets;
        }
        here.subList(Math.max(0, here.size() - SESSIONS_OF_A_BLOCK), here.size())
                .forEach(r -> r.plan().mainSlots().forEach(s -> sets.put(s.exerciseKey(), 0)));
        int stays = here.size() - 1;
        while (stays > 0
                && (NextVisit.hasEndedEase(here.get(stays).plan(), leftOut)
                        || wasCutShort(
                                here.get(stays).plan(), here.get(stays - 1).plan(), minutes))) {
            stays--;
        }
        Map<String, Integer> staying = here.get(stays).plan().mainSlots().stream()
                .collect(Collectors.toMap(Plan.Slot::exerciseKey, Plan.Slot::sets, Integer::sum));
        sets.putAll(staying);
        return sets;
    }

    /** Whether {@code plan} was made for a visit much shorter than the one before it and than one of {@code minutes}. */
    private static boolean wasCutShort(Plan plan, Plan before, int minutes) {
        int total = plan.minutes().total();
        return total < CUT_SHORT * minutes
                && total < CUT_SHORT * before.minutes().total();
    }
}

package kinesia.plan;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import kinesia.client.Client;
import kinesia.client.ClientDetails;
import kinesia.client.OldSets;
import kinesia.core.dose.Equipment;
import kinesia.core.exercise.Catalogue;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Place;
import kinesia.core.plan.Door;
import kinesia.core.plan.Method;
import kinesia.core.plan.Methods;
import kinesia.core.plan.Plan;
import kinesia.core.plan.PlanCheck;
import kinesia.core.plan.PlanRequest;
import kinesia.core.plan.PlanResult;
import kinesia.core.plan.Planner;
import kinesia.core.plan.SoreSite;
import kinesia.core.plan.TrainingBlock;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.response.Changes;
import kinesia.core.response.LearnedPlace;
import kinesia.core.response.NextRequest;
import kinesia.core.response.NextVisit;
import kinesia.core.response.RestOfVisit;
import kinesia.core.response.Ruling;
import kinesia.core.response.Rulings;
import kinesia.core.response.SessionRecord;
import kinesia.core.response.SignalRules;
import kinesia.core.response.SiteSignal;
import kinesia.core.response.SoreNow;
import kinesia.core.response.TrainingHold;
import kinesia.core.response.WeeksAhead;
import kinesia.core.screening.PainScore;
import kinesia.core.screening.ScreeningRules;
import kinesia.response.RoomEvidences;
import kinesia.room.RoomCatalogue;
import kinesia.room.RoomMethods;
import kinesia.screening.Standing;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Turns what is stored about a client into the core's request, and the core's answer into an outcome to show. */
@Component
public class VisitPlanner {
    private final RoomCatalogue rooms;
    private final RoomEvidences evidences;
    private final ScreeningRules screening;
    private final Planner planner;
    private final RoomMethods methods;
    private final PlanCheck check;
    private final Rulings rulings;
    private final WeeksAhead weeksAhead;
    private final OldSets oldSets;

    VisitPlanner(
            RoomCatalogue rooms,
            RoomEvidences evidences,
            ScreeningRules screening,
            Planner planner,
            RoomMethods methods,
            OldSets oldSets) {
        this.oldSets = oldSets;
        this.evidences = evidences;
        this.screening = screening;
        this.rooms = rooms;
        this.planner = planner;
        this.methods = methods;
        this.check = new PlanCheck(planner);
        this.rulings = new Rulings(check);
        this.weeksAhead = new WeeksAhead(planner, screening);
    }

    /** A plan or refusals, what the last session said, and what changed since. */
    public record Outcome(
            PlanResult result,
            List<SoreSite> soreSites,
            List<SiteSignal> signals,
            List<Changes.Change> changes,
            List<String> whatToDo) {}

    /** A request the planner can take, with what went before; or the outcome that nothing can be planned. */
    record Ready(
            @Nullable PlanRequest request,
            @Nullable Outcome refusal,
            List<SiteSignal> signals,
            List<String> whatToDo) {}

    /**
     * Plans a visit of {@code client} on {@code day} at a place that has {@code equipment}, as it was composed.
     *
     * @param ruled what the trainer answered to the changes since the last of {@code records}, oldest first
     */
    public Outcome plan(
            Client client,
            ClientDays.Days days,
            Equipment equipment,
            Standing standing,
            List<SessionRecord> records,
            LocalDate day,
            Door door,
            Composition composition,
            List<Ruling> ruled) {
        Ready ready = ready(client, days, equipment, standing, records, day, door, composition);
        PlanRequest request = ready.request();
        if (request == null) {
            return java.util.Objects.requireNonNull(ready.refusal());
        }
        PlanResult result = compose(request, composition);
        Plan planned = result.plan();
        if (planned == null || records.isEmpty()) {
            return new Outcome(result, standing.soreSites(), ready.signals(), List.of(), ready.whatToDo());
        }
        Plan last = records.get(records.size() - 1).plan();
        // What the trainer wrote is the trainer's already.
        List<Ruling> stand = composition.written() == null ? Ruling.standing(ruled) : List.of();
        return new Outcome(
                result.with(rulings.applied(request, last, planned, stand)),
                standing.soreSites(),
                ready.signals(),
                Changes.between(last, planned).stream().map(c -> c.ruled(stand)).toList(),
                ready.whatToDo());
    }

    /** The plan as composed: the trainer's own where it is written, else the planner's in the trainer's order. */
    PlanResult compose(PlanRequest request, Composition composition) {
        if (composition.written() != null) {
            PlanCheck.Checked checked = check.check(request, composition.written());
            // A day on which nothing may be done stays one, whatever was written.
            List<Reason> day = checked.marks().stream()
                    .filter(m -> m.kind() == PlanCheck.Kind.DAY)
                    .map(PlanCheck.Mark::reason)
                    .toList();
            return day.isEmpty() ? new PlanResult(checked.plan(), List.of()) : new PlanResult(null, day);
        }
        PlanResult result = planner.plan(request);
        return result.plan() == null || composition.order().isEmpty()
                ? result
                : result.with(result.plan().ordered(composition.order()));
    }

    /** Holds what is written against everything known of the client. */
    PlanCheck.Checked check(PlanRequest request, List<PlanCheck.WrittenUnit> written) {
        return check.check(request, written);
    }

    Ready ready(
            Client client,
            ClientDays.Days days,
            Equipment equipment,
            Standing standing,
            List<SessionRecord> records,
            LocalDate day,
            Door door,
            Composition composition) {
        TrainingHold hold = standing.hold(client.stop());
        if (hold != null) {
            PlanResult held = new PlanResult(null, hold.reasons());
            return new Ready(
                    null, new Outcome(held, List.of(), List.of(), List.of(), hold.whatToDo()), List.of(), List.of());
        }
        Asked asked = asked(client, days, equipment, standing, records, day, door, composition);
        NextRequest.Prepared prepared = NextRequest.of(asked.who(), asked.room(), asked.visit(), screening, records);
        return new Ready(
                prepared.request(),
                null,
                prepared.lastSignals(),
                prepared.places().whatToDo());
    }

    /** A visit as it is planned from. */
    record Booked(
            Client client,
            ClientDays.Days days,
            Equipment equipment,
            Standing standing,
            List<SessionRecord> records,
            LocalDate day,
            Door door,
            Composition composition) {}

    /** What hurt in a set of an exercise, and whether that ends it. */
    record HurtIn(String exerciseKey, Place place, PainScore pain, boolean ends) {}

    /** The rest of a visit under way in which a place has hurt; empty where nothing has to change. */
    Optional<RestOfVisit.Rest> rest(Booked visit, Plan plan, Set<String> begun, HurtIn hurt) {
        Ready ready = ready(
                visit.client(),
                visit.days(),
                visit.equipment(),
                visit.standing(),
                visit.records(),
                visit.day(),
                visit.door(),
                visit.composition());
        if (ready.request() == null) {
            return Optional.empty();
        }
        boolean pressing = catalogue(visit.client().roomId())
                .find(hurt.exerciseKey())
                .map(Exercise::isPressing)
                .orElse(false);
        return RestOfVisit.after(
                planner,
                screening,
                new RestOfVisit.Standing(ready.request(), plan, begun),
                new RestOfVisit.Hurt(hurt.place(), hurt.pain(), hurt.exerciseKey(), hurt.ends(), pressing));
    }

    /** What is learned of each sore place of {@code client}, and how it will answer {@code next}. */
    List<LearnedPlace> learned(
            Client client, Standing standing, List<SessionRecord> records, LocalDate day, @Nullable Plan next) {
        RoomCatalogue.Here room = rooms.of(client.roomId(), client.body());
        SoreNow now = SoreNow.of(
                screening,
                room.model().catalogue(),
                new SoreNow.Screened(
                        standing.soreSites(),
                        standing.inForce().limits(),
                        standing.screen() == null ? null : standing.screen().takenOn()),
                records,
                day);
        return LearnedPlace.of(
                room.model().catalogue(),
                now.soreSites(),
                records,
                evidences.without(client.roomId(), client.id()),
                next);
    }

    /** Who is planned for, with what, and which visit. */
    private record Asked(NextRequest.Trainee who, NextRequest.Room room, NextRequest.Booking visit) {}

    private Asked asked(
            Client client,
            ClientDays.Days days,
            Equipment equipment,
            Standing standing,
            List<SessionRecord> records,
            LocalDate day,
            Door door,
            Composition composition) {
        RoomCatalogue.Here room = rooms.of(client.roomId(), client.body());
        List<RoomCatalogue.Own> gone = gone(room, records);
        Method method = composition.method() == null
                ? Methods.open()
                : methods.find(client.roomId(), composition.method()).orElseGet(Methods::open);
        ClientDays.Booked booked = days.on(day);
        int usual = booked == null ? client.details().minutes() : booked.minutes();
        return new Asked(
                trainee(client, days, standing, day),
                new NextRequest.Room(
                        room.model(),
                        equipment,
                        Stream.concat(room.toChoose().stream(), gone.stream())
                                .map(RoomCatalogue.Own::exercise)
                                .toList(),
                        gone.stream().collect(Collectors.toMap(RoomCatalogue.Own::key, o -> dropped())),
                        evidences.without(client.roomId(), client.id())),
                new NextRequest.Booking(
                        day,
                        composition.minutes() == null ? usual : composition.minutes(),
                        door,
                        method,
                        composition.wishes(),
                        composition.earns()));
    }

    /** The weeks of {@code block} on {@code weekdays} if every visit went as planned; null while nothing may be planned. */
    WeeksAhead.@Nullable Weeks weeks(
            Client client,
            ClientDays.Days days,
            Equipment equipment,
            Standing standing,
            List<SessionRecord> records,
            TrainingBlock block,
            Set<DayOfWeek> weekdays,
            Composition composition) {
        if (standing.hold(client.stop()) != null) {
            return null;
        }
        Asked asked = asked(client, days, equipment, standing, records, block.start(), Door.quiet(), composition);
        return weeksAhead.of(new WeeksAhead.Asked(asked.who(), asked.room(), asked.visit(), block, weekdays), records);
    }

    private NextRequest.Trainee trainee(Client client, ClientDays.Days days, Standing standing, LocalDate day) {
        ClientDetails details = client.details();
        return new NextRequest.Trainee(
                client.body(),
                client.ageOn(day),
                details.story().after(0),
                days.week(),
                new SoreNow.Screened(
                        standing.soreSites(),
                        standing.inForce().limits(),
                        standing.screen() == null ? null : standing.screen().takenOn()),
                Set.copyOf(details.dislikes()),
                oldSets.of(client.id()));
    }

    /** What was done and is not there any more: it still tells how strong somebody is, and is not planned. */
    private static List<RoomCatalogue.Own> gone(RoomCatalogue.Here room, List<SessionRecord> records) {
        return room.own().stream()
                .filter(o -> !o.there()
                        && records.stream()
                                .flatMap(r -> r.sets().stream())
                                .anyMatch(s -> s.exerciseKey().equals(o.key())))
                .toList();
    }

    private static Reason dropped() {
        return Reason.of(
                "CHOICE-dropped",
                Tag.HOUSE,
                "",
                "The room does not keep it any more.",
                "We do not use this one any more.");
    }

    /** The next day, not before {@code today}, that is booked, or else that the client may be trained on. */
    public LocalDate firstDay(
            Client client, ClientDays.Days days, Standing standing, List<SessionRecord> records, LocalDate today) {
        return firstDay(client, days, standing, records, SignalRules.judge(records), today, catalogue(client.roomId()));
    }

    /** What a room trains with, for {@link #firstDay} of many clients. */
    public Catalogue catalogue(UUID roomId) {
        return rooms.outline(roomId).model().catalogue();
    }

    /** The same where the signals of {@code records} are known already. */
    public LocalDate firstDay(
            Client client,
            ClientDays.Days days,
            Standing standing,
            List<SessionRecord> records,
            List<Map<Place, SiteSignal>> signals,
            LocalDate today,
            Catalogue catalogue) {
        return NextVisit.firstDay(
                catalogue,
                records,
                signals,
                today,
                days.week(),
                client.details().story().after(0),
                !standing.soreSites().isEmpty());
    }
}

package kinesia.floor;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import kinesia.account.RoomCalendar;
import kinesia.client.Client;
import kinesia.client.ClientDetails;
import kinesia.core.arm.Side;
import kinesia.core.dose.Load;
import kinesia.core.dose.LoggedSet;
import kinesia.core.dose.PulseAim;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.dose.RestrictionCuffs;
import kinesia.core.dose.Water;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Figure;
import kinesia.core.exercise.FirstPull;
import kinesia.core.plan.Plan;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.plan.SoreSite;
import kinesia.core.reason.Reason;
import kinesia.core.response.BetweenRounds;
import kinesia.core.response.Changes.Change;
import kinesia.core.response.InSession;
import kinesia.core.response.SiteSignal;
import kinesia.core.response.StartingArm;
import kinesia.core.response.TrainingHold;
import kinesia.floor.FloorLooks.Here;
import kinesia.room.Place;
import kinesia.room.Places;
import kinesia.room.RoomCatalogue;
import kinesia.room.RoomMethods;
import kinesia.screening.Standing;
import kinesia.screening.Standings;
import kinesia.shared.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** A session, its sets and what follows from them, put together for the screens. */
@Component
public class SessionViews {
    private final SessionPlans plans;
    private final SetLogs logs;
    private final SessionNotes notes;
    private final Places places;
    private final Standings standings;
    private final RoomCatalogue rooms;
    private final RoomCalendar calendar;
    private final SetUps setUps;
    private final RoomMethods methods;

    SessionViews(
            SessionPlans plans,
            SetLogs logs,
            SessionNotes notes,
            Places places,
            Standings standings,
            RoomCatalogue rooms,
            RoomCalendar calendar,
            SetUps setUps,
            RoomMethods methods) {
        this.methods = methods;
        this.setUps = setUps;
        this.plans = plans;
        this.logs = logs;
        this.notes = notes;
        this.places = places;
        this.standings = standings;
        this.rooms = rooms;
        this.calendar = calendar;
    }

    /**
     * What the floor and plan screens need of one slot beyond the plan.
     *
     * @param own whether it is the room's own variation
     * @param firstPull what is looked at before the first set; null where no band is pulled
     * @param begins the arm that begins each set; empty where both work together
     */
    public record SlotGuide(
            String exerciseKey,
            boolean own,
            Figure figure,
            List<Load> loads,
            List<String> setUp,
            String up,
            String down,
            String danger,
            @Nullable String firstPull,
            List<Side> begins,
            List<String> cues,
            String breathing,
            List<String> faults,
            String landmark,
            SetUpController.@Nullable SetUpView remembered) {}

    record SetView(UUID id, LoggedSet set, List<String> faults) {}

    /**
     * A session.
     *
     * @param opening the first set of each exercise, and arm where they take turns; {@code advice} the next one where it has begun
     * @param cuffSeconds how long restriction cuffs may stay on; 0 where none are used
     */
    record SessionView(
            UUID id,
            UUID clientId,
            String clientName,
            ClientDetails.Units units,
            LocalDate visitOn,
            TrainingSession.Status status,
            @Nullable String stopSign,
            Plan plan,
            List<SlotGuide> guides,
            List<SoreSite> soreSites,
            List<Change> changes,
            List<SiteSignal> signals,
            List<SetView> sets,
            Map<String, InSession.Advice> opening,
            Map<String, InSession.Advice> advice,
            boolean morningPossible,
            List<Reason> held,
            List<NoteView> notes,
            Between between,
            int cuffSeconds) {}

    /**
     * What is looked after between the rounds of a circuit and at the end.
     *
     * @param aim of the pulse; null where a medicine slows the heart, and effort steers
     * @param water what to drink over the visit; null where a clinician limits it
     */
    record Between(@Nullable PulseAim aim, @Nullable Reason water) {}

    record NoteView(String text, String by) {}

    /** What the sets of {@code slot} so far, in order, say about the next one of each arm that has begun, or of both together. */
    Map<String, InSession.Advice> advice(Here here, Slot slot, List<InSession.Done> done) {
        Map<String, InSession.Advice> latest = new LinkedHashMap<>();
        for (@Nullable Side arm : slot.armsInTurn()) {
            done.stream()
                    .map(InSession.Done::set)
                    .filter(set -> set.side() == arm)
                    .reduce((earlier, later) -> later)
                    .ifPresent(last -> latest.put(
                            about(slot.exerciseKey(), arm),
                            InSession.next(slot, arm, done, loads(here, slot, last.load()))));
        }
        return latest;
    }

    /** The first set of each exercise, of each arm where they take turns. */
    private Map<String, InSession.Advice> opening(Here here, Plan plan) {
        Map<String, InSession.Advice> first = new LinkedHashMap<>();
        for (Slot slot : plan.slots()) {
            for (@Nullable Side arm : slot.armsInTurn()) {
                Load load = slot.of(arm).load();
                first.put(about(slot.exerciseKey(), arm), InSession.first(slot, arm, loads(here, slot, load)));
            }
        }
        return first;
    }

    private ReachableLoads loads(Here here, Slot slot, Load last) {
        Exercise exercise = rooms.get(here.roomId(), here.body(), slot.exerciseKey());
        ReachableLoads loads = ReachableLoads.of(here.equipment(), exercise, here.body());
        return here.frail() ? InSession.unhurried(slot, last, loads) : loads;
    }

    /** For each exercise begun what its sets say about the next one. */
    private Map<String, InSession.Advice> advice(Here here, Plan plan, List<SetView> sets) {
        Map<String, InSession.Advice> latest = new LinkedHashMap<>();
        for (Slot slot : plan.slots()) {
            List<InSession.Done> done = sets.stream()
                    .filter(s -> s.set().exerciseKey().equals(slot.exerciseKey()))
                    .map(s -> new InSession.Done(s.set(), s.faults()))
                    .toList();
            latest.putAll(advice(here, slot, done));
        }
        return latest;
    }

    /** What advice is kept under: the exercise, and the arm where the arms take turns. */
    static String about(String exerciseKey, @Nullable Side arm) {
        return arm == null ? exerciseKey : exerciseKey + " " + arm;
    }

    /** One logged set. */
    static SetView set(LocalDate on, SetLog log) {
        return new SetView(log.id(), log.set(on), log.faults());
    }

    /** The session as the floor and plan screens show it. */
    SessionView session(TrainingSession session, Client client) {
        Plan plan = plans.of(session.id());
        List<SetView> sets = logs.findBySessionIdAndUndoneFalseOrderByLoggedAt(session.id()).stream()
                .map(l -> set(session.visitOn(), l))
                .toList();
        return new SessionView(
                session.id(),
                client.id(),
                client.name(),
                client.details().units(),
                session.visitOn(),
                session.status(),
                session.stopSign(),
                plan,
                guides(client, here(session, client), plan, session.visitOn()),
                session.soreSites(),
                session.changes(),
                session.signals(),
                sets,
                opening(here(session, client), plan),
                advice(here(session, client), plan, sets),
                session.status() == TrainingSession.Status.DONE
                        && calendar.today(client.roomId()).isAfter(session.visitOn()),
                session.isOpen() ? held(client) : List.of(),
                notes.findBySessionIdOrderByMadeAt(session.id()).stream()
                        .map(n -> new NoteView(n.text(), n.madeBy()))
                        .toList(),
                between(client, session.visitOn(), plan),
                plan.method() != null
                                && methods.of(client.roomId())
                                        .isCuffed(plan.method().key())
                        ? RestrictionCuffs.LONGEST_ON_S
                        : 0);
    }

    private Between between(Client client, LocalDate on, Plan plan) {
        Standing standing = standings.of(client.id(), on);
        return new Between(
                standing.pulseAim(client.ageOn(on)).orElse(null),
                Water.of(plan.minutes().total(), standing.hasLimitOnDrinking()).orElse(null));
    }

    /** What was found after a round of the unit with that letter says about the next one. */
    BetweenRounds.RoundAdvice afterRound(
            TrainingSession session, Client client, String letter, BetweenRounds.Found found) {
        Plan plan = plans.of(session.id());
        Plan.Unit unit = plan.units().stream()
                .filter(u -> u.letter().equals(letter))
                .findFirst()
                .orElseThrow(() -> Problem.invalid(List.of(new Problem.Field("unit", "is no part of this session"))));
        boolean sore = session.soreSites().stream()
                .anyMatch(place -> unit.slots().stream().anyMatch(slot -> slot.loads(place.site())));
        return BetweenRounds.after(
                unit, found, between(client, session.visitOn(), plan).aim(), sore);
    }

    /** Why nothing more may be lifted: what a screen taken since the session was planned says. */
    private List<Reason> held(Client client) {
        TrainingHold hold =
                standings.of(client.id(), calendar.today(client.roomId())).hold(client.stop());
        return hold == null ? List.of() : hold.reasons();
    }

    private Here here(TrainingSession session, Client client) {
        UUID elsewhere = session.door().placeId();
        Place place = elsewhere == null
                ? client.place()
                : places.findByIdAndRoomId(elsewhere, client.roomId()).orElse(client.place());
        return Here.of(client, place.equipment(), session.visitOn());
    }

    /** What {@code client} needs to be shown of each exercise of {@code plan}, done at {@code place}. */
    public List<SlotGuide> guides(Client client, Place place, Plan plan) {
        return guides(client, Here.of(client, place.equipment(), plan.visitOn()), plan, plan.visitOn());
    }

    private List<SlotGuide> guides(Client client, Here here, Plan plan, LocalDate on) {
        Side first = StartingArm.after(logs.findLastArmByArm(client.id(), on).stream()
                .map(l -> l.set(on))
                .toList());
        return guides(rooms.of(client.roomId(), client.body()), here, plan, first, remembered(client.id()));
    }

    private Map<String, SetUpController.SetUpView> remembered(UUID clientId) {
        Map<String, SetUpController.SetUpView> all = new LinkedHashMap<>();
        setUps.findByClientId(clientId)
                .forEach(s -> all.put(s.exerciseKey(), new SetUpController.SetUpView(s.setUp(), s.version())));
        return all;
    }

    private static List<SlotGuide> guides(
            RoomCatalogue.Here room,
            Here here,
            Plan plan,
            Side first,
            Map<String, SetUpController.SetUpView> remembered) {
        ExerciseModel model = room.model();
        return plan.slots().stream()
                .map(slot -> {
                    Exercise exercise =
                            model.catalogue().get(slot.exerciseKey()).withMovement(slot.movement());
                    return new SlotGuide(
                            slot.exerciseKey(),
                            room.isOwn(slot.exerciseKey()),
                            Figure.of(model, exercise, here.body(), slot.load().kg()),
                            ReachableLoads.of(
                                            here.equipment(), model.catalogue().get(slot.exerciseKey()), here.body())
                                    .loads(),
                            exercise.guidance().setUp(),
                            exercise.guidance().up(),
                            exercise.guidance().down(),
                            exercise.guidance().danger(),
                            FirstPull.check(exercise).orElse(null),
                            StartingArm.ofSets(slot, first),
                            exercise.guidance().cues(),
                            exercise.guidance().breathing(),
                            exercise.guidance().faults(),
                            exercise.guidance().landmark(),
                            remembered.get(slot.exerciseKey()));
                })
                .toList();
    }
}

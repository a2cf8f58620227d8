package kinesia.exercise;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import kinesia.account.RoomCalendar;
import kinesia.account.SignedIn;
import kinesia.client.Client;
import kinesia.client.Clients;
import kinesia.core.dose.ClientStrength;
import kinesia.core.dose.Equipment;
import kinesia.core.dose.Person;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.ElbowStrength;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.plan.Atlas;
import kinesia.core.plan.Learned;
import kinesia.core.plan.SoreSite;
import kinesia.core.response.Learning;
import kinesia.core.response.NextVisit;
import kinesia.core.response.SessionRecord;
import kinesia.core.screening.Limit;
import kinesia.dose.ClientStrengths;
import kinesia.floor.SetLogs;
import kinesia.floor.TrainingSessions;
import kinesia.response.RoomEvidences;
import kinesia.response.SessionHistory;
import kinesia.room.RoomCatalogue;
import kinesia.room.StarterPlaces;
import kinesia.room.Variation;
import kinesia.screening.Standing;
import kinesia.screening.Standings;
import kinesia.shared.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Everything the core's atlas asks of one client, or of nobody in particular. */
@Component
class ClientAtlas {
    private final Clients clients;
    private final Standings standings;
    private final RoomCalendar calendar;
    private final TrainingSessions sessions;
    private final SetLogs logs;
    private final StarterPlaces places;
    private final ClientStrengths strengths;
    private final SessionHistory history;
    private final RoomEvidences evidences;
    private final RoomCatalogue rooms;
    private final ExerciseModel model;

    ClientAtlas(
            Clients clients,
            Standings standings,
            RoomCalendar calendar,
            TrainingSessions sessions,
            SetLogs logs,
            StarterPlaces places,
            ClientStrengths strengths,
            SessionHistory history,
            RoomEvidences evidences,
            RoomCatalogue rooms,
            ExerciseModel model) {
        this.clients = clients;
        this.standings = standings;
        this.calendar = calendar;
        this.sessions = sessions;
        this.logs = logs;
        this.places = places;
        this.strengths = strengths;
        this.history = history;
        this.evidences = evidences;
        this.rooms = rooms;
        this.model = model;
    }

    /**
     * For whom, and with what.
     *
     * @param client null for nobody in particular
     * @param equipment of the client's place, or of the room's first one
     * @param own the room's variations, by key
     */
    record For(
            @Nullable Client client,
            Body body,
            List<Limit> limits,
            List<SoreSite> soreSites,
            Equipment equipment,
            ExerciseModel model,
            Map<String, Variation> own,
            Atlas.Asked asked) {
        Atlas atlas() {
            return new Atlas(model, asked);
        }

        /** The entry {@code key}, shipped or the room's own; a 404 otherwise. */
        Exercise entry(String key) {
            return model.catalogue().find(key).orElseThrow(() -> Problem.notFound());
        }
    }

    For of(@Nullable UUID clientId, boolean longLength, SignedIn who) {
        if (clientId == null) {
            Equipment here = places.forRoom(who.roomId()).get(0).equipment();
            return make(
                    null,
                    Person.anybody(RoomCatalogue.ANYBODY),
                    ClientStrength.ofAnybody(model, RoomCatalogue.ANYBODY),
                    List.of(),
                    List.of(),
                    here,
                    Map.of(),
                    List.of(),
                    longLength,
                    Learned.NONE,
                    who);
        }
        Client client = clients.require(clientId, who.roomId());
        LocalDate today = calendar.today(who.roomId());
        Standing standing = standings.of(client.id(), today);
        ClientStrengths.Known known = strengths.of(client, standing, today);
        Map<String, Double> used = new HashMap<>();
        sessions.findLastEnded(client.id())
                .map(last -> logs.findLastLoads(client.id(), last.minusDays(NextVisit.LOOKS_BACK_DAYS)))
                .ifPresent(lately -> lately.forEach(u -> used.put(u.getExerciseKey(), u.getLoadKg())));
        return make(
                client,
                known.person(),
                known.strength().both(),
                standing.inForce().limits(),
                standing.soreSites(),
                client.place().equipment(),
                used,
                client.details().dislikes(),
                longLength,
                learned(client, standing),
                who);
    }

    /** What the sore places taught, so that the atlas ranks as the planner does. */
    private Learned learned(Client client, Standing standing) {
        List<SessionRecord> records = history.of(client.id(), null).stream()
                .map(SessionHistory.Entry::record)
                .toList();
        return Learning.of(standing.soreSites(), records, evidences.without(client.roomId(), client.id()))
                .learned(model.catalogue());
    }

    private For make(
            @Nullable Client client,
            Person person,
            ElbowStrength strength,
            List<Limit> limits,
            List<SoreSite> sore,
            Equipment equipment,
            Map<String, Double> used,
            List<String> dislikes,
            boolean longLength,
            Learned learned,
            SignedIn who) {
        Body body = person.body();
        Map<String, Variation> own = new LinkedHashMap<>();
        List<RoomCatalogue.Own> there = rooms.of(who.roomId(), body).toChoose();
        there.forEach(o -> own.put(o.key(), o.variation()));
        ExerciseModel withOwn = model.with(model.catalogue()
                .with(there.stream().map(RoomCatalogue.Own::exercise).toList()));
        Atlas.Asked asked = new Atlas.Asked(
                person, strength, used, limits, sore, client == null ? null : equipment, dislikes, longLength, learned);
        return new For(client, body, limits, sore, equipment, withOwn, own, asked);
    }
}

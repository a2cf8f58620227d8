package kinesia.dose;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import kinesia.client.Client;
import kinesia.client.OldSets;
import kinesia.core.dose.ClientStrength;
import kinesia.core.dose.LoggedSet;
import kinesia.core.dose.Person;
import kinesia.core.plan.SoreSite;
import kinesia.core.response.NextVisit;
import kinesia.floor.SetLogs;
import kinesia.floor.TrainingSession;
import kinesia.floor.TrainingSessions;
import kinesia.room.RoomCatalogue;
import kinesia.screening.Standing;
import org.springframework.stereotype.Component;

/** How strong a client is, from what is stored. */
@Component
public class ClientStrengths {
    private final TrainingSessions sessions;
    private final SetLogs logs;
    private final RoomCatalogue rooms;
    private final OldSets oldSets;

    ClientStrengths(TrainingSessions sessions, SetLogs logs, RoomCatalogue rooms, OldSets oldSets) {
        this.oldSets = oldSets;
        this.sessions = sessions;
        this.logs = logs;
        this.rooms = rooms;
    }

    /** Who it is and how strong. */
    public record Known(Person person, ClientStrength strength) {}

    /** On {@code today}, from the sets of the time that a next visit looks back over. */
    public Known of(Client client, Standing standing, LocalDate today) {
        Map<UUID, TrainingSession> lately =
                sessions.findOutlines(List.of(client.id()), NextVisit.LOOKS_BACK_DAYS).stream()
                        .filter(s -> !s.isOpen())
                        .collect(Collectors.toMap(TrainingSession::id, s -> s));
        List<LoggedSet> sets = Stream.concat(
                        oldSets.of(client.id()).stream(),
                        logs.findDone(lately.keySet()).stream()
                                .map(log -> log.set(lately.get(log.sessionId()).visitOn())))
                .toList();
        Person person = new Person(
                client.body(),
                client.ageOn(today),
                client.details().story().after(lately.size()),
                SoreSite.moderateArms(standing.soreSites()));
        return new Known(
                person,
                ClientStrength.of(rooms.of(client.roomId(), client.body()).model(), person, sets, today));
    }
}

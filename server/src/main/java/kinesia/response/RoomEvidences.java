package kinesia.response;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import kinesia.account.Room;
import kinesia.account.RoomCalendar;
import kinesia.account.Rooms;
import kinesia.client.Clients;
import kinesia.core.plan.SoreSite;
import kinesia.core.response.Learning;
import kinesia.core.response.RoomEvidence;
import kinesia.core.response.SessionRecord;
import kinesia.screening.Standings;
import kinesia.shared.StoredJson;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * What the joints of each room answered, worked out anew every hour: it changes slowly, and a visit that is planned does not wait
 * for it. Until it is there for the first time the house weights hold.
 */
@Component
public class RoomEvidences {
    private static final Logger LOG = LoggerFactory.getLogger(RoomEvidences.class);
    private static final int MOST_KEPT = 1_000;

    private final Rooms rooms;
    private final Clients clients;
    private final Standings standings;
    private final SessionHistory history;
    private final RoomCalendar calendar;
    private final TransactionTemplate transactions;
    private final Cache<UUID, List<Joint>> known =
            Caffeine.newBuilder().maximumSize(MOST_KEPT).build();

    RoomEvidences(
            Rooms rooms,
            Clients clients,
            Standings standings,
            SessionHistory history,
            RoomCalendar calendar,
            TransactionTemplate transactions) {
        this.rooms = rooms;
        this.clients = clients;
        this.standings = standings;
        this.history = history;
        this.calendar = calendar;
        this.transactions = transactions;
    }

    private record Joint(UUID clientId, Learning.AtPlace learned) {}

    /** Works it out for every room. */
    @Scheduled(initialDelay = 3_000, fixedDelay = 3_600_000)
    void workOut() {
        try {
            for (Room room : rooms.findAll()) {
                workOut(room.id());
            }
        } catch (DataAccessException | TransactionException e) {
            LOG.debug("not now", e); // in an hour, then
        }
    }

    /** Works it out for one room. */
    void workOut(UUID roomId) {
        List<Joint> joints = new ArrayList<>();
        LocalDate today = calendar.today(roomId);
        for (Clients.Name name : clients.findNames(roomId)) {
            try {
                transactions.executeWithoutResult(status -> joints.addAll(joints(name.getId(), today)));
            } catch (StoredJson.Unreadable | DataAccessException | TransactionException e) {
                LOG.warn("nothing is learned from one record: {}", e.getMessage());
            }
        }
        known.put(roomId, joints);
    }

    private List<Joint> joints(UUID clientId, LocalDate today) {
        List<SoreSite> sore = standings.of(clientId, today).soreSites();
        List<SessionRecord> records = sore.isEmpty()
                ? List.of()
                : history.of(clientId, null).stream()
                        .map(SessionHistory.Entry::record)
                        .toList();
        return Learning.of(sore, records, RoomEvidence.NONE).places().stream()
                .map(place -> new Joint(clientId, place))
                .toList();
    }

    /** What the joints of all others than {@code clientId} answered. */
    public RoomEvidence without(UUID roomId, UUID clientId) {
        return RoomEvidence.of(joints(roomId).stream()
                .filter(j -> !j.clientId().equals(clientId))
                .map(Joint::learned)
                .toList());
    }

    /** What all joints of the room answered. */
    public RoomEvidence of(UUID roomId) {
        return RoomEvidence.of(joints(roomId).stream().map(Joint::learned).toList());
    }

    private List<Joint> joints(UUID roomId) {
        List<Joint> joints = known.getIfPresent(roomId);
        return joints == null ? List.of() : joints;
    }
}

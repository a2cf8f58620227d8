package kinesia.floor;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.LocalDate;
import java.util.UUID;
import kinesia.client.Client;
import kinesia.client.Clients;
import kinesia.core.dose.Equipment;
import kinesia.core.exercise.Body;
import kinesia.room.Places;
import kinesia.shared.Problem;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * What a logged set has to know of its session, in one look: a session's row is mostly what was said of its plan, and reading
 * all of it, the client and the place for each set would take longer than keeping the set.
 */
@Component
class FloorLooks {
    private static final int MOST = 500;
    private static final String LOOK = """
            select t.status, t.visit_on, c.id, c.version, p.id, p.version
            from training_session t
              join client c on c.id = t.client_id
              join place p on p.id = coalesce((t.door -> 'document' ->> 'placeId')::uuid, c.place_id)
            where t.id = ? and c.room_id = ?
            for update of t
            """;

    private final JdbcClient database;
    private final Clients clients;
    private final Places places;
    private final Cache<WhoAndWhere, Here> known =
            Caffeine.newBuilder().maximumSize(MOST).build();

    FloorLooks(JdbcClient database, Clients clients, Places places) {
        this.database = database;
        this.clients = clients;
        this.places = places;
    }

    /** Client and place as they stand, so that a change of either is another key. */
    private record WhoAndWhere(UUID clientId, long clientVersion, UUID placeId, long placeVersion) {}

    /** Who works, and what the place that the session was planned for has. */
    record Here(UUID roomId, Equipment equipment, Body body, boolean frail) {
        static Here of(Client client, Equipment equipment, LocalDate on) {
            boolean frail = client.details().story().after(0).isFrail(client.ageOn(on));
            return new Here(client.roomId(), equipment, client.body(), frail);
        }
    }

    /** A session as it stands, held until the transaction ends. */
    record Look(LocalDate visitOn, TrainingSession.Status status, Here here) {
        boolean isOpen() {
            return status == TrainingSession.Status.PLANNED || status == TrainingSession.Status.RUNNING;
        }
    }

    private record Row(String status, LocalDate visitOn, WhoAndWhere key) {}

    /** Looks at a session of the room and holds it: what else is done to it waits. */
    Look held(UUID sessionId, UUID roomId) {
        Row row = database.sql(LOOK)
                .params(sessionId, roomId)
                .query((found, n) -> new Row(
                        found.getString(1),
                        found.getObject(2, LocalDate.class),
                        new WhoAndWhere(
                                found.getObject(3, UUID.class),
                                found.getLong(4),
                                found.getObject(5, UUID.class),
                                found.getLong(6))))
                .optional()
                .orElseThrow(Problem::notFound);
        return new Look(
                row.visitOn(),
                TrainingSession.Status.valueOf(row.status()),
                known.get(row.key(), key -> read(key, row.visitOn())));
    }

    private Here read(WhoAndWhere key, LocalDate on) {
        return Here.of(
                clients.findById(key.clientId()).orElseThrow(),
                places.findById(key.placeId()).orElseThrow().equipment(),
                on);
    }
}

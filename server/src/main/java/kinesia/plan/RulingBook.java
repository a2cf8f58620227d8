package kinesia.plan;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import kinesia.account.RoomCalendar;
import kinesia.client.Client;
import kinesia.core.response.Changes.Change;
import kinesia.core.response.Ruling;
import kinesia.core.response.SessionRecord;
import org.springframework.stereotype.Component;

/** What trainers answered to the changes of their clients' plans. */
@Component
public class RulingBook {
    private final StoredRulings rulings;
    private final RoomCalendar calendar;

    RulingBook(StoredRulings rulings, RoomCalendar calendar) {
        this.rulings = rulings;
        this.calendar = calendar;
    }

    /** What was answered to the changes since the last of {@code records}, oldest first. */
    public List<Ruling> of(UUID clientId, List<SessionRecord> records) {
        return records.isEmpty()
                ? List.of()
                : rulings
                        .findByClientIdAndAfterVisitOrderByMadeAt(
                                clientId, last(records).on())
                        .stream()
                        .map(StoredRuling::said)
                        .toList();
    }

    /** Keeps {@code said} of the plan that follows {@code records}; the same id again is the same answer. */
    public void keep(UUID id, Client client, List<SessionRecord> records, Ruling said, String by) {
        if (!rulings.existsById(id)) {
            rulings.saveAndFlush(new StoredRuling(
                    id, client.roomId(), client.id(), last(records).on(), said, calendar.now(), by));
        }
    }

    /** A visit begun takes whatever of {@code changes} nothing was said against. */
    public void begun(UUID sessionId, Client client, List<SessionRecord> records, List<Change> changes, String by) {
        for (Change c : changes) {
            if (c.ruling() == null && c.key() != null) {
                String name = sessionId + " " + c.kind() + " " + c.key();
                keep(
                        UUID.nameUUIDFromBytes(name.getBytes(StandardCharsets.UTF_8)),
                        client,
                        records,
                        new Ruling(
                                c.key(),
                                c.kind(),
                                c.reason().ruleId(),
                                c.reason().threshold(),
                                Ruling.Choice.ACCEPTED,
                                ""),
                        by);
            }
        }
    }

    /** Rule by rule how often each answer was given in a room. */
    List<Ruling.RuledOn> counted(UUID roomId) {
        return Ruling.counted(rulings.findByRoomIdOrderByMadeAt(roomId).stream()
                .map(StoredRuling::said)
                .toList());
    }

    private static SessionRecord last(List<SessionRecord> records) {
        return records.get(records.size() - 1);
    }
}

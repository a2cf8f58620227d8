package kinesia.plan;

import java.time.LocalDate;
import java.util.List;
import kinesia.client.Client;
import kinesia.core.dose.Equipment;
import kinesia.core.plan.Door;
import kinesia.core.response.SessionRecord;
import kinesia.response.SessionHistory;
import kinesia.screening.Standing;
import kinesia.screening.Standings;
import org.springframework.stereotype.Component;

/** What a client's next visit would be planned from, put together from everything stored. */
@Component
class NextRequests {
    private final Standings standings;
    private final SessionHistory history;
    private final VisitPlanner visits;

    NextRequests(Standings standings, SessionHistory history, VisitPlanner visits) {
        this.standings = standings;
        this.history = history;
        this.visits = visits;
    }

    /** For {@code client} at a place that has {@code equipment}, seen from {@code today}. */
    VisitPlanner.Ready of(Client client, Equipment equipment, Composition composition, LocalDate today) {
        Standing standing = standings.of(client.id(), today);
        List<SessionRecord> records = history.of(client.id(), null).stream()
                .map(SessionHistory.Entry::record)
                .toList();
        LocalDate day = visits.firstDay(client, standing, records, today);
        return visits.ready(client, equipment, standing, records, day, Door.quiet(), composition);
    }
}

package kinesia.plan;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import kinesia.client.Client;
import kinesia.core.plan.Door;
import kinesia.core.plan.TrainingBlock;
import kinesia.core.response.SessionRecord;
import kinesia.core.response.WeeksAhead;
import kinesia.response.SessionHistory;
import kinesia.screening.Standing;
import kinesia.screening.Standings;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What a client's next visit would be planned from, put together from everything stored. */
@Component
class NextRequests {
    private final Standings standings;
    private final SessionHistory history;
    private final VisitPlanner visits;
    private final ClientDays clientDays;

    NextRequests(Standings standings, SessionHistory history, VisitPlanner visits, ClientDays clientDays) {
        this.standings = standings;
        this.history = history;
        this.visits = visits;
        this.clientDays = clientDays;
    }

    /** For {@code client}, seen from {@code today}, at the place of the composition or else the one that is booked. */
    VisitPlanner.Ready of(Client client, Composition composition, LocalDate today) {
        Standing standing = standings.of(client.id(), today);
        List<SessionRecord> records = records(client);
        ClientDays.Days days = clientDays.of(client, today);
        LocalDate day = visits.firstDay(client, days, standing, records, today);
        return visits.ready(
                client,
                days,
                clientDays.place(client, composition.placeId(), days.on(day)).equipment(),
                standing,
                records,
                day,
                Door.quiet(),
                composition);
    }

    /** The weeks of {@code block} as they would go, at the place of the composition or else the usual one; null while held. */
    WeeksAhead.@Nullable Weeks weeks(
            Client client, Composition composition, TrainingBlock block, Set<DayOfWeek> weekdays) {
        return visits.weeks(
                client,
                clientDays.of(client, block.start()),
                clientDays.place(client, composition.placeId(), null).equipment(),
                standings.of(client.id(), block.start()),
                records(client),
                block,
                weekdays,
                composition);
    }

    private List<SessionRecord> records(Client client) {
        return history.of(client.id(), null).stream()
                .map(SessionHistory.Entry::record)
                .toList();
    }
}

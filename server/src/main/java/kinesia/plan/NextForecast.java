package kinesia.plan;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import kinesia.client.Client;
import kinesia.core.plan.Door;
import kinesia.core.plan.Plan;
import kinesia.core.response.Forecast;
import kinesia.core.response.LearnedPlace;
import kinesia.core.response.SessionRecord;
import kinesia.response.SessionHistory;
import kinesia.screening.Standing;
import org.springframework.stereotype.Component;

/** How the next visit of a client will be taken. */
@Component
public class NextForecast {
    private final VisitPlanner visits;
    private final SessionHistory history;
    private final ClientDays clientDays;
    private final Compositions compositions;
    private final RulingBook rulings;

    NextForecast(
            VisitPlanner visits,
            SessionHistory history,
            ClientDays clientDays,
            Compositions compositions,
            RulingBook rulings) {
        this.visits = visits;
        this.history = history;
        this.clientDays = clientDays;
        this.compositions = compositions;
        this.rulings = rulings;
    }

    /** The forecast of the place that is least sure to go, for a visit on {@code day}; empty where nothing is planned or sore. */
    public Optional<Forecast> of(Client client, ClientDays.Days days, Standing standing, LocalDate day) {
        List<SessionRecord> records = history.of(client.id(), null).stream()
                .map(SessionHistory.Entry::record)
                .toList();
        if (records.isEmpty() || standing.soreSites().isEmpty()) {
            return Optional.empty();
        }
        Composition composition = compositions.of(client.id());
        Plan plan = visits.plan(
                        client,
                        days,
                        clientDays
                                .place(client, composition.placeId(), days.on(day))
                                .equipment(),
                        standing,
                        records,
                        day,
                        Door.quiet(),
                        composition,
                        rulings.of(client.id(), records))
                .result()
                .plan();
        return plan == null
                ? Optional.empty()
                : visits.learned(client, standing, records, day, plan).stream()
                        .map(LearnedPlace::forecast)
                        .filter(Objects::nonNull)
                        .min(Comparator.comparingDouble(Forecast::go));
    }
}

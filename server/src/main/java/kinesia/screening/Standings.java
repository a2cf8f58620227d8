package kinesia.screening;

import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import kinesia.client.Client;
import kinesia.core.screening.Assessment;
import kinesia.core.screening.Clearance;
import kinesia.core.screening.Continuity;
import kinesia.core.screening.LimitChange;
import kinesia.core.screening.LimitsInForce;
import kinesia.core.screening.ScreenAnswers;
import kinesia.core.screening.ScreenAnswers.Reading;
import kinesia.core.screening.ScreenComparison;
import kinesia.core.screening.ScreeningRules;
import org.springframework.stereotype.Component;

/** Puts together what was screened, what clinicians allowed since, and what people changed. */
@Component
public class Standings {
    private final Screens screens;
    private final Clearances clearances;
    private final LimitChanges changes;
    private final PressureReadings readings;
    private final ScreeningRules rules;

    Standings(
            Screens screens,
            Clearances clearances,
            LimitChanges changes,
            PressureReadings readings,
            ScreeningRules rules) {
        this.readings = readings;
        this.screens = screens;
        this.clearances = clearances;
        this.changes = changes;
        this.rules = rules;
    }

    /** Where one client stands on {@code day}. */
    public Standing of(UUID clientId, LocalDate day) {
        return ofAll(List.of(clientId), day).getOrDefault(clientId, Standing.UNSCREENED);
    }

    /** Where many clients stand on {@code day}; those never screened are not in it. */
    public Map<UUID, Standing> ofAll(Collection<UUID> clientIds, LocalDate day) {
        Map<UUID, List<Clearance>> cleared = clearances.findByClientIdInOrderByRecordedAt(clientIds).stream()
                .filter(c -> c.withdrawnOn() == null)
                .collect(Collectors.groupingBy(
                        StoredClearance::clientId,
                        Collectors.mapping(StoredClearance::clearance, Collectors.toList())));
        Map<UUID, List<LimitChange>> changed = changes.findByClientIdInOrderByMadeAt(clientIds).stream()
                .collect(Collectors.groupingBy(
                        StoredLimitChange::clientId,
                        Collectors.mapping(StoredLimitChange::change, Collectors.toList())));
        Map<UUID, List<PressureReading>> read = readings.findByClientIdInOrderByReadAt(clientIds).stream()
                .collect(Collectors.groupingBy(PressureReading::clientId));
        Map<UUID, Standing> standings = new HashMap<>();
        for (Screen screen : screens.findLatest(clientIds)) {
            UUID client = screen.clientId();
            List<Reading> since = since(screen, read.getOrDefault(client, List.of()), day);
            ScreenAnswers answers = screen.answers().withReadings(since, screen.takenOn());
            boolean readingDue = rules.readingDue(answers, screen.takenOn(), day);
            Assessment assessment =
                    onDay(screen, answers, !since.isEmpty(), cleared.getOrDefault(client, List.of()), day);
            standings.put(
                    client,
                    new Standing(
                            screen,
                            assessment,
                            LimitsInForce.on(
                                    day,
                                    screen.takenOn(),
                                    assessment.limits(),
                                    changed.getOrDefault(client, List.of())),
                            readingDue));
        }
        return standings;
    }

    /** The clearances on record that were not withdrawn. */
    List<Clearance> clearancesOf(UUID clientId) {
        return clearances.findByClientIdOrderByRecordedAt(clientId).stream()
                .filter(c -> c.withdrawnOn() == null)
                .map(StoredClearance::clearance)
                .toList();
    }

    /**
     * A screen speaks for itself, as the rules of its day judged it, until a clearance comes, goes or ends, a reading is taken at a
     * door, or a day comes that one of its limits waits for; then its answers are assessed anew. What came into the screen later is said, and never makes it
     * incomplete.
     */
    private Assessment onDay(Screen screen, ScreenAnswers answers, boolean isRead, List<Clearance> now, LocalDate day) {
        List<Clearance> then = answers.clearances();
        boolean unchanged = now.stream()
                .filter(c -> c.holdsOn(day))
                .toList()
                .equals(then.stream().filter(c -> c.holdsOn(screen.takenOn())).toList());
        Assessment judged = unchanged && !isRead && !rules.turnsBetween(answers, screen.takenOn(), day)
                ? screen.assessment()
                : rules.assess(answers.withClearances(now), screen.takenOn(), day);
        return judged.saying(rules.notAskedThen(answers, screen.takenOn()));
    }

    /** What was read at doors since the screen, up to {@code day}. */
    private static List<Reading> since(Screen screen, List<PressureReading> all, LocalDate day) {
        return all.stream()
                .filter(r -> r.readOn().isAfter(screen.takenOn()) && !r.readOn().isAfter(day))
                .map(PressureReading::reading)
                .toList();
    }

    /** {@code answers} as they are judged: beside the clearances on record and what earlier screens and sessions left. */
    ScreenAnswers completed(ScreenAnswers answers, Client client) {
        ScreenComparison.Taken last = screens.findLatest(List.of(client.id())).stream()
                .map(s -> new ScreenComparison.Taken(s.takenOn(), s.answers(), s.assessment()))
                .findFirst()
                .orElse(null);
        return Continuity.known(answers, last)
                .withClearances(clearancesOf(client.id()))
                .after(Continuity.before(last, client.stop()))
                .underVersion(ScreeningRules.VERSION);
    }
}

package kinesia.exchange;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import kinesia.account.RoomCalendar;
import kinesia.account.SignedIn;
import kinesia.client.Client;
import kinesia.client.ClientDetails;
import kinesia.client.Clients;
import kinesia.client.OldSet;
import kinesia.client.OldSets;
import kinesia.core.dose.LoggedSet;
import kinesia.core.exercise.Exercise;
import kinesia.core.plan.RoutineMatch;
import kinesia.room.RoomCatalogue;
import kinesia.shared.Problem;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** A client's log from elsewhere: its names are found in the catalogue and asked about, then it comes in whole or not at all. */
@RestController
class OldLogController {
    private final Clients clients;
    private final OldSets oldSets;
    private final RoomCatalogue rooms;
    private final RoomCalendar calendar;

    OldLogController(Clients clients, OldSets oldSets, RoomCatalogue rooms, RoomCalendar calendar) {
        this.clients = clients;
        this.oldSets = oldSets;
        this.rooms = rooms;
        this.calendar = calendar;
    }

    /**
     * @param text the table, RFC 4180 with headings in the first line
     * @param columns which heading holds what; what is missing is guessed
     * @param names which exercise a name means, by its key; empty leaves the name out
     * @param keep false to look at it first
     */
    record SaidLog(
            @NotNull(message = "is needed") @Size(max = 900_000, message = "at most 900 kB")
            String text,

            @Nullable Map<OldLog.Column, String> columns,
            @Nullable Map<String, String> names,
            boolean keep) {}

    /** An exercise that a name of the log may mean. */
    record NamedExercise(String key, String name) {}

    /**
     * A name of the log.
     *
     * @param key what it is taken for; missing while nobody can tell, empty where it is left out
     * @param options what it may mean, best first
     */
    record OldName(String name, int lines, @Nullable String key, List<NamedExercise> options) {}

    /** @param line of the file, from 1 */
    record OldLogLine(long line, String name, int sets, List<String> problems) {}

    /**
     * @param missing columns that are still to choose
     * @param wrong the lines that need mending
     * @param fresh sets that are not here yet
     * @param known sets that are
     * @param kept sets that were brought in now
     */
    record OldLogRead(
            List<String> headings,
            Map<OldLog.Column, String> columns,
            List<OldLog.Column> missing,
            List<OldName> names,
            List<NamedExercise> exercises,
            List<OldLogLine> wrong,
            int fresh,
            int known,
            int kept) {}

    @PostMapping("/api/clients/{clientId}/old-log")
    @Transactional
    OldLogRead read(
            @PathVariable UUID clientId, @Valid @RequestBody SaidLog said, @AuthenticationPrincipal SignedIn who) {
        Client client = clients.require(clientId, who.roomId());
        CsvTable<OldLog.Column> table = CsvTable.of(OldLog.Column.class, said.text(), said.columns());
        Map<String, Exercise> catalogue = rooms.of(client.roomId(), client.body()).model().catalogue().all().stream()
                .collect(Collectors.toMap(Exercise::key, e -> e, (a, b) -> a, LinkedHashMap::new));
        List<OldName> names =
                names(table, List.copyOf(catalogue.values()), Objects.requireNonNullElse(said.names(), Map.of()));
        Map<String, Exercise> meant = new HashMap<>();
        names.forEach(n -> {
            Exercise exercise = n.key() == null ? null : catalogue.get(n.key());
            if (exercise != null) {
                meant.put(n.name(), exercise);
            }
        });
        List<OldLog.Line> lines = new OldLog(table)
                .lines(
                        meant,
                        client.body().massKg(),
                        client.details().units() == ClientDetails.Units.LB_FT,
                        calendar.today(who.roomId()));
        Set<UUID> here = oldSets.findByClientIdOrderByDoneOnAscSetNumberAsc(clientId).stream()
                .map(OldSet::getId)
                .collect(Collectors.toCollection(HashSet::new));
        List<LoggedSet> all = lines.stream().flatMap(l -> l.sets().stream()).toList();
        List<LoggedSet> fresh =
                all.stream().filter(s -> here.add(OldSet.id(clientId, s))).toList();
        List<OldLogLine> wrong = lines.stream()
                .filter(l -> !l.problems().isEmpty())
                .map(l -> new OldLogLine(l.number(), l.name(), l.sets().size(), l.problems()))
                .toList();
        if (said.keep()) {
            keep(clientId, who, table, names, wrong, fresh);
        }
        return new OldLogRead(
                table.headings(),
                table.columns(),
                table.missing(),
                names,
                catalogue.values().stream()
                        .map(e -> new NamedExercise(e.key(), e.name()))
                        .sorted(Comparator.comparing(NamedExercise::name))
                        .toList(),
                wrong,
                fresh.size(),
                all.size() - fresh.size(),
                said.keep() ? fresh.size() : 0);
    }

    private void keep(
            UUID clientId,
            SignedIn who,
            CsvTable<OldLog.Column> table,
            List<OldName> names,
            List<OldLogLine> wrong,
            List<LoggedSet> fresh) {
        if (!table.missing().isEmpty()) {
            throw Problem.refused("Nothing was brought in: a column for the "
                    + table.missing().get(0).words().get(0) + " is not chosen yet.");
        }
        if (!wrong.isEmpty()) {
            throw Problem.refused("Nothing was brought in: " + wrong.size()
                    + (wrong.size() == 1 ? " line needs" : " lines need") + " mending first.");
        }
        names.stream().filter(n -> n.key() == null).findFirst().ifPresent(n -> {
            throw Problem.refused("Nothing was brought in: say what “" + n.name() + "” is, or leave it out.");
        });
        oldSets.saveAllAndFlush(fresh.stream()
                .map(s -> new OldSet(clientId, s, calendar.now(), who.name()))
                .toList());
    }

    private static List<OldName> names(CsvTable<OldLog.Column> table, List<Exercise> all, Map<String, String> chosen) {
        Map<String, Integer> counts = new LinkedHashMap<>();
        for (CSVRecord row : table.readable().toList()) {
            counts.merge(Objects.requireNonNullElse(table.said(row, OldLog.Column.EXERCISE), ""), 1, Integer::sum);
        }
        RoutineMatch match = new RoutineMatch(all);
        return counts.entrySet().stream()
                .map(e -> {
                    RoutineMatch.Found found = match.find(e.getKey());
                    String key = chosen.getOrDefault(
                            e.getKey(), found.sure() ? found.options().get(0).key() : null);
                    return new OldName(
                            e.getKey(),
                            e.getValue(),
                            key,
                            found.options().stream()
                                    .map(x -> new NamedExercise(x.key(), x.name()))
                                    .toList());
                })
                .toList();
    }
}

package kinesia.record;

import jakarta.validation.Valid;
import jakarta.validation.Validator;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import kinesia.account.RoomCalendar;
import kinesia.account.SignedIn;
import kinesia.client.Client;
import kinesia.client.ClientDetails;
import kinesia.client.Clients;
import kinesia.core.arm.Sex;
import kinesia.core.arm.Side;
import kinesia.core.plan.Goal;
import kinesia.room.Place;
import kinesia.room.Places;
import kinesia.shared.Problem;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.apache.commons.csv.DuplicateHeaderMode;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Clients from a table: looked at line by line first, then brought in all together or not at all. */
@RestController
class ClientImportController {
    private static final int MOST_LINES = 2_000;
    private static final int YOUNGEST = 18;
    private static final int OLDEST = 110;
    private static final int MINUTES = 45;
    private static final double CM = 100;
    // A stature of more metres than this is one in centimetres.
    private static final double TALLEST_M = 3;

    private final Clients clients;
    private final Places places;
    private final RoomCalendar calendar;
    private final Validator validator;

    ClientImportController(Clients clients, Places places, RoomCalendar calendar, Validator validator) {
        this.clients = clients;
        this.places = places;
        this.calendar = calendar;
        this.validator = validator;
    }

    /** What a column can hold; the words are headings under which it is found without asking. */
    enum Column {
        NAME(true, "name|client|full name"),
        BORN_ON(true, "born|born on|birth date|date of birth|birthday"),
        SEX(true, "sex|gender"),
        STATURE(true, "stature|height|height cm|height m"),
        BODY_MASS(true, "body mass|weight|mass|weight kg"),
        HAND(false, "hand|handed"),
        LIFE(false, "life|work|occupation|notes");

        private final boolean needed;
        private final String headings;

        Column(boolean needed, String headings) {
            this.needed = needed;
            this.headings = headings;
        }

        private List<String> words() {
            return List.of(headings.split("\\|", -1));
        }
    }

    /**
     * @param text the table, RFC 4180 with headings in the first line
     * @param columns which heading holds what; what is missing is guessed
     * @param keep false to look at it first
     */
    record ClientTable(
            @NotNull(message = "is needed") @Size(max = 900_000, message = "at most 900 kB")
            String text,

            @Nullable Map<Column, String> columns,
            boolean keep) {}

    enum State {
        NEW,
        KNOWN,
        WRONG
    }

    /** @param line of the file, from 1 */
    record ClientLine(long line, String name, State state, List<String> problems) {}

    record ClientTableRead(
            List<String> headings,
            Map<Column, String> columns,
            List<Column> missing,
            List<ClientLine> lines,
            int kept) {}

    @PostMapping("/api/imports/clients")
    @Transactional
    ClientTableRead read(@Valid @RequestBody ClientTable table, @AuthenticationPrincipal SignedIn who) {
        List<CSVRecord> rows = new ArrayList<>();
        List<String> headings = parsed(table.text(), rows);
        Map<Column, String> columns = columns(headings, table.columns());
        List<Column> missing = List.of(Column.values()).stream()
                .filter(c -> c.needed && !columns.containsKey(c))
                .toList();
        Set<String> known = new HashSet<>();
        clients.findAllInRoom(who.roomId())
                .forEach(c -> known.add(key(c.name(), c.details().bornOn())));
        List<ClientLine> lines = new ArrayList<>();
        List<ClientDetails> fresh = new ArrayList<>();
        Place place = places.findByRoomIdOrderByName(who.roomId()).get(0);
        LocalDate today = calendar.today(who.roomId());
        for (CSVRecord row : missing.isEmpty() ? rows : List.<CSVRecord>of()) {
            List<String> problems = new ArrayList<>();
            ClientDetails details = details(row, columns, place.id(), today, problems);
            String name = Objects.requireNonNullElse(said(row, columns, Column.NAME), "");
            State state = details == null
                    ? State.WRONG
                    : known.add(key(details.name(), details.bornOn())) ? State.NEW : State.KNOWN;
            lines.add(new ClientLine(line(row), name, state, problems));
            if (state == State.NEW && details != null) {
                fresh.add(details);
            }
        }
        boolean whole = missing.isEmpty() && lines.stream().noneMatch(l -> l.state() == State.WRONG);
        if (table.keep() && !whole) {
            throw Problem.refused("Nothing was brought in: " + wrongWords(missing, lines));
        }
        if (table.keep()) {
            fresh.forEach(d -> clients.save(new Client(id(who.roomId(), d), who.roomId(), place, d)));
            clients.flush();
        }
        return new ClientTableRead(headings, columns, missing, lines, table.keep() ? fresh.size() : 0);
    }

    /** The heading is line 1. */
    private static long line(CSVRecord row) {
        return row.getRecordNumber() + 1;
    }

    private static String wrongWords(List<Column> missing, List<ClientLine> lines) {
        long wrong = lines.stream().filter(l -> l.state() == State.WRONG).count();
        return missing.isEmpty()
                ? wrong + (wrong == 1 ? " line needs" : " lines need") + " mending first."
                : "a column for the " + words(missing.get(0)) + " is not chosen yet.";
    }

    private static String words(Column column) {
        return column.words().get(0);
    }

    private static List<String> parsed(String text, List<CSVRecord> rows) {
        String plain = text.startsWith("\uFEFF") ? text.substring(1) : text;
        String first = plain.lines().findFirst().orElse("");
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(first.indexOf(';') >= 0 && first.indexOf(',') < 0 ? ';' : ',')
                .setHeader()
                .setSkipHeaderRecord(true)
                .setDuplicateHeaderMode(DuplicateHeaderMode.DISALLOW)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get();
        try (CSVParser parser = CSVParser.parse(new StringReader(plain), format)) {
            for (CSVRecord row : parser) {
                if (rows.size() >= MOST_LINES) {
                    throw Problem.refused("More than " + MOST_LINES + " lines; split the table.");
                }
                rows.add(row);
            }
            return List.copyOf(parser.getHeaderNames());
        } catch (IllegalArgumentException | UncheckedIOException | IOException e) {
            throw Problem.refused("This is no table that can be read: " + e.getMessage());
        }
    }

    private static Map<Column, String> columns(List<String> headings, @Nullable Map<Column, String> chosen) {
        Map<Column, String> columns = new EnumMap<>(Column.class);
        if (chosen != null) {
            chosen.forEach((column, heading) -> {
                if (headings.contains(heading)) {
                    columns.put(column, heading);
                }
            });
        }
        for (Column column : Column.values()) {
            headings.stream()
                    .filter(h -> !columns.containsValue(h)
                            && column.words()
                                    .contains(h.strip()
                                            .toLowerCase(Locale.ROOT)
                                            .replaceAll("[^a-z]+", " ")
                                            .strip()))
                    .findFirst()
                    .ifPresent(h -> columns.putIfAbsent(column, h));
        }
        return new LinkedHashMap<>(columns);
    }

    private static @Nullable String said(CSVRecord row, Map<Column, String> columns, Column column) {
        String heading = columns.get(column);
        return heading == null || !row.isSet(heading) ? null : row.get(heading);
    }

    private @Nullable ClientDetails details(
            CSVRecord row, Map<Column, String> columns, UUID placeId, LocalDate today, List<String> problems) {
        LocalDate born = born(said(row, columns, Column.BORN_ON), today, problems);
        Sex sex = sex(said(row, columns, Column.SEX), problems);
        Double stature = number("stature", said(row, columns, Column.STATURE), problems);
        Double mass = number("body mass", said(row, columns, Column.BODY_MASS), problems);
        String hand = said(row, columns, Column.HAND);
        if (born == null || sex == null || stature == null || mass == null) {
            return null;
        }
        ClientDetails details = new ClientDetails(
                Objects.requireNonNullElse(said(row, columns, Column.NAME), ""),
                born,
                sex,
                stature > TALLEST_M ? stature / CM : stature,
                mass,
                hand != null && hand.toLowerCase(Locale.ROOT).startsWith("l") ? Side.LEFT : Side.RIGHT,
                Goal.FUNCTION,
                Objects.requireNonNullElse(said(row, columns, Column.LIFE), ""),
                new ClientDetails.Story(0, false, null),
                ClientDetails.Units.KG_CM,
                2,
                MINUTES,
                placeId,
                Map.of(),
                null,
                List.of(),
                "",
                null,
                null,
                null,
                null,
                null);
        validator.validate(details).forEach(v -> problems.add(v.getPropertyPath() + " " + v.getMessage()));
        return problems.isEmpty() ? details : null;
    }

    private static @Nullable LocalDate born(@Nullable String said, LocalDate today, List<String> problems) {
        try {
            LocalDate born = LocalDate.parse(said == null ? "" : said);
            if (born.isAfter(today.minusYears(YOUNGEST)) || born.isBefore(today.minusYears(OLDEST))) {
                problems.add("born on makes an age outside " + YOUNGEST + " to " + OLDEST + " years");
                return null;
            }
            return born;
        } catch (DateTimeParseException e) {
            problems.add("born on is a day like 1958-04-23, not “" + said + "”");
            return null;
        }
    }

    private static @Nullable Sex sex(@Nullable String said, List<String> problems) {
        String first =
                said == null || said.isEmpty() ? "" : said.substring(0, 1).toLowerCase(Locale.ROOT);
        if (first.equals("f") || first.equals("w")) {
            return Sex.FEMALE;
        }
        if (first.equals("m")) {
            return Sex.MALE;
        }
        problems.add("sex is female or male, not “" + said + "”");
        return null;
    }

    private static @Nullable Double number(String what, @Nullable String said, List<String> problems) {
        try {
            return Double.valueOf((said == null ? "" : said).replace(',', '.').replaceAll("[^0-9.]+$", ""));
        } catch (NumberFormatException e) {
            problems.add(what + " is a number, not “" + said + "”");
            return null;
        }
    }

    private static String key(String name, LocalDate bornOn) {
        return name.strip().toLowerCase(Locale.ROOT) + " " + bornOn;
    }

    /** The same line makes the same client, however often it comes. */
    private static UUID id(UUID roomId, ClientDetails details) {
        return UUID.nameUUIDFromBytes(
                (roomId + "/" + key(details.name(), details.bornOn())).getBytes(StandardCharsets.UTF_8));
    }
}

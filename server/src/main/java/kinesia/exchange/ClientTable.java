package kinesia.exchange;

import jakarta.validation.Validator;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import kinesia.client.ClientDetails;
import kinesia.core.arm.Sex;
import kinesia.core.arm.Side;
import kinesia.core.plan.Goal;
import kinesia.shared.Problem;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.apache.commons.csv.DuplicateHeaderMode;
import org.jspecify.annotations.Nullable;

/**
 * Clients as a table says them: RFC 4180 with headings in its first line.
 *
 * @param columns which heading holds what
 */
record ClientTable(List<String> headings, Map<Column, String> columns, List<CSVRecord> rows) {
    private static final int MOST_LINES = 2_000;
    private static final int MINUTES = 45;
    private static final double CM = 100;
    // A stature of more metres than this is one in centimetres.
    private static final double TALLEST_M = 3;

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

        List<String> words() {
            return List.of(headings.split("\\|", -1));
        }
    }

    /** Reads {@code text}; {@code chosen} says which heading holds what, and the rest is guessed. */
    static ClientTable of(String text, @Nullable Map<Column, String> chosen) {
        List<CSVRecord> rows = new ArrayList<>();
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
            List<String> headings = List.copyOf(parser.getHeaderNames());
            return new ClientTable(headings, columns(headings, chosen), rows);
        } catch (IllegalArgumentException | UncheckedIOException | IOException e) {
            throw Problem.refused("This is no table that can be read: " + e.getMessage());
        }
    }

    /** As it is called in the file. */
    String name(CSVRecord row) {
        return Objects.requireNonNullElse(said(row, Column.NAME), "");
    }

    /** Columns that are needed and not found. */
    List<Column> missing() {
        return List.of(Column.values()).stream()
                .filter(c -> c.needed && !columns.containsKey(c))
                .toList();
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

    private @Nullable String said(CSVRecord row, Column column) {
        String heading = columns.get(column);
        return heading == null || !row.isSet(heading) ? null : row.get(heading);
    }

    /** The client of {@code row}; null where something is wrong, which is added to {@code problems}. */
    @Nullable
    ClientDetails details(CSVRecord row, UUID placeId, LocalDate today, Validator validator, List<String> problems) {
        LocalDate born = born(said(row, Column.BORN_ON), problems);
        Sex sex = sex(said(row, Column.SEX), problems);
        Double stature = number("stature", said(row, Column.STATURE), problems);
        Double mass = number("body mass", said(row, Column.BODY_MASS), problems);
        String hand = said(row, Column.HAND);
        if (born == null || sex == null || stature == null || mass == null) {
            return null;
        }
        ClientDetails details = new ClientDetails(
                Objects.requireNonNullElse(said(row, Column.NAME), ""),
                born,
                sex,
                stature > TALLEST_M ? stature / CM : stature,
                mass,
                hand != null && hand.toLowerCase(Locale.ROOT).startsWith("l") ? Side.LEFT : Side.RIGHT,
                Goal.FUNCTION,
                Objects.requireNonNullElse(said(row, Column.LIFE), ""),
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
        details.wrongAge(today).ifPresent(words -> problems.add("born on " + words));
        validator.validate(details).forEach(v -> problems.add(v.getPropertyPath() + " " + v.getMessage()));
        return problems.isEmpty() ? details : null;
    }

    private static @Nullable LocalDate born(@Nullable String said, List<String> problems) {
        try {
            return LocalDate.parse(said == null ? "" : said);
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
}

package kinesia.exchange;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import kinesia.shared.Problem;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.apache.commons.csv.DuplicateHeaderMode;
import org.jspecify.annotations.Nullable;

/**
 * A table that comes in: RFC 4180 with headings in its first line, commas or semicolons between.
 *
 * @param columns which heading holds what
 */
record CsvTable<C extends Enum<C> & CsvTable.Column>(
        List<C> all, List<String> headings, Map<C, String> columns, List<CSVRecord> rows) {
    private static final int MOST_LINES = 2_000;

    /** What a column can hold. */
    interface Column {
        /** Whether nothing can be read without it. */
        boolean needed();

        /** Headings under which it is found without asking. */
        List<String> words();
    }

    /** Reads {@code text}; {@code chosen} says which heading holds what, and the rest is guessed. */
    static <C extends Enum<C> & Column> CsvTable<C> of(Class<C> kind, String text, @Nullable Map<C, String> chosen) {
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
            List<C> all = List.of(kind.getEnumConstants());
            List<String> headings = List.copyOf(parser.getHeaderNames());
            return new CsvTable<>(all, headings, columns(kind, headings, chosen), rows);
        } catch (IllegalArgumentException | UncheckedIOException | IOException e) {
            throw Problem.refused("This is no table that can be read: " + e.getMessage());
        }
    }

    private static <C extends Enum<C> & Column> Map<C, String> columns(
            Class<C> kind, List<String> headings, @Nullable Map<C, String> chosen) {
        Map<C, String> columns = new EnumMap<>(kind);
        if (chosen != null) {
            chosen.forEach((column, heading) -> {
                if (headings.contains(heading)) {
                    columns.put(column, heading);
                }
            });
        }
        for (C column : kind.getEnumConstants()) {
            headings.stream()
                    .filter(h -> !columns.containsValue(h) && column.words().contains(plain(h)))
                    .findFirst()
                    .ifPresent(h -> columns.putIfAbsent(column, h));
        }
        return new LinkedHashMap<>(columns);
    }

    private static String plain(String heading) {
        return heading.strip()
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z]+", " ")
                .strip();
    }

    /** Columns that are needed and not found. */
    List<C> missing() {
        return all.stream().filter(c -> c.needed() && !columns.containsKey(c)).toList();
    }

    /** The rows, once all that is needed is there. */
    Stream<CSVRecord> readable() {
        return missing().isEmpty() ? rows.stream() : Stream.empty();
    }

    /** What {@code row} says of it; null where nothing is. */
    @Nullable
    String said(CSVRecord row, C column) {
        String heading = columns.get(column);
        return heading == null || !row.isSet(heading) ? null : row.get(heading);
    }

    /** Which line of the file it is; the headings are line 1. */
    static long line(CSVRecord row) {
        return row.getRecordNumber() + 1;
    }
}

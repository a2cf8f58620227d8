package kinesia.exchange;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.time.format.ResolverStyle;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import kinesia.core.arm.Side;
import kinesia.core.dose.Effort;
import kinesia.core.dose.Load;
import kinesia.core.dose.LoggedSet;
import kinesia.core.exercise.Exercise;
import kinesia.core.reason.InvalidValue;
import kinesia.core.screening.PainScore;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/** What a client did before, as somebody's table says it: a line is one set, or several alike. */
record OldLog(CsvTable<Column> table) {
    private static final int MOST_SETS = 20;
    private static final List<DateTimeFormatter> DAYS = List.of(
            DateTimeFormatter.ISO_LOCAL_DATE,
            DateTimeFormatter.ofPattern("d.M.uuuu").withResolverStyle(ResolverStyle.STRICT));

    enum Column implements CsvTable.Column {
        DAY(true, "day|date|on|when"),
        EXERCISE(true, "exercise|name|movement"),
        LOAD(false, "load|weight|kg|lb|weight kg|weight lb|load kg|load lb"),
        UNIT(false, "unit|units"),
        SETS(false, "sets"),
        REPS(true, "reps|repetitions|repetitions done"),
        EFFORT(false, "effort|rpe|effort of"),
        ARM(false, "arm|side|hand");

        private final boolean needed;
        private final String headings;

        Column(boolean needed, String headings) {
            this.needed = needed;
            this.headings = headings;
        }

        @Override
        public boolean needed() {
            return needed;
        }

        @Override
        public List<String> words() {
            return List.of(headings.split("\\|", -1));
        }
    }

    /** One line: what it is called there, the sets it makes, and what is wrong with it. */
    record Line(long number, String name, List<LoggedSet> sets, List<String> problems) {}

    /**
     * The lines.
     *
     * @param meant the exercise of each name; a name that is missing is left out
     * @param bodyMassKg for what lifts a share of the body
     * @param pounds whether a load without a unit is in pounds
     */
    List<Line> lines(Map<String, Exercise> meant, double bodyMassKg, boolean pounds, LocalDate today) {
        List<Line> lines = new ArrayList<>();
        // Lines of one exercise and day go on counting its sets.
        Map<String, Integer> numbers = new HashMap<>();
        for (CSVRecord row : table.readable().toList()) {
            String name = Objects.requireNonNullElse(table.said(row, Column.EXERCISE), "");
            List<String> problems = new ArrayList<>();
            List<LoggedSet> sets = List.of();
            Exercise exercise = meant.get(name);
            if (exercise != null) {
                sets = sets(row, exercise, bodyMassKg, pounds, today, numbers, problems);
            }
            lines.add(new Line(CsvTable.line(row), name, problems.isEmpty() ? sets : List.of(), problems));
        }
        return lines;
    }

    private List<LoggedSet> sets(
            CSVRecord row,
            Exercise exercise,
            double bodyMassKg,
            boolean pounds,
            LocalDate today,
            Map<String, Integer> numbers,
            List<String> problems) {
        LocalDate on = day(table.said(row, Column.DAY), today, problems);
        Load load = load(row, exercise, bodyMassKg, pounds, problems);
        int reps = (int) number("repetitions", table.said(row, Column.REPS), problems);
        String many = table.said(row, Column.SETS);
        int count = many == null || many.isEmpty() ? 1 : (int) number("sets", many, problems);
        Effort effort = effort(table.said(row, Column.EFFORT), problems);
        Side side = side(table.said(row, Column.ARM));
        List<LoggedSet> sets = new ArrayList<>();
        if (on == null || load == null || !problems.isEmpty()) {
            return sets;
        }
        if (count < 1 || count > MOST_SETS) {
            problems.add("sets are 1 to " + MOST_SETS);
            return sets;
        }
        try {
            for (int n = 0; n < count; n++) {
                int number = numbers.merge(on + exercise.key() + side, 1, Integer::sum);
                sets.add(new LoggedSet(
                        on, exercise.key(), side, number, load, reps, effort, PainScore.NONE, null, null));
            }
        } catch (InvalidValue e) {
            problems.add(e.getMessage());
        }
        return sets;
    }

    private @Nullable Load load(
            CSVRecord row, Exercise exercise, double bodyMassKg, boolean pounds, List<String> problems) {
        String said = Objects.requireNonNullElse(table.said(row, Column.LOAD), "");
        if (exercise.bodyWeightShare() > 0) {
            return new Load(exercise.bodyWeightShare() * bodyMassKg, "body weight");
        }
        double number = number("load", said, problems);
        String unit = (said.replaceAll("[0-9.,\\s]+", "")
                        + Objects.requireNonNullElse(table.said(row, Column.UNIT), "")
                        + heading(Column.LOAD))
                .toLowerCase(Locale.ROOT);
        boolean inPounds = unit.contains("lb") || unit.contains("pound") || (pounds && !unit.contains("kg"));
        try {
            return inPounds ? Load.ofPounds(number) : Load.ofKg(number);
        } catch (InvalidValue e) {
            problems.add("load " + e.getMessage());
            return null;
        }
    }

    private String heading(Column column) {
        return Objects.requireNonNullElse(table.columns().get(column), "");
    }

    private static @Nullable LocalDate day(@Nullable String said, LocalDate today, List<String> problems) {
        LocalDate on = DAYS.stream()
                .flatMap(format -> parsed(said == null ? "" : said, format).stream())
                .findFirst()
                .orElse(null);
        if (on == null) {
            problems.add("the day is like 2025-04-23 or 23.4.2025, not “" + said + "”");
        } else if (on.isAfter(today)) {
            problems.add(said + " is still to come");
        }
        return on;
    }

    private static Optional<LocalDate> parsed(String said, DateTimeFormatter format) {
        try {
            return Optional.of(LocalDate.parse(said, format));
        } catch (DateTimeParseException e) {
            return Optional.empty();
        }
    }

    private static @Nullable Effort effort(@Nullable String said, List<String> problems) {
        if (said == null || said.isEmpty()) {
            return null;
        }
        try {
            return Effort.of(number("effort", said, problems));
        } catch (InvalidValue e) {
            problems.add("effort " + e.getMessage());
            return null;
        }
    }

    private static @Nullable Side side(@Nullable String said) {
        String first =
                said == null || said.isEmpty() ? "" : said.substring(0, 1).toLowerCase(Locale.ROOT);
        return first.equals("l") ? Side.LEFT : first.equals("r") ? Side.RIGHT : null;
    }

    private static double number(String what, @Nullable String said, List<String> problems) {
        try {
            return Double.parseDouble(
                    (said == null ? "" : said).replace(',', '.').replaceAll("[^0-9.]+$", ""));
        } catch (NumberFormatException e) {
            problems.add(what + (what.endsWith("s") ? " are" : " is") + " a number, not “" + said + "”");
            return 0;
        }
    }
}

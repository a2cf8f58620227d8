package kinesia.exchange;

import jakarta.validation.Validator;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import kinesia.client.ClientDetails;
import kinesia.core.arm.Sex;
import kinesia.core.arm.Side;
import kinesia.core.plan.Goal;
import kinesia.exchange.ClientTable.Column;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/** Clients as a table says them. */
record ClientTable(CsvTable<Column> table) {
    private static final int MINUTES = 45;
    private static final double CM = 100;
    // A stature of more metres than this is one in centimetres.
    private static final double TALLEST_M = 3;
    // The international pound.
    private static final double KG_OF_A_POUND = 0.45359237;
    private static final double TENTHS = 10;
    private static final Pattern POUNDS = Pattern.compile("\\b(lbs?|pounds?)\\b");
    private static final Pattern MASS =
            Pattern.compile("([0-9]+(?:[.,][0-9]+)?)\\s*(|kg|kilos?|kilograms?|lbs?|pounds?)\\.?");

    /** What a column can hold; the words are headings under which it is found without asking. */
    enum Column implements CsvTable.Column {
        NAME(true, "name|client|full name"),
        BORN_ON(true, "born|born on|birth date|date of birth|birthday"),
        SEX(true, "sex|gender"),
        STATURE(true, "stature|height|height cm|height m"),
        BODY_MASS(
                true,
                "body mass|weight|mass|weight kg|body mass kg|mass kg|weight lb|weight lbs|weight pounds|body mass lb|body mass lbs|mass lb|mass lbs"),
        HAND(false, "hand|handed"),
        LIFE(false, "life|work|occupation|notes");

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

    static ClientTable of(String text, @Nullable Map<Column, String> chosen) {
        return new ClientTable(CsvTable.of(Column.class, text, chosen));
    }

    /** As it is called in the file. */
    String name(CSVRecord row) {
        return Objects.requireNonNullElse(said(row, Column.NAME), "");
    }

    private @Nullable String said(CSVRecord row, Column column) {
        return table.said(row, column);
    }

    /** The client of {@code row}; null where something is wrong, which is added to {@code problems}. */
    @Nullable
    ClientDetails details(CSVRecord row, UUID placeId, LocalDate today, Validator validator, List<String> problems) {
        LocalDate born = born(said(row, Column.BORN_ON), problems);
        Sex sex = sex(said(row, Column.SEX), problems);
        Double stature = number("stature", said(row, Column.STATURE), problems);
        Double mass = mass(said(row, Column.BODY_MASS), table.columns().get(Column.BODY_MASS), problems);
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

    /** In kilograms: pounds are converted where the cell or its heading says so, and any other unit is asked about. */
    private static @Nullable Double mass(@Nullable String said, @Nullable String heading, List<String> problems) {
        Matcher cell = MASS.matcher(said == null ? "" : said.strip().toLowerCase(Locale.ROOT));
        if (!cell.matches()) {
            problems.add("body mass is a number in kg or lb, not “" + said + "”");
            return null;
        }
        String head = heading == null ? "" : heading.toLowerCase(Locale.ROOT);
        String unit = cell.group(2);
        boolean pounds = unit.isEmpty()
                ? POUNDS.matcher(head).find()
                : POUNDS.matcher(unit).find();
        double number = Double.parseDouble(cell.group(1).replace(',', '.'));
        return pounds ? Math.round(number * KG_OF_A_POUND * TENTHS) / TENTHS : number;
    }

    private static @Nullable Double number(String what, @Nullable String said, List<String> problems) {
        try {
            return Double.valueOf((said == null ? "" : said).replace(',', '.').replaceAll("\\s*c?m$", ""));
        } catch (NumberFormatException e) {
            problems.add(what + " is a number, not “" + said + "”");
            return null;
        }
    }
}

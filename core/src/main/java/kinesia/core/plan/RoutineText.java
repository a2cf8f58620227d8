package kinesia.core.plan;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import kinesia.core.dose.Load;
import kinesia.core.exercise.Exercise.RepRange;
import kinesia.core.reason.InvalidValue;
import org.jspecify.annotations.Nullable;

/** Reads a routine as a trainer writes it: "Hammer curl 3x10 8 kg, then lying extension 3 sets of 10-12". */
final class RoutineText {
    private static final int LONGEST = 4000;
    private static final int MOST_LINES = 24;
    private static final int USUAL_SETS = 3;
    private static final int LONGEST_NUMBER = 6;
    private static final int HARDEST = 10;
    private static final RepRange USUAL_REPS = new RepRange(8, 12);

    // A comma ends an exercise only where what follows begins with a word: "12, 10, 8" stays together.
    private static final Pattern BETWEEN =
            Pattern.compile("[\\n;]+|\\.\\s+(?=\\p{L})|,?\\s+(?:and )?then\\s+|,\\s*(?=\\p{L})");
    private static final Pattern TIMES = Pattern.compile(
            "(\\d+)\\s*(?:x|×|\\*|sets? of|sets? x)\\s*(\\d+)(?:\\s*(?:-|–|to)\\s*(\\d+))?(?:\\s*reps?\\b)?");
    private static final Pattern SETS = Pattern.compile("(\\d+)\\s*sets?\\b");
    private static final Pattern REPS =
            Pattern.compile("(\\d+)(?:\\s*(?:-|–|to)\\s*(\\d+))?\\s*(?:reps?|repetitions?)\\b");
    private static final Pattern LOAD = Pattern.compile("@?\\s*(\\d+(?:[.,]\\d+)?)\\s*(kg|kilos?|lbs?|pounds?)\\b");
    private static final Pattern SERIES = Pattern.compile("(\\d+)(?:\\s*[/,]\\s*\\d+){1,5}");
    private static final Pattern NUMBERS = Pattern.compile("\\d+");
    private static final Pattern EFFORT = Pattern.compile("(?:at )?effort\\s*(?:of )?(\\d+(?:\\.5)?)");
    private static final Pattern REST = Pattern.compile(
            "(?:with )?(\\d+)\\s*(?:s|sec|seconds)\\s*rest|rest\\s*(?:of )?(\\d+)\\s*(?:s|sec|seconds)?\\b");
    private static final Pattern LEADING = Pattern.compile("^(?:[-*•]|\\d+[.)]|[a-z]\\d?[.)])\\s*");

    private RoutineText() {}

    /**
     * One line of it.
     *
     * @param setReps repetitions set by set; empty when all sets are alike
     * @param loadKg null when none was written
     */
    record Line(
            String written,
            String name,
            int sets,
            RepRange reps,
            List<Integer> setReps,
            @Nullable Double loadKg,
            @Nullable Double effort,
            @Nullable Integer restSeconds) {}

    /** The lines of {@code text}, at most 24; throws {@link InvalidValue} at the field "text". */
    static List<Line> read(String text) {
        if (text.isBlank() || text.length() > LONGEST) {
            throw new InvalidValue("text", "must have from 1 to " + LONGEST + " characters");
        }
        List<Line> lines = Arrays.stream(BETWEEN.split(text))
                .map(String::strip)
                .filter(l -> l.chars().anyMatch(Character::isLetter))
                .map(RoutineText::line)
                .filter(l -> !l.name().isEmpty())
                .toList();
        if (lines.isEmpty() || lines.size() > MOST_LINES) {
            throw new InvalidValue("text", "must have from 1 to " + MOST_LINES + " exercises, has " + lines.size());
        }
        return lines;
    }

    private static Line line(String written) {
        Rest rest = new Rest(LEADING.matcher(written.toLowerCase(Locale.ROOT)).replaceFirst(""));
        @Nullable Matcher load = rest.take(LOAD);
        @Nullable Matcher effort = rest.take(EFFORT);
        @Nullable Matcher pause = rest.take(REST);
        @Nullable Matcher times = rest.take(TIMES);
        int sets = USUAL_SETS;
        RepRange reps = USUAL_REPS;
        List<Integer> series = List.of();
        if (times != null) {
            sets = whole(times.group(1), PlanCheck.MOST_SETS, "sets");
            reps = reps(times.group(2), times.group(3));
        } else {
            @Nullable Matcher by = rest.take(SERIES);
            if (by != null) {
                series = numbers(by.group());
                sets = series.size();
                reps = new RepRange(
                        series.stream().mapToInt(n -> n).min().orElse(1),
                        series.stream().mapToInt(n -> n).max().orElse(1));
            }
            @Nullable Matcher some = rest.take(SETS);
            sets = some == null || !series.isEmpty() ? sets : whole(some.group(1), PlanCheck.MOST_SETS, "sets");
            @Nullable Matcher each = rest.take(REPS);
            reps = each == null || !series.isEmpty() ? reps : reps(each.group(1), each.group(2));
        }
        return new Line(
                written,
                rest.words(),
                sets,
                reps,
                series,
                load == null ? null : kg(load.group(1), load.group(2)),
                effort == null ? null : effort(effort.group(1)),
                pause == null
                        ? null
                        : whole(
                                pause.group(1) == null ? pause.group(2) : pause.group(1),
                                PlanCheck.LONGEST_REST_S,
                                "seconds of rest"));
    }

    private static double effort(String number) {
        whole(number.replaceFirst("\\.5$", ""), HARDEST, "as effort");
        return Math.min(HARDEST, Double.parseDouble(number));
    }

    private static double kg(String number, String unit) {
        double value = Double.parseDouble(number.replace(',', '.'));
        return unit.startsWith("k") ? value : Math.round(value * Load.KG_PER_LB * 100) / 100.0;
    }

    /** The number in {@code digits}; what cannot be is refused rather than changed without a word. */
    private static int whole(String digits, int most, String what) {
        int number = digits.length() > LONGEST_NUMBER ? Integer.MAX_VALUE : Integer.parseInt(digits);
        if (number < 1 || number > most) {
            throw new InvalidValue("text", "has " + digits + " " + what + "; from 1 to " + most + " can be");
        }
        return number;
    }

    private static RepRange reps(String low, @Nullable String high) {
        int from = whole(low, RepRange.MOST, "repetitions");
        int to = high == null ? from : whole(high, RepRange.MOST, "repetitions");
        return new RepRange(Math.min(from, to), Math.max(from, to));
    }

    private static List<Integer> numbers(String series) {
        return NUMBERS.matcher(series)
                .results()
                .map(r -> whole(r.group(), RepRange.MOST, "repetitions"))
                .toList();
    }

    /** What is left of a line once its numbers were taken. */
    private static final class Rest {
        private String left;

        private Rest(String left) {
            this.left = left;
        }

        private @Nullable Matcher take(Pattern pattern) {
            Matcher matcher = pattern.matcher(left);
            if (!matcher.find()) {
                return null;
            }
            left = left.substring(0, matcher.start()) + " " + left.substring(matcher.end());
            return matcher;
        }

        private String words() {
            return left.replaceAll("[^\\p{L}\\s-]", " ")
                    .replaceAll("\\b(with|at|for|of|each|arm|per|x)\\b", " ")
                    .replaceAll("\\s+", " ")
                    .strip();
        }
    }
}

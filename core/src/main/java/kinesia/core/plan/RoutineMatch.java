package kinesia.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Role;

/**
 * Finds what a written name means in the catalogue: by the words they have in common, rare words counting more, as a trainer's
 * words and the catalogue's. Of equals the first in {@code all} is found.
 */
public final class RoutineMatch {
    // Of the words that were written, weighted, at least so many must be found for an answer at all, and to be sure
    // [house].
    private static final double LEAST = 0.5;
    private static final double SURE = 0.75;
    // Of the name that is found at least so much must have been written to be sure.
    private static final double SURE_OF_NAME = 0.4;
    // Another movement that comes this near leaves it unsure.
    private static final double APART = 0.06;
    private static final int MOST_OPTIONS = 5;
    // What was written weighs more than what the name says beside it; a word only of implement or stance is no word of
    // the name.
    private static final double OF_WRITTEN = 0.75;
    private static final double DESCRIBED = 0.7;
    private static final double OTHER_ROLE = 0.1;

    private static final Set<String> FILLERS = Set.of(
            "a",
            "an",
            "and",
            "the",
            "on",
            "in",
            "to",
            "with",
            "over",
            "of",
            "tricep",
            "triceps",
            "bicep",
            "biceps",
            "arm",
            "arms",
            "both",
            "standing",
            "exercise",
            "from",
            "hand",
            "hands");
    // Words of the trade for what the catalogue calls otherwise (common practice, no source).
    private static final Map<String, String> WORDS = Map.ofEntries(
            Map.entry("pushdown", "press down"),
            Map.entry("pressdown", "press down"),
            Map.entry("pushdowns", "press down"),
            Map.entry("pressdowns", "press down"),
            Map.entry("pushup", "push up"),
            Map.entry("pushups", "push up"),
            Map.entry("pressup", "push up"),
            Map.entry("pressups", "push up"),
            Map.entry("db", "dumbbell"),
            Map.entry("barbell", "bar"),
            Map.entry("preacher", "sloped pad"),
            Map.entry("neutral", "hammer"),
            Map.entry("supine", "lying"),
            Map.entry("incline", "45 degrees"),
            Map.entry("narrow", "close"),
            Map.entry("elastic", "band"),
            Map.entry("kneeling", "knees"),
            Map.entry("reverse", "palm down"),
            Map.entry("crusher", "lying extension"),
            Map.entry("cross", "across"),
            Map.entry("grip", "hand"),
            Map.entry("skull", "lying"));

    private static final Pattern BETWEEN = Pattern.compile("[^\\p{L}0-9]+");

    private final List<Exercise> all;
    private final Map<String, Double> weights = new HashMap<>();

    /** Among {@code all}. */
    public RoutineMatch(List<Exercise> all) {
        this.all = all;
        Map<String, Integer> counts = new HashMap<>();
        all.forEach(e -> words(described(e)).forEach(w -> counts.merge(w, 1, Integer::sum)));
        counts.forEach((word, n) -> weights.put(word, Math.log(1 + (double) all.size() / n)));
    }

    /** What a name may mean, best first, and whether the first of it is sure. */
    public record Found(List<Exercise> options, boolean sure) {}

    private record Scored(Exercise exercise, double found, double meant, double score) {}

    /** What {@code name} may mean; nothing where too little of it is found. */
    public Found find(String name) {
        Set<String> asked = words(name);
        List<Scored> scored = new ArrayList<>();
        for (Exercise exercise : all) {
            Scored one = scored(exercise, asked);
            if (one.found() >= LEAST) {
                scored.add(one);
            }
        }
        scored.sort(Comparator.comparingDouble(Scored::score).reversed());
        if (scored.isEmpty()) {
            return new Found(List.of(), false);
        }
        Scored best = scored.get(0);
        boolean alone = scored.stream()
                .filter(s -> !s.exercise().alike().equals(best.exercise().alike()))
                .noneMatch(s -> s.score() > best.score() - APART);
        return new Found(
                scored.stream().map(Scored::exercise).limit(MOST_OPTIONS).toList(),
                best.found() >= SURE && best.meant() >= SURE_OF_NAME && alone);
    }

    /** How much of what was written is found in an entry, and how much of the entry's name was written. */
    private Scored scored(Exercise exercise, Set<String> asked) {
        Set<String> name = words(exercise.name());
        Set<String> described = words(described(exercise));
        double wanted = 0;
        double found = 0;
        for (String word : asked) {
            double weight = weight(word);
            wanted += weight;
            found += name.contains(word) ? weight : described.contains(word) ? DESCRIBED * weight : 0;
        }
        double own = name.stream().mapToDouble(this::weight).sum();
        double said =
                name.stream().filter(asked::contains).mapToDouble(this::weight).sum();
        double recall = wanted == 0 ? 0 : found / wanted;
        double meant = own == 0 ? 0 : said / own;
        double score = OF_WRITTEN * recall + (1 - OF_WRITTEN) * meant - (exercise.role() == Role.MAIN ? 0 : OTHER_ROLE);
        return new Scored(exercise, recall, meant, score);
    }

    // A word that no entry has keeps what was written from being sure.
    private double weight(String word) {
        return weights.getOrDefault(word, Math.log(1 + all.size()));
    }

    private static String described(Exercise exercise) {
        return exercise.name() + " " + exercise.movementFamily() + " "
                + exercise.implement().name().toLowerCase(Locale.ROOT).replace('_', ' ') + " "
                + exercise.stance().words();
    }

    private static Set<String> words(String text) {
        Set<String> words = new HashSet<>();
        for (String word : BETWEEN.split(text.toLowerCase(Locale.ROOT), -1)) {
            for (String said : BETWEEN.split(WORDS.getOrDefault(word, word), -1)) {
                String one = said.length() > 2 && said.endsWith("s") && !said.endsWith("ss")
                        ? said.substring(0, said.length() - 1)
                        : said;
                if (!one.isEmpty() && !FILLERS.contains(one)) {
                    words.add(one);
                }
            }
        }
        return words;
    }
}

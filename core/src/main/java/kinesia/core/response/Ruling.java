package kinesia.core.response;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import kinesia.core.reason.InvalidValue;

/**
 * What a trainer answered to one change of a plan, with a word why.
 *
 * @param key the exercise the change is of, or {@link Changes#REST}
 * @param kind which of its numbers
 * @param ruleId the rule that made the change
 * @param rule what that rule goes by, as its reason says
 * @param word why, in the trainer's words; empty where it was accepted
 */
public record Ruling(String key, Changes.Kind kind, String ruleId, String rule, Choice choice, String word) {
    private static final int LONGEST_WORD = 160;
    private static final int MOST_WORDS = 5;

    /** The change stands, half of it does, or none of it. */
    public enum Choice {
        ACCEPTED,
        SOFTENED,
        OVERRULED
    }

    public Ruling {
        word = word.strip();
        if (choice != Choice.ACCEPTED && word.isEmpty()) {
            throw new InvalidValue("word", "is needed: one word why is enough");
        }
        if (word.length() > LONGEST_WORD) {
            throw new InvalidValue("word", "at most " + LONGEST_WORD + " characters");
        }
    }

    /** Whether it leaves the plan as the rules made it. */
    public boolean accepts() {
        return choice == Choice.ACCEPTED;
    }

    boolean isOf(String exerciseKey, Changes.Kind of) {
        return key.equals(exerciseKey) && kind == of;
    }

    /** Of {@code said}, oldest first, the last one on each change. */
    public static List<Ruling> standing(Collection<Ruling> said) {
        Map<String, Ruling> last = new LinkedHashMap<>();
        said.forEach(r -> last.put(r.kind() + " " + r.key(), r));
        return List.copyOf(last.values());
    }

    /**
     * How often each choice was made on what one rule changed, and the words that were said with it, the latest first.
     *
     * @param kind what it changed, at its last
     */
    public record RuledOn(
            String ruleId,
            Changes.Kind kind,
            String rule,
            int accepted,
            int softened,
            int overruled,
            List<String> words) {
        public RuledOn {
            words = List.copyOf(words);
        }
    }

    /** {@code said}, oldest first, rule by rule: the most often overruled first, then the most often softened. */
    public static List<RuledOn> counted(Collection<Ruling> said) {
        Map<String, List<Ruling>> byRule =
                said.stream().collect(Collectors.groupingBy(Ruling::ruleId, TreeMap::new, Collectors.toList()));
        return byRule.entrySet().stream()
                .map(e -> new RuledOn(
                        e.getKey(),
                        e.getValue().get(e.getValue().size() - 1).kind(),
                        e.getValue().get(e.getValue().size() - 1).rule(),
                        times(e.getValue(), Choice.ACCEPTED),
                        times(e.getValue(), Choice.SOFTENED),
                        times(e.getValue(), Choice.OVERRULED),
                        words(e.getValue())))
                .sorted(Comparator.comparingInt(RuledOn::overruled)
                        .thenComparingInt(RuledOn::softened)
                        .reversed())
                .toList();
    }

    private static List<String> words(List<Ruling> said) {
        List<Ruling> latest = new ArrayList<>(said);
        Collections.reverse(latest);
        return latest.stream()
                .map(Ruling::word)
                .filter(w -> !w.isEmpty())
                .distinct()
                .limit(MOST_WORDS)
                .toList();
    }

    private static int times(List<Ruling> said, Choice choice) {
        return (int) said.stream().filter(r -> r.choice() == choice).count();
    }
}

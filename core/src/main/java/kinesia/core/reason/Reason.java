package kinesia.core.reason;

import java.util.LinkedHashMap;
import java.util.Map;

/**
 * Why one decision was made.
 *
 * @param ruleId stable id such as {@code SITE-back-of-elbow-deep-bending}
 * @param tag where the threshold comes from
 * @param inputs the values the rule used, named, in the order they were compared
 * @param threshold the line they were held against, in words with its unit; empty when the rule has none
 * @param exact one sentence for the trainer
 * @param plain one sentence the trainer can say to the client
 */
public record Reason(String ruleId, Tag tag, Map<String, String> inputs, String threshold, String exact, String plain) {
    public Reason {
        inputs = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(inputs));
    }

    /** {@code name}, written as a heading, as it stands inside a sentence. */
    public static String inSentence(String name) {
        return Character.toLowerCase(name.charAt(0)) + name.substring(1);
    }

    /** A reason without inputs yet; add them with {@link #with}. */
    public static Reason of(String ruleId, Tag tag, String threshold, String exact, String plain) {
        return new Reason(ruleId, tag, Map.of(), threshold, exact, plain);
    }

    /** The same reason with one more input. */
    public Reason with(String name, Object value) {
        Map<String, String> more = new LinkedHashMap<>(inputs);
        more.put(name, value instanceof Double number ? Numbers.plain(number) : String.valueOf(value));
        return new Reason(ruleId, tag, more, threshold, exact, plain);
    }
}

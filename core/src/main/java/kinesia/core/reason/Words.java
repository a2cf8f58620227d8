package kinesia.core.reason;

import java.util.List;

/** Words put together as they stand in a sentence. */
public final class Words {
    private Words() {}

    /** "a", "a and b", "a, b and c"; empty for none. */
    public static String list(List<String> words) {
        int last = words.size() - 1;
        return last < 1
                ? String.join("", words)
                : String.join(", ", words.subList(0, last)) + " and " + words.get(last);
    }
}

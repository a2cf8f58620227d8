package kinesia.core.dose;

import java.util.Arrays;
import java.util.List;

/**
 * The words in which a client says how hard a set was, each with the effort it stands for [house]: two under the target, at it,
 * or one and a half over. A trial set has a target of its own, the effort at which its load counts as found.
 */
public record SaidEffort(Word word, Effort effort) {
    private static final double LEAST = 1;
    private static final double MOST = 10;

    /** How hard it was. */
    public enum Word {
        EASY(-2),
        RIGHT(0),
        HARD(1.5);

        private final double over;

        Word(double over) {
            this.over = over;
        }
    }

    /** What each word says after a set that aimed at {@code target}. */
    public static List<SaidEffort> after(Effort target, boolean trial) {
        double aim = trial ? TrialSets.FOUND_UP_TO : target.value();
        return Arrays.stream(Word.values())
                .map(w -> new SaidEffort(w, Effort.of(Math.max(LEAST, Math.min(MOST, aim + w.over)))))
                .toList();
    }
}

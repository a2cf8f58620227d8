package kinesia.core.dose;

import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * A word in which a client says how hard a set was, and the effort it stands for [house]: two under the target, at it, or one and
 * a half over. A trial set has a target of its own, the effort at which its load counts as found.
 *
 * @param then what a trial set of which it is said leads to; null of any other set
 */
public record SaidEffort(Word word, Effort effort, @Nullable Then then) {
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

    /** The set after it. */
    public record Then(Load load, int reps) {}

    /** What each word says after a set that aimed at {@code target}. */
    public static List<SaidEffort> after(Effort target) {
        return after(target.value(), effort -> null);
    }

    /** What each word says after a trial set, and what {@code step} makes of it. */
    public static List<SaidEffort> ofTrial(Function<Effort, Then> step) {
        return after(TrialSets.FOUND_UP_TO, step);
    }

    private static List<SaidEffort> after(double aim, Function<Effort, @Nullable Then> step) {
        return Arrays.stream(Word.values())
                .map(word -> {
                    Effort effort = Effort.of(Math.max(LEAST, Math.min(MOST, aim + word.over)));
                    return new SaidEffort(word, effort, step.apply(effort));
                })
                .toList();
    }
}

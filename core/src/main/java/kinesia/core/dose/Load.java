package kinesia.core.dose;

import java.util.Locale;
import kinesia.core.reason.InvalidValue;
import kinesia.core.reason.Numbers;

/**
 * A load the room has.
 *
 * @param kg 0 to 300; per hand for dumbbells, the stack's for cables, the bar's for bars, the pull at double length over
 *     gravity for bands, the share carried for body weight
 * @param label as the trainer finds it, for example "6 kg" or "green band"
 */
public record Load(double kg, String label) implements Comparable<Load> {
    /** The heaviest load there is. */
    public static final double MOST_KG = 300;
    /** An avoirdupois pound, exactly. */
    public static final double KG_PER_LB = 0.45359237;

    public Load {
        InvalidValue.requireWithin("load", kg, 0, MOST_KG, "kg");
    }

    /** A weight that is stamped in pounds. */
    public static Load ofPounds(double pounds) {
        return new Load(pounds * KG_PER_LB, Numbers.plain(pounds) + " lb");
    }

    /** A plain weight. */
    public static Load ofKg(double kg) {
        return new Load(kg, Numbers.plain(kg) + " kg");
    }

    /** The label as it begins a sentence. */
    public String first() {
        return label.substring(0, 1).toUpperCase(Locale.ROOT) + label.substring(1);
    }

    @Override
    public int compareTo(Load other) {
        return Double.compare(kg, other.kg);
    }
}

package kinesia.core.dose;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import kinesia.core.reason.InvalidValue;
import kinesia.core.reason.Numbers;

/**
 * A load the room has.
 *
 * @param kg 0 to 300; per hand for dumbbells, the stack's for cables, the bar's for bars, the pull at double length over
 *     gravity for bands, the share carried for body weight
 * @param label as the trainer finds it, for example "6 kg", "15 lb" or "green band"
 */
public record Load(double kg, String label) implements Comparable<Load> {
    /** The heaviest load there is. */
    public static final double MOST_KG = 300;
    /** An avoirdupois pound, exactly. */
    public static final double KG_PER_LB = 0.45359237;

    private static final Pattern WEIGHT = Pattern.compile("\\d+(?:\\.\\d+)? (kg|lb)\\b");

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

    /** A weight as it is stamped, in kilograms or in {@code pounds}. */
    public static Load stamped(double kg, boolean pounds) {
        return pounds ? new Load(kg, Numbers.plain(kg / KG_PER_LB) + " lb") : ofKg(kg);
    }

    /** Whether its label is its weight: a band has a name. */
    public boolean calledByWeight() {
        return WEIGHT.matcher(label).lookingAt();
    }

    /** {@code mass} (kg) to one decimal in the unit this load is stamped in, so that both can be compared by eye. */
    public String inItsUnit(double mass) {
        return isInPounds() ? Numbers.plain(mass / KG_PER_LB, 1) + " lb" : Numbers.plain(mass, 1) + " kg";
    }

    /** A weight of {@code mass} (kg), rounded to a tenth of the unit this load is stamped in. */
    public Load ofItsKind(double mass) {
        return isInPounds() ? ofPounds(Math.round(10 * mass / KG_PER_LB) / 10.0) : ofKg(Math.round(10 * mass) / 10.0);
    }

    private boolean isInPounds() {
        Matcher weight = WEIGHT.matcher(label);
        return weight.lookingAt() && weight.group(1).equals("lb");
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

package kinesia.core.reason;

import java.util.function.Supplier;

/**
 * A value outside its range, with the field it belongs to and the range in words, so that a screen can show the message
 * at the field.
 */
public final class InvalidValue extends IllegalArgumentException {
    private final String field;

    public InvalidValue(String field, String message) {
        super(message);
        this.field = field;
    }

    /** Name of the field in the caller's words, for example {@code effort}. */
    public String field() {
        return field;
    }

    /** Returns {@code value} when it lies in {@code [low, high]}, both ends included; otherwise throws. */
    public static double requireWithin(String field, double value, double low, double high, String unit) {
        if (!(value >= low && value <= high)) {
            throw new InvalidValue(
                    field,
                    "must be from " + Numbers.plain(low, 4) + " to " + Numbers.plain(high, 4)
                            + (unit.isEmpty() ? "" : " " + unit) + ", was " + Numbers.plain(value, 4));
        }
        return value;
    }

    /** Runs {@code make}; a refusal in it names its field under {@code path}, for example {@code arm.statureM}. */
    public static <T> T at(String path, Supplier<T> make) {
        try {
            return make.get();
        } catch (InvalidValue e) {
            throw new InvalidValue(path + "." + e.field, String.valueOf(e.getMessage()));
        }
    }
}

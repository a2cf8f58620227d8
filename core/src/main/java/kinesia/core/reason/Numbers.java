package kinesia.core.reason;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Numbers as they appear in a sentence: at most two decimals, no trailing zeros, a point as the separator. */
public final class Numbers {
    private Numbers() {}

    /** Formats {@code value} rounded half up to two decimals, for example 2.5 or 12. */
    public static String plain(double value) {
        return plain(value, 2);
    }

    /** Formats {@code value} rounded half up to {@code decimals} decimals, without trailing zeros. */
    public static String plain(double value, int decimals) {
        if (!Double.isFinite(value)) {
            return String.valueOf(value);
        }
        BigDecimal rounded = BigDecimal.valueOf(value)
                .setScale(decimals, RoundingMode.HALF_UP)
                .stripTrailingZeros();
        return (rounded.signum() == 0 ? BigDecimal.ZERO : rounded).toPlainString();
    }
}

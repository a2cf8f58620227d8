package kinesia.core.dose;

import kinesia.core.reason.InvalidValue;

/**
 * What a heart can do at most and what a share of its reserve is, in beats per minute. The maximum is that of Tanaka, Monahan and
 * Seals 2001, {@code 208 - 0.7 age}, whose predictions miss a single person's by about ten beats (one SD); the reserve is
 * Karvonen's 1957. Both [pub].
 */
public final class HeartRate {
    /** One standard deviation of what the formula misses a person's maximum by. */
    public static final int MISSES_BY = 10;

    private static final double AT_BIRTH = 208;
    private static final double A_YEAR = 0.7;

    private HeartRate() {}

    /** The maximum at {@code age} years, 18 to 110. */
    public static double max(int age) {
        InvalidValue.requireWithin("age", age, 18, 110, "years");
        return AT_BIRTH - A_YEAR * age;
    }

    /** The rate at {@code share} (0 to 1) of the reserve between {@code resting} and {@code max}. */
    public static double ofReserve(double max, double resting, double share) {
        InvalidValue.requireWithin("resting", resting, 30, max, "beats per minute");
        InvalidValue.requireWithin("share", share, 0, 1, "");
        return resting + share * (max - resting);
    }
}

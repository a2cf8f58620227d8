package kinesia.core;

import java.util.List;
import java.util.Random;
import java.util.function.Consumer;

/** What holds for anything, tried for many seeds: always the same ones, and a failure names its own. */
public final class Seeds {
    private static final int END_EVERY = 8;

    private Seeds() {}

    /** Tries {@code property} with {@code tries} sources of chance. */
    public static void each(int tries, Consumer<Random> property) {
        for (int seed = 0; seed < tries; seed++) {
            try {
                property.accept(new Random(seed));
            } catch (AssertionError | RuntimeException e) {
                throw new AssertionError("with seed " + seed + ": " + e.getMessage(), e);
            }
        }
    }

    /** From {@code from} to {@code to}, now and then just one of the two. */
    public static double between(Random random, double from, double to) {
        int end = random.nextInt(END_EVERY);
        return end == 0 ? from : end == 1 ? to : from + (to - from) * random.nextDouble();
    }

    /** One of {@code all}. */
    public static <T> T oneOf(Random random, List<T> all) {
        return all.get(random.nextInt(all.size()));
    }
}

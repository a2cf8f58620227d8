package kinesia.shared;

import java.util.Arrays;
import java.util.stream.Collectors;

/** Where a failure came from, for the log: kinds and places, and none of the messages, which may hold a person's health. */
final class Causes {
    private static final int FRAMES = 8;
    private static final int DEEPEST = 6;

    private Causes() {}

    static String of(Throwable failure) {
        StringBuilder words = new StringBuilder();
        int depth = 0;
        for (Throwable cause = failure; cause != null && depth < DEEPEST; cause = cause.getCause(), depth++) {
            words.append(depth == 0 ? "" : ", because of ")
                    .append(cause.getClass().getName())
                    .append(" at ")
                    .append(Arrays.stream(cause.getStackTrace())
                            .limit(FRAMES)
                            .map(f -> f.getClassName() + "." + f.getMethodName() + ":" + f.getLineNumber())
                            .collect(Collectors.joining(" < ")));
        }
        return words.toString();
    }
}

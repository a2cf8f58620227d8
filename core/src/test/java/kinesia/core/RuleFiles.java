package kinesia.core;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import kinesia.core.exercise.Catalogue;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.StressWeights;
import kinesia.core.screening.ScreenQuestions;
import kinesia.core.screening.ScreeningFile;

/** The shipped rule files, read for tests. */
public final class RuleFiles {
    private static final ExerciseModel MODEL = new ExerciseModel(
            Catalogue.parse("exercises.yaml", text("exercises.yaml")),
            StressWeights.parse("stress.yaml", text("stress.yaml")));

    private RuleFiles() {}

    public static ExerciseModel model() {
        return MODEL;
    }

    public static ScreenQuestions questions() {
        return ScreeningFile.parse("screening.yaml", text("screening.yaml"));
    }

    public static String text(String name) {
        try (InputStream in = RuleFiles.class.getResourceAsStream("/kinesia/rules/" + name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}

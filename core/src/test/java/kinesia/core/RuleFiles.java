package kinesia.core;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import kinesia.core.exercise.Catalogue;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.StimulusRules;
import kinesia.core.exercise.StressWeights;
import kinesia.core.plan.CareRules;
import kinesia.core.plan.Methods;
import kinesia.core.screening.ScreenQuestions;
import kinesia.core.screening.ScreeningFile;

/** The shipped rule files, read for tests. */
public final class RuleFiles {
    private static final Catalogue CATALOGUE = Catalogue.parse(catalogue());
    private static final ExerciseModel MODEL = new ExerciseModel(
            CATALOGUE,
            StressWeights.parse("stress.yaml", text("stress.yaml"), CATALOGUE),
            StimulusRules.parse("stimulus.yaml", text("stimulus.yaml")));

    private RuleFiles() {}

    public static ExerciseModel model() {
        return MODEL;
    }

    /** The catalogue's files by name. */
    public static Map<String, String> catalogue() {
        Map<String, String> texts = new LinkedHashMap<>();
        Catalogue.FILES.forEach(name -> texts.put(name, text("exercises/" + name)));
        return texts;
    }

    public static ScreenQuestions questions() {
        return ScreeningFile.parse("screening.yaml", text("screening.yaml"), CATALOGUE);
    }

    public static Methods methods() {
        return Methods.parse("methods.yaml", text("methods.yaml"), CATALOGUE);
    }

    public static CareRules careWork() {
        return CareRules.parse("care-work.yaml", text("care-work.yaml"), CATALOGUE);
    }

    public static String text(String name) {
        try (InputStream in = RuleFiles.class.getResourceAsStream("/kinesia/rules/" + name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}

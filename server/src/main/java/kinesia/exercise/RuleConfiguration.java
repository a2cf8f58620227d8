package kinesia.exercise;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import kinesia.core.exercise.Catalogue;
import kinesia.core.exercise.Debates;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.StimulusRules;
import kinesia.core.exercise.StressWeights;
import kinesia.core.plan.CareRules;
import kinesia.core.plan.Methods;
import kinesia.core.plan.Planner;
import kinesia.core.response.MorningSigns;
import kinesia.core.screening.LimitTargets;
import kinesia.core.screening.ScreeningFile;
import kinesia.core.screening.ScreeningRules;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Reads the rule files that ship with the core; a wrong line stops the start with its file and number. */
@Configuration
class RuleConfiguration {
    @Bean
    ExerciseModel exerciseModel() throws IOException {
        Map<String, String> catalogue = new LinkedHashMap<>();
        for (String file : Catalogue.FILES) {
            catalogue.put(file, text("exercises/" + file));
        }
        Catalogue entries = Catalogue.parse(catalogue);
        return new ExerciseModel(
                entries,
                StressWeights.parse("stress.yaml", text("stress.yaml"), entries),
                StimulusRules.parse("stimulus.yaml", text("stimulus.yaml")));
    }

    @Bean
    Debates debates(ExerciseModel model) throws IOException {
        return Debates.parse("debates.yaml", text("debates.yaml"), model.catalogue());
    }

    @Bean
    ScreeningRules screeningRules(ExerciseModel model) throws IOException {
        return new ScreeningRules(ScreeningFile.parse("screening.yaml", text("screening.yaml"), model.catalogue()));
    }

    @Bean
    MorningSigns morningSigns(ScreeningRules screening) throws IOException {
        return MorningSigns.parse("morning.yaml", text("morning.yaml"), screening.questions());
    }

    @Bean
    LimitTargets limitTargets(ExerciseModel model) {
        return new LimitTargets(model.catalogue());
    }

    @Bean
    Methods methods(ExerciseModel model) throws IOException {
        return Methods.parse("methods.yaml", text("methods.yaml"), model.catalogue());
    }

    @Bean
    CareRules careRules(ExerciseModel model) throws IOException {
        return CareRules.parse("care-work.yaml", text("care-work.yaml"), model.catalogue());
    }

    @Bean
    Planner planner(ExerciseModel model, Methods methods, CareRules care) {
        return new Planner(model, methods, care);
    }

    private static String text(String name) throws IOException {
        try (InputStream in = RuleConfiguration.class.getResourceAsStream("/kinesia/rules/" + name)) {
            if (in == null) {
                throw new IOException("rule file " + name + " is missing");
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}

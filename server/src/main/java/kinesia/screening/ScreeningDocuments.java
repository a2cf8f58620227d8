package kinesia.screening;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import kinesia.core.screening.Assessment;
import kinesia.core.screening.Clearance;
import kinesia.core.screening.LimitChange;
import kinesia.core.screening.ScreenAnswers;
import kinesia.shared.StoredType;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What is kept of screens, limits and clearances as documents. */
@Configuration
class ScreeningDocuments {
    private static final List<String> LISTS_OF_ANSWERS = List.of("checks", "clearances");
    private static final List<String> LISTS_OF_ASSESSMENT = List.of("checks", "readings", "notAskedThen");

    @Bean
    static StoredType answersDocument() {
        return StoredType.of(ScreenAnswers.class).then(ScreeningDocuments::withWhatWasNotAsked);
    }

    @Bean
    static StoredType assessmentDocument() {
        return StoredType.of(Assessment.class).then(assessment -> StoredType.withInputsAsPairs(withChecks(assessment)));
    }

    @Bean
    static StoredType draftDocument() {
        return StoredType.of(JsonNode.class);
    }

    @Bean
    static StoredType clearanceDocument() {
        return StoredType.of(Clearance.class);
    }

    @Bean
    static StoredType readingDocument() {
        return StoredType.of(ScreenAnswers.Reading.class);
    }

    @Bean
    static StoredType limitChangeDocument() {
        return StoredType.of(LimitChange.class);
    }

    /** The first answers had no version of the rules, which was the first, and no checks and clearances. */
    private static JsonNode withWhatWasNotAsked(JsonNode document) {
        ObjectNode answers = (ObjectNode) document;
        LISTS_OF_ANSWERS.forEach(answers::withArray);
        answers.withObject("details");
        answers.path("soreSites").forEach(site -> ((ObjectNode) site).withObject("flags"));
        if (!answers.hasNonNull("version")) {
            answers.put("version", 1);
        }
        return answers;
    }

    /** The first judgements had no checks, and nothing had come after them. */
    private static JsonNode withChecks(JsonNode document) {
        ObjectNode assessment = (ObjectNode) document;
        LISTS_OF_ASSESSMENT.forEach(assessment::withArray);
        return assessment;
    }
}

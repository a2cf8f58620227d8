package kinesia.exercise;

import kinesia.core.exercise.Adjustment;
import kinesia.core.response.FeltTrial;
import kinesia.shared.StoredType;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What is kept of variations and trials as documents. */
@Configuration
class ExerciseDocuments {
    @Bean
    static StoredType variationDocument() {
        return StoredType.of(Adjustment.class);
    }

    @Bean
    static StoredType feltTrialDocument() {
        return StoredType.of(FeltTrial.class);
    }
}

package kinesia.exercise;

import kinesia.core.response.FeltTrial;
import kinesia.shared.StoredType;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What is kept of trials as documents. */
@Configuration
class ExerciseDocuments {
    @Bean
    static StoredType feltTrialDocument() {
        return StoredType.of(FeltTrial.class);
    }
}

package kinesia.report;

import kinesia.core.response.Outcomes;
import kinesia.shared.StoredType;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What is kept of reviews as documents. */
@Configuration
class ReviewDocuments {
    @Bean
    static StoredType outcomesDocument() {
        return StoredType.of(Outcomes.class);
    }
}

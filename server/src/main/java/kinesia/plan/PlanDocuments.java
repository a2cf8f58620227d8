package kinesia.plan;

import kinesia.shared.StoredType;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What is kept of composing as documents. */
@Configuration
class PlanDocuments {
    @Bean
    static StoredType compositionDocument() {
        return StoredType.of(Composition.class);
    }
}

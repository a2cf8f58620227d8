package kinesia.plan;

import kinesia.shared.StoredType;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What is kept of composing as documents. */
@Configuration
class PlanDocuments {
    @Bean
    static StoredType compositionDocument() {
        // 2: what earns the next load may be picked.
        return StoredType.of(Composition.class).then(document -> document);
    }
}

package kinesia.response;

import java.util.function.UnaryOperator;
import kinesia.core.response.Morning;
import kinesia.shared.StoredType;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What is kept of mornings as documents. */
@Configuration
class ResponseDocuments {
    @Bean
    static StoredType morningDocument() {
        // Stiffness and signs were not asked at first: what is missing was not said.
        return StoredType.of(Morning.class).then(UnaryOperator.identity());
    }
}

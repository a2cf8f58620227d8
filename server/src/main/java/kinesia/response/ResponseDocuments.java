package kinesia.response;

import kinesia.core.response.Morning;
import kinesia.shared.StoredType;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What is kept of mornings as documents. */
@Configuration
class ResponseDocuments {
    @Bean
    static StoredType morningDocument() {
        return StoredType.of(Morning.class);
    }
}

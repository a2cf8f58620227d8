package kinesia.client;

import kinesia.shared.StoredType;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What is kept of clients as documents. */
@Configuration
class ClientDocuments {
    @Bean
    static StoredType intakeDocument() {
        return StoredType.of(Intake.class);
    }
}

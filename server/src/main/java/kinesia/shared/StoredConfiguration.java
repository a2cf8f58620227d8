package kinesia.shared;

import java.util.List;
import org.hibernate.cfg.AvailableSettings;
import org.springframework.boot.autoconfigure.orm.jpa.HibernatePropertiesCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Has Hibernate keep documents as {@link StoredJson} writes them. */
@Configuration
class StoredConfiguration {
    @Bean
    HibernatePropertiesCustomizer storedJson(List<StoredType> types) {
        return properties -> properties.put(AvailableSettings.JSON_FORMAT_MAPPER, new StoredJson(types));
    }
}

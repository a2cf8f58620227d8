package kinesia.room;

import com.fasterxml.jackson.databind.node.ObjectNode;
import kinesia.core.dose.Equipment;
import kinesia.shared.StoredType;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What is kept of places as documents. */
@Configuration
class RoomDocuments {
    @Bean
    static StoredType equipmentDocument() {
        return StoredType.of(Equipment.class).then(document -> {
            ObjectNode equipment = (ObjectNode) document;
            equipment.withArray("household");
            equipment.withArray("machines");
            return equipment;
        });
    }
}

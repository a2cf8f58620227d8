package kinesia.room;

import com.fasterxml.jackson.databind.node.ObjectNode;
import kinesia.core.dose.Equipment;
import kinesia.core.exercise.Adjustment;
import kinesia.shared.StoredType;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What is kept of places and own exercises as documents. */
@Configuration
class RoomDocuments {
    @Bean
    static StoredType variationDocument() {
        return StoredType.of(Adjustment.class);
    }

    @Bean
    static StoredType equipmentDocument() {
        return StoredType.of(Equipment.class)
                .then(document -> {
                    ObjectNode equipment = (ObjectNode) document;
                    equipment.withArray("household");
                    equipment.withArray("machines");
                    return equipment;
                })
                .then(document -> {
                    ((ObjectNode) document).withArray("inPounds");
                    return document;
                });
    }
}

package kinesia.client;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.util.UUID;
import kinesia.core.dose.Equipment;
import kinesia.shared.Json;

/** A place of training with its equipment. */
@Entity
public class Place {
    @Id
    private UUID id;

    private UUID roomId;
    private String name;
    private String equipment;

    protected Place() {}

    public Place(UUID roomId, String name, Equipment equipment) {
        this.id = UUID.randomUUID();
        this.roomId = roomId;
        this.name = name;
        this.equipment = Json.write(equipment);
    }

    public UUID id() {
        return id;
    }

    public String name() {
        return name;
    }

    public Equipment equipment() {
        return Json.read(equipment, Equipment.class);
    }
}

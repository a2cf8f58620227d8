package kinesia.room;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.util.UUID;
import kinesia.core.dose.Equipment;
import kinesia.shared.StoredJson;
import org.hibernate.annotations.DynamicUpdate;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.Mutability;
import org.hibernate.type.SqlTypes;
import org.hibernate.type.descriptor.java.Immutability;
import org.jspecify.annotations.Nullable;

/** A place of training with its equipment. */
@Entity
@DynamicUpdate
public class Place {
    @Id
    private UUID id;

    // Not primitive, so that its absence tells a new row.
    @Version
    private @Nullable Long version;

    private UUID roomId;
    private String name;

    @JdbcTypeCode(SqlTypes.JSON)
    @Mutability(Immutability.class)
    private @Nullable Equipment equipment;

    protected Place() {}

    public Place(UUID roomId, String name, Equipment equipment) {
        this(UUID.randomUUID(), roomId, name, equipment);
    }

    Place(UUID id, UUID roomId, String name, Equipment equipment) {
        this.id = id;
        this.roomId = roomId;
        change(name, equipment);
    }

    final void change(String newName, Equipment newEquipment) {
        name = newName.strip();
        equipment = newEquipment;
    }

    long version() {
        return version == null ? 0 : version;
    }

    public UUID id() {
        return id;
    }

    public String name() {
        return name;
    }

    public Equipment equipment() {
        return StoredJson.readable(equipment, "equipment");
    }
}

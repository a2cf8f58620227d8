package kinesia.room;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.util.UUID;
import kinesia.core.exercise.Adjustment;
import kinesia.shared.StoredJson;
import org.hibernate.annotations.DynamicUpdate;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.Mutability;
import org.hibernate.type.SqlTypes;
import org.hibernate.type.descriptor.java.Immutability;
import org.jspecify.annotations.Nullable;

/** A room's own variation of a catalogue entry. One that is dropped stays for what was done with it. */
@Entity
@DynamicUpdate
public class Variation {
    private static final String KEY_PREFIX = "own-";

    @Id
    private UUID id;

    @Version
    private long version;

    private UUID roomId;
    private String name;
    private String exerciseKey;

    @JdbcTypeCode(SqlTypes.JSON)
    @Mutability(Immutability.class)
    private @Nullable Adjustment adjustment;

    private String keptBy;
    private LocalDate keptOn;
    private @Nullable LocalDate droppedOn;

    protected Variation() {}

    public Variation(
            UUID id, UUID roomId, String exerciseKey, String name, Adjustment adjustment, String by, LocalDate on) {
        this.id = id;
        this.roomId = roomId;
        this.exerciseKey = exerciseKey;
        change(name, adjustment, by, on);
    }

    public final void change(String newName, Adjustment newAdjustment, String by, LocalDate on) {
        name = newName.strip();
        adjustment = newAdjustment;
        keptBy = by;
        keptOn = on;
        droppedOn = null;
    }

    public void drop(LocalDate on) {
        droppedOn = on;
    }

    public boolean isKept() {
        return droppedOn == null;
    }

    public UUID id() {
        return id;
    }

    public UUID roomId() {
        return roomId;
    }

    public String name() {
        return name;
    }

    public String exerciseKey() {
        return exerciseKey;
    }

    /** The key by which the atlas knows it. */
    public String key() {
        return KEY_PREFIX + id;
    }

    public Adjustment adjustment() {
        return StoredJson.readable(adjustment, "variation");
    }
}

package kinesia.plan;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import kinesia.shared.StoredJson;
import kinesia.shared.WrittenOnce;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.Mutability;
import org.hibernate.type.SqlTypes;
import org.hibernate.type.descriptor.java.Immutability;
import org.jspecify.annotations.Nullable;

/** A composition the room keeps under a name, for any client. */
@Entity
@Table(name = "session_template")
class SessionTemplate extends WrittenOnce {
    private UUID roomId;
    private String name;

    @JdbcTypeCode(SqlTypes.JSON)
    @Mutability(Immutability.class)
    private @Nullable Composition body;

    private Instant madeAt;
    private String madeBy;

    protected SessionTemplate() {}

    SessionTemplate(UUID id, UUID roomId, String name, Composition composition, Instant at, String by) {
        super(id);
        this.roomId = roomId;
        this.name = name;
        this.body = composition;
        this.madeAt = at;
        this.madeBy = by;
    }

    UUID roomId() {
        return roomId;
    }

    String name() {
        return name;
    }

    Composition composition() {
        return StoredJson.readable(body, "template");
    }

    Instant madeAt() {
        return madeAt;
    }

    String madeBy() {
        return madeBy;
    }
}

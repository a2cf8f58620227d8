package kinesia.plan;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import kinesia.shared.Json;
import kinesia.shared.WrittenOnce;

/** A composition the room keeps under a name, for any client. */
@Entity
@Table(name = "session_template")
class SessionTemplate extends WrittenOnce {
    private UUID roomId;
    private String name;
    private String body;
    private Instant madeAt;
    private String madeBy;

    protected SessionTemplate() {}

    SessionTemplate(UUID id, UUID roomId, String name, Composition composition, Instant at, String by) {
        super(id);
        this.roomId = roomId;
        this.name = name;
        this.body = Json.write(composition);
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
        return Json.read(body, Composition.class);
    }

    Instant madeAt() {
        return madeAt;
    }

    String madeBy() {
        return madeBy;
    }
}

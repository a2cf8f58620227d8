package kinesia.floor;

import jakarta.persistence.Entity;
import java.time.Instant;
import java.util.UUID;
import kinesia.shared.WrittenOnce;

/** Something to remember of a session. Never changed. */
@Entity
class SessionNote extends WrittenOnce {
    private UUID sessionId;
    private String text;
    private Instant madeAt;
    private String madeBy;

    protected SessionNote() {}

    SessionNote(UUID id, UUID sessionId, String text, Instant madeAt, String madeBy) {
        super(id);
        this.sessionId = sessionId;
        this.text = text;
        this.madeAt = madeAt;
        this.madeBy = madeBy;
    }

    UUID sessionId() {
        return sessionId;
    }

    String text() {
        return text;
    }

    String madeBy() {
        return madeBy;
    }
}

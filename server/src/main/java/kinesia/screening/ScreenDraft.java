package kinesia.screening;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A screen while it is being taken, as the page keeps it; one for each client. */
@Entity
class ScreenDraft {
    @Id
    private UUID clientId;

    // Not primitive, so that its absence tells a new row.
    @Version
    private @Nullable Long version;

    private String draft;
    private Instant changedAt;
    private String changedBy;

    protected ScreenDraft() {}

    ScreenDraft(UUID clientId) {
        this.clientId = clientId;
    }

    void change(String newDraft, Instant at, String by) {
        draft = newDraft;
        changedAt = at;
        changedBy = by;
    }

    long version() {
        return version == null ? 0 : version;
    }

    String draft() {
        return draft;
    }

    Instant changedAt() {
        return changedAt;
    }

    String changedBy() {
        return changedBy;
    }
}

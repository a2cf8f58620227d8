package kinesia.screening;

import com.fasterxml.jackson.databind.JsonNode;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import kinesia.shared.StoredJson;
import org.hibernate.annotations.DynamicUpdate;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.Mutability;
import org.hibernate.type.SqlTypes;
import org.hibernate.type.descriptor.java.Immutability;
import org.jspecify.annotations.Nullable;

/** A screen while it is being taken, as the page keeps it; one for each client. */
@Entity
@DynamicUpdate
class ScreenDraft {
    @Id
    private UUID clientId;

    // Not primitive, so that its absence tells a new row.
    @Version
    private @Nullable Long version;

    @JdbcTypeCode(SqlTypes.JSON)
    @Mutability(Immutability.class)
    private @Nullable JsonNode draft;

    private Instant changedAt;
    private String changedBy;

    protected ScreenDraft() {}

    ScreenDraft(UUID clientId) {
        this.clientId = clientId;
    }

    void change(JsonNode newDraft, Instant at, String by) {
        draft = newDraft;
        changedAt = at;
        changedBy = by;
    }

    long version() {
        return version == null ? 0 : version;
    }

    JsonNode draft() {
        return StoredJson.readable(draft, "draft of a screen");
    }

    Instant changedAt() {
        return changedAt;
    }

    String changedBy() {
        return changedBy;
    }
}

package kinesia.plan;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import kinesia.shared.Json;
import org.jspecify.annotations.Nullable;

/** One client's composition. */
@Entity
@Table(name = "composition")
class StoredComposition {
    @Id
    private UUID clientId;

    // Not primitive, so that its absence tells a new row.
    @Version
    private @Nullable Long version;

    private String body;
    private Instant changedAt;
    private String changedBy;

    protected StoredComposition() {}

    StoredComposition(UUID clientId) {
        this.clientId = clientId;
    }

    void change(Composition composition, Instant at, String by) {
        body = Json.write(composition);
        changedAt = at;
        changedBy = by;
    }

    long version() {
        return version == null ? 0 : version;
    }

    Composition composition() {
        return Json.read(body, Composition.class);
    }

    Instant changedAt() {
        return changedAt;
    }

    String changedBy() {
        return changedBy;
    }
}

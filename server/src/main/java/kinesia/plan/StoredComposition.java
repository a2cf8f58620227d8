package kinesia.plan;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
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

/** One client's composition. */
@Entity
@DynamicUpdate
@Table(name = "composition")
class StoredComposition {
    @Id
    private UUID clientId;

    // Not primitive, so that its absence tells a new row.
    @Version
    private @Nullable Long version;

    @JdbcTypeCode(SqlTypes.JSON)
    @Mutability(Immutability.class)
    private @Nullable Composition body;

    private Instant changedAt;
    private String changedBy;

    protected StoredComposition() {}

    StoredComposition(UUID clientId) {
        this.clientId = clientId;
    }

    void change(Composition composition, Instant at, String by) {
        body = composition;
        changedAt = at;
        changedBy = by;
    }

    long version() {
        return version == null ? 0 : version;
    }

    Composition composition() {
        return StoredJson.readable(body, "composition");
    }

    Instant changedAt() {
        return changedAt;
    }

    String changedBy() {
        return changedBy;
    }
}

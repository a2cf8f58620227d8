package kinesia.screening;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import kinesia.core.screening.Clearance;
import kinesia.shared.StoredJson;
import kinesia.shared.WrittenOnce;
import org.hibernate.annotations.DynamicUpdate;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.Mutability;
import org.hibernate.type.SqlTypes;
import org.hibernate.type.descriptor.java.Immutability;
import org.jspecify.annotations.Nullable;

/** A clinician's clearance, with who recorded it and when. */
@Entity
@DynamicUpdate
@Table(name = "clearance")
class StoredClearance extends WrittenOnce {
    private UUID clientId;

    @JdbcTypeCode(SqlTypes.JSON)
    @Mutability(Immutability.class)
    private @Nullable Clearance clearance;

    private Instant recordedAt;
    private String recordedBy;
    private @Nullable LocalDate withdrawnOn;
    private @Nullable String withdrawnBy;

    protected StoredClearance() {}

    StoredClearance(UUID id, UUID clientId, Clearance clearance, Instant at, String by) {
        super(id);
        this.clientId = clientId;
        this.clearance = clearance;
        this.recordedAt = at;
        this.recordedBy = by;
    }

    void withdraw(LocalDate on, String by) {
        withdrawnOn = on;
        withdrawnBy = by;
    }

    UUID clientId() {
        return clientId;
    }

    Clearance clearance() {
        return StoredJson.readable(clearance, "clearance");
    }

    Instant recordedAt() {
        return recordedAt;
    }

    String recordedBy() {
        return recordedBy;
    }

    @Nullable
    LocalDate withdrawnOn() {
        return withdrawnOn;
    }

    @Nullable
    String withdrawnBy() {
        return withdrawnBy;
    }
}

package kinesia.screening;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.PostLoad;
import jakarta.persistence.PostPersist;
import jakarta.persistence.Table;
import jakarta.persistence.Transient;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import kinesia.core.screening.Clearance;
import kinesia.shared.Json;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/** A clinician's clearance, with who recorded it and when. */
@Entity
@Table(name = "clearance")
class StoredClearance implements Persistable<UUID> {
    @Id
    private UUID id;

    private UUID clientId;
    private String clearance;
    private Instant recordedAt;
    private String recordedBy;
    private @Nullable LocalDate withdrawnOn;
    private @Nullable String withdrawnBy;

    @Transient
    private boolean fresh;

    protected StoredClearance() {}

    StoredClearance(UUID id, UUID clientId, Clearance clearance, Instant at, String by) {
        this.id = id;
        this.clientId = clientId;
        this.clearance = Json.write(clearance);
        this.recordedAt = at;
        this.recordedBy = by;
        this.fresh = true;
    }

    @PostLoad
    @PostPersist
    void stored() {
        fresh = false;
    }

    void withdraw(LocalDate on, String by) {
        withdrawnOn = on;
        withdrawnBy = by;
    }

    @Override
    public UUID getId() {
        return id;
    }

    @Override
    public boolean isNew() {
        return fresh;
    }

    UUID clientId() {
        return clientId;
    }

    Clearance clearance() {
        return Json.read(clearance, Clearance.class);
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

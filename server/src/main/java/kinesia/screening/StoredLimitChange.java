package kinesia.screening;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.PostLoad;
import jakarta.persistence.PostPersist;
import jakarta.persistence.Table;
import jakarta.persistence.Transient;
import java.time.Instant;
import java.util.UUID;
import kinesia.core.screening.LimitChange;
import kinesia.shared.Json;
import org.springframework.data.domain.Persistable;

/** A change of one client's limits; never changed afterwards. */
@Entity
@Table(name = "limit_change")
class StoredLimitChange implements Persistable<UUID> {
    @Id
    private UUID id;

    private UUID clientId;
    private String change;
    private Instant madeAt;

    @Transient
    private boolean fresh;

    protected StoredLimitChange() {}

    StoredLimitChange(UUID id, UUID clientId, LimitChange change, Instant at) {
        this.id = id;
        this.clientId = clientId;
        this.change = Json.write(change);
        this.madeAt = at;
        this.fresh = true;
    }

    @PostLoad
    @PostPersist
    void stored() {
        fresh = false;
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

    LimitChange change() {
        return Json.read(change, LimitChange.class);
    }
}

package kinesia.screening;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import kinesia.core.screening.LimitChange;
import kinesia.shared.Json;
import kinesia.shared.WrittenOnce;

/** A change of one client's limits; never changed afterwards. */
@Entity
@Table(name = "limit_change")
class StoredLimitChange extends WrittenOnce {
    private UUID clientId;
    private String change;
    private Instant madeAt;

    protected StoredLimitChange() {}

    StoredLimitChange(UUID id, UUID clientId, LimitChange change, Instant at) {
        super(id);
        this.clientId = clientId;
        this.change = Json.write(change);
        this.madeAt = at;
    }

    UUID clientId() {
        return clientId;
    }

    LimitChange change() {
        return Json.read(change, LimitChange.class);
    }
}

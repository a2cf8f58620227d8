package kinesia.screening;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import kinesia.core.screening.LimitChange;
import kinesia.shared.StoredJson;
import kinesia.shared.WrittenOnce;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.Mutability;
import org.hibernate.type.SqlTypes;
import org.hibernate.type.descriptor.java.Immutability;
import org.jspecify.annotations.Nullable;

/** A change of one client's limits; never changed afterwards. */
@Entity
@Table(name = "limit_change")
class StoredLimitChange extends WrittenOnce {
    private UUID clientId;

    @JdbcTypeCode(SqlTypes.JSON)
    @Mutability(Immutability.class)
    private @Nullable LimitChange change;

    private Instant madeAt;

    protected StoredLimitChange() {}

    StoredLimitChange(UUID id, UUID clientId, LimitChange change, Instant at) {
        super(id);
        this.clientId = clientId;
        this.change = change;
        this.madeAt = at;
    }

    UUID clientId() {
        return clientId;
    }

    LimitChange change() {
        return StoredJson.readable(change, "change of a limit");
    }
}

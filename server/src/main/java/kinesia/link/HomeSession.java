package kinesia.link;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Transient;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import kinesia.core.plan.Plan;
import kinesia.core.plan.SoreSite;
import kinesia.shared.StoredJson;
import org.hibernate.annotations.DynamicUpdate;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.Mutability;
import org.hibernate.type.SqlTypes;
import org.hibernate.type.descriptor.java.Immutability;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/** A session a client is to do alone: planned, and until its log comes in no session yet. */
@Entity
@DynamicUpdate
class HomeSession implements Persistable<UUID> {
    @Id
    private UUID id;

    @Version
    private long version;

    private UUID clientId;
    private LocalDate dueOn;
    private UUID placeId;

    @JdbcTypeCode(SqlTypes.JSON)
    @Mutability(Immutability.class)
    private @Nullable Plan plan;

    @JdbcTypeCode(SqlTypes.JSON)
    @Mutability(Immutability.class)
    private @Nullable List<SoreSite> soreSites;

    private String madeBy;
    private Instant madeAt;
    private @Nullable Instant doneAt;
    private @Nullable Instant withdrawnAt;

    // The id is made by the page, so its presence does not tell a stored row from a new one.
    @Transient
    private boolean fresh;

    protected HomeSession() {}

    HomeSession(
            UUID id, UUID clientId, UUID placeId, Plan plan, List<SoreSite> soreSites, String madeBy, Instant madeAt) {
        this.id = id;
        this.clientId = clientId;
        this.dueOn = plan.visitOn();
        this.placeId = placeId;
        this.plan = plan;
        this.soreSites = soreSites;
        this.madeBy = madeBy;
        this.madeAt = madeAt;
        this.fresh = true;
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

    LocalDate dueOn() {
        return dueOn;
    }

    UUID placeId() {
        return placeId;
    }

    Plan plan() {
        return StoredJson.readable(plan, "plan");
    }

    List<SoreSite> soreSites() {
        return StoredJson.readable(soreSites, "list of sore places");
    }

    String madeBy() {
        return madeBy;
    }

    boolean isDone() {
        return doneAt != null;
    }

    boolean isOpen() {
        return doneAt == null && withdrawnAt == null;
    }

    void done(Instant at) {
        doneAt = at;
    }

    void withdraw(Instant at) {
        withdrawnAt = at;
    }
}

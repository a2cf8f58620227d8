package kinesia.floor;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Transient;
import java.util.UUID;
import kinesia.core.plan.Plan;
import kinesia.shared.StoredJson;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.Mutability;
import org.hibernate.type.SqlTypes;
import org.hibernate.type.descriptor.java.Immutability;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/** The plan of one session as it was made, or as it was changed while it ran. Apart from the session, because the history is read often. */
@Entity
class SessionPlan implements Persistable<UUID> {
    @Id
    private UUID sessionId;

    @JdbcTypeCode(SqlTypes.JSON)
    @Mutability(Immutability.class)
    private @Nullable Plan plan;

    @Transient
    private boolean fresh;

    protected SessionPlan() {}

    SessionPlan(UUID sessionId, Plan plan) {
        this.sessionId = sessionId;
        this.plan = plan;
        this.fresh = true;
    }

    void becomes(Plan other) {
        plan = other;
    }

    Plan plan() {
        return StoredJson.readable(plan, "plan");
    }

    @Override
    public UUID getId() {
        return sessionId;
    }

    @Override
    public boolean isNew() {
        return fresh;
    }
}

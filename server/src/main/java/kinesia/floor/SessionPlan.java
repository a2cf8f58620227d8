package kinesia.floor;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Transient;
import java.util.UUID;
import kinesia.core.plan.Plan;
import kinesia.shared.Json;
import org.springframework.data.domain.Persistable;

/** The plan of one session as it was when it was made. Apart from the session, because the history is read often. */
@Entity
class SessionPlan implements Persistable<UUID> {
    @Id
    private UUID sessionId;

    private String plan;

    @Transient
    private boolean fresh;

    protected SessionPlan() {}

    SessionPlan(UUID sessionId, Plan plan) {
        this.sessionId = sessionId;
        this.plan = Json.write(plan);
        this.fresh = true;
    }

    Plan plan() {
        return Json.read(plan, Plan.class);
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

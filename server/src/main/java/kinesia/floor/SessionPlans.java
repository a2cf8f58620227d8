package kinesia.floor;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Collection;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import kinesia.core.plan.Plan;
import kinesia.shared.Problem;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Stored plans. A plan changes only while its session runs, and through here, so what was read once is kept in memory. */
@Component
public class SessionPlans {
    // A plan takes some 50 kB.
    private static final int MOST = 500;

    private final SessionPlanRows rows;
    private final Cache<UUID, Plan> known =
            Caffeine.newBuilder().maximumSize(MOST).build();

    SessionPlans(SessionPlanRows rows) {
        this.rows = rows;
    }

    /** Keeps {@code plan} with its session, which must be stored in the same transaction. */
    public void keep(UUID sessionId, Plan plan) {
        rows.save(new SessionPlan(sessionId, plan));
    }

    /** Puts {@code plan} in the place of the session's, which is held by the transaction. */
    public void change(UUID sessionId, Plan plan) {
        rows.findById(sessionId).orElseThrow(Problem::notFound).becomes(plan);
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                known.put(sessionId, plan);
            }
        });
    }

    public Plan of(UUID sessionId) {
        Plan plan = ofAll(java.util.List.of(sessionId)).get(sessionId);
        if (plan == null) {
            throw Problem.notFound();
        }
        return plan;
    }

    /** The plans of many sessions by their id. */
    public Map<UUID, Plan> ofAll(Collection<UUID> sessionIds) {
        return known.getAll(
                sessionIds,
                missing -> rows.findAllById(java.util.Set.copyOf(missing)).stream()
                        .collect(Collectors.toMap(SessionPlan::getId, SessionPlan::plan)));
    }
}

package kinesia.floor;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** The rows behind {@link SessionPlans}. */
interface SessionPlanRows extends JpaRepository<SessionPlan, UUID> {}

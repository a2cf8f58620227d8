package kinesia.report;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** The reviews that were taken. */
public interface StoredReviews extends JpaRepository<StoredReview, UUID> {
    List<StoredReview> findByClientIdOrderByTakenAt(UUID clientId);
}

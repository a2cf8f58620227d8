package kinesia.exercise;

import java.util.List;
import java.util.UUID;
import org.springframework.data.repository.CrudRepository;

interface FeltTrials extends CrudRepository<FeltTrialRow, UUID> {
    List<FeltTrialRow> findByClientIdOrderByTriedAtDesc(UUID clientId);
}

package kinesia.client;

import java.util.List;
import java.util.UUID;
import kinesia.core.dose.LoggedSet;
import org.springframework.data.jpa.repository.JpaRepository;

/** The sets that clients did before they came. */
public interface OldSets extends JpaRepository<OldSet, UUID> {
    List<OldSet> findByClientIdOrderByDoneOnAscSetNumberAsc(UUID clientId);

    /** Of one client, oldest first. */
    default List<LoggedSet> of(UUID clientId) {
        return findByClientIdOrderByDoneOnAscSetNumberAsc(clientId).stream()
                .map(OldSet::set)
                .toList();
    }
}

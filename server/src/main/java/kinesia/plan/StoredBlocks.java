package kinesia.plan;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Stored blocks. */
interface StoredBlocks extends JpaRepository<StoredBlock, UUID> {
    /** The blocks of some clients, in the order they begin. */
    List<StoredBlock> findByClientIdInOrderByStartsOn(Collection<UUID> clientIds);
}

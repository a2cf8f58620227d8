package kinesia.plan;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Stored compositions. */
interface Compositions extends JpaRepository<StoredComposition, UUID> {
    default Composition of(UUID clientId) {
        return findById(clientId).map(StoredComposition::composition).orElse(Composition.NONE);
    }
}

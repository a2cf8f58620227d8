package kinesia.screening;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PressureReadings extends JpaRepository<PressureReading, UUID> {
    List<PressureReading> findByClientIdInOrderByReadAt(Collection<UUID> clientIds);
}

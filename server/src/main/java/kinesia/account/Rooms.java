package kinesia.account;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Stored rooms. */
public interface Rooms extends JpaRepository<Room, UUID> {}

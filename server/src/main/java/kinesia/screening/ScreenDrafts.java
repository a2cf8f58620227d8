package kinesia.screening;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Screens being taken. */
interface ScreenDrafts extends JpaRepository<ScreenDraft, UUID> {}

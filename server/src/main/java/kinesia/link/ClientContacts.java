package kinesia.link;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Stored contacts. */
interface ClientContacts extends JpaRepository<ClientContact, UUID> {}

package kinesia.floor;

import java.time.LocalDate;
import java.util.UUID;

/** Published in the transaction in which a session ended. */
public record SessionFinished(UUID sessionId, UUID clientId, LocalDate on) {}

package kinesia.screening;

import jakarta.persistence.Entity;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import kinesia.core.screening.ScreenAnswers.Reading;
import kinesia.shared.StoredJson;
import kinesia.shared.WrittenOnce;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.Mutability;
import org.hibernate.type.SqlTypes;
import org.hibernate.type.descriptor.java.Immutability;
import org.jspecify.annotations.Nullable;

/** Pressure and pulse as they were read before a visit, with who read them and when. */
@Entity
class PressureReading extends WrittenOnce {
    private UUID clientId;
    private LocalDate readOn;
    private Instant readAt;
    private String readBy;

    @JdbcTypeCode(SqlTypes.JSON)
    @Mutability(Immutability.class)
    private @Nullable Reading reading;

    protected PressureReading() {}

    PressureReading(UUID id, UUID clientId, LocalDate on, Instant at, String by, Reading reading) {
        super(id);
        this.clientId = clientId;
        this.readOn = on;
        this.readAt = at;
        this.readBy = by;
        this.reading = reading;
    }

    UUID clientId() {
        return clientId;
    }

    LocalDate readOn() {
        return readOn;
    }

    String readBy() {
        return readBy;
    }

    /** What was read, with its day. */
    Reading reading() {
        return StoredJson.readable(reading, "reading").orOn(readOn);
    }
}

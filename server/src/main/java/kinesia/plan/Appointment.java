package kinesia.plan;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.UUID;
import org.hibernate.annotations.DynamicUpdate;
import org.jspecify.annotations.Nullable;

/** A visit that is booked. */
@Entity
@DynamicUpdate
class Appointment {
    @Id
    private UUID id;

    // Not primitive, so that its absence tells a new row.
    @Version
    private @Nullable Long version;

    private UUID clientId;
    private UUID placeId;
    private LocalDate visitOn;
    private LocalTime startsAt;
    private int minutes;
    private boolean cancelled;
    private Instant changedAt;
    private String changedBy;

    protected Appointment() {}

    Appointment(UUID id, UUID clientId, Slot slot, Instant at, String by) {
        this.id = id;
        this.clientId = clientId;
        move(slot, at, by);
    }

    /**
     * When and where.
     *
     * @param minutes booked
     */
    record Slot(LocalDate on, LocalTime at, int minutes, UUID placeId) {}

    final void move(Slot slot, Instant at, String by) {
        visitOn = slot.on();
        startsAt = slot.at();
        minutes = slot.minutes();
        placeId = slot.placeId();
        cancelled = false;
        changedAt = at;
        changedBy = by;
    }

    void cancel(Instant at, String by) {
        cancelled = true;
        changedAt = at;
        changedBy = by;
    }

    UUID id() {
        return id;
    }

    long version() {
        return version == null ? 0 : version;
    }

    UUID clientId() {
        return clientId;
    }

    Slot slot() {
        return new Slot(visitOn, startsAt, minutes, placeId);
    }

    boolean isCancelled() {
        return cancelled;
    }

    String changedBy() {
        return changedBy;
    }
}

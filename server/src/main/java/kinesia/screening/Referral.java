package kinesia.screening;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.PostLoad;
import jakarta.persistence.PostPersist;
import jakarta.persistence.Transient;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.springframework.data.domain.Persistable;

/** A referral as it was handed over; never changed afterwards. */
@Entity
class Referral implements Persistable<UUID> {
    @Id
    private UUID id;

    private UUID clientId;
    private UUID screenId;
    private String addressedTo;
    private String note;
    private LocalDate madeOn;
    private Instant madeAt;
    private String madeBy;

    @Transient
    private boolean fresh;

    protected Referral() {}

    Referral(
            UUID id,
            UUID clientId,
            UUID screenId,
            String addressedTo,
            String note,
            LocalDate madeOn,
            Instant madeAt,
            String madeBy) {
        this.id = id;
        this.clientId = clientId;
        this.screenId = screenId;
        this.addressedTo = addressedTo;
        this.note = note;
        this.madeOn = madeOn;
        this.madeAt = madeAt;
        this.madeBy = madeBy;
        this.fresh = true;
    }

    @PostLoad
    @PostPersist
    void stored() {
        fresh = false;
    }

    @Override
    public UUID getId() {
        return id;
    }

    @Override
    public boolean isNew() {
        return fresh;
    }

    UUID clientId() {
        return clientId;
    }

    UUID screenId() {
        return screenId;
    }

    String addressedTo() {
        return addressedTo;
    }

    String note() {
        return note;
    }

    LocalDate madeOn() {
        return madeOn;
    }

    Instant madeAt() {
        return madeAt;
    }

    String madeBy() {
        return madeBy;
    }
}

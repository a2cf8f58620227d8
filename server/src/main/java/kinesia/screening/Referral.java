package kinesia.screening;

import jakarta.persistence.Entity;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import kinesia.shared.WrittenOnce;

/** A referral as it was handed over; never changed afterwards. */
@Entity
class Referral extends WrittenOnce {
    private UUID clientId;
    private UUID screenId;
    private String addressedTo;
    private String note;
    private LocalDate madeOn;
    private Instant madeAt;
    private String madeBy;

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
        super(id);
        this.clientId = clientId;
        this.screenId = screenId;
        this.addressedTo = addressedTo;
        this.note = note;
        this.madeOn = madeOn;
        this.madeAt = madeAt;
        this.madeBy = madeBy;
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

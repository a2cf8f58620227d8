package kinesia.exercise;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import kinesia.core.response.FeltTrial;
import kinesia.shared.StoredJson;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.Mutability;
import org.hibernate.type.SqlTypes;
import org.hibernate.type.descriptor.java.Immutability;
import org.jspecify.annotations.Nullable;

/** A felt trial as kept with its client. */
@Entity
@Table(name = "felt_trial")
class FeltTrialRow {
    @Id
    private UUID id;

    private UUID clientId;

    @JdbcTypeCode(SqlTypes.JSON)
    @Mutability(Immutability.class)
    private @Nullable FeltTrial trial;

    private LocalDate triedOn;
    private Instant triedAt;
    private String triedBy;

    protected FeltTrialRow() {}

    FeltTrialRow(UUID id, UUID clientId, FeltTrial trial, LocalDate on, Instant at, String by) {
        this.id = id;
        this.clientId = clientId;
        this.trial = trial;
        this.triedOn = on;
        this.triedAt = at;
        this.triedBy = by;
    }

    UUID id() {
        return id;
    }

    UUID clientId() {
        return clientId;
    }

    FeltTrial trial() {
        return StoredJson.readable(trial, "felt trial");
    }

    LocalDate triedOn() {
        return triedOn;
    }

    String triedBy() {
        return triedBy;
    }
}

package kinesia.exercise;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import kinesia.core.response.FeltTrial;
import kinesia.shared.Json;

/** A felt trial as kept with its client. */
@Entity
@Table(name = "felt_trial")
class FeltTrialRow {
    @Id
    private UUID id;

    private UUID clientId;
    private String trial;
    private LocalDate triedOn;
    private Instant triedAt;
    private String triedBy;

    protected FeltTrialRow() {}

    FeltTrialRow(UUID id, UUID clientId, FeltTrial trial, LocalDate on, Instant at, String by) {
        this.id = id;
        this.clientId = clientId;
        this.trial = Json.write(trial);
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
        return Json.read(trial, FeltTrial.class);
    }

    LocalDate triedOn() {
        return triedOn;
    }

    String triedBy() {
        return triedBy;
    }
}

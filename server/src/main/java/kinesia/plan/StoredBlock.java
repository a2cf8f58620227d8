package kinesia.plan;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import kinesia.core.plan.Goal;
import kinesia.core.plan.TrainingBlock;
import org.hibernate.annotations.DynamicUpdate;
import org.jspecify.annotations.Nullable;

/** A block of a client's weeks. */
@Entity
@DynamicUpdate
@Table(name = "training_block")
class StoredBlock {
    @Id
    private UUID id;

    // Not primitive, so that its absence tells a new row.
    @Version
    private @Nullable Long version;

    private UUID clientId;
    private LocalDate startsOn;
    private int weeks;

    @Enumerated(EnumType.STRING)
    private Goal aim;

    private @Nullable Integer lighterWeek;
    private boolean newExercises;
    private @Nullable LocalDate endedOn;
    private Instant changedAt;
    private String changedBy;

    protected StoredBlock() {}

    StoredBlock(UUID id, UUID clientId, TrainingBlock block, Instant at, String by) {
        this.id = id;
        this.clientId = clientId;
        startsOn = block.start();
        weeks = block.weeks();
        aim = block.aim();
        lighterWeek = block.lighterWeek();
        newExercises = block.newExercises();
        changedAt = at;
        changedBy = by;
    }

    void end(LocalDate on, Instant at, String by) {
        endedOn = on;
        changedAt = at;
        changedBy = by;
    }

    UUID id() {
        return id;
    }

    UUID clientId() {
        return clientId;
    }

    TrainingBlock block() {
        return new TrainingBlock(startsOn, weeks, aim, lighterWeek, newExercises, endedOn);
    }
}

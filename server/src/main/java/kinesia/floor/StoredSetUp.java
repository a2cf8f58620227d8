package kinesia.floor;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What is remembered of one client and exercise. */
@Entity
@Table(name = "set_up")
class StoredSetUp {
    @Id
    private UUID id;

    @Version
    private Long version;

    private UUID clientId;
    private String exerciseKey;
    private @Nullable String bench;
    private @Nullable String pulley;
    private @Nullable String pin;
    private @Nullable String footMark;
    private @Nullable String depth;
    private @Nullable String sleeves;
    private @Nullable String cue;
    private @Nullable String note;
    private Instant changedAt;
    private String changedBy;

    protected StoredSetUp() {}

    StoredSetUp(UUID clientId, String exerciseKey) {
        this.id = UUID.randomUUID();
        this.clientId = clientId;
        this.exerciseKey = exerciseKey;
    }

    void take(SetUp now, Instant at, String by) {
        bench = now.bench();
        pulley = now.pulley();
        pin = now.pin();
        footMark = now.footMark();
        depth = now.depth();
        sleeves = now.sleeves();
        cue = now.cue();
        note = now.note();
        changedAt = at;
        changedBy = by;
    }

    String exerciseKey() {
        return exerciseKey;
    }

    long version() {
        return version;
    }

    SetUp setUp() {
        return new SetUp(bench, pulley, pin, footMark, depth, sleeves, cue, note);
    }
}

package kinesia.report;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import kinesia.core.response.BlockReview;
import kinesia.core.response.Outcomes;
import kinesia.shared.StoredJson;
import kinesia.shared.WrittenOnce;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.Mutability;
import org.hibernate.type.SqlTypes;
import org.hibernate.type.descriptor.java.Immutability;
import org.jspecify.annotations.Nullable;

/** One review as it was taken; never changed afterwards. */
@Entity
@Table(name = "block_review")
public class StoredReview extends WrittenOnce {
    private UUID clientId;
    private LocalDate takenOn;
    private Instant takenAt;
    private String takenBy;

    @JdbcTypeCode(SqlTypes.JSON)
    @Mutability(Immutability.class)
    private @Nullable Outcomes outcomes;

    private String decision;

    protected StoredReview() {}

    public StoredReview(
            UUID id,
            UUID clientId,
            LocalDate takenOn,
            Instant takenAt,
            String takenBy,
            Outcomes outcomes,
            String decision) {
        super(id);
        this.clientId = clientId;
        this.takenOn = takenOn;
        this.takenAt = takenAt;
        this.takenBy = takenBy;
        this.outcomes = outcomes;
        this.decision = decision;
    }

    public UUID clientId() {
        return clientId;
    }

    public BlockReview.Taken taken() {
        return new BlockReview.Taken(takenOn, StoredJson.readable(outcomes, "review"));
    }

    public String takenBy() {
        return takenBy;
    }

    public String decision() {
        return decision;
    }
}

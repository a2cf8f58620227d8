package kinesia.response;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import kinesia.core.response.Morning;
import kinesia.shared.StoredJson;
import org.hibernate.annotations.DynamicUpdate;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.Mutability;
import org.hibernate.type.SqlTypes;
import org.hibernate.type.descriptor.java.Immutability;
import org.jspecify.annotations.Nullable;

/** The answers on the morning after one session. */
@Entity
@DynamicUpdate
public class MorningCheck {
    @Id
    private UUID sessionId;

    @Version
    private long version;

    @JdbcTypeCode(SqlTypes.JSON)
    @Mutability(Immutability.class)
    private @Nullable Morning answers;

    private Instant answeredAt;

    protected MorningCheck() {}

    public MorningCheck(UUID sessionId, Morning answers, Instant answeredAt) {
        this.sessionId = sessionId;
        change(answers, answeredAt);
    }

    final void change(Morning newAnswers, Instant at) {
        answers = newAnswers;
        answeredAt = at;
    }

    long version() {
        return version;
    }

    UUID sessionId() {
        return sessionId;
    }

    Morning answers() {
        return StoredJson.readable(answers, "morning");
    }
}

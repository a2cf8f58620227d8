package kinesia.response;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import kinesia.core.response.Morning;
import kinesia.shared.Json;

/** The answers on the morning after one session. */
@Entity
public class MorningCheck {
    @Id
    private UUID sessionId;

    @Version
    private long version;

    private String answers;
    private Instant answeredAt;

    protected MorningCheck() {}

    public MorningCheck(UUID sessionId, Morning answers, Instant answeredAt) {
        this.sessionId = sessionId;
        change(answers, answeredAt);
    }

    final void change(Morning newAnswers, Instant at) {
        answers = Json.write(newAnswers);
        answeredAt = at;
    }

    long version() {
        return version;
    }

    UUID sessionId() {
        return sessionId;
    }

    Morning answers() {
        return Json.read(answers, Morning.class);
    }
}

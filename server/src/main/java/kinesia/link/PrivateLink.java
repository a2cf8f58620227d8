package kinesia.link;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.hibernate.annotations.DynamicUpdate;
import org.jspecify.annotations.Nullable;

/** A link to one client's morning check, session at home, or both. Once all of it is answered it opens nothing any more. */
@Entity
@DynamicUpdate
class PrivateLink {
    @Id
    private UUID id;

    @Version
    private long version;

    private String tokenHash;
    private UUID clientId;
    private @Nullable UUID sessionId;
    private @Nullable UUID homeId;
    private LocalDate opensOn;
    private LocalDate expiresOn;
    private Instant madeAt;
    private @Nullable Instant revokedAt;
    private @Nullable Instant spentAt;
    // The answer that was taken last, by the id its page made: sent again over a bad line it is the same answer.
    private @Nullable UUID lastAnswer;

    protected PrivateLink() {}

    PrivateLink(
            String tokenHash,
            UUID clientId,
            @Nullable UUID sessionId,
            @Nullable UUID homeId,
            LocalDate opensOn,
            LocalDate expiresOn,
            Instant madeAt) {
        this.id = UUID.randomUUID();
        this.tokenHash = tokenHash;
        this.clientId = clientId;
        this.sessionId = sessionId;
        this.homeId = homeId;
        this.opensOn = opensOn;
        this.expiresOn = expiresOn;
        this.madeAt = madeAt;
    }

    UUID id() {
        return id;
    }

    UUID clientId() {
        return clientId;
    }

    @Nullable
    UUID sessionId() {
        return sessionId;
    }

    @Nullable
    UUID homeId() {
        return homeId;
    }

    LocalDate opensOn() {
        return opensOn;
    }

    LocalDate expiresOn() {
        return expiresOn;
    }

    boolean isSpent() {
        return spentAt != null;
    }

    boolean isRevoked() {
        return revokedAt != null;
    }

    boolean opens(LocalDate today) {
        return !isSpent() && !isRevoked() && !today.isAfter(expiresOn);
    }

    boolean hasTaken(UUID answer) {
        return answer.equals(lastAnswer);
    }

    /** @param isAll whether nothing is left to answer; then the link is spent */
    void take(UUID answer, boolean isAll, Instant at) {
        lastAnswer = answer;
        if (isAll) {
            spentAt = at;
        }
    }

    /** Twice is once. */
    void revoke(Instant at) {
        if (revokedAt == null) {
            revokedAt = at;
        }
    }
}

package kinesia.link;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.hibernate.annotations.DynamicUpdate;
import org.jspecify.annotations.Nullable;

/** How a client may be reached outside the room, and whether they agreed to be asked. */
@Entity
@DynamicUpdate
class ClientContact {
    @Id
    private UUID clientId;

    @Version
    private long version;

    @Enumerated(EnumType.STRING)
    private Channel channel;

    private String address;
    private @Nullable LocalDate consentedOn;
    private @Nullable String wording;
    private String askedBy;
    private Instant changedAt;

    protected ClientContact() {}

    /** By what. */
    enum Channel {
        MAIL,
        TEXT
    }

    ClientContact(UUID clientId) {
        this.clientId = clientId;
    }

    long version() {
        return version;
    }

    Channel channel() {
        return channel;
    }

    String address() {
        return address;
    }

    @Nullable
    LocalDate consentedOn() {
        return consentedOn;
    }

    /** Whether the client agreed to what is read to them today; what was agreed to in other words is asked anew. */
    boolean agrees() {
        return consentedOn != null && ContactController.WORDING.equals(wording);
    }

    @Nullable
    String wording() {
        return wording;
    }

    /** @param consented the day of the consent to {@code said}; null where there is none, or none any more */
    void change(Channel by, String to, @Nullable LocalDate consented, @Nullable String said, String who, Instant at) {
        channel = by;
        address = to;
        consentedOn = consented;
        wording = said;
        askedBy = who;
        changedAt = at;
    }
}

package kinesia.link;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;

/** One message as it would go out. The path of its link stands in it, as it would in the mail. */
@Entity
class OutboxMessage {
    @Id
    private UUID id;

    private UUID roomId;
    private UUID clientId;
    private UUID linkId;

    @Enumerated(EnumType.STRING)
    private ClientContact.Channel channel;

    private String address;
    private String words;
    private String path;
    private LocalDate dueOn;
    private Instant madeAt;

    protected OutboxMessage() {}

    OutboxMessage(UUID roomId, PrivateLink link, ClientContact to, String words, String path, Instant madeAt) {
        this.id = UUID.randomUUID();
        this.roomId = roomId;
        this.clientId = link.clientId();
        this.linkId = link.id();
        this.channel = to.channel();
        this.address = to.address();
        this.words = words;
        this.path = path;
        this.dueOn = link.opensOn();
        this.madeAt = madeAt;
    }

    UUID id() {
        return id;
    }

    UUID clientId() {
        return clientId;
    }

    UUID linkId() {
        return linkId;
    }

    ClientContact.Channel channel() {
        return channel;
    }

    String address() {
        return address;
    }

    String words() {
        return words;
    }

    String path() {
        return path;
    }

    LocalDate dueOn() {
        return dueOn;
    }
}

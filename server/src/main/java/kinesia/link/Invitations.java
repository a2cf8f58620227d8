package kinesia.link;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import kinesia.account.RoomCalendar;
import kinesia.client.Client;
import kinesia.client.Clients;
import kinesia.floor.SessionFinished;
import kinesia.shared.PrivateToken;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Makes a link and lays its message in the outbox, for clients who agreed to it and for nobody else. */
@Component
public class Invitations {
    private static final int DAYS_OPEN = 2;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE", Locale.ENGLISH);

    private final ClientContacts contacts;
    private final PrivateLinks links;
    private final OutboxMessages outbox;
    private final Clients clients;
    private final RoomCalendar calendar;

    Invitations(
            ClientContacts contacts,
            PrivateLinks links,
            OutboxMessages outbox,
            Clients clients,
            RoomCalendar calendar) {
        this.contacts = contacts;
        this.links = links;
        this.outbox = outbox;
        this.clients = clients;
        this.calendar = calendar;
    }

    /** The morning after a session that has just ended. */
    @EventListener
    void finished(SessionFinished session) {
        Client client = clients.findById(session.clientId()).orElseThrow();
        morning(client, session.sessionId(), session.on(), session.on().plusDays(1));
    }

    /** Asks on the morning of {@code on} how the arms are after the session of {@code sessionOn}; nothing happens without consent. */
    public Optional<UUID> morning(Client client, UUID sessionId, LocalDate sessionOn, LocalDate on) {
        return invite(
                        client,
                        sessionId,
                        null,
                        on,
                        "Good morning " + firstName(client) + ", how are your arms after " + DAY.format(sessionOn)
                                + "? A few short questions:")
                .map(OutboxMessage::id);
    }

    /** Keeps that a client agreed on {@code on} to be asked at {@code address}. */
    public void agree(UUID clientId, boolean byMail, String address, LocalDate on, String askedBy) {
        ClientContact contact = new ClientContact(clientId);
        contact.change(
                byMail ? ClientContact.Channel.MAIL : ClientContact.Channel.TEXT,
                address,
                on,
                ContactController.WORDING,
                askedBy,
                calendar.now());
        contacts.save(contact);
    }

    /** Sends a session to be done at home on {@code on}. */
    Optional<OutboxMessage> home(Client client, HomeSession session) {
        return invite(
                client,
                null,
                session.getId(),
                session.dueOn(),
                "Hello " + firstName(client) + ", your session at home for " + DAY.format(session.dueOn())
                        + ", with pictures:");
    }

    private Optional<OutboxMessage> invite(
            Client client, @Nullable UUID sessionId, @Nullable UUID homeId, LocalDate on, String words) {
        ClientContact to = contacts.findById(client.id()).orElse(null);
        if (to == null || !to.agrees()) {
            return Optional.empty();
        }
        links.findByClientId(client.id()).stream()
                .filter(l -> sessionId != null && sessionId.equals(l.sessionId()))
                .forEach(l -> l.revoke(calendar.now())); // the newest one holds
        String said = PrivateToken.fresh();
        PrivateLink link = links.save(new PrivateLink(
                PrivateToken.hash(said), client.id(), sessionId, homeId, on, on.plusDays(DAYS_OPEN), calendar.now()));
        // Behind the hash sign, so that it stands in no log of any server on the way.
        return Optional.of(
                outbox.save(new OutboxMessage(client.roomId(), link, to, words, "/to-you#" + said, calendar.now())));
    }

    static String firstName(Client client) {
        String name = client.name().strip();
        int space = name.indexOf(" ");
        return space < 0 ? name : name.substring(0, space);
    }
}

package kinesia.link;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import kinesia.account.RoomCalendar;
import kinesia.account.SignedIn;
import kinesia.client.Client;
import kinesia.client.Clients;
import kinesia.shared.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** How a client may be reached, and their consent: asked at intake, withdrawn as easily. */
@RestController
class ContactController {
    /** What a client agrees to, as it is read to them. */
    static final String WORDING =
            "Kinesia may send me a private link the morning after a session, and sessions to do at home."
                    + " Whoever has the link sees my first name, the places that are sore and how sore they usually are, what I"
                    + " answer, and with a session at home all of that session. I can say no again at any time.";

    private static final Pattern MAIL = Pattern.compile("[^@\\s]{1,64}@[^@\\s]{1,190}\\.[^@\\s.]{2,}");
    private static final Pattern NUMBER = Pattern.compile("\\+?[0-9][0-9 ()/-]{4,24}");

    private final ClientContacts contacts;
    private final PrivateLinks links;
    private final Clients clients;
    private final RoomCalendar calendar;

    ContactController(ClientContacts contacts, PrivateLinks links, Clients clients, RoomCalendar calendar) {
        this.contacts = contacts;
        this.links = links;
        this.clients = clients;
        this.calendar = calendar;
    }

    /**
     * @param channel missing where nobody asked yet
     * @param consentedOn missing where there is no consent to what is read today
     * @param wording what is agreed to, to be read to the client
     * @param version of what was seen; missing where nothing was
     */
    record ContactView(
            ClientContact.@Nullable Channel channel,
            @Nullable String address,
            @Nullable LocalDate consentedOn,
            String wording,
            @Nullable Long version) {}

    record ContactSaid(
            ClientContact.Channel channel,
            String address,
            boolean consents,
            @Nullable Long version) {}

    @GetMapping("/api/clients/{clientId}/contact")
    @Transactional(readOnly = true)
    ContactView one(@PathVariable UUID clientId, @AuthenticationPrincipal SignedIn who) {
        clients.require(clientId, who.roomId());
        return view(contacts.findById(clientId).orElse(null));
    }

    /** Keeps the contact; without consent every link that is out opens nothing any more. */
    @PutMapping("/api/clients/{clientId}/contact")
    @Transactional
    ContactView change(
            @PathVariable UUID clientId, @RequestBody ContactSaid body, @AuthenticationPrincipal SignedIn who) {
        Client client = clients.require(clientId, who.roomId());
        String address = body.address().strip();
        Pattern form = body.channel() == ClientContact.Channel.MAIL ? MAIL : NUMBER;
        if (!form.matcher(address).matches()) {
            throw Problem.invalid(List.of(new Problem.Field(
                    "address",
                    body.channel() == ClientContact.Channel.MAIL ? "is no mail address" : "is no telephone number")));
        }
        ClientContact known = contacts.findById(clientId).orElse(null);
        if (known != null && (body.version() == null || body.version() != known.version())) {
            throw Problem.conflict("This contact was changed from another screen meanwhile.", view(known));
        }
        ClientContact contact = known == null ? new ClientContact(clientId) : known;
        LocalDate since = contact.agrees() ? contact.consentedOn() : calendar.today(client.roomId());
        contact.change(
                body.channel(),
                address,
                body.consents() ? since : null,
                body.consents() ? WORDING : null,
                who.name(),
                calendar.now());
        if (!body.consents()) {
            links.findByClientId(clientId).forEach(l -> l.revoke(calendar.now()));
        }
        return view(contacts.saveAndFlush(contact));
    }

    private static ContactView view(@Nullable ClientContact contact) {
        return contact == null
                ? new ContactView(null, null, null, WORDING, null)
                : new ContactView(
                        contact.channel(),
                        contact.address(),
                        contact.agrees() ? contact.consentedOn() : null,
                        WORDING,
                        contact.version());
    }
}

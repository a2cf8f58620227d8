package kinesia.link;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import kinesia.account.RoomCalendar;
import kinesia.account.SignedIn;
import kinesia.client.Client;
import kinesia.client.Clients;
import kinesia.floor.TrainingSession;
import kinesia.floor.TrainingSessions;
import kinesia.shared.Problem;
import org.springframework.data.domain.Limit;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;

/** What would be sent, and taking it back. */
@RestController
class OutboxController {
    private static final int MOST = 100;

    private final OutboxMessages outbox;
    private final PrivateLinks links;
    private final Clients clients;
    private final TrainingSessions sessions;
    private final Invitations invitations;
    private final RoomCalendar calendar;

    OutboxController(
            OutboxMessages outbox,
            PrivateLinks links,
            Clients clients,
            TrainingSessions sessions,
            Invitations invitations,
            RoomCalendar calendar) {
        this.outbox = outbox;
        this.links = links;
        this.clients = clients;
        this.sessions = sessions;
        this.invitations = invitations;
        this.calendar = calendar;
    }

    /** How a link stands. */
    enum LinkState {
        WAITING,
        OPEN,
        ANSWERED,
        EXPIRED,
        TAKEN_BACK
    }

    record OutboxView(
            UUID id,
            UUID clientId,
            String clientName,
            ClientContact.Channel channel,
            String address,
            String words,
            String path,
            LocalDate dueOn,
            LocalDate expiresOn,
            LinkState state) {}

    /** @param sent empty where the client did not agree to be asked */
    record Sent(List<OutboxView> sent) {}

    @GetMapping("/api/outbox")
    @Transactional(readOnly = true)
    List<OutboxView> all(@AuthenticationPrincipal SignedIn who) {
        return views(
                outbox.findByRoomIdOrderByDueOnDescMadeAtDesc(who.roomId(), Limit.of(MOST)),
                calendar.today(who.roomId()));
    }

    /** Sends the link to the morning after this session, anew where one was sent; the older one opens nothing then. */
    @PostMapping("/api/sessions/{id}/morning/link")
    @Transactional
    Sent send(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        TrainingSession session = sessions.findById(id).orElseThrow(Problem::notFound);
        Client client = clients.require(session.clientId(), who.roomId());
        if (session.isOpen()) {
            throw Problem.refused("This session is still running.");
        }
        LocalDate today = calendar.today(who.roomId());
        LocalDate morning = session.visitOn().plusDays(1);
        return new Sent(invitations
                .morning(client, id, session.visitOn(), morning.isBefore(today) ? today : morning)
                .flatMap(outbox::findById)
                .map(m -> views(List.of(m), today))
                .orElse(List.of()));
    }

    /** Takes a link back. Twice is once. */
    @PostMapping("/api/outbox/{id}/take-back")
    @Transactional
    OutboxView takeBack(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        OutboxMessage message = outbox.findById(id).orElseThrow(Problem::notFound);
        clients.require(message.clientId(), who.roomId());
        links.findById(message.linkId()).orElseThrow().revoke(calendar.now());
        return views(List.of(message), calendar.today(who.roomId())).get(0);
    }

    private List<OutboxView> views(List<OutboxMessage> messages, LocalDate today) {
        Map<UUID, PrivateLink> sent = links
                .findAllById(messages.stream().map(OutboxMessage::linkId).toList())
                .stream()
                .collect(Collectors.toMap(PrivateLink::id, Function.identity()));
        Map<UUID, String> names = clients
                .findAllById(messages.stream().map(OutboxMessage::clientId).toList())
                .stream()
                .collect(Collectors.toMap(Client::id, Client::name));
        return messages.stream()
                .map(m -> {
                    PrivateLink link = java.util.Objects.requireNonNull(sent.get(m.linkId()));
                    return new OutboxView(
                            m.id(),
                            m.clientId(),
                            names.getOrDefault(m.clientId(), ""),
                            m.channel(),
                            m.address(),
                            m.words(),
                            m.path(),
                            m.dueOn(),
                            link.expiresOn(),
                            state(link, today));
                })
                .toList();
    }

    private static LinkState state(PrivateLink link, LocalDate today) {
        return link.isSpent()
                ? LinkState.ANSWERED
                : link.isRevoked()
                        ? LinkState.TAKEN_BACK
                        : today.isAfter(link.expiresOn())
                                ? LinkState.EXPIRED
                                : today.isBefore(link.opensOn()) ? LinkState.WAITING : LinkState.OPEN;
    }
}

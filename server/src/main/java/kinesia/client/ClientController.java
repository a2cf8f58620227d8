package kinesia.client;

import jakarta.validation.Valid;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import kinesia.account.RoomCalendar;
import kinesia.account.SignedIn;
import kinesia.room.Place;
import kinesia.room.Places;
import kinesia.shared.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Intake: adding a client and changing what is known of one. */
@RestController
class ClientController {

    private final Clients clients;
    private final Places places;
    private final RoomCalendar calendar;

    ClientController(Clients clients, Places places, RoomCalendar calendar) {
        this.clients = clients;
        this.places = places;
        this.calendar = calendar;
    }

    /** A client as stored. {@code version} goes back with a change, so that nobody overwrites another's. */
    record ClientView(
            UUID id,
            long version,
            int age,
            ClientDetails details,
            String placeName,
            @Nullable String holdReason) {}

    /** A client as a list to choose from shows it. */
    record ClientName(UUID id, String name) {}

    record SaveClient(@Nullable Long version, @Valid ClientDetails details) {}

    /** The clients of the room by name. */
    @GetMapping("/api/clients")
    @Transactional(readOnly = true)
    List<ClientName> names(@AuthenticationPrincipal SignedIn who) {
        return clients.findNames(who.roomId()).stream()
                .map(c -> new ClientName(c.getId(), c.getName()))
                .toList();
    }

    @GetMapping("/api/clients/{id}")
    @Transactional(readOnly = true)
    ClientView one(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        return view(clients.require(id, who.roomId()));
    }

    /** Adds a client under an id made by the page (so that a repeated click adds one), or changes the one there is. */
    @PutMapping("/api/clients/{id}")
    @Transactional
    ClientView save(@PathVariable UUID id, @RequestBody SaveClient body, @AuthenticationPrincipal SignedIn who) {
        check(body.details(), who.roomId(), calendar.today(who.roomId()));
        Place place = places.findByIdAndRoomId(body.details().placeId(), who.roomId())
                .orElseThrow(
                        () -> Problem.invalid(List.of(new Problem.Field("placeId", "is not a place of this room"))));
        Client client = clients.findByIdAndRoomId(id, who.roomId()).orElse(null);
        if (client == null) {
            if (clients.existsById(id) || body.version() != null) {
                throw Problem.notFound();
            }
            return view(clients.saveAndFlush(new Client(id, who.roomId(), place, body.details())));
        }
        if (body.version() == null && client.details().equals(body.details())) {
            return view(client); // the same click again
        }
        if (body.version() == null || body.version() != client.version()) {
            throw Problem.conflict(
                    "Someone else saved this client after you opened it. Compare, then save again.", view(client));
        }
        client.change(place, body.details());
        return view(clients.saveAndFlush(client));
    }

    private void check(ClientDetails details, UUID roomId, LocalDate today) {
        List<Problem.Field> wrong = new ArrayList<>();
        details.wrongAge(today).ifPresent(words -> wrong.add(new Problem.Field("details.bornOn", words)));
        if (Stream.ofNullable(details.otherPlaces())
                .flatMap(List::stream)
                .anyMatch(id -> places.findByIdAndRoomId(id, roomId).isEmpty())) {
            wrong.add(new Problem.Field("details.otherPlaces", "has a place that is not of this room"));
        }
        if (!wrong.isEmpty()) {
            throw Problem.invalid(wrong);
        }
    }

    private ClientView view(Client client) {
        return new ClientView(
                client.id(),
                client.version(),
                client.ageOn(calendar.today(client.roomId())),
                client.details(),
                client.place().name(),
                client.holdReason());
    }
}

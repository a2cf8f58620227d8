package kinesia.response;

import java.util.UUID;
import kinesia.account.SignedIn;
import kinesia.client.Client;
import kinesia.client.Clients;
import kinesia.core.response.ClientStory;
import kinesia.room.RoomCatalogue;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** A client's record as the client's page draws it. */
@RestController
class StoryController {
    private final Clients clients;
    private final SessionHistory history;
    private final RoomCatalogue rooms;

    StoryController(Clients clients, SessionHistory history, RoomCatalogue rooms) {
        this.clients = clients;
        this.history = history;
        this.rooms = rooms;
    }

    /** As far back as the next visit looks. */
    @GetMapping("/api/clients/{clientId}/story")
    @Transactional(readOnly = true)
    ClientStory story(@PathVariable UUID clientId, @AuthenticationPrincipal SignedIn who) {
        Client client = clients.require(clientId, who.roomId());
        return ClientStory.of(
                history.of(clientId, null).stream()
                        .map(SessionHistory.Entry::record)
                        .toList(),
                rooms.of(client.roomId(), client.body()).model().catalogue());
    }
}

package kinesia.floor;

import jakarta.validation.Valid;
import java.util.List;
import java.util.UUID;
import kinesia.account.RoomCalendar;
import kinesia.account.SignedIn;
import kinesia.client.Client;
import kinesia.client.Clients;
import kinesia.room.RoomCatalogue;
import kinesia.shared.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** How things are set up for a client's exercises: written down beside it, shown when it comes up again. */
@RestController
class SetUpController {
    private final SetUps setUps;
    private final Clients clients;
    private final RoomCatalogue rooms;
    private final RoomCalendar calendar;

    SetUpController(SetUps setUps, Clients clients, RoomCatalogue rooms, RoomCalendar calendar) {
        this.setUps = setUps;
        this.clients = clients;
        this.rooms = rooms;
        this.calendar = calendar;
    }

    /** @param version as it was read; missing where nothing was remembered */
    record KeepSetUp(@Valid SetUp setUp, @Nullable Long version) {}

    /** @param version to send with the next change */
    record SetUpView(SetUp setUp, long version) {}

    /** Keeps what is remembered in place of what was; what somebody else wrote in between is not written over. */
    @PutMapping("/api/clients/{clientId}/set-ups/{exerciseKey}")
    @Transactional
    SetUpView keep(
            @PathVariable UUID clientId,
            @PathVariable String exerciseKey,
            @Valid @RequestBody KeepSetUp body,
            @AuthenticationPrincipal SignedIn who) {
        Client client = clients.require(clientId, who.roomId());
        clients.lock(clientId);
        if (rooms.of(client.roomId(), client.body())
                .model()
                .catalogue()
                .find(exerciseKey)
                .isEmpty()) {
            throw Problem.invalid(List.of(new Problem.Field("exerciseKey", "is no exercise of this room")));
        }
        StoredSetUp known =
                setUps.findByClientIdAndExerciseKey(clientId, exerciseKey).orElse(null);
        if (known != null && (body.version() == null || body.version() != known.version())) {
            throw Problem.conflict(
                    "Somebody else has just written this down too.", new SetUpView(known.setUp(), known.version()));
        }
        StoredSetUp now = known == null ? new StoredSetUp(clientId, exerciseKey) : known;
        now.take(body.setUp(), calendar.now(), who.name());
        StoredSetUp kept = setUps.saveAndFlush(now);
        return new SetUpView(kept.setUp(), kept.version());
    }
}

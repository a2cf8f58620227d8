package kinesia.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import kinesia.account.RoomCalendar;
import kinesia.account.SignedIn;
import kinesia.client.Client;
import kinesia.client.Clients;
import kinesia.core.plan.PlaceWishes;
import kinesia.core.plan.PlanRequest;
import kinesia.core.plan.Planner;
import kinesia.room.Place;
import kinesia.room.Places;
import kinesia.shared.Problem;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** What a place could have that would open most to the clients who train there. */
@RestController
class PlaceWishController {
    private final Places places;
    private final Clients clients;
    private final NextRequests requests;
    private final PlaceWishes wishes;
    private final RoomCalendar calendar;

    PlaceWishController(Places places, Clients clients, NextRequests requests, Planner planner, RoomCalendar calendar) {
        this.places = places;
        this.clients = clients;
        this.requests = requests;
        this.wishes = new PlaceWishes(planner);
        this.calendar = calendar;
    }

    /**
     * @param clients who train there and could be planned for
     * @param notCounted who train there and cannot be planned for now
     */
    record CouldHave(List<String> clients, List<String> notCounted, List<PlaceWishes.Wish> wishes) {}

    /** The two or three small things that would open most at this place. */
    @GetMapping("/api/places/{id}/could-have")
    @Transactional(readOnly = true)
    CouldHave couldHave(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        Place place = places.findByIdAndRoomId(id, who.roomId()).orElseThrow(() -> Problem.notFound());
        LocalDate today = calendar.today(who.roomId());
        List<PlaceWishes.Trainee> trainees = new ArrayList<>();
        List<String> notCounted = new ArrayList<>();
        for (Client client : clients.findAtPlace(who.roomId(), id)) {
            PlanRequest request =
                    requests.of(client, Composition.NONE.at(place.id()), today).request();
            if (request == null) {
                notCounted.add(client.name());
            } else {
                trainees.add(new PlaceWishes.Trainee(client.name(), request));
            }
        }
        return new CouldHave(
                trainees.stream().map(PlaceWishes.Trainee::name).toList(),
                notCounted,
                wishes.of(place.equipment(), trainees));
    }
}

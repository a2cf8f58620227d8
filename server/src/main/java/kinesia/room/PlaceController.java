package kinesia.room;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import kinesia.account.SignedIn;
import kinesia.core.dose.Equipment;
import kinesia.core.dose.Load;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.exercise.Implement;
import kinesia.shared.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The places of a room, their equipment, and every load that it gives. */
@RestController
class PlaceController {
    private static final List<Implement> LOADED = List.of(
            Implement.DUMBBELL,
            Implement.STRAIGHT_BAR,
            Implement.ANGLED_BAR,
            Implement.CABLE_HANDLE,
            Implement.BAND,
            Implement.HOUSEHOLD);

    // What is listed is what two hands can have at once; one handle alone may take more of the plates.
    private static final int IN_BOTH_HANDS = 2;

    private final Places places;
    private final StarterPlaces starter;

    PlaceController(Places places, StarterPlaces starter) {
        this.places = places;
        this.starter = starter;
    }

    record PlaceView(UUID id, String name) {}

    /** @param loads what each kind of implement gives, lightest first; kinds that give nothing are left out */
    record PlaceDetail(UUID id, long version, String name, Equipment equipment, List<LoadsOf> loads) {}

    record LoadsOf(Implement implement, List<Load> loads) {}

    /** @param version of what the change was made to; missing for a new place */
    record SavePlace(
            @Nullable Long version,

            @NotBlank(message = "is needed") @Size(max = 80, message = "at most 80 characters")
            String name,

            @NotNull(message = "is needed") Equipment equipment) {}

    @GetMapping("/api/places")
    @Transactional
    List<PlaceView> places(@AuthenticationPrincipal SignedIn who) {
        return starter.forRoom(who.roomId()).stream()
                .map(p -> new PlaceView(p.id(), p.name()))
                .toList();
    }

    @GetMapping("/api/places/{id}")
    @Transactional(readOnly = true)
    PlaceDetail one(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        return detail(places.findByIdAndRoomId(id, who.roomId()).orElseThrow(() -> Problem.notFound()));
    }

    /** Adds a place under an id made by the page, or changes the one there is; somebody else's change is not overwritten. */
    @PutMapping("/api/places/{id}")
    @Transactional
    PlaceDetail save(@PathVariable UUID id, @RequestBody SavePlace body, @AuthenticationPrincipal SignedIn who) {
        Place place = places.findByIdAndRoomId(id, who.roomId()).orElse(null);
        if (place == null) {
            if (body.version() != null || places.existsById(id)) {
                throw Problem.notFound();
            }
            return detail(places.saveAndFlush(new Place(id, who.roomId(), body.name(), body.equipment())));
        }
        boolean same =
                place.name().equals(body.name().strip()) && place.equipment().equals(body.equipment());
        if (!same) {
            if (body.version() == null || body.version() != place.version()) {
                throw Problem.conflict("Someone else changed this place after you opened it.", detail(place));
            }
            place.change(body.name(), body.equipment());
        }
        return detail(places.saveAndFlush(place));
    }

    /** Stateless: equipment in, every load it gives out. */
    @PostMapping("/api/places/loads")
    List<LoadsOf> loads(@RequestBody Equipment equipment) {
        return loadsOf(equipment);
    }

    private static List<LoadsOf> loadsOf(Equipment equipment) {
        return LOADED.stream()
                .map(i -> new LoadsOf(
                        i, ReachableLoads.of(equipment, i, 0, IN_BOTH_HANDS).loads()))
                .flatMap(l -> l.loads().isEmpty() ? Stream.empty() : Stream.of(l))
                .toList();
    }

    private static PlaceDetail detail(Place place) {
        return new PlaceDetail(
                place.id(), place.version(), place.name(), place.equipment(), loadsOf(place.equipment()));
    }
}

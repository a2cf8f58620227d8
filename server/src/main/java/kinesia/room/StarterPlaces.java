package kinesia.room;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import kinesia.core.dose.Equipment;
import org.springframework.stereotype.Component;

/** The places a new room begins with, until its owner lists what is really there. */
@Component
public class StarterPlaces {
    private final Places places;

    StarterPlaces(Places places) {
        this.places = places;
    }

    /** A small studio and a home kit, where nobody stands by; created once for a room. */
    public List<Place> forRoom(UUID roomId) {
        List<Place> existing = places.findByRoomIdOrderByName(roomId);
        if (!existing.isEmpty()) {
            return existing;
        }
        Equipment studio = new Equipment(
                List.of(1.0, 1.5, 2.0, 2.5, 3.0, 3.5, 4.0, 5.0, 6.0, 7.0, 8.0, 9.0, 10.0, 12.0, 14.0, 16.0, 18.0, 20.0),
                null,
                new Equipment.Plated(
                        8,
                        List.of(
                                new Equipment.PlatePair(0.5, 1),
                                new Equipment.PlatePair(1.25, 2),
                                new Equipment.PlatePair(2.5, 2),
                                new Equipment.PlatePair(5, 2))),
                new Equipment.Plated(
                        6,
                        List.of(
                                new Equipment.PlatePair(0.5, 1),
                                new Equipment.PlatePair(1.25, 2),
                                new Equipment.PlatePair(2.5, 2))),
                new Equipment.Stack(2.5, 2.5, 50, 1.25),
                List.of(
                        new Equipment.Band("yellow band", 22),
                        new Equipment.Band("green band", 38),
                        new Equipment.Band("blue band", 60)),
                Set.of("chair", "flat bench", "adjustable bench", "sloped pad", "high anchor", "mat"),
                List.of());
        Equipment home = new Equipment(
                List.of(1.0, 2.0, 3.0, 5.0),
                new Equipment.Plated(1.5, List.of(new Equipment.PlatePair(0.5, 2), new Equipment.PlatePair(1.25, 2))),
                null,
                null,
                null,
                List.of(new Equipment.Band("yellow band", 22), new Equipment.Band("green band", 38)),
                Set.of("chair", "high anchor"),
                List.of(),
                null,
                null,
                true,
                null);
        return List.of(
                places.save(new Place(roomId, "The room", studio)),
                places.save(new Place(roomId, "At home: dumbbells, a handle and two bands", home)));
    }
}

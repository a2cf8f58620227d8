package kinesia.floor;

import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import kinesia.core.exercise.Place;
import kinesia.core.plan.Door;
import kinesia.core.response.SitePain;
import kinesia.core.screening.PainScore;
import org.jspecify.annotations.Nullable;

/**
 * The door check: how it is today by sore place, and what else changes the plan.
 *
 * @param placeId where today's session is; missing for the client's usual place
 */
public record DoorAnswers(
        @Nullable Double sleepHours,
        boolean armsWorkedHarder,
        boolean somethingNew,
        List<SitePain> sites,
        @Nullable UUID placeId) {
    public DoorAnswers {
        sites = List.copyOf(sites);
    }

    /** The same answers at another place; null for the client's usual one. */
    public DoorAnswers at(@Nullable UUID place) {
        return new DoorAnswers(sleepHours, armsWorkedHarder, somethingNew, sites, place);
    }

    public Door door() {
        return new Door(
                sleepHours,
                armsWorkedHarder,
                somethingNew,
                sites.stream()
                        .collect(Collectors.toMap(
                                p -> new Place(p.site(), p.side()), SitePain::pain, DoorAnswers::worse)));
    }

    private static PainScore worse(PainScore one, PainScore other) {
        return one.compareTo(other) >= 0 ? one : other;
    }
}

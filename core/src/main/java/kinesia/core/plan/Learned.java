package kinesia.core.plan;

import java.util.Comparator;
import java.util.Map;
import java.util.Optional;
import kinesia.core.exercise.Place;
import kinesia.core.reason.Reason;
import org.jspecify.annotations.Nullable;

/**
 * What the joints of one client taught, as a plan uses it: how much of its house stress each exercise counts at a place, and what
 * the place takes in a week. What is not in it counts by the house weights.
 */
public record Learned(Map<Place, AtPlace> places) {
    /** Nothing yet. */
    public static final Learned NONE = new Learned(Map.of());

    /** From here on an exercise counts for clearly more than by the house weights, and up to the other for clearly less [house]. */
    public static final double CLEARLY_MORE = 1.25;

    public static final double CLEARLY_LESS = 0.8;

    public Learned {
        places = Map.copyOf(places);
    }

    /**
     * One place.
     *
     * @param weights by exercise; what is missing counts whole
     * @param week null until it is learned
     */
    public record AtPlace(
            Map<String, Weight> weights, @Nullable Week week) {
        public AtPlace {
            weights = Map.copyOf(weights);
        }
    }

    /** How much of its house stress an exercise counts, over 0, with the counts that say so. */
    public record Weight(double factor, Reason reason) {}

    /** What a place may have in a week, repetitions at the reference's stress. */
    public record Week(double dose, Reason reason) {}

    /** How much of its house stress {@code exerciseKey} counts at {@code place}. */
    public double factor(String exerciseKey, Place place) {
        return weight(exerciseKey, place).map(Weight::factor).orElse(1.0);
    }

    /** What {@code slot} gives {@code place} on an arm that works in it. */
    public double dose(Plan.Slot slot, Place place) {
        return StressDose.of(slot, place.site()) * factor(slot.exerciseKey(), place);
    }

    Optional<Weight> weight(String exerciseKey, Place place) {
        AtPlace at = places.get(place);
        return at == null ? Optional.empty() : Optional.ofNullable(at.weights().get(exerciseKey));
    }

    /** The counts that speak against an exercise, where it counts for clearly more at a place than by the house weights. */
    Optional<Reason> against(String exerciseKey) {
        return places.values().stream()
                .map(at -> at.weights().get(exerciseKey))
                .filter(w -> w != null && w.factor() >= CLEARLY_MORE)
                .max(Comparator.comparingDouble(Weight::factor))
                .map(Weight::reason);
    }

    Optional<Week> week(Place place) {
        return Optional.ofNullable(places.get(place)).map(AtPlace::week);
    }
}

package kinesia.core.dose;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What one place of training has.
 *
 * @param dumbbellsKg fixed dumbbells, in pairs
 * @param handle handles that take plates; null when there are none
 * @param straightBar null when there is none
 * @param angledBar null when there is none
 * @param stack cable stack; null when there is none
 * @param bands bands with their measured pull
 * @param furniture chair, flat bench, adjustable bench, sloped pad, high anchor, mat
 * @param household jugs, cans and bags by measured mass
 */
public record Equipment(
        List<Double> dumbbellsKg,
        @Nullable Plated handle,
        @Nullable Plated straightBar,
        @Nullable Plated angledBar,
        @Nullable Stack stack,
        List<Band> bands,
        Set<String> furniture,
        @Nullable List<HouseholdObject> household) {

    public Equipment {
        dumbbellsKg = List.copyOf(dumbbellsKg);
        bands = List.copyOf(bands);
        furniture = Set.copyOf(furniture);
        // Places kept before household objects were known have none.
        household = household == null ? List.of() : List.copyOf(household);
    }

    @Override
    public List<HouseholdObject> household() {
        return household == null ? List.of() : household;
    }

    /** A jug, can or bag of measured mass. */
    public record HouseholdObject(String name, double kg) {}

    /** A bar or handle of {@code emptyKg} with pairs of plates, one of each pair an end. */
    public record Plated(double emptyKg, List<PlatePair> pairs) {
        public Plated {
            pairs = List.copyOf(pairs);
        }
    }

    /** {@code count} pairs of plates of {@code plateKg} each. */
    public record PlatePair(double plateKg, int count) {}

    /** A stack from {@code firstKg} to {@code lastKg} in equal steps, with an add-on weight (0 when none). */
    public record Stack(double firstKg, double stepKg, double lastKg, double addOnKg) {}

    /** A band and its pull (N) at double its free length. */
    public record Band(String name, double newtonsAtDoubleLength) {}
}

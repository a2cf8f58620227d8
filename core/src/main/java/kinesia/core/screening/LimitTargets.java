package kinesia.core.screening;

import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import kinesia.core.exercise.Catalogue;
import kinesia.core.exercise.Grip;
import kinesia.core.exercise.Implement;
import kinesia.core.exercise.Stance;
import kinesia.core.exercise.Traits;

/** What each kind of limit may leave out, so that a misspelt name is refused and never switches a limit off. */
public final class LimitTargets {
    /** Standing in a way that leaves no hand to hold on with. */
    public static final String STANDING_HANDS_BUSY = "standing-hands-busy";

    private final Catalogue catalogue;

    public LimitTargets(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    /** The names that a limit of {@code kind} may have as its target; empty for kinds that take none from here. */
    public List<String> of(Limit.Kind kind) {
        return switch (kind) {
            case NO_GRIP -> names(Grip.values());
            case NO_IMPLEMENT -> names(Implement.values());
            case NO_STANCE ->
                Stream.concat(names(Stance.values()).stream(), Stream.of(STANDING_HANDS_BUSY))
                        .toList();
            case LOWEST_RUNG -> names(Traits.Rung.values());
            case NO_METHOD -> List.of();
            default -> List.copyOf(catalogue.names());
        };
    }

    /** Every movement, entry and family that a limit may hold for. */
    Collection<String> movements() {
        return catalogue.names();
    }

    private static List<String> names(Enum<?>[] values) {
        return Arrays.stream(values)
                .map(v -> v.name().toLowerCase(Locale.ROOT).replace('_', '-'))
                .toList();
    }
}

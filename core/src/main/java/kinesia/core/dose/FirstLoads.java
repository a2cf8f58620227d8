package kinesia.core.dose;

import java.util.HashMap;
import java.util.Map;
import kinesia.core.exercise.Exercise;

/** What one client may start with, each exercise worked out when it is first asked for. Safe to share between threads. */
public final class FirstLoads {
    private final ClientStrength strength;
    private final double curlKg;
    private final Map<Exercise, FirstLoad> known = new HashMap<>();

    public FirstLoads(ClientStrength strength) {
        this.strength = strength;
        this.curlKg = FirstLoad.curlKg(strength);
    }

    /** The strength that they follow from. */
    public ClientStrength strength() {
        return strength;
    }

    /** For {@code exercise}, which is no body-weight work. */
    public synchronized FirstLoad of(Exercise exercise) {
        return known.computeIfAbsent(exercise, e -> FirstLoad.of(strength, e, curlKg));
    }
}

package kinesia.core.exercise;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import kinesia.core.arm.ArmDimensions;
import kinesia.core.arm.LoadCurve;
import kinesia.core.arm.Movement;

/**
 * Where the arms asked for last are in a movement, without any load: the costly half of a load curve, the same for every load,
 * implement and client of that size. Remembered or not, the answer is the same. Safe to share between threads.
 */
final class BareCurves {
    private static final int ARMS = 6;
    private static final int MOVEMENTS = 600;
    private static final float LOAD_FACTOR = 0.75f;

    private final Map<ArmDimensions, Map<Movement, LoadCurve>> arms = recent(ARMS);

    LoadCurve of(ArmDimensions arm, Movement movement) {
        Map<Movement, LoadCurve> ofArm;
        synchronized (arms) {
            ofArm = arms.computeIfAbsent(arm, a -> recent(MOVEMENTS));
        }
        synchronized (ofArm) {
            LoadCurve known = ofArm.get(movement);
            if (known != null) {
                return known;
            }
        }
        LoadCurve bare = LoadCurve.of(arm, movement, List.of(), false);
        synchronized (ofArm) {
            ofArm.put(movement, bare);
        }
        return bare;
    }

    private static <K, V> Map<K, V> recent(int most) {
        return new LinkedHashMap<>(most, LOAD_FACTOR, true) {
            @Override
            protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
                return size() > most;
            }
        };
    }
}

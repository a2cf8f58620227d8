package kinesia.core.response;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import kinesia.core.arm.Side;
import kinesia.core.reason.InvalidValue;
import org.jspecify.annotations.Nullable;

/**
 * What matters to a client, measured at a review; what is null was not measured.
 *
 * @param activities three to five things of the client's own life
 * @param pushes push-ups or chair pushes in one go, 0 to 100
 * @param rung what they were done on, one of {@link #RUNGS}; null where none were
 * @param curls repetitions of the 30-second arm curl, 0 to 60, of arms where it is painless
 * @param girth round the middle of the upper arm (cm), 15 to 60
 * @param grip before it hurts (kg), 0 to 90
 * @param front what the front of each arm lifts 12 times at effort 7 (kg), by what was logged
 * @param back the same of the back of the arm
 */
public record Outcomes(
        List<Activity> activities,
        @Nullable Integer pushes,
        @Nullable String rung,
        OfArms curls,
        OfArms girth,
        OfArms grip,
        OfArms front,
        OfArms back) {
    /** From the easiest on. */
    public static final List<String> RUNGS =
            List.of("wall", "table", "chair seat", "up from a chair", "knees", "floor");

    private static final int FEWEST = 3;
    private static final int MOST = 5;
    private static final int LONGEST_NAME = 80;

    /** Something the client wants to do, 0 cannot to 10 as ever. */
    public record Activity(String name, int score) {
        public Activity {
            if (name.isBlank() || name.length() > LONGEST_NAME) {
                throw new InvalidValue("activities", "each needs a name of up to " + LONGEST_NAME + " letters");
            }
            InvalidValue.requireWithin("activities", score, 0, 10, "");
        }
    }

    /** One number for each arm; null where it was not measured. */
    public record OfArms(@Nullable Double left, @Nullable Double right) {
        public static final OfArms NONE = new OfArms(null, null);

        public @Nullable Double of(Side side) {
            return side == Side.LEFT ? left : right;
        }

        private void within(String name, double least, double most, String unit) {
            for (Side side : Side.values()) {
                Double value = of(side);
                if (value != null) {
                    InvalidValue.requireWithin(name + "." + side.word(), value, least, most, unit);
                }
            }
        }
    }

    public Outcomes {
        activities = List.copyOf(activities);
        if (activities.size() < FEWEST || activities.size() > MOST) {
            throw new InvalidValue("activities", "three to five are asked");
        }
        Set<String> names = new HashSet<>();
        if (!activities.stream().allMatch(a -> names.add(a.name()))) {
            throw new InvalidValue("activities", "each is asked once");
        }
        if (pushes != null) {
            InvalidValue.requireWithin("pushes", pushes, 0, 100, "");
            if (rung == null || !RUNGS.contains(rung)) {
                throw new InvalidValue("rung", "is one of " + String.join(", ", RUNGS));
            }
        }
        curls.within("curls", 0, 60, "repetitions");
        girth.within("girth", 15, 60, "cm");
        grip.within("grip", 0, 90, "kg");
    }
}

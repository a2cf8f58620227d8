package kinesia.core.plan;

import java.util.List;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.plan.Plan.Unit;

/** How long a session takes on the floor. */
public final class SessionClock {
    private SessionClock() {}

    /** Seconds of sets, change-overs, rests and setting up; nobody rests after the last round. */
    public static int workSeconds(List<Unit> units) {
        int total = 0;
        for (int u = 0; u < units.size(); u++) {
            Unit unit = units.get(u);
            total += unit.slots().size() * unit.setUpSeconds();
            for (int round = 1; round <= unit.rounds(); round++) {
                int active = 0;
                for (Slot slot : unit.slots()) {
                    if (slot.sets() >= round) {
                        total += slot.secondsIn(round);
                        active++;
                    }
                }
                total += (active - 1) * unit.changeOverSeconds();
                boolean last = u == units.size() - 1 && round == unit.rounds();
                total += last ? 0 : unit.restSeconds();
            }
        }
        return total;
    }

    /** Whole minutes, rounded up. */
    static int minutes(int seconds) {
        return (seconds + 59) / 60;
    }
}

package kinesia.floor;

import java.util.List;
import kinesia.core.plan.Door;
import kinesia.core.response.SitePain;
import org.jspecify.annotations.Nullable;

/** The door check: how it is today by sore place, and what else changes the plan. */
public record DoorAnswers(
        @Nullable Double sleepHours, boolean armsWorkedHarder, boolean somethingNew, List<SitePain> sites) {
    public DoorAnswers {
        sites = List.copyOf(sites);
    }

    public Door door() {
        return new Door(sleepHours, armsWorkedHarder, somethingNew);
    }
}

package kinesia.core.response;

import java.time.LocalDate;
import java.util.List;
import kinesia.core.dose.LoggedSet;
import kinesia.core.plan.Learned;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.plan.SoreSite;
import kinesia.core.plan.StressDose;

/** What a place got from the sets of the last seven days, at home and with the trainer. */
public final class WeekDose {
    private static final int DAYS = 7;

    private WeekDose() {}

    /** Repetitions times relative stress, as much of it as was learned, at {@code place} in the seven days before {@code day}. */
    public static double before(List<SessionRecord> sessions, SoreSite place, LocalDate day, Learned learned) {
        double dose = 0;
        for (SessionRecord session : sessions) {
            if (session.on().isBefore(day) && session.on().isAfter(day.minusDays(DAYS))) {
                for (Slot slot : session.plan().slots()) {
                    for (LoggedSet set : session.setsOf(slot.exerciseKey())) {
                        boolean there = set.side() == null || set.side() == place.side();
                        dose += there
                                ? StressDose.of(slot, place.site(), set.reps())
                                        * learned.factor(slot.exerciseKey(), place.place())
                                : 0;
                    }
                }
            }
        }
        return dose;
    }
}

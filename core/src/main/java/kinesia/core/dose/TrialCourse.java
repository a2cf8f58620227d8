package kinesia.core.dose;

import java.util.ArrayList;
import java.util.List;

/**
 * How far the search for a first load has come over the sets of one exercise, and arm, in one visit (RULES 4): trial sets until its
 * load is found, three at most, and ordinary sets from then on.
 *
 * @param trials the trial sets, in order
 * @param over whether the sets after them are ordinary ones
 * @param worked the ordinary sets that were done since, in order
 */
public record TrialCourse(List<LoggedSet> trials, boolean over, List<LoggedSet> worked) {
    public TrialCourse {
        trials = List.copyOf(trials);
        worked = List.copyOf(worked);
    }

    /** That of {@code sets}, in order, with the loads there are. */
    public static TrialCourse of(List<LoggedSet> sets, ReachableLoads loads) {
        for (int i = 1; i <= sets.size(); i++) {
            TrialCourse course = new TrialCourse(sets.subList(0, i), false, List.of());
            LoggedSet last = sets.get(i - 1);
            TrialSets.Aim any = new TrialSets.Aim(TrialSets.REPS, Effort.of(TrialSets.FOUND_UP_TO), loads);
            boolean over = last.effort() == null
                    ? i >= TrialSets.MOST
                    : TrialSets.next(course.tried(), i, any).found();
            if (over) {
                return new TrialCourse(sets.subList(0, i), true, sets.subList(i, sets.size()));
            }
        }
        return new TrialCourse(sets, false, List.of());
    }

    /** Those of the trial sets of which somebody said how hard they were. */
    public List<TrialSets.Tried> tried() {
        List<TrialSets.Tried> tried = new ArrayList<>();
        for (LoggedSet set : trials) {
            if (set.effort() != null) {
                tried.add(new TrialSets.Tried(set.load(), set.reps(), set.effort()));
            }
        }
        return tried;
    }
}

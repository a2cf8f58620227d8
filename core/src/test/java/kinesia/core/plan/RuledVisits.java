package kinesia.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import kinesia.core.RuleFiles;
import kinesia.core.response.Changes;
import kinesia.core.response.Changes.Change;
import kinesia.core.response.Ruling;
import kinesia.core.response.Rulings;

/** Each change of the visits of the invented clients, halved and overruled. */
final class RuledVisits {
    private static final Rulings RULINGS =
            new Rulings(new PlanCheck(new Planner(RuleFiles.model(), RuleFiles.methods(), RuleFiles.careWork())));
    private static final int VISITS = 5;

    private RuledVisits() {}

    /** One change, what was said to it, the plans before and after it, and the one that came of what was said. */
    record Ruled(String who, int visit, Change change, Ruling.Choice said, Plan last, Plan next, Plan ruled) {}

    static List<Ruled> all() {
        List<Ruled> all = new ArrayList<>();
        for (Course.Who who : PrintVisits.people()) {
            List<Course.Visit> visits = new Course(who, 40).visits(VISITS);
            for (int v = 1; v < visits.size(); v++) {
                Plan last = visits.get(v - 1).result().plan();
                Plan next = visits.get(v).result().plan();
                if (last == null || next == null) {
                    continue;
                }
                for (Change change : Changes.between(last, next)) {
                    for (Ruling.Choice choice : List.of(Ruling.Choice.SOFTENED, Ruling.Choice.OVERRULED)) {
                        Ruling ruling = new Ruling(
                                Objects.requireNonNull(change.key()),
                                change.kind(),
                                change.reason().ruleId(),
                                "",
                                choice,
                                "tired");
                        Plan ruled = RULINGS.applied(visits.get(v).request(), last, next, List.of(ruling));
                        all.add(new Ruled(who.name(), v + 1, change, choice, last, next, ruled));
                    }
                }
            }
        }
        return all;
    }
}

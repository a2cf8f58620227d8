package kinesia.core.plan;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import kinesia.core.dose.WarmUp;
import kinesia.core.exercise.Head;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.plan.Plan.Unit;
import kinesia.core.plan.SessionProblem.Solution;

/** The warm-up that belongs to a session: as long as its time allows, and never longer than the work it is for. */
final class SessionWarmUp {
    private final PlanRequest request;
    private final Shape shape;
    private final Solution solution;

    SessionWarmUp(PlanRequest request, Shape shape, Solution solution) {
        this.request = request;
        this.shape = shape;
        this.solution = solution;
    }

    List<WarmUp.Step> before(List<Unit> units) {
        int work = SessionClock.workSeconds(units);
        boolean brief = WarmUp.isBrief(request.minutes());
        List<WarmUp.Step> general = general(brief);
        // Little work has one ramp set for a muscle and a short general part; what still outlasts it is left out.
        if (WarmUp.seconds(general) + WarmUp.seconds(ramps(units, true)) > work) {
            general = general(true);
        }
        int left = request.minutes() * 60 - WarmUp.seconds(general) - work;
        int most = Math.min(left, work - WarmUp.seconds(general));
        List<WarmUp.Step> ramps = ramps(units, brief);
        if (WarmUp.seconds(ramps) > most) {
            ramps = ramps(units, true);
        }
        List<WarmUp.Step> steps = new ArrayList<>(general);
        int ramped = 0;
        for (WarmUp.Step ramp : ramps) {
            // The first load of the day is tried lighter even before very little work.
            boolean first = ramped == 0 && ramp.seconds() <= left;
            if (first || ramped + ramp.seconds() <= most) {
                ramped += ramp.seconds();
                steps.add(ramp);
            }
        }
        return steps;
    }

    private List<WarmUp.Step> general(boolean brief) {
        return WarmUp.general(brief, request.minutes(), request.age(), request.stiffOrBack());
    }

    /** Ramp sets for the first exercise of each muscle, and one for later ones that load a sore place. */
    private List<WarmUp.Step> ramps(List<Unit> units, boolean brief) {
        List<WarmUp.Step> steps = new ArrayList<>();
        Set<Head.Group> begun = EnumSet.noneOf(Head.Group.class);
        for (Slot slot : units.stream().flatMap(u -> u.slots().stream()).toList()) {
            Candidate candidate = solution.chosen().stream()
                    .map(shape::candidate)
                    .filter(c -> c.exercise().key().equals(slot.exerciseKey()))
                    .findFirst()
                    .orElseThrow();
            boolean companion = candidate.pick().purpose() == Method.For.COMPANIONS;
            if (!companion && begun.add(slot.group())) {
                steps.addAll(ramp(candidate, slot, brief));
            } else if (!brief && loadsSore(slot)) {
                List<WarmUp.Step> one = ramp(candidate, slot, true);
                if (WarmUp.seconds(steps) + WarmUp.seconds(one) <= WarmUp.rampsSeconds(false)) {
                    steps.addAll(one);
                }
            }
        }
        return steps;
    }

    private static List<WarmUp.Step> ramp(Candidate candidate, Slot slot, boolean brief) {
        return WarmUp.ramp(
                candidate.exercise(),
                slot.load(),
                slot.targetEffort(),
                candidate.fit().loads(),
                brief);
    }

    private boolean loadsSore(Slot slot) {
        return request.soreSites().stream()
                .anyMatch(s -> slot.stress().getOrDefault(s.site(), 0.0) >= LimitCheck.LOADS_SITE_FROM);
    }
}

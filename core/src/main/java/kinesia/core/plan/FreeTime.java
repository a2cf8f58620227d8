package kinesia.core.plan;

import java.util.ArrayList;
import java.util.List;
import kinesia.core.dose.WarmUp;
import kinesia.core.exercise.Head;
import kinesia.core.plan.Plan.Unit;
import kinesia.core.plan.SessionProblem.Chosen;
import kinesia.core.plan.SessionProblem.Solution;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import org.jspecify.annotations.Nullable;

/** Minutes of a visit that nothing fills, and the one rule that leaves them free. */
@SuppressWarnings("EnumOrdinal") // the problem holds its numbers by the place of a group
final class FreeTime {
    // Under a tenth of the visit nobody asks [house].
    private static final double TO_SPEAK_OF = 0.1;
    // Visits are booked in steps of five minutes [practice].
    private static final int BOOKED_BY = 5;
    // From so much on no further care work would fit its twelve minutes.
    private static final int NEARLY_ALL_CARE_S = 600;

    private FreeTime() {}

    static Plan.@Nullable Free of(
            PlanRequest request,
            SessionProblem problem,
            Solution solution,
            List<Unit> units,
            List<WarmUp.Step> warmUp) {
        int used = SessionClock.minutes(WarmUp.seconds(warmUp) + SessionClock.workSeconds(units));
        int free = request.minutes() - used;
        if (free <= TO_SPEAK_OF * request.minutes()) {
            return null;
        }
        int enough = (used + BOOKED_BY - 1) / BOOKED_BY * BOOKED_BY;
        String why = because(request, problem, solution);
        int care = SessionClock.workSeconds(units.stream().filter(Unit::care).toList());
        String exact = free + " of the " + request.minutes() + " minutes stay free: " + why
                + (care >= NEARLY_ALL_CARE_S
                        ? ", and care work has its twelve minutes."
                        : care > 0
                                ? ", and there is no more care work for it here."
                                : ", and there is no care work here to fill them.")
                + (enough < request.minutes() ? " A visit of " + enough + " minutes would hold all of it." : "");
        return new Plan.Free(
                free,
                enough,
                Reason.of(
                                "TIME-free",
                                Tag.HOUSE,
                                "main work inside the week's allowance, then at most 12 minutes of care work",
                                exact,
                                "That is enough for today; more would not be better.")
                        .with("front of the arm", allowed(request, Head.Group.FLEXORS))
                        .with("back of the arm", allowed(request, Head.Group.EXTENSORS))
                        .with("minutes used", used)
                        .with("minutes booked", request.minutes()));
    }

    /** Where the sets of a muscle at this visit come from. */
    private static String allowed(PlanRequest request, Head.Group group) {
        PlanRequest.SetBudget sets = request.budget().get(group);
        return sets == null ? "nothing said" : sets.reason().exact();
    }

    private static String hardSets(int sets) {
        return sets == 1 ? "one hard set" : sets + " hard sets";
    }

    /** The rule that binds: the week's sets, else what a sore place takes, else the method's own numbers, else the place. */
    private static String because(PlanRequest request, SessionProblem problem, Solution solution) {
        List<String> full = new ArrayList<>();
        for (Head.Group group : Head.Group.values()) {
            int sets = solution.chosen().stream()
                    .mapToInt(c -> c.rounds() * problem.option(c).counts()[group.ordinal()])
                    .sum();
            if (sets >= request.setsFor(group)) {
                full.add(
                        request.setsFor(group) == 0
                                ? "the " + group.where() + " has no hard set at this visit"
                                : "the " + group.where() + " has the " + hardSets(request.setsFor(group))
                                        + " it may have at this visit");
            }
        }
        if (full.size() == Head.Group.values().length) {
            int front = request.setsFor(Head.Group.FLEXORS);
            return front > 0 && front == request.setsFor(Head.Group.EXTENSORS)
                    ? "front and back of the arm each have the " + hardSets(front) + " they may have at this visit"
                    : String.join(" and ", full);
        }
        for (int i = 0; i < problem.stressBudget().length; i++) {
            double taken = 0;
            double least = Double.MAX_VALUE;
            for (Chosen c : solution.chosen()) {
                taken += c.rounds() * problem.option(c).stress()[i];
                least = Math.min(least, problem.option(c).stress()[i]);
            }
            if (taken + least > problem.stressBudget()[i]) {
                PlanRequest.StressBudget budget = request.stressBudgets().get(i);
                return "the " + budget.side().word() + " " + budget.site().words()
                        + " has what it may take at this visit";
            }
        }
        if (!full.isEmpty()) {
            boolean inTurn = problem.sections().stream().anyMatch(s -> s.layout() == Method.Layout.PAIRS);
            return full.get(0)
                    + (inTurn
                            ? ", and what works both in turn ends with it"
                            : ", and there is no more of this way of working for the other side");
        }
        return Methods.OPEN_KEY.equals(request.method().key())
                ? "what this place has and limits allow is used up"
                : "this way of working has no more in it";
    }
}

package kinesia.core.plan;

import java.util.ArrayList;
import java.util.List;
import kinesia.core.exercise.Head;
import kinesia.core.plan.SessionProblem.Chosen;
import kinesia.core.plan.SessionProblem.Solution;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;

/** Says where a method got fewer exercises or rounds than it wants, and what took them. */
@SuppressWarnings("EnumOrdinal") // the problem holds its numbers by the place of a group
final class Bends {
    private static final double NEARLY_FULL_S = 90;

    private final PlanRequest request;
    private final Shape shape;
    private final SessionProblem problem;
    private final Solution solution;

    Bends(PlanRequest request, Shape shape, SessionProblem problem, Solution solution) {
        this.request = request;
        this.shape = shape;
        this.problem = problem;
        this.solution = solution;
    }

    List<Reason> reasons() {
        List<Reason> reasons = new ArrayList<>();
        for (int s = 0; s < shape.sections().size(); s++) {
            int section = s;
            List<Chosen> here = solution.chosen().stream()
                    .filter(c -> c.section() == section)
                    .toList();
            Shape.Section wanted = shape.sections().get(s);
            int most = wanted.choices().stream()
                    .mapToInt(c ->
                            Math.min(c.pick().count().wanted(), c.candidates().size()))
                    .sum();
            int rounds = here.stream().mapToInt(Chosen::rounds).max().orElse(0);
            int fewest = here.stream().mapToInt(Chosen::rounds).min().orElse(0);
            if (most > 0 && (here.size() < most || fewest < wanted.mostRounds())) {
                reasons.add(fewer(wanted, here.size(), most, fewest, rounds));
            }
        }
        return reasons;
    }

    private Reason fewer(Shape.Section wanted, int chosen, int most, int fewest, int rounds) {
        String got = chosen == 0
                ? "none of its exercises"
                : chosen + (chosen == 1 ? " exercise" : " exercises") + " of "
                        + (fewest == rounds ? rounds : fewest + " to " + rounds)
                        + (rounds == 1 ? " round" : " rounds");
        return Reason.of(
                        "METHOD-fewer",
                        Tag.HOUSE,
                        "the week's sets, the time and what sore places take come before the method's numbers",
                        "Where the method wants up to " + most + (most == 1 ? " exercise of " : " exercises of ")
                                + wanted.mostRounds()
                                + (wanted.mostRounds() == 1 ? " round" : " rounds") + ", today has " + got + ": "
                                + because() + ".",
                        "A little less of it today.")
                .with("wanted", most + " x " + wanted.mostRounds())
                .with("today", got);
    }

    private String because() {
        List<String> causes = new ArrayList<>();
        for (Head.Group group : Head.Group.values()) {
            int sets = solution.chosen().stream()
                    .mapToInt(c -> c.rounds() * problem.option(c).counts()[group.ordinal()])
                    .sum();
            if (sets > 0 && sets >= request.setsFor(group)) {
                causes.add("the " + request.setsFor(group) + " sets that this week leaves the " + group.word());
            }
        }
        if (solution.seconds() > problem.availableS() - NEARLY_FULL_S) {
            causes.add("the " + request.minutes() + " minutes there are");
        }
        for (int i = 0; i < problem.stressBudget().length; i++) {
            double taken = 0;
            for (Chosen c : solution.chosen()) {
                taken += c.rounds() * problem.option(c).stress()[i];
            }
            if (taken > 0.8 * problem.stressBudget()[i]) {
                PlanRequest.StressBudget budget = request.stressBudgets().get(i);
                causes.add(
                        "what the " + budget.side().word() + " " + budget.site().words() + " may take");
            }
        }
        return causes.isEmpty() ? "more would add too little for what it costs" : String.join(" and ", causes);
    }
}

package kinesia.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import kinesia.core.exercise.Head;
import kinesia.core.plan.SessionProblem.Chosen;
import kinesia.core.plan.SessionProblem.Option;
import kinesia.core.plan.SessionProblem.Solution;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;

/** Says where a method got fewer exercises or rounds than it usually has, and what took them. */
@SuppressWarnings("EnumOrdinal") // the problem holds its numbers by the place of a group
final class Bends {
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

    /** One sentence for the whole session; empty where it has all that is usual. */
    Optional<Reason> reason() {
        List<String> usual = new ArrayList<>();
        List<String> today = new ArrayList<>();
        boolean fewer = false;
        boolean scarce = false;
        for (int s = 0; s < shape.sections().size(); s++) {
            int section = s;
            List<Chosen> here = solution.chosen().stream()
                    .filter(c -> c.section() == section)
                    .toList();
            Shape.Section wanted = shape.sections().get(s);
            int most = wanted.choices().stream()
                    .mapToInt(c -> c.pick().count().wanted())
                    .sum();
            int rounds = here.stream().mapToInt(Chosen::rounds).max().orElse(0);
            int fewest = here.stream().mapToInt(Chosen::rounds).min().orElse(0);
            fewer |= here.size() < most || fewest < wanted.mostRounds();
            scarce |= here.size() < most
                    && wanted.choices().stream()
                            .allMatch(c -> here.stream()
                                            .filter(h -> c.candidates().contains(shape.candidate(h)))
                                            .count()
                                    >= Math.min(c.pick().count().wanted(), Shape.movements(c)));
            if (most > 0) {
                usual.add(number(most, wanted.mostRounds(), wanted.mostRounds()));
                today.add(number(here.size(), fewest, rounds));
            }
        }
        String because = fewer ? because(scarce) : "";
        return because.isEmpty()
                ? Optional.empty()
                : Optional.of(Reason.of(
                                "METHOD-fewer",
                                Tag.HOUSE,
                                "the week's sets, the time and what sore places take come before the method's numbers",
                                "Usually up to " + String.join(", then ", usual) + "; today "
                                        + String.join(", then ", today) + ": " + because + ".",
                                "A little less of it today.")
                        .with("usual", String.join(", then ", usual))
                        .with("today", String.join(", then ", today)));
    }

    private static String number(int exercises, int fewest, int rounds) {
        return exercises == 0
                ? "none"
                : exercises
                        + (exercises == 1 ? " exercise of " : " exercises of ")
                        + (fewest == rounds ? rounds : fewest + " to " + rounds)
                        + (rounds == 1 ? " set" : " sets");
    }

    private String because(boolean scarce) {
        List<String> causes = new ArrayList<>();
        int[] sets = problem.sets(solution.chosen());
        boolean both = sets[0] > 0 && sets[0] == sets[1];
        List<String> full = new ArrayList<>();
        for (Head.Group group : Head.Group.values()) {
            int given = sets[group.ordinal()];
            if (given > 0 && given >= request.setsFor(group)) {
                full.add("the " + group.where() + " has its " + given + (given == 1 ? " hard set" : " hard sets"));
            }
        }
        if (both && full.size() == 2) {
            causes.add("front and back of the arm have their " + sets[0] + (sets[0] == 1 ? " hard set" : " hard sets")
                    + " each");
        } else {
            causes.addAll(full);
        }
        if (solution.seconds() + quickestMore() > problem.availableS()) {
            causes.add("the " + request.minutes() + " minutes are used");
        }
        for (int i = 0; i < problem.stressBudget().length; i++) {
            double taken = 0;
            for (Chosen c : solution.chosen()) {
                taken += c.rounds() * problem.option(c).stress()[i];
            }
            if (taken > 0.8 * problem.stressBudget()[i]) {
                PlanRequest.StressBudget budget = request.stressBudgets().get(i);
                causes.add("the " + budget.side().word() + " " + budget.site().words() + " has what it may take today");
            }
        }
        if (scarce) {
            causes.add("nothing else of the kind fits this client here");
        }
        int last = causes.size() - 1;
        return last < 1
                ? String.join("", causes)
                : String.join(", ", causes.subList(0, last)) + " and " + causes.get(last);
    }

    /** Seconds of the quickest thing that could still be added. */
    private double quickestMore() {
        double quickest = Double.MAX_VALUE;
        for (SessionProblem.Section section : problem.sections()) {
            for (SessionProblem.Pick pick : section.picks()) {
                for (Option option : pick.options()) {
                    quickest = Math.min(quickest, option.time(Math.max(1, section.fewestRounds())));
                }
            }
        }
        return quickest;
    }
}

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
import kinesia.core.reason.Words;

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
        Numbers usual = new Numbers();
        Numbers today = new Numbers();
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
            fewer |= here.size() < most || here.stream().anyMatch(c -> c.rounds() < wanted.mostRounds());
            scarce |= wanted.choices().stream()
                    .filter(c -> Shape.movements(c) < c.pick().count().wanted())
                    .anyMatch(c -> here.stream()
                                    .filter(h -> c.candidates().contains(shape.candidate(h)))
                                    .count()
                            >= Shape.movements(c));
            usual.add(most, wanted.mostRounds());
            here.forEach(c -> today.add(1, c.rounds()));
        }
        String because = fewer ? because(scarce) : "";
        return because.isEmpty()
                ? Optional.empty()
                : Optional.of(Reason.of(
                                "METHOD-fewer",
                                Tag.HOUSE,
                                "the week's sets, the time and what sore places take come before the method's numbers",
                                "Usually up to " + usual.words() + "; today " + today.words() + ": " + because + ".",
                                "A little less of it today.")
                        .with("usual", usual.words())
                        .with("today", today.words()));
    }

    /** Exercises and their sets, over the whole session. */
    private static final class Numbers {
        private int exercises;
        private int fewest = Integer.MAX_VALUE;
        private int most;

        private void add(int more, int sets) {
            if (more > 0) {
                exercises += more;
                fewest = Math.min(fewest, sets);
                most = Math.max(most, sets);
            }
        }

        private String words() {
            return exercises
                    + (exercises == 1 ? " exercise of " : " exercises of ")
                    + (fewest == most ? most : fewest + " to " + most)
                    + (most == 1 ? " set" : " sets");
        }
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
        return Words.list(causes);
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

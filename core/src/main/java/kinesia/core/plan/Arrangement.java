package kinesia.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import kinesia.core.plan.LimitCheck.Turn;
import kinesia.core.plan.Method.Layout;
import kinesia.core.plan.SessionProblem.Chosen;
import kinesia.core.plan.SessionProblem.Where;
import org.jspecify.annotations.Nullable;

/**
 * Puts what was chosen in order: partners that stand at one place and share what they hold, the easiest on the elbow first,
 * a closing press last, what is on the floor together.
 */
final class Arrangement {
    private final Shape shape;
    private final SessionProblem problem;
    private final Method.@Nullable For opensWith;

    /** {@code opensWith} is what the session begins with; null when that is open. */
    Arrangement(Shape shape, SessionProblem problem, Method.@Nullable For opensWith) {
        this.shape = shape;
        this.problem = problem;
        this.opensWith = opensWith;
    }

    /** Exercises worked in turn, in the order of a round; all with the same number of rounds. */
    record Group(int section, Layout layout, int rounds, List<Chosen> chosen) {}

    List<Group> of(SessionProblem.Solution solution) {
        List<Group> all = new ArrayList<>();
        for (int s = 0; s < shape.sections().size(); s++) {
            int section = s;
            List<Chosen> here = solution.chosen().stream()
                    .filter(c -> c.section() == section)
                    .toList();
            if (here.isEmpty()) {
                continue;
            }
            Layout layout = shape.sections().get(s).layout();
            List<Group> groups = switch (layout) {
                case CIRCUIT -> List.of(new Group(s, layout, here.get(0).rounds(), circuit(here)));
                case STRAIGHT ->
                    straight(here).stream()
                            .map(c -> new Group(section, layout, c.rounds(), List.of(c)))
                            .toList();
                case PAIRS, BLOCKS ->
                    partners(s, layout, here).stream().sorted(order()).toList();
            };
            all.addAll(groups);
        }
        return all;
    }

    private Comparator<Group> order() {
        return Comparator.comparing((Group g) -> g.chosen().stream().anyMatch(this::isPress))
                .thenComparing(g -> g.chosen().stream().anyMatch(c -> turn(c) == Turn.LAST))
                .thenComparing(g -> g.chosen().stream().noneMatch(c -> turn(c) == Turn.OPENS))
                .thenComparing(g -> g.chosen().stream().anyMatch(this::isKickback))
                .thenComparing(g -> g.chosen().stream().anyMatch(c -> where(c) == Where.FLOOR))
                .thenComparing(Comparator.comparingInt(Group::rounds).reversed())
                .thenComparingDouble(
                        g -> shape.candidate(g.chosen().get(0)).fit().elbowStress())
                .thenComparing(g -> problem.option(g.chosen().get(0)).key());
    }

    /** Muscle by muscle in turn; presses after, and what is on the floor together at the end. */
    private List<Chosen> straight(List<Chosen> here) {
        List<Chosen> order = new ArrayList<>();
        for (boolean floor : new boolean[] {false, true}) {
            for (boolean press : new boolean[] {false, true}) {
                order.addAll(circuit(here.stream()
                        .filter(c ->
                                (where(c) == Where.FLOOR) == floor && (isPress(c) || turn(c) == Turn.LAST) == press)
                        .toList()));
            }
        }
        order.stream().filter(c -> kind(c) == opensWith).findFirst().ifPresent(first -> {
            order.remove(first);
            order.add(0, first);
        });
        return order;
    }

    /** Stations so that no two of one muscle follow each other where that can be, shoulders between. */
    private List<Chosen> circuit(List<Chosen> here) {
        List<Chosen> left = new ArrayList<>(here);
        List<Chosen> order = new ArrayList<>();
        while (!left.isEmpty()) {
            @Nullable Chosen last = order.isEmpty() ? null : order.get(order.size() - 1);
            Chosen next = left.stream()
                    .min(Comparator.comparing((Chosen c) -> last == null && (turn(c) == Turn.LAST || isKickback(c)))
                            .thenComparing(c -> last == null && opensWith != null && kind(c) != opensWith)
                            .thenComparing(c -> last != null && kind(c) == kind(last))
                            .thenComparing(c -> -left.stream()
                                    .filter(o -> kind(o) == kind(c))
                                    .count())
                            .thenComparing(c -> kind(c) != Method.For.EXTENSORS) // it warms the elbow
                            .thenComparing(this::turn)
                            .thenComparing(this::isPress)
                            .thenComparing(this::isKickback)
                            .thenComparingDouble(c -> shape.candidate(c).fit().elbowStress())
                            .thenComparing(c -> problem.option(c).key()))
                    .orElseThrow();
            order.add(next);
            left.remove(next);
        }
        return order;
    }

    private Method.For kind(Chosen c) {
        return shape.sections().get(c.section()).choices().get(c.pick()).pick().purpose();
    }

    /** The best way of putting the columns together: same place first, then fewest implements, then the session's order. */
    private List<Group> partners(int section, Layout layout, List<Chosen> here) {
        List<Group> groups = new ArrayList<>();
        int columns = layout == Layout.BLOCKS ? 3 : 2;
        for (int r = SessionProblem.MOST_ROUNDS; r >= 1; r--) {
            List<List<Chosen>> byColumn = new ArrayList<>();
            for (int col = 0; col < columns; col++) {
                int rounds = r;
                int column = col;
                byColumn.add(here.stream()
                        .filter(c -> c.rounds() == rounds && column(c) == column)
                        .sorted(Comparator.comparing(this::turn)
                                .thenComparing(this::isPress)
                                .thenComparing(this::isKickback)
                                .thenComparingDouble(
                                        c -> shape.candidate(c).fit().elbowStress())
                                .thenComparing(c -> problem.option(c).key()))
                        .toList());
            }
            List<List<Chosen>> rows = byColumn.get(0).stream().map(List::of).toList();
            for (int col = 1; col < columns; col++) {
                rows = joined(rows, byColumn.get(col));
            }
            for (List<Chosen> row : rows) {
                groups.add(new Group(
                        section,
                        layout,
                        r,
                        row.stream()
                                .sorted(Comparator.comparing(c -> turn(c) == Turn.LAST))
                                .toList()));
            }
        }
        return groups;
    }

    private List<List<Chosen>> joined(List<List<Chosen>> rows, List<Chosen> column) {
        List<List<Chosen>> best = List.of();
        int least = Integer.MAX_VALUE;
        for (List<Chosen> order : permutations(column)) {
            int cost = 0;
            List<List<Chosen>> joined = new ArrayList<>();
            for (int i = 0; i < rows.size(); i++) {
                Chosen added = order.get(i);
                for (Chosen c : rows.get(i)) {
                    cost += apart(c, added);
                }
                // Kept near the order of the session: the easiest first.
                cost += Math.abs(column.indexOf(added) - i);
                List<Chosen> row = new ArrayList<>(rows.get(i));
                row.add(added);
                joined.add(row);
            }
            if (cost < least) {
                least = cost;
                best = joined;
            }
        }
        return best;
    }

    private int apart(Chosen a, Chosen b) {
        Where x = where(a);
        Where y = where(b);
        boolean together = x == y || (x != Where.FLOOR && y != Where.FLOOR && (x == Where.FREE || y == Where.FREE));
        boolean sameHold = shape.candidate(a).exercise().implement()
                == shape.candidate(b).exercise().implement();
        return (together ? 0 : 100) + (sameHold ? 0 : 2);
    }

    private static List<List<Chosen>> permutations(List<Chosen> of) {
        if (of.isEmpty()) {
            return List.of(List.of());
        }
        List<List<Chosen>> all = new ArrayList<>();
        for (int i = 0; i < of.size(); i++) {
            List<Chosen> rest = new ArrayList<>(of);
            Chosen first = rest.remove(i);
            for (List<Chosen> tail : permutations(rest)) {
                List<Chosen> order = new ArrayList<>();
                order.add(first);
                order.addAll(tail);
                all.add(order);
            }
        }
        return all;
    }

    /** A press that comes after what it is meant to follow: by its kind, or because the method gives it less than its load. */
    private boolean isPress(Chosen c) {
        Candidate candidate = shape.candidate(c);
        return candidate.exercise().closingPress() || candidate.pick().loadShare() < 1;
    }

    /** Loaded where the muscle is short: never what a muscle begins with. */
    private boolean isKickback(Chosen c) {
        return shape.candidate(c).exercise().isCalled("kickback");
    }

    private Turn turn(Chosen c) {
        return shape.candidate(c).fit().turn();
    }

    private Where where(Chosen c) {
        return problem.option(c).where();
    }

    private int column(Chosen c) {
        return problem.sections().get(c.section()).picks().get(c.pick()).column();
    }
}

package kinesia.core.plan;

import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import kinesia.core.plan.SessionProblem.Chosen;
import kinesia.core.plan.SessionProblem.Option;
import kinesia.core.plan.SessionProblem.Solution;
import org.jspecify.annotations.Nullable;

/**
 * Within a block the same exercises stay (RULES 5): where sets or minutes shrink, sets are cut and exercises kept, and what may
 * still be done makes way only for a session that with as many sets is worth five percent more, or where it would cost the visit
 * more than a third of its sets [house]; where not all of them have room, as many as do, and nothing new. Each session compared is an exact optimum.
 */
final class Steady {
    private static final double MARGIN = 1.05;
    private static final double FEWEST_SETS_SHARE = 2.0 / 3;
    private static final double FEWEST_OF_SOME = 0.5;

    private Steady() {}

    /**
     * The session of {@code problem}; null when there is none.
     *
     * @param opens what a limit has open: where it can, one of it does
     */
    static @Nullable Solution solve(SessionProblem problem, Set<String> opens) {
        Set<String> staying = staying(problem);
        if (staying.isEmpty()) {
            return Composer.solve(problem);
        }
        SessionProblem steady = problem.staying(staying);
        Solution kept = Composer.solve(steady);
        Solution known = kept == null || problem.everyHead() ? null : problem.solution(kept.chosen());
        Solution free = Composer.solve(problem, known);
        if (kept == null && free != null && !keys(problem, free).containsAll(staying)) {
            return some(problem, free, opens);
        }
        if (kept == null || free == null || keys(problem, free).containsAll(staying)) {
            return free;
        }
        int[] sets = problem.sets(kept.chosen());
        if (sum(sets) < FEWEST_SETS_SHARE * sum(problem.sets(free.chosen()))) {
            return free;
        }
        Solution other = Composer.solve(problem.within(sets), known);
        return other != null && problem.worth(other.chosen()) > MARGIN * steady.worth(kept.chosen()) ? free : kept;
    }

    /**
     * The session where not all can stay, as in a visit that is shorter than usual: as much of the block as there is room for,
     * and nothing else, unless that left less than half of the sets or one of the muscles out.
     */
    private static Solution some(SessionProblem problem, Solution free, Set<String> opens) {
        Solution some = Composer.solve(problem.staying(Set.of()));
        if (some == null
                || (Collections.disjoint(keys(problem, some), opens)
                        && !Collections.disjoint(keys(problem, free), opens))) {
            return free;
        }
        int[] sets = problem.sets(some.chosen());
        int[] most = problem.sets(free.chosen());
        boolean both = (sets[0] > 0 || most[0] == 0) && (sets[1] > 0 || most[1] == 0);
        return both && sum(sets) >= FEWEST_OF_SOME * sum(most) ? some : free;
    }

    private static int sum(int[] sets) {
        return sets[0] + sets[1];
    }

    /** What was in the last session of the block, is not outgrown, and may be chosen here. */
    private static Set<String> staying(SessionProblem problem) {
        Set<String> staying = new HashSet<>();
        problem.sections().stream()
                .flatMap(s -> s.picks().stream())
                .flatMap(p -> p.options().stream())
                .filter(o -> o.habit() > 0 && o.usualRounds() > 0)
                .map(Option::key)
                .forEach(staying::add);
        return staying;
    }

    private static Set<String> keys(SessionProblem problem, Solution solution) {
        List<Chosen> chosen = Objects.requireNonNull(solution).chosen();
        return chosen.stream().map(c -> problem.option(c).key()).collect(Collectors.toSet());
    }
}

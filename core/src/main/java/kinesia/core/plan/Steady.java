package kinesia.core.plan;

import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import kinesia.core.plan.SessionProblem.Chosen;
import kinesia.core.plan.SessionProblem.Option;
import kinesia.core.plan.SessionProblem.Solution;
import org.jspecify.annotations.Nullable;

/**
 * Within a block the same exercises stay (RULES 5): where sets or minutes shrink, sets are cut and exercises kept, and what may
 * still be done makes way only for a session that with as many sets is worth five percent more, or where it would cost the visit
 * more than a third of its sets [house]; where not all of them have room, all but one or two, else as many as do, and nothing new. Each session compared is an exact optimum.
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
     * @param back whether it is one of the first after a break: nothing new is begun then
     */
    static @Nullable Solution solve(SessionProblem problem, Set<String> opens, boolean back) {
        Set<String> staying = staying(problem);
        if (staying.isEmpty()) {
            return Composer.solve(problem);
        }
        SessionProblem steady = problem.staying(staying, Set.of());
        Solution kept = Composer.solve(steady);
        Solution known = kept == null || problem.everyHead() ? null : problem.solution(kept.chosen());
        Solution free = Composer.solve(problem, known);
        if (free == null) {
            return null;
        }
        int[] sets = kept == null ? new int[2] : problem.sets(kept.chosen());
        boolean enough = kept != null && isEnough(sets, problem, free);
        if (keys(problem, free).containsAll(staying)) {
            return back && enough ? kept : free;
        }
        if (kept == null || !enough) {
            return some(problem, free, staying, opens);
        }
        Solution other = Composer.solve(problem.within(sets), known);
        return other != null && problem.worth(other.chosen()) > MARGIN * steady.worth(kept.chosen()) ? free : kept;
    }

    /** The best session in which all of {@code staying} but so many stay; null when there is none. */
    private static @Nullable Solution allBut(int left, SessionProblem problem, Set<String> staying, Set<String> opens) {
        // Where nothing of the block opens any more, something new does.
        Set<String> newly = Collections.disjoint(staying, opens) ? opens : Set.of();
        return without(left, new TreeSet<>(staying))
                .filter(others -> !others.isEmpty())
                .map(others -> Composer.solve(problem.staying(others, newly)))
                .filter(Objects::nonNull)
                .max(Comparator.comparingDouble(s -> problem.worth(s.chosen())))
                .orElse(null);
    }

    /** Every way to leave so many out of {@code all}. */
    private static Stream<Set<String>> without(int left, SortedSet<String> all) {
        return left == 0
                ? Stream.of(all)
                : all.stream().flatMap(first -> {
                    // Those before it were left out in their own turn.
                    SortedSet<String> later = new TreeSet<>(all.tailSet(first));
                    later.remove(first);
                    return without(left - 1, later).map(kept -> {
                        Set<String> others = new TreeSet<>(all.headSet(first));
                        others.addAll(kept);
                        return others;
                    });
                });
    }

    /**
     * The session where not all can stay, as in a visit that is shorter than usual: all but one or two of the block, else as much of
     * it as there is room for, and nothing else, unless that left less than half of the sets or one of the muscles out.
     */
    private static Solution some(SessionProblem problem, Solution free, Set<String> staying, Set<String> opens) {
        Optional<Solution> most = Stream.of(1, 2)
                .map(left -> allBut(left, problem, staying, opens))
                .filter(Objects::nonNull)
                .findFirst()
                .filter(s -> isEnough(problem.sets(s.chosen()), problem, free));
        if (most.isPresent()) {
            return most.get();
        }
        Solution some = Composer.solve(problem.staying(Set.of(), Set.of()));
        if (some == null
                || (Collections.disjoint(keys(problem, some), opens)
                        && !Collections.disjoint(keys(problem, free), opens))) {
            return free;
        }
        int[] sets = problem.sets(some.chosen());
        int[] all = problem.sets(free.chosen());
        boolean both = (sets[0] > 0 || all[0] == 0) && (sets[1] > 0 || all[1] == 0);
        return both && sum(sets) >= FEWEST_OF_SOME * sum(all) ? some : free;
    }

    /** Whether so many sets are no more than a third fewer than those of {@code free}. */
    private static boolean isEnough(int[] sets, SessionProblem problem, Solution free) {
        return sum(sets) >= FEWEST_SETS_SHARE * sum(problem.sets(free.chosen()));
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

package kinesia.core.plan;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The composer's time against a general integer program's on the same sessions. Run by ops/benchmark-planner; no test. */
class ComposerBenchmark {
    private static final int CASES = 300;

    @Test
    void compare() {
        List<SessionProblem> problems = new ArrayList<>();
        RandomProblems random = new RandomProblems(99);
        for (int i = 0; i < CASES; i++) {
            problems.add(random.next());
        }
        for (int warm = 0; warm < 3; warm++) {
            problems.forEach(Composer::solve);
        }
        problems.subList(0, 100).forEach(p -> new IntegerProgram(p).optimum());
        long start = System.nanoTime();
        problems.forEach(Composer::solve);
        long composer = System.nanoTime() - start;
        start = System.nanoTime();
        problems.forEach(p -> new IntegerProgram(p).optimum());
        long reference = System.nanoTime() - start;
        System.out.printf(
                "planner: %d sessions, composer %.2f ms each, integer program %.2f ms each, %.0f times%n",
                CASES, composer / 1e6 / CASES, reference / 1e6 / CASES, (double) reference / composer);
    }
}

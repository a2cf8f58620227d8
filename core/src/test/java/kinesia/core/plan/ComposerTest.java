package kinesia.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Objects;
import kinesia.core.plan.SessionProblem.Solution;
import org.junit.jupiter.api.Test;

/** The composer against a general integer-programming library (ojAlgo) on random sessions. */
class ComposerTest {
    private static final int CASES = 700;

    @Test
    void the_optimum_is_that_of_a_general_integer_program() {
        RandomProblems problems = new RandomProblems(20260301);
        int equal = 0;
        for (int i = 0; i < CASES; i++) {
            SessionProblem problem = problems.next();
            Solution solution = Composer.solve(problem);
            double reference = new IntegerProgram(problem).optimum();
            if (solution == null) {
                assertThat(reference).as("case " + i).isNaN();
                continue;
            }
            assertThat(problem.broken(solution.chosen())).as("case " + i).isEmpty();
            assertThat(problem.value(solution.chosen())).isCloseTo(solution.value(), within(1e-9));
            assertThat(reference > solution.value() + 1e-6).as("case " + i).isFalse();
            if (Math.abs(solution.value() - reference) < 1e-6) {
                equal++;
            } else {
                // The library cut its own optimum off: its program takes the composer's choice at the higher value.
                assertThat(new IntegerProgram(problem).valueOf(solution.chosen()))
                        .as("case " + i)
                        .isCloseTo(solution.value(), within(1e-6));
            }
        }
        assertThat(equal).isGreaterThanOrEqualTo(300);
    }

    @Test
    void the_same_problem_gives_the_same_session() {
        for (int i = 0; i < 50; i++) {
            assertThat(Composer.solve(new RandomProblems(i).next()))
                    .isEqualTo(Composer.solve(new RandomProblems(i).next()));
        }
    }

    @Test
    void less_time_and_less_stress_are_never_worth_more() {
        RandomProblems problems = new RandomProblems(5);
        for (int i = 0; i < 300; i++) {
            SessionProblem p = problems.next();
            double whole = value(p);
            SessionProblem shorter = new SessionProblem(
                    p.sections(),
                    p.availableS() * 0.8,
                    p.setBudget(),
                    p.stressBudget(),
                    p.mostOverhead(),
                    p.mostOnFloor(),
                    p.everyHead());
            assertThat(value(shorter)).isLessThanOrEqualTo(whole + 1e-9);
            double[] spared = p.stressBudget().clone();
            for (int b = 0; b < spared.length; b++) {
                spared[b] *= 0.7;
            }
            SessionProblem milder = new SessionProblem(
                    p.sections(),
                    p.availableS(),
                    p.setBudget(),
                    spared,
                    Math.max(0, p.mostOverhead() - 1),
                    p.mostOnFloor(),
                    p.everyHead());
            assertThat(value(milder)).isLessThanOrEqualTo(whole + 1e-9);
        }
    }

    @Test
    void a_session_known_beforehand_changes_nothing_but_the_time() {
        RandomProblems problems = new RandomProblems(11);
        int known = 0;
        for (int i = 0; i < 300; i++) {
            SessionProblem problem = problems.next();
            Solution smaller = Composer.solve(problem.within(new int[] {2, 3}));
            if (smaller != null) {
                known++;
                assertThat(Objects.requireNonNull(Composer.solve(problem, problem.solution(smaller.chosen())))
                                .value())
                        .as("case " + i)
                        .isCloseTo(value(problem), within(1e-9));
            }
        }
        assertThat(known).isGreaterThan(100);
    }

    private static double value(SessionProblem problem) {
        Solution solution = Composer.solve(problem);
        return solution == null ? Double.NEGATIVE_INFINITY : solution.value();
    }
}

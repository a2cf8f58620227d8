package kinesia.core.plan;

import java.util.ArrayList;
import java.util.List;
import kinesia.core.RuleFiles;
import kinesia.core.arm.Side;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Site;
import kinesia.core.screening.PainScore;
import org.junit.jupiter.api.Test;

/** The composer's time against a general integer program's on the same sessions. Run by ops/benchmark-planner; no test. */
class ComposerBenchmark {
    private static final int CASES = 300;

    private static PlanRequest sore(int minutes, int sets) {
        List<SoreSite> sore = List.of(new SoreSite(Site.BACK_OF_ELBOW, Side.RIGHT, PainScore.of(3)));
        return People.request(
                        People.GYM,
                        minutes,
                        sets,
                        People.limitsOf(Site.BACK_OF_ELBOW, Side.RIGHT, "bend"),
                        sore,
                        People.history())
                .within(ArmBudget.of(sore, People.week(2, 1), place -> 20, Learned.NONE));
    }

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

    /** Every method in 15 to 65 minutes with few and many sets, for somebody well and somebody sore. */
    @Test
    void everySession() {
        ExerciseModel model = RuleFiles.model();
        Methods methods = RuleFiles.methods();
        Planner planner = new Planner(model, methods);
        for (boolean sore : new boolean[] {false, true}) {
            List<Long> times = new ArrayList<>();
            String slowest = "";
            long most = 0;
            for (int round = 0; round < 2; round++) {
                times.clear();
                most = 0;
                for (Method method : methods.all()) {
                    for (int sets : new int[] {3, 6, 8, 12}) {
                        for (int minutes = 15; minutes <= 65; minutes += 10) {
                            PlanRequest request = sore
                                    ? sore(minutes, sets).by(method)
                                    : People.well(People.GYM, minutes, sets).by(method);
                            long start = System.nanoTime();
                            planner.plan(request);
                            long took = System.nanoTime() - start;
                            times.add(took);
                            if (took > most) {
                                most = took;
                                slowest = method.key() + ", " + sets + " sets, " + minutes + " minutes";
                            }
                        }
                    }
                }
            }
            print(sore ? "sore" : "well", times, slowest);
        }
    }

    /** The twelve visits of the printed people at 20, 35 and 55 minutes, what suits them being remembered. */
    @Test
    void everyVisit() {
        List<PlanRequest> requests = new ArrayList<>();
        for (Course.Who who : PrintVisits.people()) {
            for (int minutes : new int[] {20, 35, 55}) {
                new Course(who, minutes).visits(12).forEach(v -> requests.add(v.request()));
            }
        }
        Planner planner = new Planner(RuleFiles.model(), RuleFiles.methods(), RuleFiles.careWork());
        List<Long> times = new ArrayList<>();
        String slowest = "";
        for (int round = 0; round < 2; round++) {
            times.clear();
            long most = 0;
            for (PlanRequest request : requests) {
                planner.plan(request);
                long start = System.nanoTime();
                planner.plan(request);
                long took = System.nanoTime() - start;
                times.add(took);
                if (took > most) {
                    most = took;
                    slowest = request.minutes() + " minutes, in the block " + request.inBlock();
                }
            }
        }
        print("visits of the invented people", times, slowest);
    }

    private static void print(String what, List<Long> times, String slowest) {
        List<Long> sorted = times.stream().sorted().toList();
        System.out.printf(
                "planner: %s, %d sessions, median %.1f ms, p95 %.1f ms, slowest %.1f ms (%s)%n",
                what,
                sorted.size(),
                sorted.get(sorted.size() / 2) / 1e6,
                sorted.get(sorted.size() * 95 / 100) / 1e6,
                sorted.get(sorted.size() - 1) / 1e6,
                slowest);
    }
}

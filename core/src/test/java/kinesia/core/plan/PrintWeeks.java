package kinesia.core.plan;

import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Collectors;
import kinesia.core.exercise.Head;
import kinesia.core.response.WeeksAhead;

/** Prints six weeks laid out for each of the invented clients. */
public final class PrintWeeks {
    private static final PrintStream OUT = new PrintStream(System.out, true, StandardCharsets.UTF_8);

    private PrintWeeks() {}

    public static void main(String[] args) {
        for (Course.Who who : PrintVisits.people()) {
            WeeksAhead.Weeks weeks =
                    WeeksAheadTest.weeks(who, who.trainee().week().goal(), false, List.of());
            OUT.println("\n== " + who.name() + "\n   " + weeks.sets().exact());
            for (WeeksAhead.Week week : weeks.weeks()) {
                OUT.printf(
                        "   week %d%s: %d back, %d front%n",
                        week.number(),
                        week.lighter() ? " (lighter)" : "",
                        week.sets().get(Head.Group.EXTENSORS),
                        week.sets().get(Head.Group.FLEXORS));
                week.visits().forEach(v -> OUT.println("      " + v.on() + " " + line(v.result())));
            }
        }
    }

    private static String line(PlanResult result) {
        if (result.plan() == null) {
            return "none: " + result.refusals().get(0).exact();
        }
        return result.plan().minutes().total() + " min: "
                + result.plan().mainSlots().stream()
                        .map(s -> s.name() + " " + s.sets() + " x " + s.reps().low() + "-"
                                + s.reps().high() + ", " + s.load().label())
                        .collect(Collectors.joining("; "));
    }
}

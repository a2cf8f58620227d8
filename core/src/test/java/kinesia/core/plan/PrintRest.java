package kinesia.core.plan;

import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import kinesia.core.RuleFiles;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Place;
import kinesia.core.exercise.Site;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.response.RestOfVisit;
import kinesia.core.response.RestOfVisit.Hurt;
import kinesia.core.response.RestOfVisit.Rest;
import kinesia.core.response.RestOfVisit.Standing;
import kinesia.core.screening.PainScore;
import kinesia.core.screening.ScreeningRules;

/**
 * Prints what becomes of the rest of a visit of the invented people when a place hurts in its first exercise: the fourth
 * visit of 40 minutes, the place that exercise loads most, at 4 (it goes on) and at 6 (it ends). Run by {@code ops/print-rest}.
 */
public final class PrintRest {
    private static final PrintStream OUT = new PrintStream(System.out, true, StandardCharsets.UTF_8);
    private static final Planner PLANNER = new Planner(RuleFiles.model(), RuleFiles.methods(), RuleFiles.careWork());
    private static final ScreeningRules RULES = new ScreeningRules(RuleFiles.questions());

    private PrintRest() {}

    public static void main(String[] args) {
        for (Course.Who who : PrintVisits.people()) {
            Course.Visit visit = fourth(who);
            for (int pain : new int[] {4, 6}) {
                Hurt hurt = hurt(visit, pain);
                OUT.println("\n" + who.name() + ": " + hurt.place().words() + " at " + pain + " in "
                        + visit.result().plan().mainSlots().get(0).name());
                visit.result().plan().mainSlots().forEach(s -> OUT.println("    " + line(s)));
                Optional<Rest> rest = after(visit, hurt);
                rest.ifPresentOrElse(
                        r -> {
                            r.changes()
                                    .forEach(c -> OUT.println(
                                            "  " + c.kind() + " " + c.exerciseName() + ": " + c.from() + " -> " + c.to()
                                                    + " | " + c.reason().exact()));
                            r.plan().mainSlots().forEach(s -> OUT.println("  > " + line(s)));
                        },
                        () -> OUT.println("  as it is"));
            }
        }
    }

    static Course.Visit fourth(Course.Who who) {
        return new Course(who, 40).visits(4).get(3);
    }

    /** Pain at the left place that the first exercise loads most. */
    static Hurt hurt(Course.Visit visit, int pain) {
        Slot first = visit.result().plan().mainSlots().get(0);
        Site most = List.of(Site.values()).stream()
                .max((a, b) -> Double.compare(
                        first.stress().getOrDefault(a, 0.0), first.stress().getOrDefault(b, 0.0)))
                .orElseThrow();
        boolean pressing =
                RuleFiles.model().catalogue().get(first.exerciseKey()).isPressing();
        return new Hurt(new Place(most, Side.LEFT), PainScore.of(pain), first.exerciseKey(), pain > 5, pressing);
    }

    static Optional<Rest> after(Course.Visit visit, Hurt hurt) {
        return after(visit, hurt, Set.of(hurt.exerciseKey()));
    }

    static Optional<Rest> after(Course.Visit visit, Hurt hurt, Set<String> begun) {
        return RestOfVisit.after(
                PLANNER, RULES, new Standing(visit.request(), visit.result().plan(), begun), hurt);
    }

    private static String line(Slot s) {
        return s.name() + ", " + s.sets() + " x " + s.reps().low() + "-"
                + s.reps().high() + ", " + s.loadWords() + ", effort "
                + s.targetEffort().value();
    }
}

package kinesia.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import kinesia.core.RuleFiles;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.plan.Plan.Unit;

/**
 * Prints the fourth visit of the invented people by each of the ways of working, or another ({@code -Dvisit=1}), at 20, 35 and 55 minutes, and what of each way's
 * character is missing. Run by {@code ops/print-methods}; parts of a method's key, of a name or a number of minutes narrow it.
 */
public final class PrintMethods {
    /** The visit that is printed, after others in no way of working: loads are known by then. */
    private static final int VISIT = Integer.getInteger("visit", 4);

    private PrintMethods() {}

    public static void main(String[] args) {
        Methods methods = RuleFiles.methods();
        Planner planner = new Planner(RuleFiles.model(), methods, RuleFiles.careWork());
        Map<String, int[]> table = new TreeMap<>();
        Map<String, List<Course.Visit>> courses = new TreeMap<>();
        Map<String, Integer> missing = new TreeMap<>();
        for (Method method : methods.all()) {
            int[] counts = table.computeIfAbsent(method.key(), k -> new int[3]);
            for (Course.Who who : PrintVisits.people()) {
                for (int minutes : PrintVisits.MINUTES) {
                    String title = method.key() + " | " + who.name() + " | " + minutes;
                    if (!List.of(args).stream().allMatch(title::contains)) {
                        continue;
                    }
                    PlanRequest request = courses.computeIfAbsent(
                                    who.name() + minutes, k -> new Course(who, minutes).visits(VISIT))
                            .get(VISIT - 1)
                            .request()
                            .by(method);
                    PlanResult result = planner.plan(request);
                    System.out.println("\n" + title);
                    Plan plan = result.plan();
                    if (plan == null) {
                        counts[1]++;
                        result.refusals().forEach(r -> System.out.println("  NO: " + r.exact()));
                        System.out.println("  nearest: " + result.nearest());
                        continue;
                    }
                    List<String> lost = MethodTraits.missing(request, plan);
                    counts[lost.isEmpty() ? 0 : 2]++;
                    lost.forEach(l -> missing.merge(method.key() + ": " + l, 1, Integer::sum));
                    print(plan, lost);
                }
            }
        }
        System.out.println("\nmethod: whole, refused, with something missing");
        table.forEach((m, c) -> System.out.printf(Locale.ROOT, "%-24s %3d %3d %3d%n", m, c[0], c[1], c[2]));
        missing.forEach((what, n) -> System.out.printf(Locale.ROOT, "%4d %s%n", n, what));
    }

    private static void print(Plan plan, List<String> lost) {
        System.out.println("  " + plan.minutes().total() + " min, warm-up "
                + plan.minutes().warmUp() + (lost.isEmpty() ? "" : "  MISSING " + lost));
        for (Unit unit : plan.units()) {
            System.out.println("  " + unit.letter() + " "
                    + (unit.care() ? "care" : unit.layout().word()) + ", rest "
                    + unit.restSeconds() + ": "
                    + unit.slots().stream().map(PrintMethods::line).collect(Collectors.joining("; ")));
        }
        List<String> said = new ArrayList<>();
        plan.bends().forEach(b -> said.add("bends: " + b.exact()));
        if (plan.free() != null) {
            said.add("free: " + plan.free().reason().exact());
        }
        said.forEach(s -> System.out.println("    " + s));
    }

    private static String line(Slot s) {
        return String.format(
                Locale.ROOT,
                "%s %d x %s %s%s e%s %s-%s-%s%s",
                s.name(),
                s.sets(),
                s.setReps().isEmpty() ? s.reps().low() + "-" + s.reps().high() : s.setReps(),
                s.load().label(),
                s.trial() ? "?" : "",
                s.targetEffort().value(),
                s.tempo().upS(),
                s.tempo().holdS(),
                s.tempo().downS(),
                s.stationSeconds() > 0 ? " " + s.stationSeconds() + " s" : "");
    }
}

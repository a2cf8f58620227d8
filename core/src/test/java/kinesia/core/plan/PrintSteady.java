package kinesia.core.plan;

import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import kinesia.core.plan.Plan.Slot;

/** Prints, over the twelve visits of the invented clients, which exercises leave and come from one visit to the next, and why. */
public final class PrintSteady {
    private static final PrintStream OUT = new PrintStream(System.out, true, StandardCharsets.UTF_8);
    private static final int VISITS = 12;

    private PrintSteady() {}

    /** One exercise that left: why the planner says it is not there, and the sets and minutes before and now. */
    record Left(String who, int visit, String name, String rule, int setsBefore, int setsNow) {}

    public static void main(String[] args) {
        List<Left> all = new ArrayList<>();
        int kept = 0;
        for (Course.Who who : PrintVisits.people()) {
            for (int minutes : new int[] {20, 35, 55}) {
                List<Course.Visit> visits = new Course(who, minutes).visits(VISITS);
                for (int v = 1; v < visits.size(); v++) {
                    Plan before = visits.get(v - 1).result().plan();
                    Plan now = visits.get(v).result().plan();
                    if (before != null && now != null) {
                        kept += now.mainSlots().size();
                        all.addAll(left(who.name() + " " + minutes, v + 1, before, now));
                    }
                }
            }
        }
        all.forEach(l -> OUT.printf(
                "%-45s visit %2d  %-45s sets %d -> %d  %s%n",
                l.who(), l.visit(), l.name(), l.setsBefore(), l.setsNow(), l.rule()));
        Map<String, Long> rules = all.stream()
                .collect(Collectors.groupingBy(l -> l.rule().split(" ")[0], LinkedHashMap::new, Collectors.counting()));
        OUT.println(all.size() + " left of " + kept + " main slots: " + rules);
    }

    static List<Left> left(String who, int visit, Plan before, Plan now) {
        Set<String> keys = now.mainSlots().stream().map(Slot::exerciseKey).collect(Collectors.toSet());
        return before.mainSlots().stream()
                .filter(s -> !keys.contains(s.exerciseKey()))
                .map(s -> new Left(
                        who,
                        visit,
                        s.name(),
                        now.whyNot().stream()
                                .filter(w -> w.exerciseKey().equals(s.exerciseKey()))
                                .flatMap(w -> w.reasons().stream())
                                .map(r -> r.ruleId() + " " + r.exact())
                                .findFirst()
                                .orElse("-"),
                        sets(before, s),
                        sets(now, s)))
                .toList();
    }

    private static int sets(Plan plan, Slot like) {
        return plan.mainSlots().stream()
                .filter(s -> s.group() == like.group())
                .mapToInt(Slot::sets)
                .sum();
    }
}

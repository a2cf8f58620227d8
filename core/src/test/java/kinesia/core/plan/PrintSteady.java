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
import kinesia.core.response.SessionRecord;

/** Prints, over the twelve visits of the invented clients, which exercises leave and come from one visit to the next, and why. */
public final class PrintSteady {
    private static final PrintStream OUT = new PrintStream(System.out, true, StandardCharsets.UTF_8);
    private static final int VISITS = 12;

    private PrintSteady() {}

    /** One exercise that left: why the planner says it is not there, and the sets and minutes before and now. */
    record Left(String who, int visit, String name, String rule, int setsBefore, int setsNow) {}

    public static void main(String[] args) {
        if (args.length > 0) {
            told(args[0]);
            return;
        }
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

    /** Visits 5 to 12 of everybody, with three weeks away before the seventh, 20 minutes at the seventh, every second morning unsaid, or a left arm of three quarters of the right one's strength. */
    private static void told(String what) {
        for (Course.Who who : PrintVisits.people()) {
            Course course = new Course(who, 40);
            switch (what) {
                case "break" -> course.away(7, 21);
                case "arms" -> course.leftArm(0.75);
                case "minutes" -> course.lasting(7, 20);
                default -> {
                    for (int v = 2; v <= VISITS; v += 2) {
                        course.told(v, PrintSteady::unsaid);
                    }
                }
            }
            OUT.println("\n" + who.name());
            List<Course.Visit> visits = course.visits(VISITS);
            for (int v = 4; v < visits.size(); v++) {
                Plan plan = visits.get(v).result().plan();
                OUT.printf(
                        "  %2d %s %2d min: %s%n",
                        v + 1,
                        visits.get(v).request().visitOn(),
                        plan.minutes().total(),
                        plan.mainSlots().stream()
                                .map(s -> s.name() + " " + s.sets() + " x "
                                        + s.reps().low() + "-"
                                        + s.reps().high() + " " + s.loadWords() + " e"
                                        + s.targetEffort().value())
                                .collect(Collectors.joining("; ")));
            }
        }
    }

    /** The same with a morning nobody answered. */
    static SessionRecord unsaid(SessionRecord r) {
        return new SessionRecord(r.on(), r.plan(), r.soreSites(), r.sets(), null, r.nextDoor());
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

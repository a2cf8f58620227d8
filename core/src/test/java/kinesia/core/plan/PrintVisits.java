package kinesia.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import kinesia.core.arm.Sex;
import kinesia.core.arm.Side;
import kinesia.core.dose.Equipment;
import kinesia.core.dose.TrainingStory;
import kinesia.core.dose.WarmUp;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Site;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.reason.Reason;
import kinesia.core.response.IfItHurts;
import kinesia.core.response.NextRequest.Trainee;
import kinesia.core.response.SoreNow;
import kinesia.core.screening.Answers;
import kinesia.core.screening.Answers.Sore;
import kinesia.core.screening.Limit;
import kinesia.core.screening.PainScore;

/**
 * Prints the first and the twelfth visit of thirteen invented people at 20, 35 and 55 minutes, all of whose visits go well, and what
 * moved in between; a table of all at the end. Run by {@code ops/print-visits}; a name or a number of minutes narrows it.
 */
public final class PrintVisits {
    static final int[] MINUTES = {20, 35, 55};
    private static final int VISITS = 12;
    private static final Equipment JUGS = new Equipment(
            List.of(),
            null,
            null,
            null,
            null,
            List.of(),
            Set.of("chair"),
            List.of(new Equipment.HouseholdObject("jug", 3.8), new Equipment.HouseholdObject("half a jug", 1.9)));
    private static final Equipment BANDS = new Equipment(
            List.of(),
            null,
            null,
            null,
            null,
            List.of(new Equipment.Band("thin", 20), new Equipment.Band("green", 40)),
            Set.of("chair", "table", "high anchor", "middle anchor"),
            List.of());

    private PrintVisits() {}

    /** The thirteen. */
    static List<Course.Who> people() {
        List<Course.Who> all = new ArrayList<>();
        all.add(who("new, 72", body(Sex.FEMALE, 1.62, 58), 72, story(0, false), Goal.FUNCTION, People.GYM, 1.1));
        all.add(who(
                "strong and well, 60", body(Sex.MALE, 1.80, 92), 60, story(300, true), Goal.STRENGTH, People.GYM, 1.5));
        all.add(who("wants size, 55", body(Sex.MALE, 1.76, 80), 55, story(60, true), Goal.ARM_SIZE, People.GYM, 1.3));
        all.add(who("keeps, 66, bands", body(Sex.FEMALE, 1.68, 66), 66, story(120, false), Goal.KEEP, BANDS, 1.1));
        all.add(who(
                "frail, 86",
                body(Sex.FEMALE, 1.56, 50),
                86,
                new TrainingStory(10, false, false),
                Goal.FUNCTION,
                People.GYM,
                0.9));
        all.add(who("jugs and a chair, 69", body(Sex.MALE, 1.74, 77), 69, story(30, false), Goal.FUNCTION, JUGS, 1.0));
        all.add(sore(
                "wheelchair, wrist sore, 58",
                body(Sex.MALE, 1.78, 84),
                58,
                story(80, true),
                Goal.FUNCTION,
                People.GYM,
                Site.WRIST,
                "leaning",
                true));
        all.add(sore(
                "back of elbow sore, 64",
                body(Sex.FEMALE, 1.66, 68),
                64,
                story(90, false),
                Goal.FUNCTION,
                People.GYM,
                Site.BACK_OF_ELBOW,
                "deep-bending",
                false));
        all.add(sore(
                "back from a break, front of shoulder, 61",
                body(Sex.FEMALE, 1.70, 74),
                61,
                story(150, true),
                Goal.RETURN,
                People.GYM,
                Site.FRONT_OF_SHOULDER,
                "arm-behind",
                false));
        all.add(sore(
                "outer elbow sore, bands, 52",
                body(Sex.MALE, 1.82, 88),
                52,
                story(40, false),
                Goal.LOOK,
                BANDS,
                Site.OUTER_ELBOW,
                "gripping",
                false));
        all.add(sore(
                "top joint sore, 75",
                body(Sex.MALE, 1.72, 79),
                75,
                story(5, false),
                Goal.FUNCTION,
                People.GYM,
                Site.TOP_JOINT_OF_SHOULDER,
                "pressing",
                false));
        all.add(sore(
                "inner elbow sore, 79",
                body(Sex.FEMALE, 1.58, 63),
                79,
                story(26, false),
                Goal.FUNCTION,
                People.GYM,
                Site.INNER_ELBOW,
                "gripping-palm-up",
                false));
        all.add(who(
                "in pounds, 63", body(Sex.MALE, 1.75, 82), 63, story(70, true), Goal.ARM_SIZE, People.IN_POUNDS, 1.1));
        return all;
    }

    private static Body body(Sex sex, double statureM, double massKg) {
        return new Body(sex, statureM, massKg);
    }

    private static TrainingStory story(int visits, boolean before) {
        return new TrainingStory(visits, before, true);
    }

    private static Course.Who who(
            String name, Body body, int age, TrainingStory story, Goal goal, Equipment room, double trueShare) {
        return new Course.Who(
                name,
                new Trainee(
                        body,
                        age,
                        story,
                        TrainingWeek.of(goal, 2),
                        new SoreNow.Screened(List.of(), List.of(), People.DAY),
                        Set.of()),
                room,
                Methods.open(),
                trueShare,
                0.012);
    }

    private static Course.Who sore(
            String name,
            Body body,
            int age,
            TrainingStory story,
            Goal goal,
            Equipment room,
            Site site,
            String provocation,
            boolean wheelchair) {
        Answers answers =
                new Answers().sore(Sore.at(site, Side.RIGHT, provocation).usual(2));
        List<Limit> limits = (wheelchair ? answers.caution("CAUTION-wheelchair") : answers)
                .assess()
                .limits();
        return new Course.Who(
                name,
                new Trainee(
                        body,
                        age,
                        story,
                        TrainingWeek.of(goal, 2),
                        new SoreNow.Screened(
                                List.of(new SoreSite(site, Side.RIGHT, PainScore.of(2))), limits, People.DAY),
                        Set.of()),
                room,
                Methods.open(),
                1.1,
                0.01);
    }

    public static void main(String[] args) {
        List<String> table = new ArrayList<>();
        for (Course.Who who : people()) {
            for (int minutes : MINUTES) {
                boolean asked = args.length == 0
                        || List.of(args).stream()
                                .allMatch(a -> who.name().contains(a)
                                        || String.valueOf(minutes).equals(a));
                if (asked) {
                    List<Course.Visit> visits = new Course(who, minutes).visits(VISITS);
                    System.out.println("\n" + who.name() + ", " + minutes + " minutes");
                    print("first", visits.get(0));
                    print("twelfth", visits.get(VISITS - 1));
                    table.add(String.format(
                            Locale.ROOT,
                            "%-42s %2d  %s | %s | %s | %s",
                            who.name(),
                            minutes,
                            line(visits.get(0)),
                            line(visits.get(VISITS - 1)),
                            moved(visits),
                            loads(visits)));
                }
            }
        }
        System.out.println(
                "\nwho, minutes booked: first visit (used, front + back sets) | twelfth | visits after which something moved | loads, first and last");
        table.forEach(System.out::println);
    }

    /** Minutes and hard sets of a visit. */
    static String line(Course.Visit visit) {
        Plan plan = visit.result().plan();
        return plan == null
                ? "no plan"
                : String.format(
                        Locale.ROOT,
                        "%2d min, %d + %d",
                        plan.minutes().total(),
                        sets(plan, Head.Group.FLEXORS),
                        sets(plan, Head.Group.EXTENSORS));
    }

    static int sets(Plan plan, Head.Group group) {
        return plan.slots().stream()
                .filter(s -> s.group() == group && s.targetEffort().isHard())
                .mapToInt(Slot::sets)
                .sum();
    }

    /** For two exercises of the last visit the load that they were first planned with and the one they have now. */
    private static String loads(List<Course.Visit> visits) {
        Plan last = visits.get(visits.size() - 1).result().plan();
        if (last == null) {
            return "";
        }
        return last.mainSlots().stream()
                .limit(2)
                .map(slot -> {
                    String first = visits.stream()
                            .filter(v -> v.result().plan() != null)
                            .flatMap(v -> v.result().plan().mainSlots().stream())
                            .filter(s -> s.exerciseKey().equals(slot.exerciseKey()))
                            .findFirst()
                            .orElseThrow()
                            .load()
                            .label();
                    return slot.exerciseKey() + " " + first + " > "
                            + slot.load().label() + " x " + slot.reps().high();
                })
                .collect(Collectors.joining(", "));
    }

    /** How many of the visits after the first raised a load, a range, a lowering or the sets of something done before. */
    private static String moved(List<Course.Visit> visits) {
        int moved = 0;
        for (int v = 1; v < visits.size(); v++) {
            moved += Moves.between(visits.subList(0, v), visits.get(v)).isEmpty() ? 0 : 1;
        }
        return moved + " of " + (visits.size() - 1);
    }

    private static void print(String which, Course.Visit visit) {
        Plan plan = visit.result().plan();
        if (plan == null) {
            System.out.println("  " + which + ", " + visit.request().visitOn() + ": no plan. "
                    + visit.result().refusals().stream().map(Reason::exact).collect(Collectors.joining(" ")));
            return;
        }
        System.out.printf(
                Locale.ROOT,
                "  %s, %s: %d min of %d (warm-up %d); %d sets for the front, %d for the back%n",
                which,
                plan.visitOn(),
                plan.minutes().total(),
                visit.request().minutes(),
                plan.minutes().warmUp(),
                sets(plan, Head.Group.FLEXORS),
                sets(plan, Head.Group.EXTENSORS));
        System.out.println("    warm-up: "
                + plan.warmUp().stream()
                        .map((WarmUp.Step s) -> s.words()
                                + (s.load() == null ? "" : " " + s.load().label() + " x " + s.reps()) + " ("
                                + s.seconds() + " s)")
                        .collect(Collectors.joining("; ")));
        for (Plan.Unit unit : plan.units()) {
            for (Slot s : unit.slots()) {
                System.out.printf(
                        Locale.ROOT,
                        "    %s %-52s %d x %d-%d  %-22s effort %s, %d-%d-%d s%s%n",
                        unit.letter(),
                        s.name(),
                        s.sets(),
                        s.reps().low(),
                        s.reps().high(),
                        s.load().label(),
                        s.targetEffort().value(),
                        s.tempo().upS(),
                        s.tempo().holdS(),
                        s.tempo().downS(),
                        s.trial() ? ", trial" : "");
                System.out.println("        " + said(s, Plan.Aspect.LOAD));
                System.out.println("        " + said(s, Plan.Aspect.SETS));
            }
        }
        for (Map.Entry<Head.Group, PlanRequest.SetBudget> b :
                visit.request().budget().entrySet()) {
            System.out.println("    week: " + b.getValue().reason().exact());
        }
        if (plan.free() != null) {
            System.out.println("    free: " + plan.free().reason().exact());
        }
        plan.bends().forEach(r -> System.out.println("    bends: " + r.exact()));
        plan.notes().forEach(r -> System.out.println("    note: " + r.exact()));
        System.out.println("    if it hurts: "
                + IfItHurts.of(plan, visit.request().soreSites()).reason().exact());
    }

    private static String said(Slot slot, Plan.Aspect about) {
        Reason reason = slot.why().get(about);
        return reason == null ? "" : about.name().toLowerCase(Locale.ROOT) + ": " + reason.exact();
    }
}

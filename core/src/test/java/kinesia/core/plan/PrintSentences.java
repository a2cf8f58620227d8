package kinesia.core.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import kinesia.core.RuleFiles;
import kinesia.core.arm.Side;
import kinesia.core.dose.Effort;
import kinesia.core.dose.LoggedSet;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Site;
import kinesia.core.reason.Reason;
import kinesia.core.response.InSession;
import kinesia.core.response.SessionRecord;
import kinesia.core.response.SignalRules;
import kinesia.core.screening.Answers;
import kinesia.core.screening.Answers.Sore;
import kinesia.core.screening.Assessment;
import kinesia.core.screening.Limit;
import kinesia.core.screening.PainScore;
import kinesia.core.screening.ScreenQuestions;
import kinesia.core.screening.WrittenCases;

/**
 * Prints every sentence that a screen, a limit or a plan shows over the written people of the screening cases and over one
 * person sore at each place, by every way of working, in a full room and at home, and for blocks of few and many sets: each once, for reading. Numbers and names
 * of exercises do not make another sentence. Run by {@code ops/print-sentences}.
 */
public final class PrintSentences {
    private static final ExerciseModel MODEL = RuleFiles.model();

    private final Map<String, Map<String, Reason>> byRule = new TreeMap<>();
    private final Map<String, String> others = new LinkedHashMap<>();

    public static void main(String[] args) {
        PrintSentences print = new PrintSentences();
        WrittenCases.assessments().forEach(print::screen);
        print.plans();
        if (args.length > 0) {
            print.courses();
            print.kinds();
        } else {
            print.print();
        }
    }

    /** What visits one after the other say: with pain, after a break, in a lighter week, with something written by hand. */
    private void courses() {
        Planner planner = new Planner(MODEL, RuleFiles.methods(), RuleFiles.careWork());
        List<Method> methods = RuleFiles.methods().all();
        int next = 0;
        for (Course.Who who : PrintVisits.people()) {
            for (Course course : List.of(
                    new Course(who, 40),
                    new Course(who, 40).away(5, 25).told(3, PrintSteady::unsaid),
                    new Course(who, 30).told(4, r -> hurting(r, 6)).told(5, r -> hurting(r, 6)),
                    new Course(who, 40).told(4, r -> hurting(r, 4)).told(5, r -> hurting(r, 4)))) {
                List<Course.Visit> visits = course.visits(9);
                List<SessionRecord> records = visits.stream()
                        .map(Course.Visit::record)
                        .filter(Objects::nonNull)
                        .toList();
                SignalRules.judge(records).forEach(m -> m.values().forEach(signal -> add(signal.reason())));
                for (Course.Visit visit : visits) {
                    result(visit.result());
                    Plan plan = visit.result().plan();
                    if (plan != null && plan.free() != null) {
                        add(plan.free().reason());
                    }
                    visit.request().budget().values().forEach(b -> add(b.reason()));
                    visit.request().stressBudgets().forEach(b -> add(b.reason()));
                }
                PlanRequest last = visits.get(visits.size() - 1).request();
                for (int m = 0; m < 6; m++) {
                    result(planner.plan(last.lasting(25).by(methods.get(next++ % methods.size()))));
                }
                PlanCheck.Checked wild = new PlanCheck(planner)
                        .check(
                                last,
                                List.of(new PlanCheck.WrittenUnit(
                                        Method.Layout.STRAIGHT,
                                        300,
                                        List.of(
                                                new PlanCheck.Written(
                                                        "seated-curl", 6, new Exercise.RepRange(8, 12), 4.3, 8.0),
                                                new PlanCheck.Written(
                                                        "standing-curl", 6, new Exercise.RepRange(8, 12), 4.0, 8.0),
                                                new PlanCheck.Written(
                                                        "one-arm-press-down",
                                                        6,
                                                        new Exercise.RepRange(8, 12),
                                                        null,
                                                        null)))));
                wild.marks().forEach(m -> add(m.reason()));
                wild.plan().slots().forEach(s -> s.why().values().forEach(this::add));
                for (Plan.Slot slot : records.get(records.size() - 1).plan().mainSlots()) {
                    for (double effort : new double[] {3, 7, 9.5}) {
                        LoggedSet set = new LoggedSet(
                                People.DAY,
                                slot.exerciseKey(),
                                null,
                                1,
                                slot.load(),
                                slot.reps().high(),
                                Effort.of(effort),
                                PainScore.of(effort == 9.5 ? 0 : effort == 7 ? 6 : 0),
                                effort == 7 ? Site.OUTER_ELBOW : null,
                                effort == 7 ? Side.RIGHT : null);
                        Exercise exercise = MODEL.catalogue().get(slot.exerciseKey());
                        add(InSession.after(
                                        slot,
                                        List.of(set),
                                        ReachableLoads.of(
                                                who.room(),
                                                exercise,
                                                who.trainee().body()))
                                .reason());
                    }
                }
                Routine.Brought brought = new Routine(planner)
                        .bring(
                                last,
                                "Hammer curl 3x10 40 kg, hammer curl 3x10, lying extension 3x9 1 kg; bench dips 3 x 15; bench dips 3x15",
                                Map.of());
                brought.lines().forEach(l -> l.altered().forEach(a -> add(a.reason())));
            }
            WeeksAheadTest.weeks(who, Goal.ARM_SIZE, true, List.of())
                    .weeks()
                    .forEach(w -> w.visits().forEach(v -> result(v.result())));
            add(WeeksAheadTest.weeks(who, Goal.KEEP, false, List.of()).sets());
        }
    }

    private static SessionRecord hurting(SessionRecord r, int pain) {
        List<LoggedSet> sets = new ArrayList<>(r.sets());
        LoggedSet first = sets.get(0);
        sets.set(
                0,
                new LoggedSet(
                        first.on(),
                        first.exerciseKey(),
                        first.side(),
                        first.setNumber(),
                        first.load(),
                        first.reps(),
                        first.effort(),
                        PainScore.of(pain),
                        Site.OUTER_ELBOW,
                        Side.RIGHT));
        return new SessionRecord(r.on(), r.plan(), r.soreSites(), sets, r.morning(), r.nextDoor());
    }

    /** One sentence of each rule, as a table of {@code docs/sentences.md}. */
    private void kinds() {
        byRule.forEach((rule, sentences) -> {
            Reason one = sentences.values().stream()
                    .min(Comparator.comparingInt((Reason r) -> r.exact().length()))
                    .orElseThrow();
            System.out.println("| " + rule + " | " + one.exact() + " | " + one.plain() + " |");
        });
    }

    private void screen(Assessment a) {
        a.findings().forEach(f -> {
            add(f.reason());
            other("to do", f.whatToDo());
        });
        a.limits().forEach(l -> add(l.reason()));
        a.readings().forEach(r -> add(r.reason()));
        a.missing().forEach(m -> other("to ask", m));
        a.notes().forEach(n -> other("note", n));
        a.checks().forEach(c -> other("check because", c.because()));
        a.holds().forEach(this::add);
    }

    private void plans() {
        Planner planner = new Planner(MODEL, RuleFiles.methods());
        List<Method> methods = new ArrayList<>(RuleFiles.methods().all());
        methods.add(Methods.open());
        List<List<Limit>> people = new ArrayList<>(List.of(List.of()));
        List<List<SoreSite>> sore = new ArrayList<>(List.of(List.of()));
        for (ScreenQuestions.SiteQuestions site : Answers.QUESTIONS.sites()) {
            for (ScreenQuestions.Provocation row : site.provocations()) {
                people.add(new Answers()
                        .sore(Sore.at(site.site(), Side.RIGHT, row.key()))
                        .assess()
                        .limits());
                sore.add(List.of(new SoreSite(site.site(), Side.RIGHT, PainScore.of(3))));
            }
        }
        people.add(new Answers().flag("FLAG-neck", Side.RIGHT).assess().limits());
        sore.add(List.of());
        for (int i = 0; i < people.size(); i++) {
            for (Method method : methods) {
                PlanRequest gym = People.request(People.GYM, 40, 8, people.get(i), sore.get(i), People.history());
                result(planner.plan(gym.by(method)));
                PlanRequest home = People.request(
                        People.with(List.of(1.0, 2.0, 3.0), List.of(), java.util.Set.of("chair", "mat")),
                        20,
                        4,
                        people.get(i),
                        sore.get(i),
                        List.of());
                result(planner.plan(home.by(method)));
            }
        }
    }

    private void result(PlanResult result) {
        result.refusals().forEach(this::add);
        Plan plan = result.plan();
        if (plan != null) {
            plan.slots().forEach(s -> s.why().values().forEach(this::add));
            plan.notes().forEach(this::add);
            plan.bends().forEach(this::add);
            plan.warmUp().forEach(w -> {
                add(w.reason());
                other("warm-up", w.words());
            });
            plan.whyNot().forEach(w -> w.reasons().forEach(this::add));
            add(plan.restReason());
        }
    }

    private void add(Reason reason) {
        byRule.computeIfAbsent(reason.ruleId(), k -> new LinkedHashMap<>())
                .putIfAbsent(shape(reason.exact()) + "|" + shape(reason.plain()), reason);
    }

    private void other(String kind, String words) {
        others.putIfAbsent(kind + ": " + shape(words), words);
    }

    private static String shape(String sentence) {
        String shape = sentence;
        List<String> names = new ArrayList<>(
                MODEL.catalogue().all().stream().map(Exercise::name).toList());
        names.sort(Comparator.comparingInt(String::length).reversed());
        for (String name : names) {
            shape = shape.replace(name, "<exercise>").replace(lower(name), "<exercise>");
        }
        return shape.replaceAll("\\d+([.]\\d+)?", "#").replaceAll("\\b(left|right)\\b", "<side>");
    }

    private static String lower(String name) {
        return Character.toLowerCase(name.charAt(0)) + name.substring(1);
    }

    private void print() {
        byRule.forEach((rule, sentences) -> {
            System.out.println(rule);
            sentences.values().forEach(r -> System.out.println("    " + r.exact() + "\n        \"" + r.plain() + "\""));
        });
        List<String> lines = new ArrayList<>();
        others.forEach((key, words) -> lines.add(key.substring(0, key.indexOf(':')) + ": " + words));
        Collections.sort(lines);
        lines.forEach(System.out::println);
    }
}

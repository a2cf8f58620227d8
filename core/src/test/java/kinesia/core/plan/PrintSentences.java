package kinesia.core.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import kinesia.core.RuleFiles;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.reason.Reason;
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
        print.print();
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

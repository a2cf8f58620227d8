package kinesia.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import kinesia.core.plan.SessionProblem.Option;
import kinesia.core.plan.SessionProblem.Pick;
import kinesia.core.plan.SessionProblem.Section;
import kinesia.core.plan.SessionProblem.Where;

/** Sessions made of random numbers: every layout, tight and loose bounds, pins, places and budgets. */
final class RandomProblems {
    private final Random random;
    private int made;

    RandomProblems(long seed) {
        this.random = new Random(seed);
    }

    SessionProblem next() {
        List<Section> sections = new ArrayList<>();
        Method.Layout[] layouts = Method.Layout.values();
        sections.add(section(layouts[random.nextInt(layouts.length)]));
        if (random.nextInt(3) == 0) {
            sections.add(section(random.nextBoolean() ? Method.Layout.STRAIGHT : Method.Layout.CIRCUIT));
        }
        double[] stress = new double[random.nextInt(3)];
        for (int i = 0; i < stress.length; i++) {
            stress[i] = 5 + random.nextInt(60);
        }
        return new SessionProblem(
                sections,
                300 + random.nextInt(2400),
                new int[] {1 + random.nextInt(9), 1 + random.nextInt(9)},
                stress,
                random.nextInt(3),
                random.nextInt(4) == 0 ? random.nextInt(2) : 1000,
                random.nextInt(6) == 0);
    }

    private Section section(Method.Layout layout) {
        List<Pick> picks = new ArrayList<>();
        if (layout == Method.Layout.BLOCKS) {
            picks.add(pick(0, -1));
        }
        int extensors = layout == Method.Layout.BLOCKS ? 2 : 0;
        picks.add(pick(extensors, 1));
        picks.add(pick(1, 0));
        if (random.nextInt(3) == 0) {
            picks.add(pick(extensors, 1));
        }
        int fewest = 1 + random.nextInt(2);
        return new Section(
                layout,
                fewest,
                Math.min(SessionProblem.MOST_ROUNDS, fewest + random.nextInt(3)),
                layout == Method.Layout.CIRCUIT ? random.nextInt(60) : 0,
                picks);
    }

    private Pick pick(int column, int group) {
        int fewest = random.nextInt(2);
        List<Option> options = new ArrayList<>();
        int size = 3 + random.nextInt(7);
        for (int i = 0; i < size; i++) {
            options.add(option("x" + made++, group));
        }
        return new Pick(column, fewest, fewest + random.nextInt(3), options);
    }

    private Option option(String key, int group) {
        double[] given = new double[SessionProblem.HEADS];
        boolean[] serves = new boolean[SessionProblem.HEADS];
        int[] counts = new int[2];
        if (group >= 0) {
            int from = group == 0 ? 0 : 4;
            int to = group == 0 ? 4 : SessionProblem.HEADS;
            for (int h = from; h < to; h++) {
                given[h] = random.nextInt(4) == 0 ? 0 : random.nextInt(100) / 100.0;
                serves[h] = given[h] >= 0.7;
            }
            counts[group] = random.nextInt(8) == 0 ? 0 : 1;
        }
        double[] stress = {random.nextInt(150) / 10.0, random.nextInt(150) / 10.0};
        int usual = random.nextInt(5) == 0 ? 1 + random.nextInt(3) : 0;
        return new Option(
                key,
                (group == 0 ? "f" : group == 1 ? "e" : "c") + random.nextInt(6),
                given,
                30 + random.nextInt(120),
                random.nextInt(2) * 30,
                counts,
                random.nextInt(60) / 100.0 - (group < 0 ? 0.3 : 0),
                random.nextInt(4) == 0 ? 0.5 : 0,
                stress,
                Where.values()[random.nextInt(Where.values().length)],
                random.nextInt(6) == 0,
                1 + random.nextInt(4),
                -0.15,
                usual > 0 ? 1.0 : 0,
                usual,
                usual > 0 ? 0.2 : 0,
                random.nextInt(40) == 0,
                serves);
    }
}

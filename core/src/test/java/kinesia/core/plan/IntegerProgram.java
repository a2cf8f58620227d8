package kinesia.core.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import kinesia.core.plan.SessionProblem.Chosen;
import kinesia.core.plan.SessionProblem.Option;
import kinesia.core.plan.SessionProblem.Pick;
import kinesia.core.plan.SessionProblem.Section;
import kinesia.core.plan.SessionProblem.Where;
import org.ojalgo.optimisation.Expression;
import org.ojalgo.optimisation.ExpressionsBasedModel;
import org.ojalgo.optimisation.Optimisation;
import org.ojalgo.optimisation.Variable;
import org.ojalgo.optimisation.integer.IntegerStrategy;
import org.ojalgo.type.context.NumberContext;

/**
 * A session as an integer program for a general solver (ojAlgo): the outside reference for the composer. One binary for each
 * option and number of rounds; the diminishing value of a head is a sum of slices that fill in order, being concave.
 */
final class IntegerProgram {
    private final SessionProblem problem;
    private final ExpressionsBasedModel model = new ExpressionsBasedModel();
    private final Map<Chosen, Variable> binaries = new HashMap<>();

    IntegerProgram(SessionProblem problem) {
        this.problem = problem;
        // To the optimum and not to within a gap of it; one thread, so that a run can be repeated.
        model.options.integer(IntegerStrategy.newConfigurable()
                .withGapTolerance(NumberContext.of(12, 12))
                .withParallelism(() -> 1));
        variables();
        heads();
        counts();
        resources();
        families();
        circuits();
        places();
        pins();
    }

    /** The optimum; NaN when nothing keeps every bound. */
    double optimum() {
        Optimisation.Result result = model.maximise();
        return result.getState().isFeasible() ? result.getValue() : Double.NaN;
    }

    /** The program's own value with {@code chosen} and nothing else in it; NaN when that breaks one of its bounds. */
    double valueOf(List<Chosen> chosen) {
        binaries.forEach((c, x) -> x.level(chosen.contains(c) ? 1 : 0));
        return optimum();
    }

    private void variables() {
        for (int s = 0; s < problem.sections().size(); s++) {
            Section section = problem.sections().get(s);
            for (int p = 0; p < section.picks().size(); p++) {
                List<Option> options = section.picks().get(p).options();
                for (int o = 0; o < options.size(); o++) {
                    int most = Math.min(section.mostRounds(), options.get(o).mostRounds());
                    for (int r = section.fewestRounds(); r <= most; r++) {
                        Chosen chosen = new Chosen(s, p, o, r);
                        binaries.put(
                                chosen,
                                model.newVariable("x" + s + "_" + p + "_" + o + "_" + r)
                                        .binary()
                                        .weight(options.get(o).fixedValue(r)));
                    }
                }
            }
        }
    }

    private interface Amount {
        double of(Chosen chosen, Option option);
    }

    private Expression sum(String name, Amount amount) {
        Expression expression = model.newExpression(name);
        binaries.forEach((chosen, x) -> {
            double value = amount.of(chosen, problem.option(chosen));
            if (value != 0) {
                expression.set(x, value);
            }
        });
        return expression;
    }

    private void heads() {
        for (int head = 0; head < SessionProblem.HEADS; head++) {
            int h = head;
            double full = problem.fullUpTo(h);
            Expression fills = sum("head" + h, (c, o) -> -c.rounds() * o.given()[h]);
            double[] caps = {full, problem.countsUpTo(h) - full, 1000};
            double[] worth = {1, SessionProblem.REDUCED_VALUE, SessionProblem.SPARE_VALUE};
            for (int slice = 0; slice < caps.length; slice++) {
                Variable filled = model.newVariable("h" + h + "_" + slice)
                        .lower(0)
                        .upper(caps[slice])
                        .weight(worth[slice]);
                fills.set(filled, 1);
            }
            fills.upper(0);
            boolean can =
                    binaries.keySet().stream().anyMatch(c -> problem.option(c).serves()[h]);
            if (problem.everyHead() && can) {
                sum("serves" + h, (c, o) -> o.serves()[h] ? 1 : 0).lower(1);
            }
        }
    }

    private void counts() {
        for (int s = 0; s < problem.sections().size(); s++) {
            List<Pick> picks = problem.sections().get(s).picks();
            for (int p = 0; p < picks.size(); p++) {
                int section = s;
                int pick = p;
                sum("count" + s + "_" + p, (c, o) -> c.section() == section && c.pick() == pick ? 1 : 0)
                        .lower(picks.get(p).fewest())
                        .upper(picks.get(p).most());
            }
        }
    }

    private void resources() {
        Expression time = sum("time", (c, o) -> o.time(c.rounds())).upper(problem.availableS());
        for (int s = 0; s < problem.sections().size(); s++) {
            Section section = problem.sections().get(s);
            if (section.layout() == Method.Layout.CIRCUIT) {
                for (int r = section.fewestRounds(); r <= section.mostRounds(); r++) {
                    Variable z = model.newVariable("z" + s + "_" + r).binary();
                    circuitRounds.put(List.of(s, r), z);
                    time.set(z, r * section.roundS());
                }
            }
        }
        for (int group = 0; group < 2; group++) {
            int g = group;
            sum("sets" + g, (c, o) -> c.rounds() * o.counts()[g]).upper(problem.setBudget()[g]);
        }
        for (int place = 0; place < problem.stressBudget().length; place++) {
            int i = place;
            sum("stress" + i, (c, o) -> c.rounds() * o.stress()[i]).upper(problem.stressBudget()[i]);
        }
        sum("overhead", (c, o) -> o.overhead() ? 1 : 0).upper(problem.mostOverhead());
    }

    private final Map<List<Integer>, Variable> circuitRounds = new HashMap<>();

    private void families() {
        Map<String, List<Variable>> byFamily = new HashMap<>();
        binaries.forEach((c, x) -> byFamily.computeIfAbsent(problem.option(c).family(), k -> new ArrayList<>())
                .add(x));
        byFamily.forEach((family, all) -> {
            Expression once = model.newExpression("once" + family).upper(1);
            all.forEach(x -> once.set(x, 1));
        });
    }

    private void circuits() {
        for (int s = 0; s < problem.sections().size(); s++) {
            Section section = problem.sections().get(s);
            if (section.layout() != Method.Layout.CIRCUIT) {
                continue;
            }
            Expression one = model.newExpression("one" + s).level(1);
            for (int r = section.fewestRounds(); r <= section.mostRounds(); r++) {
                Variable z = circuitRounds.get(List.of(s, r));
                one.set(z, 1);
                for (Map.Entry<Chosen, Variable> entry : binaries.entrySet()) {
                    if (entry.getKey().section() == s && entry.getKey().rounds() == r) {
                        model.newExpression("same" + entry.getKey())
                                .set(entry.getValue(), 1)
                                .set(z, -1)
                                .upper(0);
                    }
                }
            }
        }
    }

    private void places() {
        Expression visits = model.newExpression("floor").upper(Math.min(1000, problem.mostOnFloor()));
        for (int s = 0; s < problem.sections().size(); s++) {
            Section section = problem.sections().get(s);
            Variable floor = model.newVariable("f" + s).binary();
            visits.set(floor, 1);
            implied(s, floor, "floor", Where.FLOOR);
            if (section.layout() == Method.Layout.BLOCKS) {
                Variable bench = model.newVariable("bench" + s).binary();
                Variable line = model.newVariable("line" + s).binary();
                implied(s, bench, "bench", Where.BENCH);
                implied(s, line, "line", Where.CABLE);
                implied(s, line, "line", Where.ANCHOR);
                model.newExpression("ends" + s).set(bench, 1).set(line, 1).upper(1);
            }
            if (section.layout().linksItsPicks()) {
                for (int r = section.fewestRounds(); r <= section.mostRounds(); r++) {
                    partners(s, section, r);
                }
            }
        }
    }

    private void implied(int section, Variable indicator, String name, Where where) {
        binaries.forEach((c, x) -> {
            if (c.section() == section && problem.option(c).where() == where) {
                model.newExpression(name + where + c)
                        .set(x, 1)
                        .set(indicator, -1)
                        .upper(0);
            }
        });
    }

    private void partners(int s, Section section, int r) {
        for (int column = 1; column < section.columns(); column++) {
            int other = column;
            sum("as-many" + s + "_" + r + "_" + column, (c, o) -> in(c, s, r, 0) ? 1 : in(c, s, r, other) ? -1 : 0)
                    .level(0);
        }
        if (section.layout() != Method.Layout.PAIRS) {
            return;
        }
        sum(
                        "floor" + s + "_" + r,
                        (c, o) -> o.where() != Where.FLOOR ? 0 : in(c, s, r, 0) ? 1 : in(c, s, r, 1) ? -1 : 0)
                .level(0);
        for (int column = 0; column < 2; column++) {
            int here = column;
            for (Where where : new Where[] {Where.BENCH, Where.CABLE, Where.ANCHOR}) {
                sum(
                                "housed" + s + r + column + where,
                                (c, o) -> in(c, s, r, here) && o.where() == where
                                        ? 1
                                        : in(c, s, r, 1 - here) && (o.where() == where || o.where() == Where.FREE)
                                                ? -1
                                                : 0)
                        .upper(0);
            }
        }
    }

    private boolean in(Chosen c, int section, int rounds, int column) {
        return c.section() == section
                && c.rounds() == rounds
                && problem.sections().get(section).picks().get(c.pick()).column() == column;
    }

    private void pins() {
        Map<String, List<Variable>> pinned = new HashMap<>();
        binaries.forEach((c, x) -> {
            if (problem.option(c).pinned()) {
                pinned.computeIfAbsent(problem.option(c).key(), k -> new ArrayList<>())
                        .add(x);
            }
        });
        pinned.forEach((key, all) -> {
            Expression in = model.newExpression("pin" + key).lower(1);
            all.forEach(x -> in.set(x, 1));
        });
    }
}

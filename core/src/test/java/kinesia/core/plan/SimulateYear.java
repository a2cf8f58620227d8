package kinesia.core.plan;

import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import kinesia.core.RuleFiles;
import kinesia.core.dose.LoggedSet;
import kinesia.core.exercise.Place;
import kinesia.core.response.Forecast;
import kinesia.core.response.ForecastRecord;
import kinesia.core.response.LearnedStress;
import kinesia.core.response.Learning;
import kinesia.core.response.RoomEvidence;
import kinesia.core.response.SessionRecord;
import kinesia.core.response.Signal;
import kinesia.core.response.SignalRules;
import kinesia.core.response.SiteSignal;
import kinesia.core.response.Tolerance;

/**
 * Lives through a year of many invented clients and prints what was learned of them. {@code ops/simulate-year [clients] [weeks]
 * [first seed]}; each client's line with {@code -Dlines=true}.
 */
public final class SimulateYear {
    private static final PrintStream OUT = new PrintStream(System.out, true, StandardCharsets.UTF_8);
    private static final int FOUND_BY_WEEK = 12;
    private static final int SETTLED_AFTER_DAYS = 21;
    private static final double BAND = 0.4;

    private SimulateYear() {}

    /** What came of one client. */
    record Outcome(
            SimulatedYear year,
            Tolerance tolerance,
            boolean found,
            boolean worstFound,
            int kinds,
            int visits,
            int bad,
            int referred,
            double dose,
            double truth,
            List<String> rules,
            List<Forecast.Checked> forecasts) {}

    public static void main(String[] args) {
        List<SimulatedYear.Rule> rules = Stream.of(
                        System.getProperty("rules", "KINESIA,LOAD_WEEKLY,REST").split(","))
                .map(SimulatedYear.Rule::valueOf)
                .toList();
        int clients = args.length > 0 ? Integer.parseInt(args[0]) : 200;
        int weeks = args.length > 1 ? Integer.parseInt(args[1]) : 52;
        long seed = args.length > 2 ? Long.parseLong(args[2]) : 20_261_200L;
        for (SimulatedYear.Rule rule : rules) {
            long start = System.nanoTime();
            List<Outcome> all = LongStream.range(seed, seed + clients)
                    .parallel()
                    .mapToObj(s -> outcome(s, weeks, rule))
                    .toList();
            print(rule.words(), all);
            OUT.printf("   %.0f s%n", (System.nanoTime() - start) / 1e9);
        }
    }

    private static void print(String how, List<Outcome> all) {
        double visits = all.stream().mapToInt(Outcome::visits).sum();
        OUT.printf(
                Locale.ROOT,
                "%s: tolerance found %.1f %%, worst exercise among the worst three %.1f %% (of those with more than three: %.1f %% of %d), ease or refer after week 3 %.2f %% of %.0f visits (refer %.2f %%), median week's dose over tolerance %.2f%n",
                how,
                share(all, Outcome::found),
                share(all, Outcome::worstFound),
                share(all.stream().filter(o -> o.kinds() > 3).toList(), Outcome::worstFound),
                all.stream().filter(o -> o.kinds() > 3).count(),
                100 * all.stream().mapToInt(Outcome::bad).sum() / visits,
                visits,
                100 * all.stream().mapToInt(Outcome::referred).sum() / visits,
                median(all.stream()
                        .map(o -> o.dose() / o.year().joint().tolerance())
                        .toList()));
        Map<String, Long> rules = all.stream()
                .flatMap(o -> o.rules().stream())
                .collect(Collectors.groupingBy(r -> r, TreeMap::new, Collectors.counting()));
        OUT.println("   " + rules);
        forecasts(all);
        if (Boolean.getBoolean("lines")) {
            all.forEach(o -> OUT.printf(
                    Locale.ROOT,
                    "   %-34s usual %d true %5.0f learned %5.0f (%4.0f to %4.0f) width %.2f %-6s kinds %d worst %-5s bad %d/%d at %.2f of it%n",
                    o.year().joint().place().words(),
                    o.year().sore().usual().value(),
                    o.truth(),
                    o.tolerance().dose(),
                    o.tolerance().low(),
                    o.tolerance().high(),
                    (o.tolerance().high() - o.tolerance().low()) / o.truth(),
                    o.found() ? "found" : "",
                    o.kinds(),
                    o.worstFound(),
                    o.bad(),
                    o.visits(),
                    o.dose() / o.year().joint().tolerance()));
        }
    }

    /** Brier scores of all forecasts of a go, of counting each client's own gos, and of the share of gos over all. */
    private static void forecasts(List<Outcome> all) {
        double said = 0;
        double counted = 0;
        double gos = 0;
        int visits = 0;
        int right = 0;
        double[] bins = new double[10];
        double[] came = new double[10];
        for (Outcome o : all) {
            ForecastRecord record = ForecastRecord.of(o.forecasts());
            said += record.brier() * record.visits();
            counted += record.baseBrier() * record.visits();
            gos += record.gos();
            visits += record.visits();
            right += record.right();
            for (Forecast.Checked one : o.forecasts()) {
                int bin = (int) Math.min(9, one.said().go() * 10);
                bins[bin]++;
                came[bin] += one.came() == Signal.GO ? 1 : 0;
            }
        }
        double share = gos / visits;
        OUT.printf(
                Locale.ROOT,
                "   forecasts: %d, likeliest signal right %.1f %%, Brier %.4f; counting each client's gos %.4f, the share of all (%.3f) %.4f%n",
                visits,
                100.0 * right / visits,
                said / visits,
                counted / visits,
                share,
                share * (1 - share));
        StringBuilder calibration = new StringBuilder("   said / came:");
        for (int b = 0; b < 10; b++) {
            if (bins[b] > 0) {
                calibration.append(
                        String.format(Locale.ROOT, " %.1f: %.2f (%.0f)", b / 10.0 + 0.05, came[b] / bins[b], bins[b]));
            }
        }
        OUT.println(calibration);
    }

    private static double share(List<Outcome> all, java.util.function.Predicate<Outcome> what) {
        return 100.0 * all.stream().filter(what).count() / Math.max(1, all.size());
    }

    private static double median(List<Double> values) {
        List<Double> sorted = values.stream().sorted().toList();
        return sorted.get(sorted.size() / 2);
    }

    static Outcome outcome(long seed, int weeks, SimulatedYear.Rule rule) {
        SimulatedYear year = new SimulatedYear(seed, rule).through(weeks);
        List<SessionRecord> early = year.records().stream()
                .filter(r -> r.on().isBefore(SimulatedYear.START.plusWeeks(FOUND_BY_WEEK)))
                .toList();
        Learning.AtPlace learned = Learning.of(
                        List.of(
                                early.isEmpty()
                                        ? year.sore()
                                        : early.get(early.size() - 1)
                                                .soreSites()
                                                .get(0)),
                        early,
                        RoomEvidence.NONE)
                .places()
                .get(0);
        Tolerance t = learned.tolerance();
        ToDoubleFunction<String> truly =
                key -> year.joint().weight(RuleFiles.model().catalogue().get(key));
        double trueDose = dose(year, early, truly);
        // Nobody can tell a place that takes twice as much from one of which everything asks half: the truth is told in
        // what the
        // learner's weights make of the same work.
        double truth = year.joint().tolerance()
                * dose(year, early, key -> learned.stress().weights().getOrDefault(key, 1.0))
                / Math.max(1e-9, trueDose);
        List<Map<Place, SiteSignal>> signals = SignalRules.judge(year.records());
        int visits = 0;
        int bad = 0;
        int referred = 0;
        List<String> rules = new ArrayList<>();
        for (int i = 0; i < signals.size(); i++) {
            if (!year.records().get(i).on().isBefore(SimulatedYear.START.plusDays(SETTLED_AFTER_DAYS))) {
                Signal worst = SignalRules.worst(signals.get(i).values());
                visits++;
                signals.get(i).values().stream()
                        .filter(s -> s.signal().compareTo(Signal.EASE) >= 0)
                        .forEach(s -> rules.add(s.reason().ruleId()));
                bad += worst.compareTo(Signal.EASE) >= 0 ? 1 : 0;
                referred += worst == Signal.REFER ? 1 : 0;
            }
        }
        List<LearnedStress.Evidence> done = learned.stress().evidence().stream()
                .filter(e -> e.answered() >= 2 && e.house() > 0.05)
                .toList();
        List<String> worstFirst = done.stream()
                .sorted(Comparator.comparingDouble(
                                (LearnedStress.Evidence e) -> e.house() * truly.applyAsDouble(e.exerciseKey()))
                        .reversed())
                .map(LearnedStress.Evidence::exerciseKey)
                .toList();
        boolean worst = !worstFirst.isEmpty()
                && done.stream().limit(3).anyMatch(e -> e.exerciseKey().equals(worstFirst.get(0)));
        return new Outcome(
                year,
                t,
                truth >= t.low() && truth <= t.high() && t.high() - t.low() <= BAND * truth,
                worst,
                done.size(),
                visits,
                bad,
                referred,
                trueDose,
                truth,
                rules,
                Forecast.checked(year.sore(), year.records(), RoomEvidence.NONE));
    }

    private static final int LAST_VISITS = 8;

    /** The median of the last visits' weekly doses by {@code weight}. */
    private static double dose(SimulatedYear year, List<SessionRecord> early, ToDoubleFunction<String> weight) {
        List<Double> weeks = new ArrayList<>();
        for (int i = Math.max(0, early.size() - LAST_VISITS); i < early.size(); i++) {
            SessionRecord at = early.get(i);
            weeks.add(early.stream()
                    .filter(r ->
                            !r.on().isAfter(at.on()) && r.on().isAfter(at.on().minusDays(7)))
                    .mapToDouble(r -> visit(year, r, weight))
                    .sum());
        }
        return weeks.isEmpty() ? 0 : median(weeks);
    }

    private static double visit(SimulatedYear year, SessionRecord record, ToDoubleFunction<String> weight) {
        double dose = 0;
        Place place = year.joint().place();
        for (Plan.Slot slot : record.plan().slots()) {
            for (LoggedSet set : record.setsOf(slot.exerciseKey())) {
                dose += set.side() == null || set.side() == place.side()
                        ? StressDose.of(slot, place.site(), set.reps()) * weight.applyAsDouble(slot.exerciseKey())
                        : 0;
            }
        }
        return dose;
    }
}

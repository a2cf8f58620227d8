package kinesia.core.plan;

import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.LongStream;
import kinesia.core.RuleFiles;
import kinesia.core.exercise.Place;
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
            double dose) {}

    public static void main(String[] args) {
        int clients = args.length > 0 ? Integer.parseInt(args[0]) : 200;
        int weeks = args.length > 1 ? Integer.parseInt(args[1]) : 52;
        long seed = args.length > 2 ? Long.parseLong(args[2]) : 20_261_200L;
        for (boolean fixed : new boolean[] {false, true}) {
            long start = System.nanoTime();
            List<Outcome> all = LongStream.range(seed, seed + clients)
                    .parallel()
                    .mapToObj(s -> outcome(s, weeks, fixed))
                    .toList();
            print(fixed ? "the next load every week" : "Kinesia", all);
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
        if (Boolean.getBoolean("lines")) {
            all.forEach(o -> OUT.printf(
                    Locale.ROOT,
                    "   %-34s usual %d true %5.0f learned %5.0f (%4.0f to %4.0f) width %.2f %-6s kinds %d worst %-5s bad %d/%d dose %.0f%n",
                    o.year().joint().place().words(),
                    o.year().sore().usual().value(),
                    o.year().joint().tolerance(),
                    o.tolerance().dose(),
                    o.tolerance().low(),
                    o.tolerance().high(),
                    (o.tolerance().high() - o.tolerance().low())
                            / o.year().joint().tolerance(),
                    o.found() ? "found" : "",
                    o.kinds(),
                    o.worstFound(),
                    o.bad(),
                    o.visits(),
                    o.dose()));
        }
    }

    private static double share(List<Outcome> all, java.util.function.Predicate<Outcome> what) {
        return 100.0 * all.stream().filter(what).count() / Math.max(1, all.size());
    }

    private static double median(List<Double> values) {
        List<Double> sorted = values.stream().sorted().toList();
        return sorted.get(sorted.size() / 2);
    }

    static Outcome outcome(long seed, int weeks, boolean fixed) {
        SimulatedYear year = new SimulatedYear(seed, fixed).through(weeks);
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
                        RoomEvidence.NONE,
                        year.trainsWeek())
                .places()
                .get(0);
        Tolerance t = learned.tolerance();
        double truth = year.joint().tolerance();
        List<Map<Place, SiteSignal>> signals = SignalRules.judge(year.records());
        int visits = 0;
        int bad = 0;
        int referred = 0;
        for (int i = 0; i < signals.size(); i++) {
            if (!year.records().get(i).on().isBefore(SimulatedYear.START.plusDays(SETTLED_AFTER_DAYS))) {
                Signal worst = SignalRules.worst(signals.get(i).values());
                visits++;
                bad += worst.compareTo(Signal.EASE) >= 0 ? 1 : 0;
                referred += worst == Signal.REFER ? 1 : 0;
            }
        }
        List<LearnedStress.Evidence> done = learned.stress().evidence().stream()
                .filter(e -> e.answered() >= 2 && e.house() > 0.05)
                .toList();
        List<String> truly = done.stream()
                .sorted(Comparator.comparingDouble((LearnedStress.Evidence e) -> e.house()
                                * year.joint()
                                        .weight(RuleFiles.model().catalogue().get(e.exerciseKey())))
                        .reversed())
                .map(LearnedStress.Evidence::exerciseKey)
                .toList();
        boolean worst = !truly.isEmpty()
                && done.stream().limit(3).anyMatch(e -> e.exerciseKey().equals(truly.get(0)));
        return new Outcome(
                year,
                t,
                truth >= t.low() && truth <= t.high() && t.high() - t.low() <= BAND * truth,
                worst,
                done.size(),
                visits,
                bad,
                referred,
                dose(year, early));
    }

    /** The median of the last visits' weekly doses, truly weighed as far as the weights go. */
    private static double dose(SimulatedYear year, List<SessionRecord> early) {
        List<Double> weeks = new ArrayList<>();
        for (int i = Math.max(0, early.size() - 8); i < early.size(); i++) {
            SessionRecord at = early.get(i);
            weeks.add(early.stream()
                    .filter(r ->
                            !r.on().isAfter(at.on()) && r.on().isAfter(at.on().minusDays(7)))
                    .flatMap(r -> r.plan().slots().stream()
                            .flatMap(s -> r.setsOf(s.exerciseKey()).stream()
                                    .filter(set -> set.side() == null
                                            || set.side()
                                                    == year.joint().place().side())
                                    .map(set -> StressDose.of(
                                                    s, year.joint().place().site(), set.reps())
                                            * year.joint()
                                                    .weight(RuleFiles.model()
                                                            .catalogue()
                                                            .get(s.exerciseKey())))))
                    .mapToDouble(d -> d)
                    .sum());
        }
        return weeks.isEmpty() ? 0 : median(weeks);
    }
}

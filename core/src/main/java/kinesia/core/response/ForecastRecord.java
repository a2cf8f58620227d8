package kinesia.core.response;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;

/**
 * How often forecasts were right, and whether their chances were worth their words: the Brier score, the mean square of what was
 * missing to certainty (Brier 1950 [pub], quoted from memory), beside that of saying the share of "go" so far every time.
 *
 * @param visits that were forecast and answered
 * @param right of these, on which the likeliest signal came
 * @param brier 0 to 1, less is better
 * @param baseBrier of the base rate
 * @param calibration by said chance of a go
 */
public record ForecastRecord(
        int visits, int right, int gos, double brier, double baseBrier, List<Calibration> calibration, Reason reason) {
    private static final int BINS = 5;

    public ForecastRecord {
        calibration = List.copyOf(calibration);
    }

    /** Of the visits with a chance of a go from {@code from} to {@code to}: how many there were and how many were a go. */
    public record Calibration(double from, double to, int visits, int gos) {}

    /** Scores {@code checked} of one place, in order. */
    public static ForecastRecord of(Collection<Forecast.Checked> checked) {
        int right = 0;
        int gos = 0;
        double brier = 0;
        double base = 0;
        int seen = 0;
        int[] visits = new int[BINS];
        int[] came = new int[BINS];
        for (Forecast.Checked one : checked) {
            boolean go = one.came() == Signal.GO;
            double said = one.said().go();
            // Laplace's rule of succession: what a counter of gos would have said by then.
            double byCount = (gos + 1.0) / (seen + 2.0);
            brier += square((go ? 1 : 0) - said);
            base += square((go ? 1 : 0) - byCount);
            right += likeliest(one.said()) == asThree(one.came()) ? 1 : 0;
            int bin = (int) Math.min(BINS - 1.0, said * BINS);
            visits[bin]++;
            came[bin] += go ? 1 : 0;
            gos += go ? 1 : 0;
            seen++;
        }
        List<Calibration> calibration = new ArrayList<>();
        for (int b = 0; b < BINS; b++) {
            if (visits[b] > 0) {
                calibration.add(new Calibration((double) b / BINS, (b + 1.0) / BINS, visits[b], came[b]));
            }
        }
        int n = Math.max(1, seen);
        return new ForecastRecord(
                seen, right, gos, brier / n, base / n, calibration, reason(seen, right, gos, brier / n, base / n));
    }

    private static Signal likeliest(Forecast said) {
        return said.go() >= said.same() && said.go() >= said.ease()
                ? Signal.GO
                : said.same() >= said.ease() ? Signal.SAME : Signal.EASE;
    }

    private static Signal asThree(Signal came) {
        return came.compareTo(Signal.EASE) >= 0 ? Signal.EASE : came;
    }

    private static double square(double value) {
        return value * value;
    }

    private static Reason reason(int seen, int right, int gos, double brier, double base) {
        String counts = seen == 0
                ? "Nothing was forecast and answered yet."
                : "The likeliest signal came at " + right + " of " + seen + " visits; " + gos
                        + " of them were a go anyway. "
                        + (brier < base
                                ? "The forecasts say more than counting the gos would."
                                : "Counting the gos would have said as much.");
        return Reason.of(
                        "FORECAST-record",
                        Tag.HOUSE,
                        "each forecast made from the visits before it alone",
                        counts,
                        seen == 0
                                ? "We have no forecast to check yet."
                                : "We were right " + right + " times of " + seen + ".")
                .with("visits", seen)
                .with("right", right)
                .with("go", gos)
                .with("Brier score", Numbers.plain(brier, 3))
                .with("Brier score of counting", Numbers.plain(base, 3));
    }
}

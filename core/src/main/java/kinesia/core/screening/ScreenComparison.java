package kinesia.core.screening;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Site;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.ScreenQuestions.Check;
import kinesia.core.screening.ScreenQuestions.CheckKind;
import org.jspecify.annotations.Nullable;

/** What changed between two screens, beyond what measuring twice would change by itself. */
public final class ScreenComparison {
    // The smallest change of one person's pain worth calling one (Farrar et al. 2001 [pub]: about 2 points).
    private static final int POINTS = 2;
    // A grip has no error of its own in our sources; a tenth is a house rule.
    private static final double GRIP_SHARE = 0.1;

    private final ScreenQuestions questions;
    private final Taken older;
    private final Taken newer;
    private final List<Line> lines = new ArrayList<>();

    /** A screen as it was taken. */
    public record Taken(LocalDate on, ScreenAnswers answers, Assessment assessment) {}

    /** Which way something went. */
    public enum Change {
        BETTER,
        SAME,
        WORSE,
        NEW,
        GONE
    }

    /** One thing that both screens say, or one of them. */
    public record Line(
            String what,
            @Nullable Side side,
            @Nullable Site site,
            String before,
            String after,
            Change change,
            Reason reason) {}

    /** Limits that the newer screen added or no longer has; a limit whose number moved is in both. */
    public record Comparison(List<Line> lines, List<Limit> limitsGone, List<Limit> limitsNew) {}

    private ScreenComparison(ScreenQuestions questions, Taken older, Taken newer) {
        this.questions = questions;
        this.older = older;
        this.newer = newer;
    }

    /** Compares two screens of one client. */
    public static Comparison between(ScreenQuestions questions, Taken older, Taken newer) {
        ScreenComparison comparison = new ScreenComparison(questions, older, newer);
        comparison.places();
        comparison.checks();
        return new Comparison(
                List.copyOf(comparison.lines),
                missingFrom(older.assessment().limits(), newer.assessment().limits()),
                missingFrom(newer.assessment().limits(), older.assessment().limits()));
    }

    private static List<Limit> missingFrom(List<Limit> these, List<Limit> others) {
        return these.stream()
                .filter(l ->
                        others.stream().noneMatch(o -> o.equals(l) || (o.key().equals(l.key()) && same(o, l))))
                .toList();
    }

    private static boolean same(Limit a, Limit b) {
        return java.util.Objects.equals(a.value(), b.value());
    }

    private void places() {
        Map<String, SiteRecord> before = byPlace(older);
        Map<String, SiteRecord> after = byPlace(newer);
        Map<String, SiteRecord> all = new LinkedHashMap<>(after);
        before.forEach(all::putIfAbsent);
        all.forEach((where, any) -> {
            SiteRecord a = before.get(where);
            SiteRecord b = after.get(where);
            if (a == null || b == null) {
                Change change = a == null ? Change.NEW : Change.GONE;
                line(where, any, a == null ? "not sore" : "sore", b == null ? "not sore" : "sore", change);
            } else {
                pain(where + ", usual pain", a, b, SiteRecord::usualPain);
                pain(where + ", worst of the week", a, b, SiteRecord::worstThisWeek);
                pain(where + ", in the morning", a, b, SiteRecord::morningPain);
            }
        });
    }

    private static Map<String, SiteRecord> byPlace(Taken taken) {
        Map<String, SiteRecord> places = new LinkedHashMap<>();
        List<SiteRecord> sites = taken.answers().soreSites();
        if (sites != null) {
            sites.forEach(s -> places.put(s.where(), s));
        }
        return places;
    }

    private void line(String what, SiteRecord site, String before, String after, Change change) {
        lines.add(new Line(
                what,
                site.side(),
                site.site(),
                before,
                after,
                change,
                Reason.of(
                        "COMPARE-place",
                        Tag.HOUSE,
                        "named in one screen only",
                        "The " + what + " was " + before + " on " + older.on() + " and is " + after + " on "
                                + newer.on() + ".",
                        change == Change.GONE ? "That place is quiet now." : "That place is new.")));
    }

    private void pain(String what, SiteRecord before, SiteRecord after, Function<SiteRecord, @Nullable PainScore> of) {
        PainScore a = of.apply(before);
        PainScore b = of.apply(after);
        if (a == null || b == null) {
            return;
        }
        int rise = b.value() - a.value();
        Change change = Math.abs(rise) < POINTS ? Change.SAME : rise < 0 ? Change.BETTER : Change.WORSE;
        lines.add(new Line(
                what,
                after.side(),
                after.site(),
                String.valueOf(a.value()),
                String.valueOf(b.value()),
                change,
                Reason.of(
                                "COMPARE-pain",
                                Tag.PUB,
                                "2 points",
                                "From " + a.value() + " to " + b.value() + " of 10; "
                                        + (change == Change.SAME
                                                ? "one point is not called a change."
                                                : "2 points or more count as a change."),
                                change == Change.SAME ? "About the same." : "That is a real difference.")
                        .with("before", a.value())
                        .with("after", b.value())));
    }

    private void checks() {
        for (Check check : questions.checks()) {
            for (Side side : Side.values()) {
                Optional<Double> before = value(older, check, side);
                Optional<Double> after = value(newer, check, side);
                if (before.isPresent() && after.isPresent()) {
                    measured(check, side, before.get(), after.get());
                }
            }
        }
    }

    private static Optional<Double> value(Taken taken, Check check, Side side) {
        return taken.answers().check(check.key(), side).map(CheckResult::value);
    }

    private void measured(Check check, Side side, double before, double after) {
        boolean grip = check.kind() == CheckKind.GRIP;
        double error = grip ? GRIP_SHARE * Math.max(before, after) : CheckRules.ERROR_DEG;
        double gain = check.lessIsMore() ? before - after : after - before;
        Change change = Math.abs(gain) < error || gain == 0 ? Change.SAME : gain > 0 ? Change.BETTER : Change.WORSE;
        String unit = grip ? " kg" : "°";
        lines.add(new Line(
                check.name() + ", " + side.word(),
                side,
                null,
                Numbers.plain(before) + unit,
                Numbers.plain(after) + unit,
                change,
                Reason.of(
                                grip ? "COMPARE-grip" : "COMPARE-range",
                                grip ? Tag.HOUSE : Tag.PUB,
                                grip ? "a tenth" : "5 degrees",
                                "From " + Numbers.plain(before) + unit + " to " + Numbers.plain(after) + unit + "; "
                                        + (change == Change.SAME
                                                ? "less than measuring twice can differ by itself, so it is not called a change."
                                                : "more than measuring twice differs by itself."),
                                change == Change.SAME ? "About the same." : "That is a real difference.")
                        .with("before", before)
                        .with("after", after)));
    }
}

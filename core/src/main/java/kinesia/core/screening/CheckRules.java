package kinesia.core.screening;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Site;
import kinesia.core.reason.InvalidValue;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.Assessment.CheckReading;
import kinesia.core.screening.Assessment.Comparison;
import kinesia.core.screening.ScreenQuestions.Check;
import kinesia.core.screening.ScreenQuestions.CheckKind;
import kinesia.core.screening.ScreenQuestions.ShortSide;

/** What measured movements say: beside the norm, beside the other side, and where one side is much shorter. */
final class CheckRules {
    // From 3 on a check counts as provoking; 0 to 2 is the safe zone of the pain-monitoring model (Thomee 1997 [pub]).
    static final int PROVOKING_PAIN = 3;
    // Smallest difference shown as one (Boone et al. 1978 [pub], rounded up); noted and limiting ones are house rules.
    static final double ERROR_DEG = 5;
    private static final double NOTED_DEG = 10;
    private static final double LIMITING_DEG = 20;
    private static final String OUTWARD = "shoulder-outward";
    private static final String OUTWARD_HELPED = "shoulder-outward-helped";

    private final ScreenQuestions questions;
    private final Work work;

    CheckRules(ScreenQuestions questions, Work work) {
        this.questions = questions;
        this.work = work;
    }

    /** Applies the limits of short sides; the answer is one reading for each measured range or grip. */
    List<CheckReading> apply() {
        for (CheckResult result : work.answers().checks()) {
            if (questions.checks().stream().noneMatch(c -> c.key().equals(result.check()))) {
                throw new InvalidValue("checks", "'" + result.check() + "' is not a check of the screen");
            }
        }
        outward();
        List<CheckReading> readings = new ArrayList<>();
        for (Check check : questions.checks()) {
            if (check.kind() == CheckKind.RANGE || check.kind() == CheckKind.GRIP) {
                for (Side side : Side.values()) {
                    work.answers()
                            .check(check.key(), side)
                            .filter(r -> r.value() != null)
                            .ifPresent(r -> readings.add(reading(check, r)));
                }
            }
        }
        return readings;
    }

    private CheckReading reading(Check check, CheckResult result) {
        double value = Objects.requireNonNull(result.value());
        InvalidValue.requireWithin("checks." + check.key(), value, check.least(), check.most(), unit(check));
        Double other = work.answers()
                .check(check.key(), result.side().other())
                .map(CheckResult::value)
                .orElse(null);
        Double lack = other == null ? null : check.lessIsMore() ? value - other : other - value;
        Comparison comparison = check.kind() == CheckKind.GRIP ? Comparison.ALONE : comparison(lack);
        Reason reason = Reason.of(
                        "RANGE-" + check.key(),
                        Tag.HOUSE,
                        check.kind() == CheckKind.GRIP ? "" : "5 degrees is measurement error, 10 is noted, 20 limits",
                        sentence(check, result.side(), value, lack, comparison),
                        (check.kind() == CheckKind.GRIP && lack != null)
                                        || (comparison == Comparison.LIMITING && check.shortSide() == null)
                                ? "We write it down and compare next time."
                                : plain(comparison, lack))
                .with(result.side().word(), value)
                .with(result.side().other().word(), other == null ? "not measured" : Numbers.plain(other));
        // Only the shorter side is limited.
        if (comparison == Comparison.LIMITING && lack != null && lack > 0 && check.shortSide() != null) {
            limit(check.shortSide(), result, value, reason);
        }
        Double over = check.norm() == null ? null : value - check.norm();
        return new CheckReading(check.key(), result.side(), value, over, lack, comparison, reason);
    }

    private static String plain(Comparison comparison, @org.jspecify.annotations.Nullable Double lack) {
        return switch (comparison) {
            case ALONE -> "We measure the other side too.";
            case SAME -> "Both sides are about the same.";
            case SLIGHT -> "That is too small a difference to make anything of.";
            case NOTED -> "We write it down and compare next time.";
            case LIMITING ->
                lack != null && lack > 0
                        ? "This side is clearly shorter, so we stay well inside what it can do."
                        : "This side moves further than the other and is left alone.";
        };
    }

    private static Comparison comparison(@org.jspecify.annotations.Nullable Double lack) {
        if (lack == null) {
            return Comparison.ALONE;
        }
        double size = Math.abs(lack);
        if (size < ERROR_DEG) {
            return Comparison.SAME;
        }
        return size < NOTED_DEG ? Comparison.SLIGHT : size < LIMITING_DEG ? Comparison.NOTED : Comparison.LIMITING;
    }

    private static String unit(Check check) {
        return check.kind() == CheckKind.GRIP ? "kg" : "degrees";
    }

    private static String sentence(
            Check check,
            Side side,
            double value,
            @org.jspecify.annotations.Nullable Double lack,
            Comparison comparison) {
        String measured = check.name() + ", " + side.word() + ": " + Numbers.plain(value) + " " + unit(check);
        if (lack == null) {
            return measured + "; the other side is not measured yet.";
        }
        // In the number's own direction: 20 degrees more missing at the elbow is more, though it is the shorter side.
        double more = check.lessIsMore() ? lack : -lack;
        String than = Numbers.plain(Math.abs(lack)) + " " + (more > 0 ? "more" : "less") + " than the other side";
        if (check.kind() == CheckKind.GRIP) {
            return measured + (lack == 0 ? ", like the other side." : ", " + than + ".");
        }
        return measured
                + switch (comparison) {
                    case ALONE, SAME -> ", like the other side within the measurement error of 5 degrees.";
                    case SLIGHT -> ", " + than + "; under 10 nothing is made of it.";
                    case NOTED -> ", " + than + ": noted.";
                    case LIMITING ->
                        ", " + than
                                + (lack > 0 || check.shortSide() == null
                                        ? shortened(check, value)
                                        : ": the other side is limited.");
                };
    }

    /** What a clearly shorter side leads to, with the number it leads to. */
    private static String shortened(Check check, double value) {
        ShortSide shorter = check.shortSide();
        if (shorter == null) {
            return ": it is written down.";
        }
        Double line = line(shorter.kind(), value);
        return line == null
                ? ": " + shorter.means() + "."
                : ": " + shorter.means() + " " + Numbers.plain(line) + " degrees, 10 inside what it can do.";
    }

    /** The line that a shorter side of {@code value} draws; null for kinds without a number. */
    private static @org.jspecify.annotations.Nullable Double line(Limit.Kind kind, double value) {
        return switch (kind) {
            case SMALLEST_ELBOW_BEND -> Math.max(0, value + PlaceRules.MARGIN_DEG);
            case LARGEST_ELEVATION, LARGEST_EXTENSION, LARGEST_OUTWARD_ROTATION ->
                Math.max(0, value - PlaceRules.MARGIN_DEG);
            case LARGEST_ELBOW_BEND -> Math.max(kind.least(), value - PlaceRules.MARGIN_DEG);
            default -> null;
        };
    }

    private void limit(ShortSide shorter, CheckResult result, double value, Reason reason) {
        LimitRow row = new LimitRow(shorter.kind(), null, shorter.target(), null, shorter.grip(), null, null, false);
        Double line = line(shorter.kind(), value);
        LimitRow limited = line == null ? row : row.withValue(line);
        work.limit(List.of(limited), result.side(), null, reason);
    }

    /** Outward rotation under half of the other side, alone and when helped, is seen before the shoulder is loaded. */
    private void outward() {
        for (Side side : Side.values()) {
            Double alone = angle(OUTWARD, side).orElse(null);
            Double other = angle(OUTWARD, side.other()).orElse(null);
            if (alone == null || other == null || other <= 0 || !(alone < other / 2)) {
                continue;
            }
            Optional<Double> helped = angle(OUTWARD_HELPED, side);
            if (helped.isEmpty()) {
                work.ask("Forearm outward, helped by the other hand or a stick: " + side.word());
            } else if (helped.get() < other / 2) {
                referOutward(side, alone, helped.get(), other);
            }
        }
    }

    private void referOutward(Side side, double alone, double helped, double other) {
        Reason reason = Reason.of(
                        "RANGE-outward-half",
                        Tag.PRACTICE,
                        "half of the other side",
                        "The " + side.word() + " shoulder turns outward " + Numbers.plain(alone) + " degrees, "
                                + Numbers.plain(helped) + " when helped: under half of the other side's "
                                + Numbers.plain(other) + ".",
                        "This shoulder is stiff enough that someone should look at it first.")
                .with("alone", alone)
                .with("helped", helped)
                .with("other side", other);
        Clearance cleared = work.clearance(
                        Clearance.Purpose.PLACE, side, FlagRules.shoulderOf(work, side), knownShoulder(side))
                .orElse(null);
        if (cleared != null) {
            work.noteCleared(cleared, "Outward turn of the " + side.word() + " shoulder");
            return;
        }
        work.found(new Finding(
                Outcome.REFER_BEFORE_LOADING,
                Scope.SITE,
                side,
                FlagRules.shoulderOf(work, side),
                "Refer to a clinician; the shoulder is not loaded until then.",
                reason));
        for (Site site : Site.values()) {
            if (site.isShoulder()) {
                work.limit(List.of(LimitRow.of(Limit.Kind.NO_LOADING)), side, site, reason);
            }
        }
    }

    /** Since when the shoulder has been as it is now, as far as was said. */
    private LocalDate knownShoulder(Side side) {
        List<SiteRecord> sites = work.answers().soreSites();
        return sites == null
                ? work.takenOn()
                : sites.stream()
                        .filter(s -> s.side() == side && s.site().isShoulder())
                        .findFirst()
                        .map(s -> work.known(s.since()))
                        .orElse(work.takenOn());
    }

    private Optional<Double> angle(String check, Side side) {
        return work.answers().check(check, side).map(CheckResult::value);
    }
}

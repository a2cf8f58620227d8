package kinesia.core.response;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import kinesia.core.arm.Side;
import kinesia.core.dose.ArmCurlNorms;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.response.Outcomes.Activity;
import kinesia.core.response.Outcomes.OfArms;
import org.jspecify.annotations.Nullable;

/**
 * Two reviews of one client beside each other: what differs by more than measuring twice differs by itself, and what that says
 * for the next block (RULES 6).
 */
public final class BlockReview {
    // Own activities: 90 % of changes without change are under 2 points of the mean, 3 of one (Stratford et al. 1995
    // [pub]).
    private static final double MEAN_ERROR = 2;
    private static final double ONE_ERROR = 3;
    // Without an error of their own in our sources: house rules.
    private static final double COUNT_ERROR = 3;
    private static final double GIRTH_ERROR_CM = 1;
    private static final double SHARE = 0.1;
    // Of a dozen measures one passes its error by chance now and then.
    private static final int NO_CHANCE = 2;

    private final List<Measured> lines = new ArrayList<>();

    private BlockReview() {}

    /** One review. */
    public record Taken(LocalDate on, Outcomes outcomes) {}

    /** Which way something went beyond its error; larger and smaller are neither better nor worse. */
    public enum Went {
        BETTER,
        SAME,
        WORSE,
        LARGER,
        SMALLER
    }

    /** One thing that both measured, in words and with its unit. */
    public record Measured(String what, String before, String after, Went change, Reason reason) {}

    /** What the comparison says for the next block, and why. */
    public record Proposal(String words, Reason reason) {}

    /**
     * @param norm the 30-second arm curl of the client's age and sex, in words; null where it was not done
     */
    public record Result(
            List<Measured> lines,
            Proposal proposal,
            @Nullable String norm) {}

    /** Compares {@code after} with {@code before}; nothing is compared that only one of them has. */
    public static Result between(Taken before, Taken after, ArmCurlNorms.Row row) {
        BlockReview review = new BlockReview();
        review.activities(before.outcomes(), after.outcomes());
        review.pushes(before.outcomes(), after.outcomes());
        review.arms(
                "30-second arm curl",
                " curls",
                before.outcomes().curls(),
                after.outcomes().curls(),
                COUNT_ERROR,
                0);
        review.arms(
                "Grip before it hurts",
                " kg",
                before.outcomes().grip(),
                after.outcomes().grip(),
                0,
                SHARE);
        review.arms(
                "Front of the arm, 12 times",
                " kg",
                before.outcomes().front(),
                after.outcomes().front(),
                0,
                SHARE);
        review.arms(
                "Back of the arm, 12 times",
                " kg",
                before.outcomes().back(),
                after.outcomes().back(),
                0,
                SHARE);
        review.girths(before.outcomes().girth(), after.outcomes().girth());
        return new Result(
                List.copyOf(review.lines),
                proposal(review.lines),
                norm(after.outcomes().curls(), row).orElse(null));
    }

    private void activities(Outcomes before, Outcomes after) {
        List<Double> then = new ArrayList<>();
        List<Double> now = new ArrayList<>();
        for (Activity activity : after.activities()) {
            before.activities().stream()
                    .filter(a -> a.name().equals(activity.name()))
                    .findFirst()
                    .ifPresent(a -> {
                        then.add((double) a.score());
                        now.add((double) activity.score());
                    });
        }
        if (then.size() > 1) {
            add(
                    "What matters to you, on average",
                    " of 10",
                    mean(then),
                    mean(now),
                    MEAN_ERROR,
                    Tag.PUB,
                    "2 points of the mean");
        }
        for (Activity activity : after.activities()) {
            before.activities().stream()
                    .filter(a -> a.name().equals(activity.name()))
                    .findFirst()
                    .ifPresent(a -> add(
                            activity.name(),
                            " of 10",
                            a.score(),
                            activity.score(),
                            ONE_ERROR,
                            Tag.PUB,
                            "3 points of one activity"));
        }
    }

    private void pushes(Outcomes before, Outcomes after) {
        if (before.pushes() != null && after.pushes() != null && Objects.equals(before.rung(), after.rung())) {
            add(
                    "Pushes, " + after.rung(),
                    "",
                    before.pushes(),
                    after.pushes(),
                    COUNT_ERROR,
                    Tag.HOUSE,
                    "3 repetitions");
        }
    }

    private void arms(String what, String unit, OfArms before, OfArms after, double error, double share) {
        for (Side side : Side.values()) {
            Double a = before.of(side);
            Double b = after.of(side);
            if (a != null && b != null) {
                add(
                        what + ", " + side.word(),
                        unit,
                        a,
                        b,
                        Math.max(error, share * Math.max(a, b)),
                        Tag.HOUSE,
                        share > 0 ? "a tenth" : Numbers.plain(error) + " repetitions");
            }
        }
    }

    /** A girth is neither better nor worse: it is said, and judged by nobody. */
    private void girths(OfArms before, OfArms after) {
        for (Side side : Side.values()) {
            Double a = before.of(side);
            Double b = after.of(side);
            if (a != null && b != null) {
                boolean same = Math.abs(b - a) < GIRTH_ERROR_CM;
                lines.add(new Measured(
                        "Girth of the upper arm, " + side.word(),
                        Numbers.plain(a, 1) + " cm",
                        Numbers.plain(b, 1) + " cm",
                        same ? Went.SAME : b > a ? Went.LARGER : Went.SMALLER,
                        reason(
                                "REVIEW-girth",
                                Tag.HOUSE,
                                "1 cm",
                                Numbers.plain(a, 1) + " cm",
                                Numbers.plain(b, 1) + " cm",
                                same ? "less than a tape differs by itself" : "more than a tape differs by itself",
                                same ? "About the same." : "The arm measures differently now.")));
            }
        }
    }

    private void add(String what, String unit, double before, double after, double error, Tag tag, String threshold) {
        double gain = after - before;
        Went change = Math.abs(gain) < error ? Went.SAME : gain > 0 ? Went.BETTER : Went.WORSE;
        String from = Numbers.plain(before, 1) + unit;
        String to = Numbers.plain(after, 1) + unit;
        lines.add(new Measured(
                what,
                from,
                to,
                change,
                reason(
                        "REVIEW-outcome",
                        tag,
                        threshold,
                        from,
                        to,
                        change == Went.SAME
                                ? "under " + threshold + ", which measuring twice can differ by itself"
                                : "at least " + threshold + ", more than measuring twice differs by itself",
                        switch (change) {
                            case BETTER -> "That is a real gain.";
                            case WORSE -> "That is less than it was.";
                            default -> "About the same.";
                        })));
    }

    private static Reason reason(
            String id, Tag tag, String threshold, String from, String to, String verdict, String plain) {
        return Reason.of(id, tag, threshold, "From " + from + " to " + to + ": " + verdict + ".", plain)
                .with("before", from)
                .with("after", to);
    }

    /** One sentence for the next block: what gained is gone on with, what lost is looked at first. */
    private static Proposal proposal(List<Measured> lines) {
        long better = lines.stream().filter(l -> l.change() == Went.BETTER).count();
        long worse = lines.stream().filter(l -> l.change() == Went.WORSE).count();
        String words;
        String plain;
        if (lines.isEmpty()) {
            words = "Nothing is measured twice yet: this review is what the next is compared with";
            plain = "Today we wrote down where you start.";
        } else if (worse > 0 && worse >= better) {
            words = "Look again before adding: screen once more, and let the next block keep what there is";
            plain = "We look more closely before we go on.";
        } else if (better >= NO_CHANCE) {
            words = "Go on: the same aim, with other exercises where others fit";
            plain = "It works, so we go on.";
        } else if (better > 0) {
            words = "One measure alone may be chance: keep the exercises and change one thing, the sets or the aim";
            plain = "One number is better; we see whether it stays.";
        } else {
            words = "Not beyond measuring error: keep the exercises and change one thing, the sets or the aim";
            plain = "No clear change yet, so we change one thing.";
        }
        return new Proposal(
                words,
                Reason.of(
                                "REVIEW-next",
                                Tag.HOUSE,
                                "at least 2 gained, and more than lost, beyond measuring error",
                                better + " of " + lines.size() + " measures gained and " + worse
                                        + " lost beyond measuring error. " + words + ".",
                                plain)
                        .with("gained", (int) better)
                        .with("lost", (int) worse)
                        .with("compared", lines.size()));
    }

    private static Optional<String> norm(OfArms curls, ArmCurlNorms.Row row) {
        return curls.left() == null && curls.right() == null
                ? Optional.empty()
                : Optional.of("Half of the people from " + row.fromAge() + " on do " + row.low() + " to " + row.high()
                        + " curls in 30 seconds with " + Numbers.plain(row.dumbbellKg(), 2) + " kg.");
    }

    private static double mean(List<Double> values) {
        return values.stream().mapToDouble(Double::doubleValue).average().orElse(0);
    }
}

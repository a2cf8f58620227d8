package kinesia.core.response;

import java.util.List;
import java.util.Optional;
import kinesia.core.exercise.Place;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.PainScore;

/** The warm-up is a test: what a sore place says over the easy sets decides whether the working sets begin (RULES 4). */
public final class RampPain {
    private static final int OVER_USUAL = 2;
    private static final int GROWN_BY = 2;

    private RampPain() {}

    /**
     * Why the exercise is swapped before its first working set; empty for go.
     *
     * @param usual pain at {@code place}
     * @param pains at the place in each easy set, in order, at least one
     */
    public static Optional<Reason> swap(Place place, PainScore usual, List<PainScore> pains) {
        int first = pains.get(0).value();
        int last = pains.get(pains.size() - 1).value();
        boolean over = last >= usual.value() + OVER_USUAL;
        boolean grown = last >= first + GROWN_BY;
        if (!over && !grown) {
            return Optional.empty();
        }
        return Optional.of(Reason.of(
                        "WARMUP-swap",
                        Tag.HOUSE,
                        "the last easy set at usual + 2 or more, or 2 or more above the first",
                        "The " + place.words() + " was at " + last + " in the last easy set, "
                                + (over
                                        ? (last - usual.value()) + " over its usual " + usual.value()
                                        : (last - first) + " more than in the first")
                                + ": another exercise before the working sets.",
                        "The easy sets told us: not this one today.")
                .with("usual", usual.value())
                .with("first easy set", first)
                .with("last easy set", last));
    }
}

package kinesia.core.response;

import java.util.List;
import kinesia.core.dose.Effort;
import kinesia.core.dose.PulseAim;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.plan.Plan.Unit;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import org.jspecify.annotations.Nullable;

/**
 * What pulse or effort between the rounds of a circuit say about the next one. A pulse under the aim is answered in the last round
 * with more weight or pace [practice]; where a medicine slows the heart, effort steers.
 */
public final class BetweenRounds {
    private static final double TOO_HARD_BY = 1.5;
    private static final double TOO_EASY_BY = 2;

    private BetweenRounds() {}

    /** What to do with the next round. */
    public enum Next {
        GO_ON,
        /** A little more load or pace. */
        MORE,
        /** Slower, or lighter, after a longer rest. */
        LESS,
        /** Not before the pulse is down again. */
        WAIT
    }

    /**
     * What was found after a round.
     *
     * @param done the round that is over, from 1
     * @param pulse beats per minute; null where nobody counted
     * @param effort as the client said it; null where nobody said
     */
    public record Found(
            int done, @Nullable Integer pulse, @Nullable Effort effort) {}

    public record RoundAdvice(Next next, Reason reason) {}

    /**
     * The advice after a round of {@code unit}.
     *
     * @param aim null where the pulse says nothing
     * @param sore whether a place that the circuit loads is sore: then pace and no load
     */
    public static RoundAdvice after(Unit unit, Found found, @Nullable PulseAim aim, boolean sore) {
        boolean lastIsNext = found.done() == unit.rounds() - 1;
        if (aim != null && found.pulse() != null) {
            return byPulse(found.pulse(), aim, more(sore), lastIsNext);
        }
        if (found.effort() != null) {
            return byEffort(found.effort(), target(unit.slots()), more(sore), lastIsNext);
        }
        return new RoundAdvice(
                Next.GO_ON,
                Reason.of(
                        "ROUND-unsaid",
                        Tag.PRACTICE,
                        "pulse or effort after each round",
                        aim == null
                                ? "Nobody said how hard the round was: the next one stays as it is, and ask."
                                : "Nobody counted the pulse: the next round stays as it is.",
                        "The same again."));
    }

    private static RoundAdvice byPulse(int pulse, PulseAim aim, String more, boolean lastIsNext) {
        String against = "Pulse " + pulse + " against " + aim.low() + " to " + aim.high() + ": ";
        if (pulse >= aim.ease()) {
            return advice(
                    Next.WAIT,
                    "ROUND-high",
                    Tag.HOUSE,
                    against + "sit down, and go on when it is under " + aim.high()
                            + ". If it stays up, or with pressure, dizziness or no breath to talk, stop.",
                    "We wait until your heart has calmed down.",
                    pulse);
        }
        if (pulse > aim.high()) {
            return advice(
                    Next.LESS,
                    "ROUND-over",
                    Tag.PRACTICE,
                    against + "rest longer, and take the next round slower.",
                    "A longer breather, then a bit slower.",
                    pulse);
        }
        if (pulse < aim.low() && lastIsNext) {
            return advice(
                    Next.MORE,
                    "ROUND-under",
                    Tag.PRACTICE,
                    against + "the last round may have " + more + ".",
                    "The last one may be a little brisker.",
                    pulse);
        }
        return advice(
                Next.GO_ON,
                pulse < aim.low() ? "ROUND-under-early" : "ROUND-in",
                Tag.PRACTICE,
                against + (pulse < aim.low() ? "the same again; the last round may have more." : "the same again."),
                "Good; the same again.",
                pulse);
    }

    private static RoundAdvice byEffort(Effort said, Effort target, String more, boolean lastIsNext) {
        String against = "Effort " + Numbers.plain(said.value()) + " against " + Numbers.plain(target.value()) + ": ";
        if (said.value() >= target.value() + TOO_HARD_BY) {
            return advice(
                    Next.LESS,
                    "ROUND-hard",
                    Tag.HOUSE,
                    against + "rest longer, and take the next round slower.",
                    "A longer breather, then a bit slower.",
                    said.value());
        }
        if (said.value() <= target.value() - TOO_EASY_BY && lastIsNext) {
            return advice(
                    Next.MORE,
                    "ROUND-easy",
                    Tag.HOUSE,
                    against + "the last round may have " + more + ".",
                    "The last one may be a little brisker.",
                    said.value());
        }
        return advice(
                Next.GO_ON,
                "ROUND-right",
                Tag.HOUSE,
                against + "the same again.",
                "Good; the same again.",
                said.value());
    }

    private static String more(boolean sore) {
        return sore ? "a little more pace, and no more weight" : "a little more weight or pace";
    }

    private static Effort target(List<Slot> slots) {
        return slots.stream().map(Slot::targetEffort).max(Effort::compareTo).orElseThrow();
    }

    private static RoundAdvice advice(Next next, String rule, Tag tag, String exact, String plain, Number found) {
        return new RoundAdvice(
                next,
                Reason.of(rule, tag, "pulse in the aim; by effort 1.5 over or 2 under it", exact, plain)
                        .with("found", Numbers.plain(found.doubleValue())));
    }
}

package kinesia.core.screening;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;

/**
 * The limits that hold on a day: those of the screen, as people changed them since.
 *
 * @param limits what to stay out of
 * @param setAside limits of the screen that do not hold, or hold with another number, and the change that says so
 */
public record LimitsInForce(List<Limit> limits, List<SetAside> setAside) {
    public LimitsInForce {
        limits = List.copyOf(limits);
        setAside = List.copyOf(setAside);
    }

    /** A limit that a change loosened or lifted. */
    public record SetAside(Limit limit, LimitChange change) {}

    /**
     * Whether a person may loosen {@code limit}: not when it is how a referral of {@code assessment} is kept, which takes a
     * clearance or a new screen, and not restriction cuffs and the words of a letter, which take a clearance of their own.
     */
    public static boolean mayBeLoosened(Limit limit, Assessment assessment) {
        boolean armRests = limit.kind() == Limit.Kind.NO_SUPPORT_ON_HAND && limit.site() == null;
        boolean keepsReferral =
                limit.kind() == Limit.Kind.NO_LOADING || limit.kind() == Limit.Kind.HOLDS_ONLY || armRests;
        boolean byScreen = assessment.limits().contains(limit);
        boolean letters = limit.kind() == Limit.Kind.NO_CUFFS || limit.kind() == Limit.Kind.IN_WORDS;
        return !letters && !(keepsReferral && byScreen);
    }

    /** Applies {@code changes}, oldest first, to the limits of a screen taken on {@code screenedOn}. */
    public static LimitsInForce on(
            LocalDate day, LocalDate screenedOn, List<Limit> screened, List<LimitChange> changes) {
        List<Limit> limits = new ArrayList<>(screened);
        List<SetAside> setAside = new ArrayList<>();
        for (LimitChange change : changes) {
            if (!change.countsOn(day, screenedOn)) {
                continue;
            }
            if (change.kind() == LimitChange.Kind.STRICTER) {
                limits.add(added(change));
            } else {
                loosen(change, limits, setAside);
            }
        }
        return new LimitsInForce(limits, setAside);
    }

    private static Limit added(LimitChange change) {
        LimitChange.Added added = Objects.requireNonNull(change.added());
        return new Limit(
                added.kind(),
                added.side(),
                added.site(),
                added.value(),
                added.target(),
                null,
                null,
                null,
                change.until(),
                Reason.of(
                                "LIMIT-by-hand",
                                Tag.HOUSE,
                                "the trainer's judgement, until the next screen",
                                change.author() + " added this on " + change.madeOn() + ": " + change.why(),
                                "I would rather leave that out for now.")
                        .with("by", change.author())
                        .with("on", change.madeOn()));
    }

    private static void loosen(LimitChange change, List<Limit> limits, List<SetAside> setAside) {
        for (int i = 0; i < limits.size(); i++) {
            Limit limit = limits.get(i);
            if (!limit.key().equals(change.limitKey())) {
                continue;
            }
            setAside.add(new SetAside(limit, change));
            Double value = change.value();
            if (value == null || limit.value() == null) {
                limits.remove(i);
            } else {
                limits.set(i, renumbered(limit, value, change));
            }
            return;
        }
    }

    private static Limit renumbered(Limit limit, double value, LimitChange change) {
        boolean note = change.kind() == LimitChange.Kind.CLINICIAN_NOTE;
        String who = note ? change.clinician() + " allowed it" : change.author() + " set it for one session";
        return new Limit(
                limit.kind(),
                limit.side(),
                limit.site(),
                value,
                limit.target(),
                limit.group(),
                limit.grip(),
                limit.movement(),
                change.until(),
                Reason.of(
                                limit.reason().ruleId(),
                                limit.reason().tag(),
                                limit.reason().threshold(),
                                who + " on " + change.madeOn() + " (" + Numbers.plain(limit.number()) + " became "
                                        + Numbers.plain(value) + "): " + change.why() + " Before: "
                                        + limit.reason().exact(),
                                note
                                        ? "Your clinician said this much is fine."
                                        : "Just for today we go a little further.")
                        .with("by", note ? Objects.requireNonNull(change.clinician()) : change.author())
                        .with("before", limit.number()));
    }
}

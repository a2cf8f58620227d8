package kinesia.core.screening;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import kinesia.core.arm.Side;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import org.jspecify.annotations.Nullable;

/**
 * What a screen ends in.
 *
 * @param findings worst first; why the outcome is what it is
 * @param limits what to stay out of for now
 * @param missing what is still to be asked, in the order of the screen
 * @param notes things to do that limit nothing, such as "effort, not pulse, steers"
 * @param checks movement checks that a limit hinges on for this client and that are not done yet, most useful first
 * @param readings what each measured range says beside its norm and the other side
 * @param notAskedThen questions that came after the screen was taken: not answered, and to be asked at the next visit
 * @param clearedUntil first of the last days of the clearances it rests on; null when it rests on none
 */
public record Assessment(
        Outcome outcome,
        List<Finding> findings,
        List<Limit> limits,
        List<String> missing,
        List<String> notes,
        List<CheckAsk> checks,
        List<CheckReading> readings,
        List<String> notAskedThen,
        @Nullable LocalDate clearedUntil) {
    public Assessment {
        findings = List.copyOf(findings);
        limits = List.copyOf(limits);
        missing = List.copyOf(missing);
        notes = List.copyOf(notes);
        checks = List.copyOf(checks);
        readings = List.copyOf(readings);
        notAskedThen = List.copyOf(notAskedThen);
    }

    /** The same judgement, saying also what was not asked when it was made. */
    public Assessment saying(List<String> notAsked) {
        return new Assessment(outcome, findings, limits, missing, notes, checks, readings, notAsked, clearedUntil);
    }

    /** A check worth doing on one side, and the sentence that says which limit hinges on it. */
    public record CheckAsk(String check, Side side, String because) {}

    /** How a measured value compares. */
    public enum Comparison {
        /** Nothing to compare with yet. */
        ALONE,
        /** Less than the measurement error apart. */
        SAME,
        /** More than the error and less than what is noted. */
        SLIGHT,
        /** Enough to be noted. */
        NOTED,
        /** Enough to limit the loaded range. */
        LIMITING
    }

    /**
     * One measured range or grip, beside the norm and the other side.
     *
     * @param overNorm the value less the norm; null without a norm
     * @param difference the shorter side's lack; null while only one side is measured
     */
    public record CheckReading(
            String check,
            Side side,
            double value,
            @Nullable Double overNorm,
            @Nullable Double difference,
            Comparison comparison,
            Reason reason) {}

    /** Why nothing may be planned or lifted, worst first; empty when a session may be planned. */
    public List<Reason> holds() {
        if (allowsPlanning()) {
            return List.of();
        }
        List<Reason> reasons =
                new ArrayList<>(findings.stream().map(Finding::reason).toList());
        if (!missing.isEmpty()) {
            reasons.add(Reason.of(
                            "SCREEN-incomplete",
                            Tag.HOUSE,
                            "every question answered",
                            // The first is enough to go on with; the screen itself lists the rest.
                            "The screen is not complete: " + missing.size() + " to ask, first this: " + missing.get(0)
                                    + (missing.get(0).endsWith("?") ? "" : "."),
                            "There are a few questions left.")
                    .with("missing", missing.size()));
        }
        return List.copyOf(reasons);
    }

    /**
     * Whether a session may be planned: on a go, and on a referral that leaves something to train, so one of single places
     * or of one arm, today's as well; what loads those is then left out by their limits.
     */
    public boolean allowsPlanning() {
        return outcome.allowsPlanning()
                || (outcome != Outcome.STOP_NOW && !findings.isEmpty() && missing.isEmpty() && leavesAnArm());
    }

    private boolean leavesAnArm() {
        boolean whole =
                findings.stream().anyMatch(f -> f.scope() == Scope.ALL || (f.scope() == Scope.ARM && f.side() == null));
        return !whole
                && findings.stream()
                                .filter(f -> f.scope() == Scope.ARM)
                                .map(Finding::side)
                                .distinct()
                                .count()
                        < Side.values().length;
    }
}

package kinesia.core.screening;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Site;
import kinesia.core.exercise.Stance;
import kinesia.core.reason.Reason;
import org.jspecify.annotations.Nullable;

/** What one assessment has gathered so far. */
final class Work {
    // Limits are looked at again at the block review [practice, four weeks].
    private static final int LOOK_AGAIN_DAYS = 28;
    static final String CHANGED = "Has anything about your health changed since the clearance?";
    // The version of the rules that asks it of everybody for whom something rests on a clearance.
    private static final int CHANGE_ASKED_FROM = 4;

    private final ScreenAnswers answers;
    private final LocalDate takenOn;
    private final LocalDate today;
    private final List<Finding> findings = new ArrayList<>();
    private final List<Limit> limits = new ArrayList<>();
    private final List<String> missing = new ArrayList<>();
    private final List<String> notAskedThen = new ArrayList<>();
    private final List<String> notes = new ArrayList<>();
    private @Nullable LocalDate clearedUntil;

    Work(ScreenAnswers answers, LocalDate takenOn, LocalDate today) {
        this.answers = answers;
        this.takenOn = takenOn;
        this.today = today;
    }

    ScreenAnswers answers() {
        return answers;
    }

    LocalDate takenOn() {
        return takenOn;
    }

    LocalDate today() {
        return today;
    }

    void found(Finding finding) {
        findings.add(finding);
    }

    void ask(String question) {
        if (!missing.contains(question)) {
            missing.add(question);
        }
    }

    /** Asks what came with the rules of {@code version}; a screen taken under earlier ones is not incomplete for it. */
    void ask(String question, int version) {
        List<String> open = answers.version() != null && answers.version() < version ? notAskedThen : missing;
        if (!open.contains(question)) {
            open.add(question);
        }
    }

    void note(String note) {
        if (!notes.contains(note)) {
            notes.add(note);
        }
    }

    /** Whether a limit of the whole person leaves {@code stance} out. */
    boolean rulesOut(Stance stance) {
        String name = stance.name().toLowerCase(Locale.ROOT).replace('_', '-');
        return limits.stream().anyMatch(l -> l.kind() == Limit.Kind.NO_STANCE && name.equals(l.target()));
    }

    void limit(List<LimitRow> rows, @Nullable Side side, @Nullable Site site, Reason reason) {
        limit(rows, side, site, reason, takenOn.plusDays(LOOK_AGAIN_DAYS));
    }

    void limit(List<LimitRow> rows, @Nullable Side side, @Nullable Site site, Reason reason, LocalDate lookAgainOn) {
        for (LimitRow row : rows) {
            limits.add(row.toLimit(side, site, lookAgainOn, reason));
        }
    }

    /** Limits of the whole person. */
    void limit(List<LimitRow> rows, Reason reason) {
        limit(rows, null, null, reason);
    }

    /** Takes the load off the arm of {@code side}, and lets it carry nothing for the other. */
    void rest(@Nullable Side side, Reason reason) {
        limit(
                List.of(LimitRow.of(Limit.Kind.NO_LOADING), LimitRow.of(Limit.Kind.NO_SUPPORT_ON_HAND)),
                side,
                null,
                reason);
    }

    /** The day on which a sign without a day of its own was first said: that of the screen. */
    LocalDate known(@Nullable LocalDate since) {
        return since == null ? takenOn : since;
    }

    /**
     * A clearance that holds today, answers {@code purpose} and was given knowing what began or was first said on
     * {@code since}; the assessment then rests on it. One given before the screen ends when something changed since.
     */
    Optional<Clearance> clearance(
            Clearance.@Nullable Purpose purpose, @Nullable Side side, @Nullable Site site, LocalDate since) {
        if (purpose == null) {
            return Optional.empty();
        }
        boolean changed = Boolean.TRUE.equals(answers.readiness().changedSinceClearance());
        Optional<Clearance> found = answers.clearances().stream()
                .filter(c -> c.holdsOn(today) && c.isFor(purpose, side, site))
                .filter(c -> !c.givenOn().isBefore(since))
                .filter(c -> !changed || !c.givenOn().isBefore(takenOn))
                .max(Comparator.comparing(Clearance::expiresOn));
        found.ifPresent(c -> {
            if (c.givenOn().isBefore(takenOn) && answers.readiness().changedSinceClearance() == null) {
                ask(CHANGED, CHANGE_ASKED_FROM);
            }
            if (clearedUntil == null || c.expiresOn().isBefore(clearedUntil)) {
                clearedUntil = c.expiresOn();
            }
        });
        return found;
    }

    /** Notes that {@code clearance} answers what {@code about} would refer. */
    void noteCleared(Clearance clearance, String about) {
        note(about + ": cleared by " + clearance.givenBy() + " until " + clearance.expiresOn()
                + (clearance.conditions().isBlank() ? "." : ", on condition: " + clearance.conditions()));
    }

    Assessment done(List<Assessment.CheckAsk> checks, List<Assessment.CheckReading> readings) {
        // Cuffs are off for everyone who was not cleared for them, and words stand beside the rest; those alone limit
        // nobody.
        boolean free = limits.stream().allMatch(l -> l.kind() == Limit.Kind.IN_WORDS || CuffRules.isUsual(l.reason()));
        Outcome outcome = free ? Outcome.GO : Outcome.GO_WITH_LIMITS;
        if (!missing.isEmpty()) {
            outcome = outcome.worse(Outcome.INCOMPLETE);
        }
        for (Finding finding : findings) {
            outcome = outcome.worse(finding.outcome());
        }
        findings.sort(Comparator.comparing(Finding::outcome).reversed());
        return new Assessment(outcome, findings, limits, missing, notes, checks, readings, notAskedThen, clearedUntil);
    }
}

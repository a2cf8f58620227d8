package kinesia.core.screening;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Site;
import kinesia.core.reason.Reason;
import org.jspecify.annotations.Nullable;

/** What one assessment has gathered so far. */
final class Work {
    // Limits are looked at again at the block review [practice, four weeks].
    private static final int LOOK_AGAIN_DAYS = 28;

    private final ScreenAnswers answers;
    private final LocalDate takenOn;
    private final LocalDate today;
    private final List<Finding> findings = new ArrayList<>();
    private final List<Limit> limits = new ArrayList<>();
    private final List<String> missing = new ArrayList<>();
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
        missing.add(question);
    }

    void note(String note) {
        if (!notes.contains(note)) {
            notes.add(note);
        }
    }

    void limit(List<LimitRow> rows, @Nullable Side side, @Nullable Site site, Reason reason) {
        for (LimitRow row : rows) {
            limits.add(row.toLimit(side, site, takenOn.plusDays(LOOK_AGAIN_DAYS), reason));
        }
    }

    /** Limits of the whole person. */
    void limit(List<LimitRow> rows, Reason reason) {
        limit(rows, null, null, reason);
    }

    /** A clearance that holds today and answers {@code purpose}; the assessment then rests on it. */
    Optional<Clearance> clearance(Clearance.@Nullable Purpose purpose, @Nullable Side side, @Nullable Site site) {
        if (purpose == null) {
            return Optional.empty();
        }
        Optional<Clearance> found = answers.clearances().stream()
                .filter(c -> c.holdsOn(today) && c.isFor(purpose, side, site))
                .max(Comparator.comparing(Clearance::expiresOn));
        found.ifPresent(c -> {
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
        // Cuffs are off for everyone who was not cleared for them; that alone limits nobody.
        boolean free = limits.stream().allMatch(l -> CuffRules.isUsual(l.reason()));
        Outcome outcome = free ? Outcome.GO : Outcome.GO_WITH_LIMITS;
        if (!missing.isEmpty()) {
            outcome = outcome.worse(Outcome.INCOMPLETE);
        }
        for (Finding finding : findings) {
            outcome = outcome.worse(finding.outcome());
        }
        findings.sort(Comparator.comparing(Finding::outcome).reversed());
        return new Assessment(outcome, findings, limits, missing, notes, checks, readings, clearedUntil);
    }
}

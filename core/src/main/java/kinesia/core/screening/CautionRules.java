package kinesia.core.screening;

import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Stance;
import kinesia.core.reason.Reason;
import kinesia.core.screening.ScreenAnswers.CautionDetail;
import kinesia.core.screening.ScreenQuestions.Caution;

/** Medical cautions, medicines, devices and abilities of the intake. */
final class CautionRules {
    private CautionRules() {}

    static void apply(ScreenQuestions questions, Work work) {
        for (Caution caution : questions.cautions()) {
            Boolean answer = work.answers().cautions().get(caution.id());
            if (answer == null) {
                work.ask(caution.ask(), caution.version());
            } else if (answer) {
                Optional<Clearance> cleared = cleared(caution, work);
                if (cleared.isPresent()) {
                    work.noteCleared(cleared.get(), Objects.requireNonNull(caution.what()));
                } else {
                    limits(caution, work);
                }
            }
        }
        noPositionLeft(work);
    }

    /** Says so when every position is ruled out, which is more often a slip than true. */
    private static void noPositionLeft(Work work) {
        boolean all = Stream.of(Stance.values()).allMatch(work::rulesOut);
        if (all) {
            work.note(
                    "Every position is ruled out by these answers, so nothing can be planned: ask which one works, and with"
                            + " what support.");
        }
    }

    /** For medicine that weakens tendons both count: the weeks since the last dose, and a word that came after it. */
    private static Optional<Clearance> cleared(Caution caution, Work work) {
        if (caution.weeksAfterDose() == 0) {
            return work.clearance(caution.clearedBy(), null, null, LocalDate.MIN);
        }
        LocalDate dose = work.answers().detail(caution.id()).lastDoseOn();
        return dose == null || work.today().isBefore(dose.plusWeeks(caution.weeksAfterDose()))
                ? Optional.empty()
                : work.clearance(caution.clearedBy(), null, null, dose);
    }

    private static void limits(Caution caution, Work work) {
        CautionDetail detail = work.answers().detail(caution.id());
        Side side = caution.sided() ? detail.side() : null;
        String more = said(caution, detail, work);
        Reason reason = Reason.of(caution.id(), caution.tag(), "present", caution.why() + more, caution.say())
                .with("answer", "yes");
        if (detail.what() != null) {
            reason = reason.with("which", detail.what());
        }
        if (side != null) {
            reason = reason.with("arm", side.word());
        }
        for (LimitRow row : caution.limits()) {
            // Cuffs go on both arms or on none.
            work.limit(List.of(row), row.kind() == Limit.Kind.NO_CUFFS ? null : side, null, reason);
        }
        caution.notes().forEach(work::note);
        List<SiteRecord> sites = work.answers().soreSites();
        if (sites != null) {
            for (SiteRecord s : sites) {
                work.limit(caution.limitsAtSorePlaces(), s.side(), s.site(), reason);
            }
        }
    }

    /** The day from which a medicine counts as past, where that is what the limit waits for. */
    private static String said(Caution caution, CautionDetail detail, Work work) {
        if (caution.weeksAfterDose() == 0) {
            return "";
        }
        LocalDate dose = detail.lastDoseOn();
        if (dose == null) {
            return " The day of the last dose is not on record.";
        }
        LocalDate past = dose.plusWeeks(caution.weeksAfterDose());
        return " The last dose was on " + dose + ", so " + caution.weeksAfterDose() + " weeks "
                + (work.today().isBefore(past) ? "end on " : "ended on ") + past
                + (work.today().isBefore(past) ? "." : "; a clinician's word since then is not on record.");
    }
}

package kinesia.core.screening;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.ScreenAnswers.Reading;
import kinesia.core.screening.ScreenQuestions.CuffQuestion;

/**
 * Restriction cuffs: only with a recorded clearance and none of the contraindications (Patterson et al. 2019, Kacin et al.
 * 2015 [pub]; the pressure line and treated pressure are house rules).
 */
final class CuffRules {
    static final String NOT_CLEARED = "CUFFS-not-cleared";
    static final String NOT_ASKED = "CUFFS-not-asked";
    private static final int SYSTOLIC = 140;
    private static final int DIASTOLIC = 90;

    private CuffRules() {}

    /** Whether {@code reason} only says that cuffs are not open yet, as they are for nearly nobody. */
    static boolean isUsual(Reason reason) {
        return reason.ruleId().equals(NOT_CLEARED) || reason.ruleId().equals(NOT_ASKED);
    }

    static void apply(ScreenQuestions questions, Work work) {
        if (work.clearance(Clearance.Purpose.CUFFS, null, null, LocalDate.MIN).isEmpty()) {
            forbid(
                    work,
                    Reason.of(
                            NOT_CLEARED,
                            Tag.PUB,
                            "a clinician's clearance",
                            "No clearance for restriction cuffs is on record, so they are not used.",
                            "We do not use cuffs."));
            return;
        }
        List<String> unasked = new ArrayList<>();
        for (CuffQuestion question : questions.cuffQuestions()) {
            Boolean answer = work.answers().cautions().get(question.id());
            if (answer == null) {
                unasked.add(question.ask());
            } else if (answer) {
                forbid(
                        work,
                        Reason.of(
                                        question.id(),
                                        Tag.PUB,
                                        "none of the contraindications",
                                        question.ask() + ": no restriction cuffs, with or without a clearance.",
                                        "With that, cuffs are not for you.")
                                .with("answer", "yes"));
            }
        }
        if (!unasked.isEmpty()) {
            // Only the cuffs wait for the answers; everything else may go on without them.
            forbid(
                    work,
                    Reason.of(
                                    NOT_ASKED,
                                    Tag.PUB,
                                    "every contraindication asked",
                                    "Cleared for cuffs, but not asked yet: " + String.join("; ", unasked)
                                            + ". No restriction cuffs until a screen has the answers.",
                                    "Before cuffs there are a few questions left.")
                            .with("not asked", unasked.size()));
        }
        Optional<Reading> last = work.answers().pressure().lastPressure();
        if (last.isEmpty()) {
            forbid(
                    work,
                    Reason.of(
                            "CUFFS-no-reading",
                            Tag.HOUSE,
                            "a reading under 140/90",
                            "Cleared for cuffs, but no blood pressure was read at the screen: no restriction cuffs.",
                            "Before cuffs we measure your blood pressure."));
        } else if (last.get().isFrom(SYSTOLIC, DIASTOLIC)) {
            forbid(
                    work,
                    Reason.of(
                                    "CUFFS-pressure",
                                    Tag.HOUSE,
                                    "140 or 90 mmHg",
                                    "The last reading of " + last.get().systolic() + "/"
                                            + last.get().diastolic()
                                            + " mmHg is not under 140/90: no restriction cuffs.",
                                    "With today's reading we leave the cuffs off.")
                            .with("systolic", String.valueOf(last.get().systolic()))
                            .with("diastolic", String.valueOf(last.get().diastolic())));
        }
    }

    private static void forbid(Work work, Reason reason) {
        work.limit(List.of(LimitRow.of(Limit.Kind.NO_CUFFS)), reason);
    }
}

package kinesia.core.screening;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.ScreenAnswers.Readiness;
import org.jspecify.annotations.Nullable;

/**
 * Whether this person may start: the pre-participation logic of Riebe et al. 2015 [pub], written for aerobic work; using
 * it for weights, and the effort caps, are house rules.
 */
final class ReadinessRules {
    private static final double CAP = 6;
    private static final int CLEARANCE_MONTHS = 12;

    private ReadinessRules() {}

    static void apply(Work work) {
        Readiness r = work.answers().readiness();
        Boolean symptoms = r.symptoms();
        Boolean disease = r.knownDisease();
        Boolean active = r.regularlyActive();
        if (symptoms == null) {
            work.ask("Any symptom of heart, metabolic or kidney disease?");
        }
        if (disease == null) {
            work.ask("Any known heart, metabolic or kidney disease?");
        }
        if (active == null) {
            work.ask("Regularly active over the last three months?");
        }
        if (symptoms != null && symptoms) {
            Optional<Clearance> knew =
                    work.clearance(Clearance.Purpose.EXERCISE, null, null, work.known(r.symptomsSince()));
            if (knew.isEmpty()) {
                work.found(refer(
                        "READINESS-symptoms",
                        "Symptoms of heart, metabolic or kidney disease" + said(r.symptom())
                                + " that no clearance knew of come before any exercise.",
                        "What you describe should be looked at before we train."));
                return;
            }
            work.noteCleared(knew.get(), "Symptoms" + said(r.symptom()));
        }
        if (symptoms == null || disease == null || active == null) {
            return;
        }
        if (!disease) {
            if (!active) {
                inactive(work);
            }
            return;
        }
        Optional<Clearance> clearance = work.clearance(Clearance.Purpose.EXERCISE, null, null, LocalDate.MIN);
        // A clearance that came after the screen knows of everything that was said at it.
        boolean newer = clearance.isPresent() && !clearance.get().givenOn().isBefore(work.takenOn());
        if (clearance.isPresent() && !newer && r.changedSinceClearance() == null) {
            work.ask("Has anything about your health changed since the clearance?");
        }
        boolean unchanged = clearance.isPresent() && (newer || Boolean.FALSE.equals(r.changedSinceClearance()));
        if (!active && !unchanged) {
            work.found(refer(
                    "READINESS-inactive-disease",
                    "Not regularly active with a known disease" + said(r.disease())
                            + ": clearance first, and none without change is on record.",
                    "Before we start, your doctor should agree to it."));
        } else if (!active) {
            inactive(work);
        } else if (!unchanged
                || clearance.get().givenOn().plusMonths(CLEARANCE_MONTHS).isBefore(work.today())) {
            cap(
                    work,
                    "READINESS-active-disease",
                    "A known disease" + said(r.disease())
                            + ": effort stays at 6 without a clearance in the last 12 months and no change since.",
                    "With your doctor's word we may go harder; for now we keep it comfortable.");
        }
    }

    /** What the client called it, in brackets; empty when nothing was said. */
    private static String said(@Nullable String words) {
        return words == null || words.isBlank() ? "" : " (" + words.strip() + ")";
    }

    private static void inactive(Work work) {
        cap(
                work,
                "READINESS-inactive",
                "Not regularly active yet: effort stays at 6 until three months of regular activity.",
                "We start easy and build up.");
    }

    private static Finding refer(String id, String exact, String plain) {
        return new Finding(
                Outcome.REFER_BEFORE_LOADING,
                Scope.ALL,
                null,
                null,
                "Ask for a clearance from a licensed clinician before any session.",
                Reason.of(id, Tag.PUB, "Riebe et al. 2015", exact, plain));
    }

    private static void cap(Work work, String id, String exact, String plain) {
        work.limit(
                List.of(LimitRow.of(Limit.Kind.LARGEST_EFFORT, CAP)),
                Reason.of(id, Tag.HOUSE, "effort 6", exact, plain));
    }
}

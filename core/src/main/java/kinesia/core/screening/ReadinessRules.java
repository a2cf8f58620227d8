package kinesia.core.screening;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.ScreenAnswers.Readiness;
import kinesia.core.screening.ScreenQuestions.Caution;
import org.jspecify.annotations.Nullable;

/**
 * Whether this person may start: the pre-participation logic of Riebe et al. 2015 [pub], written for aerobic work; using
 * it for weights, and the effort caps, are house rules.
 */
final class ReadinessRules {
    private static final double CAP = 6;
    private static final int CLEARANCE_MONTHS = 12;
    // The version of the rules that asks what a medicine is for.
    private static final int MEDICINE_ASKED_FROM = 4;

    private ReadinessRules() {}

    static void apply(ScreenQuestions questions, Work work) {
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
            if (medicineMeansOne(questions, work)) {
                return;
            }
            if (!active) {
                inactive(work);
            }
            return;
        }
        // A letter of the month in which the disease became known knew of it; an older one did not.
        LocalDate known =
                r.diseaseSince() == null ? LocalDate.MIN : r.diseaseSince().withDayOfMonth(1);
        Optional<Clearance> clearance = work.clearance(Clearance.Purpose.EXERCISE, null, null, known);
        // A clearance that came after the screen knows of everything that was said at it.
        boolean newer = clearance.isPresent() && !clearance.get().givenOn().isBefore(work.takenOn());
        boolean unanswered = clearance.isPresent() && !newer && r.changedSinceClearance() == null;
        if (unanswered) {
            work.ask(Work.CHANGED);
        }
        if (clearance.isPresent() && !newer && r.diseaseSince() == null) {
            work.note(
                    "Nobody said since when the disease is known: a letter covers only what was known when it was given, so ask"
                            + " for the month.");
        }
        boolean unchanged = clearance.isPresent() && (newer || Boolean.FALSE.equals(r.changedSinceClearance()));
        if (!active && unanswered) {
            // Whether the letter still holds is asked; until then nothing is planned, and nobody is sent away for it.
            cap(
                    work,
                    "READINESS-inactive",
                    "Not regularly active yet: effort stays at 6 until three months of regular activity.",
                    "We start easy and build up.");
        } else if (!active && !unchanged) {
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

    /** Asks about a medicine or an access that means a disease where none is said to be known; whether one is open. */
    private static boolean medicineMeansOne(ScreenQuestions questions, Work work) {
        boolean open = false;
        for (Caution caution : questions.cautions()) {
            if (caution.meansDisease() == null
                    || !Boolean.TRUE.equals(work.answers().cautions().get(caution.id()))) {
                continue;
            }
            boolean answered = caution.meansDisease() == ScreenQuestions.Means.DISEASE_OR_PRESSURE
                    && Boolean.TRUE.equals(work.answers().readiness().pressureAlone());
            if (!answered) {
                work.ask(caution.ask() + ": " + caution.meansDisease().question(), MEDICINE_ASKED_FROM);
                open = true;
            }
        }
        return open;
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

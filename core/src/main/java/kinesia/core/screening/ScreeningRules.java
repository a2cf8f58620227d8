package kinesia.core.screening;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Site;
import kinesia.core.reason.InvalidValue;
import kinesia.core.reason.Reason;
import kinesia.core.screening.Assessment.CheckReading;
import kinesia.core.screening.ScreenAnswers.FlagAnswer;
import kinesia.core.screening.ScreenQuestions.Flag;
import kinesia.core.screening.ScreenQuestions.Gate;

/**
 * Turns answers into an outcome, findings and limits, in the order of the screen; the worst outcome wins. Pure: the same
 * answers on the same day give the same result.
 */
public final class ScreeningRules {
    /** The version of these rules. Raise it when what they judge changes, and say so at a question that is added. */
    public static final int VERSION = 4;

    private static final String PRESSING = "pressing";
    private static final double PROVISIONAL_EFFORT = 6;

    private final ScreenQuestions questions;

    public ScreeningRules(ScreenQuestions questions) {
        this.questions = questions;
    }

    public ScreenQuestions questions() {
        return questions;
    }

    /**
     * Refuses what nobody can mean: a last dose after {@code today}, a provocation or a check that is none of the screen's words.
     * For answers as they come in; what was kept under earlier words is judged on the careful side.
     *
     * @throws InvalidValue naming the field
     */
    public void requireSensible(ScreenAnswers answers, LocalDate today) {
        answers.details().forEach((id, detail) -> {
            if (detail.lastDoseOn() != null && detail.lastDoseOn().isAfter(today)) {
                throw new InvalidValue("details." + id + ".lastDoseOn", "must not be after today");
            }
        });
        List<SiteRecord> sites = answers.soreSites() == null ? List.of() : answers.soreSites();
        for (SiteRecord site : sites) {
            for (String said : site.provokedBy()) {
                if (PlaceRules.rows(questions, site).stream().noneMatch(row -> row.isSaid(said))) {
                    throw new InvalidValue(
                            "soreSites.provokedBy",
                            "'" + said + "' is nothing that the screen knows to provoke the " + site.where());
                }
            }
        }
    }

    /** Assesses {@code answers} as of {@code today}. */
    public Assessment assess(ScreenAnswers answers, LocalDate today) {
        return assess(answers, today, today);
    }

    /**
     * What a screen taken on {@code takenOn} says on {@code today}, with the clearances that hold then; its limits are
     * looked at again when they would have been.
     */
    public Assessment assess(ScreenAnswers answers, LocalDate takenOn, LocalDate today) {
        Work work = new Work(answers, takenOn, today);
        FlagRules.apply(questions, work);
        ReadinessRules.apply(questions, work);
        PressureRules.apply(work);
        CautionRules.apply(questions, work);
        CuffRules.apply(questions, work);
        ClearanceRules.apply(work);
        new PlaceRules(questions, work).apply();
        List<CheckReading> readings = new CheckRules(questions, work).apply();
        return work.done(CheckGuide.of(questions, answers), readings);
    }

    /**
     * What a place takes until somebody has asked about it: the row of its table for pressing where that hurt, else its first row,
     * and effort to 6.
     *
     * @param pressing whether it hurt in a press, push-up or dip
     */
    public List<Limit> provisional(Site site, Side side, boolean pressing, LocalDate lookAgainOn, Reason because) {
        ScreenQuestions.SiteQuestions place = questions.sites().stream()
                .filter(s -> s.site() == site)
                .findFirst()
                .orElseThrow();
        ScreenQuestions.Provocation row = place.provocations().stream()
                .filter(p -> pressing && p.key().startsWith(PRESSING))
                .findFirst()
                .orElse(place.provocations().get(0));
        return Stream.concat(
                        row.limits().stream(), Stream.of(LimitRow.of(Limit.Kind.LARGEST_EFFORT, PROVISIONAL_EFFORT)))
                .map(l -> l.toLimit(side, site, lookAgainOn, because))
                .toList();
    }

    /** What came after {@code answers} were given and has no answer in them: to be asked at the next visit. */
    public List<String> notAskedThen(ScreenAnswers answers, LocalDate takenOn) {
        return assess(answers, takenOn, takenOn).notAskedThen();
    }

    /** Whether {@code answers}, given on {@code takenOn}, need a new reading of the pressure before the visit of {@code day}. */
    public boolean readingDue(ScreenAnswers answers, LocalDate takenOn, LocalDate day) {
        return PressureRules.isDue(answers, takenOn, day);
    }

    /** Whether a day that a limit of {@code answers} waits for lies after {@code from} and not after {@code to}. */
    public boolean turnsBetween(ScreenAnswers answers, LocalDate from, LocalDate to) {
        return questions.cautions().stream().filter(c -> c.weeksAfterDose() > 0).anyMatch(c -> {
            LocalDate dose = answers.detail(c.id()).lastDoseOn();
            LocalDate past = dose == null ? null : dose.plusWeeks(c.weeksAfterDose());
            return past != null && past.isAfter(from) && !past.isAfter(to);
        });
    }

    /** Answers that say no to every gate and flag, for people about whom nothing else is known. */
    public static Map<String, FlagAnswer> noFlags(ScreenQuestions questions) {
        return Stream.concat(
                        questions.gates().stream().map(Gate::id),
                        questions.flags().stream().map(Flag::id))
                .collect(Collectors.toMap(id -> id, id -> new FlagAnswer(false, null)));
    }
}

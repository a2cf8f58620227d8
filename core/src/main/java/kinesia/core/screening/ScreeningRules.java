package kinesia.core.screening;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Site;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.ScreenAnswers.FlagAnswer;
import kinesia.core.screening.ScreenQuestions.Caution;
import kinesia.core.screening.ScreenQuestions.Flag;
import kinesia.core.screening.ScreenQuestions.Provocation;
import kinesia.core.screening.ScreenQuestions.SiteQuestions;
import org.jspecify.annotations.Nullable;

/** Turns answers into an outcome, findings and limits. Pure: the same answers on the same day give the same result. */
public final class ScreeningRules {
    // Staged-approach pain bands [pub]; the hours beside them are a house rule.
    static final int HIGH_IRRITABILITY_PAIN = 7;
    static final int LOW_IRRITABILITY_PAIN = 3;
    static final double HIGH_IRRITABILITY_HOURS = 24;
    static final double LOW_IRRITABILITY_HOURS = 1;
    private static final int REFERRAL_PAIN_IN_LIGHT_USE = 7;
    private static final int LOW_EFFORT_CAP = 7;
    private static final int MODERATE_EFFORT_CAP = 6;
    private static final int MODERATE_SETS = 2;
    private static final int MODERATE_FEWEST_REPS = 12;
    private static final int MODERATE_MOST_REPS = 15;
    private static final double ARC_MARGIN_DEG = 10;
    // Limits are looked at again at the block review [practice, four weeks].
    private static final int LOOK_AGAIN_DAYS = 28;

    private final ScreenQuestions questions;

    public ScreeningRules(ScreenQuestions questions) {
        this.questions = questions;
    }

    public ScreenQuestions questions() {
        return questions;
    }

    /** Assesses {@code answers} as of {@code today}. */
    public Assessment assess(ScreenAnswers answers, LocalDate today) {
        Work work = new Work(today);
        flags(answers, work);
        ReadinessRules.apply(answers.readiness(), today, work);
        PressureRules.apply(answers.pressure(), work);
        cautions(answers, work);
        sites(answers.soreSites(), work);
        return work.done();
    }

    private void flags(ScreenAnswers answers, Work work) {
        for (Flag flag : questions.flags()) {
            FlagAnswer answer = answers.flags().get(flag.id());
            if (answer == null) {
                work.missing.add(flag.ask());
            } else if (answer.present()) {
                Reason reason = Reason.of(flag.id(), flag.tag(), "present", flag.means(), flag.say())
                        .with("answer", "yes");
                work.found(new Finding(flag.outcome(), flag.scope(), answer.side(), null, flag.whatToDo(), reason));
            }
        }
    }

    private void cautions(ScreenAnswers answers, Work work) {
        for (Caution caution : questions.cautions()) {
            Boolean answer = answers.cautions().get(caution.id());
            if (answer == null) {
                work.missing.add(caution.ask());
            } else if (answer) {
                Reason reason = Reason.of(caution.id(), caution.tag(), "present", caution.why(), caution.say())
                        .with("answer", "yes");
                work.limit(caution.limits(), null, null, reason);
                work.notes.addAll(caution.notes());
            }
        }
    }

    private void sites(@Nullable List<SiteRecord> sites, Work work) {
        if (sites == null) {
            work.missing.add("Is any place on the arms sore?");
            return;
        }
        for (SiteRecord site : sites) {
            if (complete(site, work)) {
                irritability(site, work);
                provocations(site, work);
            }
        }
    }

    private static boolean complete(SiteRecord site, Work work) {
        int before = work.missing.size();
        String where = site.side().word() + " " + site.site().words();
        ask(site.usualPain(), where + ": usual pain", work);
        ask(site.painInLightUse(), where + ": pain at rest or in light use", work);
        ask(site.worstThisWeek(), where + ": worst this week", work);
        ask(site.morningPain(), where + ": this morning", work);
        ask(site.settlesHours(), where + ": hours to settle", work);
        return work.missing.size() == before;
    }

    private static void ask(@Nullable Object answer, String question, Work work) {
        if (answer == null) {
            work.missing.add(question);
        }
    }

    private static void irritability(SiteRecord record, Work work) {
        Side side = record.side();
        Site site = record.site();
        String where = side.word() + " " + site.words();
        int lightUse = Objects.requireNonNull(record.painInLightUse()).value();
        if (lightUse >= REFERRAL_PAIN_IN_LIGHT_USE) {
            work.found(new Finding(
                    Outcome.REFER_BEFORE_LOADING,
                    Scope.SITE,
                    side,
                    site,
                    "Ask a licensed clinician to look at it before this place is loaded.",
                    Reason.of(
                                    "SITE-strong-pain",
                                    Tag.HOUSE,
                                    "7 or more in light use",
                                    "Pain of " + lightUse + " in light use at the " + where + " is 7 or more.",
                                    "This hurts too much in easy use to load it before someone has looked at it.")
                            .with("pain in light use", lightUse)));
            return;
        }
        SiteRecord.Irritability irritability = record.irritability();
        int worst = Objects.requireNonNull(record.worstThisWeek()).value();
        double hours = Objects.requireNonNull(record.settlesHours());
        Reason reason = Reason.of(
                        "IRRITABILITY-" + irritability.name().toLowerCase(java.util.Locale.ROOT),
                        Tag.PUB,
                        "high from pain 7 or over 24 h, low up to pain 3 and 1 h",
                        "Worst " + worst + " this week and " + kinesia.core.reason.Numbers.plain(hours)
                                + " h to settle make the " + where + " "
                                + irritability.name().toLowerCase(java.util.Locale.ROOT) + " in irritability.",
                        "How strongly it reacts and how long it lingers tell us how carefully to load it.")
                .with("worst this week", worst)
                .with("hours to settle", hours);
        switch (irritability) {
            case HIGH ->
                work.found(new Finding(
                        Outcome.REFER_BEFORE_LOADING,
                        Scope.SITE,
                        side,
                        site,
                        "Ask a licensed clinician to look at it before this place is loaded.",
                        reason));
            case MODERATE ->
                work.limit(
                        List.of(
                                row(Limit.Kind.SETS_PER_EXERCISE, MODERATE_SETS),
                                row(Limit.Kind.LARGEST_EFFORT, MODERATE_EFFORT_CAP),
                                row(Limit.Kind.FEWEST_REPS, MODERATE_FEWEST_REPS),
                                row(Limit.Kind.MOST_REPS, MODERATE_MOST_REPS)),
                        side,
                        site,
                        reason);
            case LOW -> work.limit(List.of(row(Limit.Kind.LARGEST_EFFORT, LOW_EFFORT_CAP)), side, site, reason);
        }
    }

    private void provocations(SiteRecord record, Work work) {
        SiteQuestions table = questions.sites().stream()
                .filter(s -> s.site() == record.site())
                .findFirst()
                .orElseThrow();
        List<Provocation> named = table.provocations().stream()
                .filter(p -> record.provokedBy().contains(p.key()))
                .toList();
        for (Provocation provocation : named.isEmpty() ? table.provocations().subList(0, 1) : named) {
            Double arc = record.painfulArcFromDeg();
            List<LimitRow> rows = arc == null ? provocation.limits() : underArc(provocation.limits(), arc);
            Reason reason = Reason.of(
                            "SITE-"
                                    + record.site()
                                            .name()
                                            .toLowerCase(java.util.Locale.ROOT)
                                            .replace('_', '-') + "-" + provocation.key(),
                            Tag.HOUSE,
                            "provoked by " + provocation.words(),
                            "The " + record.side().word() + " " + record.site().words() + " is provoked by "
                                    + provocation.words() + ": " + provocation.means() + ".",
                            provocation.say())
                    .with("side", record.side().word())
                    .with("provoked by", named.isEmpty() ? "not said, first row taken" : provocation.words());
            work.limit(rows, record.side(), record.site(), arc == null ? reason : reason.with("arc from", arc));
        }
    }

    private static List<LimitRow> underArc(List<LimitRow> rows, double arc) {
        return rows.stream()
                .map(row -> row.kind() == Limit.Kind.LARGEST_ELEVATION && "arc".equals(row.target())
                        ? row.withValue(Math.max(0, arc - ARC_MARGIN_DEG))
                        : row)
                .toList();
    }

    private static LimitRow row(Limit.Kind kind, double value) {
        return new LimitRow(kind, value, null, null, null);
    }

    /** What one assessment has gathered so far. */
    static final class Work {
        private final LocalDate today;
        private final List<Finding> findings = new ArrayList<>();
        private final List<Limit> limits = new ArrayList<>();
        final List<String> missing = new ArrayList<>();
        final List<String> notes = new ArrayList<>();

        Work(LocalDate today) {
            this.today = today;
        }

        void found(Finding finding) {
            findings.add(finding);
        }

        void limit(List<LimitRow> rows, @Nullable Side side, @Nullable Site site, Reason reason) {
            for (LimitRow row : rows) {
                limits.add(row.toLimit(side, site, today.plusDays(LOOK_AGAIN_DAYS), reason));
            }
        }

        Assessment done() {
            Outcome outcome = limits.isEmpty() ? Outcome.GO : Outcome.GO_WITH_LIMITS;
            if (!missing.isEmpty()) {
                outcome = outcome.worse(Outcome.INCOMPLETE);
            }
            for (Finding finding : findings) {
                outcome = outcome.worse(finding.outcome());
            }
            findings.sort(Comparator.comparing(Finding::outcome).reversed());
            return new Assessment(outcome, findings, limits, missing, notes);
        }
    }

    /** Answers that say no to every flag and caution, for people about whom nothing else is known. */
    public static Map<String, FlagAnswer> noFlags(ScreenQuestions questions) {
        return questions.flags().stream()
                .collect(java.util.stream.Collectors.toMap(Flag::id, f -> new FlagAnswer(false, null)));
    }
}

package kinesia.core.screening;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import kinesia.core.reason.Numbers;
import org.jspecify.annotations.Nullable;

/**
 * What a screen has to say to a licensed clinician, on one page: findings and measures in plain words, never a diagnosis.
 *
 * @param findings what decided the outcome, worst first
 * @param places each sore place with what was said of it
 * @param measured ranges and efforts that were checked
 * @param limits what is left out meanwhile
 * @param questions what is asked of the clinician
 */
public record ReferralSummary(
        LocalDate screenedOn,
        List<String> findings,
        List<String> places,
        List<String> measured,
        List<String> limits,
        List<String> questions) {
    public static final String PURPOSE =
            "We choose exercises; we do not diagnose or treat. These are the client's own words and what could be seen and"
                    + " measured.";

    public ReferralSummary {
        findings = List.copyOf(findings);
        places = List.copyOf(places);
        measured = List.copyOf(measured);
        limits = List.copyOf(limits);
        questions = List.copyOf(questions);
    }

    /** Drafts the summary of one screen. */
    public static ReferralSummary of(
            ScreenQuestions questions, LocalDate screenedOn, ScreenAnswers answers, Assessment assessment) {
        List<SiteRecord> sites = answers.soreSites() == null ? List.of() : answers.soreSites();
        return new ReferralSummary(
                screenedOn,
                assessment.findings().stream()
                        .map(f -> finding(questions, f))
                        .distinct()
                        .toList(),
                sites.stream().map(s -> place(questions, s)).toList(),
                Stream.concat(
                                assessment.readings().stream()
                                        .map(r -> r.reason().exact()),
                                answers.checks().stream().flatMap(c -> felt(questions, c).stream()))
                        .toList(),
                assessment.limits().stream()
                        .filter(l -> l.site() != null)
                        .map(l -> l.reason().exact())
                        .distinct()
                        .toList(),
                asked(assessment));
    }

    /** A flag as it was asked and answered; anything else as the rule said it. */
    private static String finding(ScreenQuestions questions, Finding finding) {
        String where = finding.side() == null || finding.site() != null
                ? ""
                : " (" + finding.side().word() + " arm)";
        return questions.flags().stream()
                .filter(f -> f.id().equals(finding.reason().ruleId()))
                .findFirst()
                .map(f -> "Reported: " + Character.toLowerCase(f.ask().charAt(0))
                        + f.ask().substring(1) + where + ".")
                .orElse(finding.reason().exact());
    }

    private static String place(ScreenQuestions questions, SiteRecord s) {
        List<String> parts = new ArrayList<>();
        score(parts, "usual pain", s.usualPain());
        score(parts, "at rest", s.painAtRest());
        score(parts, "in light use", s.painInLightUse());
        score(parts, "worst this week", s.worstThisWeek());
        score(parts, "in the morning", s.morningPain());
        score(parts, "morning stiffness", s.morningStiffness());
        if (s.stiffMinutes() != null && s.stiffMinutes() > 0) {
            parts.add("stiff for " + s.stiffMinutes() + " minutes");
        }
        if (s.settlesHours() != null) {
            parts.add("settles within " + Numbers.plain(s.settlesHours()) + " h");
        }
        if (s.sinceWeeks() != null) {
            parts.add("for " + s.sinceWeeks() + " weeks");
        }
        List<String> provoked = PlaceRules.rows(questions, s).stream()
                .filter(p -> s.provokedBy().contains(p.key()))
                .map(ScreenQuestions.Provocation::words)
                .toList();
        String by = provoked.isEmpty() ? "" : "; brought on by " + String.join(", ", provoked);
        return capital(s.where()) + ": " + String.join(", ", parts) + by + ".";
    }

    private static void score(List<String> parts, String what, @Nullable PainScore pain) {
        if (pain != null) {
            parts.add(what + " " + pain.value() + " of 10");
        }
    }

    private static List<String> felt(ScreenQuestions questions, CheckResult c) {
        String name = questions.check(c.check()).name() + ", " + c.side().word();
        List<String> lines = new ArrayList<>();
        if (c.arcFromDeg() != null) {
            String to = c.arcToDeg() == null ? "" : " to " + Numbers.plain(c.arcToDeg());
            lines.add(name + ": hurts from " + Numbers.plain(c.arcFromDeg()) + to + " degrees.");
        }
        if (c.pain() != null) {
            lines.add(name + ": pain " + c.pain().value() + " of 10.");
        }
        if (c.ability() != null && c.ability() != CheckResult.Ability.CAN) {
            lines.add(name + (c.ability() == CheckResult.Ability.SORE ? ": possible, sore." : ": not possible."));
        }
        return lines;
    }

    private static List<String> asked(Assessment assessment) {
        List<String> asked = new ArrayList<>();
        if (!assessment.findings().isEmpty()) {
            asked.add("Is strength exercise for the arms reasonable at present, and under which conditions?");
        }
        if (assessment.findings().stream().anyMatch(f -> f.site() != null)) {
            asked.add("May the named places be loaded, how much, and from when?");
        }
        if (assessment.findings().stream().anyMatch(f -> f.scope() == Scope.ALL)) {
            asked.add("Is there anything we should watch for, or a reading to stay under?");
        }
        asked.add("Until when does your answer hold?");
        return asked;
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}

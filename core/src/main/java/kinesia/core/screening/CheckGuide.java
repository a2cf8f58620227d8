package kinesia.core.screening;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import kinesia.core.arm.Side;
import kinesia.core.screening.Assessment.CheckAsk;
import kinesia.core.screening.PlaceRules.Provoked;
import kinesia.core.screening.ScreenQuestions.Check;
import kinesia.core.screening.ScreenQuestions.CheckKind;
import kinesia.core.screening.ScreenQuestions.Provocation;

/** Which movement checks are worth the client's time: those that a limit hinges on. */
final class CheckGuide {
    private static final String OUTWARD = "shoulder-outward";

    private final ScreenQuestions questions;
    private final ScreenAnswers answers;
    private final List<CheckAsk> asks = new ArrayList<>();

    private CheckGuide(ScreenQuestions questions, ScreenAnswers answers) {
        this.questions = questions;
        this.answers = answers;
    }

    /** The checks not done yet, in the order of the places; both sides of an outward turn, as only they compare. */
    static List<CheckAsk> of(ScreenQuestions questions, ScreenAnswers answers) {
        CheckGuide guide = new CheckGuide(questions, answers);
        if (answers.soreSites() != null) {
            answers.soreSites().forEach(guide::place);
        }
        return guide.asks;
    }

    private void place(SiteRecord site) {
        List<Provoked> provoked = PlaceRules.provoked(questions, answers, site);
        for (Provoked p : provoked) {
            Provocation row = p.row();
            row.limits().stream()
                    .filter(l -> l.arc() != null)
                    .forEach(l -> ask(l.arc(), site.side(), "where it hurts moves the line: " + row.usuallyMeans()));
            if (row.untilQuiet() != null) {
                ask(
                        row.untilQuiet().check(),
                        site.side(),
                        "when it is quiet, " + row.untilQuiet().opens());
            }
        }
        for (Provocation row : PlaceRules.rows(questions, site)) {
            if (provoked.stream().noneMatch(p -> p.row().key().equals(row.key()))) {
                row.shownBy().forEach(key -> ask(key, site.side(), "when it hurts: " + row.usuallyMeans()));
            }
        }
        if (site.site().isShoulder()) {
            String because = "a turn under half of the other side is looked at before the shoulder is loaded";
            ask(OUTWARD, site.side().other(), because);
            ask(OUTWARD, site.side(), because);
        }
        if (flares(site)) {
            questions.checks().stream()
                    .filter(c -> c.kind() == CheckKind.EFFORT
                            && !c.allows().isEmpty()
                            && c.sites().contains(site.site()))
                    .forEach(c -> ask(c.key(), site.side(), "only when it is pain-free may held efforts go on"));
        }
    }

    private static boolean flares(SiteRecord site) {
        boolean told = site.painAtRest() != null
                && site.painInLightUse() != null
                && site.worstThisWeek() != null
                && site.settlesHours() != null;
        return told && site.irritability() == SiteRecord.Irritability.HIGH;
    }

    private void ask(String key, Side side, String because) {
        Check check = questions.check(key);
        Optional<CheckResult> done = answers.check(key, side);
        boolean answered = done.isPresent()
                && switch (check.kind()) {
                    case RANGE, GRIP -> done.get().value() != null;
                    case EFFORT -> done.get().pain() != null;
                    case TASK -> done.get().ability() != null;
                };
        boolean listed = asks.stream().anyMatch(a -> a.check().equals(key) && a.side() == side);
        if (!answered && !listed) {
            asks.add(new CheckAsk(key, side, because));
        }
    }
}

package kinesia.core.screening;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Site;
import kinesia.core.reason.Reason;
import kinesia.core.screening.ScreenAnswers.FlagAnswer;
import kinesia.core.screening.ScreenQuestions.Flag;
import kinesia.core.screening.ScreenQuestions.Gate;
import kinesia.core.screening.ScreenQuestions.Group;

/** Red flags, in the order of the screen: emergency signs, same-day signs, then what is seen before loading. */
final class FlagRules {
    /** The flag that stiff mornings at both shoulders raise, whether it was answered or shows from the places. */
    private static final String BOTH_SHOULDERS = "FLAG-both-shoulders-stiff";

    // Morning stiffness of both shoulders over this scores towards a rheumatic cause (Dasgupta et al. 2012 [pub]).
    private static final int LONG_STIFFNESS_MINUTES = 45;

    private FlagRules() {}

    static void apply(ScreenQuestions questions, Work work) {
        Map<String, FlagAnswer> answers = work.answers().flags();
        for (Group group : Group.values()) {
            of(questions, group, false).forEach(flag -> apply(flag, work));
            for (Gate gate : questions.gates()) {
                if (gate.group() == group && !answers.containsKey(gate.id())) {
                    work.ask(gate.ask());
                }
            }
            of(questions, group, true).forEach(flag -> apply(flag, work));
        }
        stiffBothSides(questions, work);
    }

    private static List<Flag> of(ScreenQuestions questions, Group group, boolean behindAnother) {
        return questions.flags().stream()
                .filter(f -> f.group() == group && (f.when() != null) == behindAnother)
                .toList();
    }

    /** Whether {@code flag} is to be asked, given what stands before it. */
    static boolean isAsked(Flag flag, Map<String, FlagAnswer> answers) {
        FlagAnswer before = flag.when() == null ? null : answers.get(flag.when());
        return flag.when() == null || (before != null && before.present());
    }

    private static void apply(Flag flag, Work work) {
        FlagAnswer answer = work.answers().flags().get(flag.id());
        if (answer == null) {
            if (isAsked(flag, work.answers().flags())) {
                work.ask(flag.ask());
            }
        } else if (answer.present()) {
            Optional<Clearance> cleared = work.clearance(flag.clearedBy(), answer.side(), null);
            if (cleared.isPresent()) {
                work.noteCleared(cleared.get(), flag.ask());
            } else {
                refer(flag, answer.side(), "yes", work);
            }
        }
    }

    private static void refer(Flag flag, @org.jspecify.annotations.Nullable Side side, String answer, Work work) {
        Reason reason = Reason.of(flag.id(), flag.tag(), "present", flag.means(), flag.say())
                .with("answer", answer);
        work.found(new Finding(
                flag.outcome(),
                flag.scope(),
                side,
                null,
                flag.whatToDo(),
                side == null ? reason : reason.with("arm", side.word())));
    }

    /** Stiff mornings recorded at both shoulders count, whatever was answered to the question itself. */
    private static void stiffBothSides(ScreenQuestions questions, Work work) {
        FlagAnswer answered = work.answers().flags().get(BOTH_SHOULDERS);
        List<SiteRecord> sites = work.answers().soreSites();
        if (sites == null || (answered != null && answered.present())) {
            return;
        }
        boolean both = true;
        for (Side side : Side.values()) {
            both &= sites.stream()
                    .anyMatch(s -> s.side() == side
                            && s.site().isShoulder()
                            && s.stiffMinutes() != null
                            && s.stiffMinutes() > LONG_STIFFNESS_MINUTES);
        }
        if (both) {
            questions.flags().stream()
                    .filter(f -> f.id().equals(BOTH_SHOULDERS))
                    .filter(f -> work.clearance(f.clearedBy(), null, null).isEmpty())
                    .forEach(f -> refer(f, null, "over 45 minutes at both shoulders", work));
        }
    }

    /** The shoulder place that a finding about {@code side}'s shoulder is recorded at: the first sore one, else the front. */
    static Site shoulderOf(Work work, Side side) {
        List<SiteRecord> sites = work.answers().soreSites();
        return sites == null
                ? Site.FRONT_OF_SHOULDER
                : sites.stream()
                        .filter(s -> s.side() == side && s.site().isShoulder())
                        .map(SiteRecord::site)
                        .findFirst()
                        .orElse(Site.FRONT_OF_SHOULDER);
    }
}

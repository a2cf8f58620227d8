package kinesia.core.screening;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Site;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.ScreenAnswers.Earlier;
import kinesia.core.screening.ScreenAnswers.FlagAnswer;
import kinesia.core.screening.ScreenAnswers.PastStop;
import kinesia.core.screening.ScreenQuestions.Flag;
import kinesia.core.screening.ScreenQuestions.Gate;
import kinesia.core.screening.ScreenQuestions.Group;
import org.jspecify.annotations.Nullable;

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
                    work.ask(gate.ask(), gate.version());
                }
            }
            of(questions, group, true).forEach(flag -> apply(flag, work));
        }
        stiffBothSides(questions, work);
        stopped(work);
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
                work.ask(flag.ask(), flag.version());
            }
        } else if (answer.present()) {
            refer(flag, answer.side(), "yes", work.known(answer.since()), work);
        }
    }

    /** Refers unless a clearance that knew of it answers it; an arm that is referred rests, and the other goes on. */
    private static void refer(Flag flag, @Nullable Side side, String answer, LocalDate since, Work work) {
        Optional<Clearance> cleared = work.clearance(flag.clearedBy(), side, null, since);
        if (cleared.isPresent()) {
            work.noteCleared(cleared.get(), Objects.requireNonNull(flag.what()));
            return;
        }
        Reason plain = Reason.of(flag.id(), flag.tag(), "present", flag.means(), flag.say())
                .with("answer", answer);
        Reason sided = side == null ? plain : plain.with("arm", side.word());
        Reason reason = flag.clearedBy() == null ? sided : sided.with("said since", since);
        work.found(new Finding(flag.outcome(), flag.scope(), side, null, flag.whatToDo(), reason));
        if (flag.scope() == Scope.ARM) {
            work.rest(side, reason);
        }
    }

    /** Stiff mornings recorded at both shoulders count, whatever was answered to the question itself. */
    private static void stiffBothSides(ScreenQuestions questions, Work work) {
        FlagAnswer answered = work.answers().flags().get(BOTH_SHOULDERS);
        List<SiteRecord> sites = work.answers().soreSites();
        if (sites == null || (answered != null && answered.present())) {
            return;
        }
        LocalDate since = LocalDate.MIN;
        for (Side side : Side.values()) {
            Optional<SiteRecord> stiff = sites.stream()
                    .filter(s -> s.side() == side
                            && s.site().isShoulder()
                            && s.stiffMinutes() != null
                            && s.stiffMinutes() > LONG_STIFFNESS_MINUTES)
                    .findFirst();
            if (stiff.isEmpty()) {
                return;
            }
            LocalDate known = work.known(stiff.get().since());
            since = known.isAfter(since) ? known : since;
        }
        Flag flag = questions.flags().stream()
                .filter(f -> f.id().equals(BOTH_SHOULDERS))
                .findFirst()
                .orElseThrow();
        refer(flag, null, "over " + LONG_STIFFNESS_MINUTES + " minutes at both shoulders", since, work);
    }

    /** What stopped the last screen or session leaves a trace until a clinician has seen it and allowed training. */
    private static void stopped(Work work) {
        Earlier earlier = work.answers().earlier();
        if (earlier == null || earlier.stop() == null || Boolean.TRUE.equals(earlier.stopSeen())) {
            return;
        }
        PastStop stop = earlier.stop();
        Optional<Clearance> cleared = work.clearance(Clearance.Purpose.EXERCISE, null, null, stop.on());
        if (cleared.isPresent()) {
            work.noteCleared(cleared.get(), "What stopped us on " + stop.on());
            return;
        }
        if (earlier.stopSeen() == null) {
            work.ask("On " + stop.on() + " we stopped for this: " + stop.sign()
                    + ". Has a clinician seen it since and allowed training?");
            return;
        }
        work.found(new Finding(
                Outcome.REFER_BEFORE_LOADING,
                Scope.ALL,
                null,
                null,
                "Ask for a clearance before any session.",
                Reason.of(
                                "STOP-not-seen",
                                Tag.HOUSE,
                                "seen by a clinician who allowed training",
                                "What stopped us on " + stop.on() + " (" + stop.sign()
                                        + ") has not been seen by a clinician who allowed training.",
                                "Before we train again, somebody has to look into what stopped us.")
                        .with("stopped on", stop.on())
                        .with("sign", stop.sign())));
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

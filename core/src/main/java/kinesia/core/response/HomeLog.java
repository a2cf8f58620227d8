package kinesia.core.response;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import kinesia.core.arm.Side;
import kinesia.core.dose.Effort;
import kinesia.core.dose.LoggedSet;
import kinesia.core.dose.SaidEffort;
import kinesia.core.dose.TrialSets;
import kinesia.core.plan.Plan;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.reason.InvalidValue;
import kinesia.core.screening.PainScore;
import org.jspecify.annotations.Nullable;

/**
 * Turns what a client says of a session at home into its sets: those that were done, at the load and repetitions that stood there;
 * how hard it was and what hurt belong to the last of them, the only one it was asked of.
 */
public final class HomeLog {
    private HomeLog() {}

    /**
     * What is said of one exercise.
     *
     * @param sets done, 0 for left out
     * @param felt null when nobody said
     * @param hurt where, and how much; null where nothing did
     */
    public record ExerciseSaid(
            String exerciseKey,
            int sets,
            SaidEffort.@Nullable Word felt,
            @Nullable SitePain hurt) {}

    /**
     * The sets of {@code plan} done on {@code on}, in the order of the plan.
     *
     * @throws InvalidValue for an exercise that is not in it, or more sets than it has
     */
    public static List<LoggedSet> sets(Plan plan, LocalDate on, List<ExerciseSaid> said) {
        List<LoggedSet> sets = new ArrayList<>();
        Map<String, Slot> slots = new java.util.LinkedHashMap<>();
        plan.slots().forEach(s -> slots.put(s.exerciseKey(), s));
        for (ExerciseSaid one : said) {
            Slot slot = slots.get(one.exerciseKey());
            if (slot == null) {
                throw new InvalidValue("exerciseKey", "'" + one.exerciseKey() + "' is not in this session");
            }
            InvalidValue.requireWithin("sets", one.sets(), 0, slot.sets(), "sets");
            for (int round = 1; round <= one.sets(); round++) {
                for (@Nullable Side arm : slot.armsInTurn()) {
                    sets.add(set(slot.of(arm), on, arm, round, round == one.sets() ? one : null));
                }
            }
        }
        return sets;
    }

    private static LoggedSet set(Slot slot, LocalDate on, @Nullable Side arm, int round, @Nullable ExerciseSaid last) {
        SitePain said = last == null ? null : last.hurt();
        SitePain hurt = said != null && (arm == null || arm == said.side()) ? said : null;
        return new LoggedSet(
                on,
                slot.exerciseKey(),
                arm,
                round,
                slot.load(),
                slot.repsIn(round),
                last == null || last.felt() == null ? null : effort(slot, last.felt()),
                hurt == null ? PainScore.NONE : hurt.pain(),
                hurt == null ? null : hurt.site(),
                hurt == null ? null : hurt.side());
    }

    private static Effort effort(Slot slot, SaidEffort.Word word) {
        Effort aim = slot.trial() ? Effort.of(TrialSets.FOUND_UP_TO) : slot.targetEffort();
        return SaidEffort.after(aim).stream()
                .filter(s -> s.word() == word)
                .map(SaidEffort::effort)
                .findFirst()
                .orElseThrow();
    }
}

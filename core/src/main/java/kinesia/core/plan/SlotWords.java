package kinesia.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Exercise.RepRange;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.reason.Numbers;

/** A slot as it stands on paper: nothing of it is left out, least of all the arm. */
public final class SlotWords {
    private SlotWords() {}

    /** Arm, load, sets, repetitions, effort and tempo, each as one phrase in that order. */
    public static List<String> of(Slot slot) {
        List<String> words = new ArrayList<>();
        words.add(arms(slot));
        words.add(slot.loadWords() + (slot.trial() ? ", which the first set finds" : ""));
        words.add(slot.sets() + (slot.sets() == 1 ? " set of " : " sets of ") + amount(slot));
        words.add(effort(slot));
        words.add(tempo(slot.tempo()));
        if (slot.manner() != null) {
            if (slot.manner().toLastClean()) {
                words.add("to the last clean one");
            }
            if (slot.manner().loweringOnly()) {
                words.add("lowering only");
            }
            if (slot.manner().note() != null) {
                words.add(slot.manner().note());
            }
        }
        return List.copyOf(words);
    }

    /** Which arm: said of every exercise, as a sheet that says nothing is read as both. */
    public static String arms(Slot slot) {
        if (slot.arms() != Exercise.Arms.IN_TURN) {
            return "both arms together";
        }
        List<Side> working = Stream.of(Side.values())
                .filter(side -> slot.sides().isEmpty() || slot.sides().containsKey(side))
                .toList();
        return working.size() == 1 ? working.get(0).word() + " arm only" : "each arm in turn";
    }

    private static String amount(Slot slot) {
        if (slot.stationSeconds() > 0) {
            return slot.stationSeconds() + " s by the clock, about " + reps(slot.reps());
        }
        if (!slot.setReps().isEmpty()) {
            return slot.setReps().stream().map(String::valueOf).collect(Collectors.joining(", ")) + " repetitions";
        }
        return apart(slot, s -> reps(s.reps()));
    }

    private static String effort(Slot slot) {
        return "effort " + apart(slot, s -> Numbers.plain(s.targetEffort().value()));
    }

    /** The words of both arms, or of each where they differ. */
    private static String apart(Slot slot, java.util.function.Function<Slot, String> words) {
        List<Side> arms =
                Stream.of(Side.values()).filter(slot.sides()::containsKey).toList();
        List<String> each = arms.stream().map(arm -> words.apply(slot.of(arm))).toList();
        if (each.stream().distinct().count() < 2) {
            return each.isEmpty() ? words.apply(slot) : each.get(0);
        }
        return arms.stream()
                .map(arm -> words.apply(slot.of(arm)) + " " + arm.word())
                .collect(Collectors.joining(", "));
    }

    private static String reps(RepRange reps) {
        String count = reps.low() == reps.high() ? String.valueOf(reps.high()) : reps.low() + " to " + reps.high();
        return count + (reps.high() == 1 ? " repetition" : " repetitions");
    }

    private static String tempo(Exercise.Tempo tempo) {
        return tempo.upS() + " s up, " + tempo.holdS() + " s held, " + tempo.downS() + " s down";
    }
}

package kinesia.core.plan;

import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import kinesia.core.arm.Movement;
import kinesia.core.arm.Side;
import kinesia.core.dose.Effort;
import kinesia.core.dose.Load;
import kinesia.core.dose.WarmUp;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Site;
import kinesia.core.reason.InvalidValue;
import kinesia.core.reason.Reason;
import org.jspecify.annotations.Nullable;

/**
 * One session, ready for the floor.
 *
 * @param method key and name of the way of working; null when none was picked
 * @param units worked through one after the other
 * @param restSeconds after each round of the first unit, the one that is trimmed
 * @param minutes warm-up and work together, as the floor clock will show them
 * @param bends where the method gave way, and to what
 * @param whyNot every exercise that is not in it, and why
 * @param free minutes that are left over, and which rule leaves them; null when there are none to speak of
 * @param lostPins what the trainer fixed and cannot be in it, each with its one reason; null when all of it is
 */
public record Plan(
        LocalDate visitOn,
        @Nullable MethodName method,
        List<WarmUp.Step> warmUp,
        List<Unit> units,
        int restSeconds,
        Reason restReason,
        Minutes minutes,
        List<Reason> bends,
        List<WhyNot> whyNot,
        List<Reason> notes,
        @Nullable Free free,
        @Nullable List<WhyNot> lostPins) {

    public Plan {
        warmUp = List.copyOf(warmUp);
        units = List.copyOf(units);
        bends = List.copyOf(bends);
        whyNot = List.copyOf(whyNot);
        notes = List.copyOf(notes);
        lostPins = lostPins == null || lostPins.isEmpty() ? null : List.copyOf(lostPins);
    }

    /** A plan that follows no method. */
    public Plan(
            LocalDate visitOn,
            List<WarmUp.Step> warmUp,
            List<Unit> units,
            int restSeconds,
            Reason restReason,
            Minutes minutes,
            List<WhyNot> whyNot,
            List<Reason> notes) {
        this(visitOn, null, warmUp, units, restSeconds, restReason, minutes, List.of(), whyNot, notes, null, null);
    }

    /**
     * Minutes that nothing fills.
     *
     * @param enough the minutes that would hold all of it
     */
    public record Free(int minutes, int enough, Reason reason) {}

    /** A method as a plan names it. */
    public record MethodName(String key, String name) {}

    /** What a reason on a slot is about. */
    public enum Aspect {
        CHOICE,
        LOAD,
        SETS,
        REPS,
        EFFORT,
        TEMPO,
        RANGE,
        /** Why one arm works otherwise than the other, or rests. */
        ARMS
    }

    /**
     * Exercises worked in turn, round by round: a pair, a block, a circuit, or one exercise alone.
     *
     * @param restSeconds after each round
     * @param changeOverSeconds from one exercise to the next within a round
     * @param setUpSeconds to set up each exercise
     * @param care work around the arm that fills the time, without hard sets
     */
    public record Unit(
            String letter,
            Method.Layout layout,
            int restSeconds,
            int changeOverSeconds,
            int setUpSeconds,
            List<Slot> slots,
            boolean care) {
        public Unit {
            slots = List.copyOf(slots);
        }

        /** Main work. */
        public Unit(
                String letter,
                Method.Layout layout,
                int restSeconds,
                int changeOverSeconds,
                int setUpSeconds,
                List<Slot> slots) {
            this(letter, layout, restSeconds, changeOverSeconds, setUpSeconds, slots, false);
        }

        /** Rounds: the largest number of sets. */
        public int rounds() {
            return slots.stream().mapToInt(Slot::sets).max().orElse(0);
        }
    }

    /**
     * One exercise of the session.
     *
     * @param movement the range for this client, already shortened by limits
     * @param usual the range that the load belongs to; {@code reps} goes past it while a big step is bridged
     * @param setReps repetitions set by set; empty when all are alike
     * @param stationSeconds how long a set lasts by the clock; 0 when repetitions end it
     * @param loadShare the share of a fresh load that {@code load} is, 0 to 1
     * @param trial the first set finds the load
     * @param stress at each site, relative to the site's reference exercise
     * @param sides what each arm does where they differ; an arm that is missing rests. Empty when they are alike
     * @param why a reason for each aspect
     * @param manner how it is done beyond that; null for the usual way
     */
    public record Slot(
            String exerciseKey,
            String name,
            Head.Group group,
            Exercise.Arms arms,
            Movement movement,
            int sets,
            Exercise.RepRange reps,
            Exercise.RepRange usual,
            List<Integer> setReps,
            int stationSeconds,
            Load load,
            double loadShare,
            boolean trial,
            Effort targetEffort,
            Exercise.Tempo tempo,
            Map<Site, Double> stress,
            Map<Side, SideDose> sides,
            Map<Aspect, Reason> why,
            @Nullable Manner manner) {
        public Slot {
            setReps = List.copyOf(setReps);
            stress = Map.copyOf(stress);
            sides = Map.copyOf(sides);
            why = Map.copyOf(why);
        }

        /** A slot whose sets and arms are alike and end by repetitions. */
        public Slot(
                String exerciseKey,
                String name,
                Head.Group group,
                Exercise.Arms arms,
                Movement movement,
                int sets,
                Exercise.RepRange reps,
                Load load,
                boolean trial,
                Effort targetEffort,
                Exercise.Tempo tempo,
                Map<Site, Double> stress,
                Map<Aspect, Reason> why) {
            this(
                    exerciseKey,
                    name,
                    group,
                    arms,
                    movement,
                    sets,
                    reps,
                    reps,
                    List.of(),
                    0,
                    load,
                    1,
                    trial,
                    targetEffort,
                    tempo,
                    stress,
                    Map.of(),
                    why,
                    null);
        }

        /** Whether its tempo belongs to the way of working, so that no step is bridged with it. */
        public boolean hasMethodsTempo() {
            Reason tempo = why.get(Aspect.TEMPO);
            return tempo != null && tempo.ruleId().equals(Dosing.METHODS_TEMPO);
        }

        /** The slot as {@code arm} does it; null asks for it as a whole. */
        public Slot of(@Nullable Side arm) {
            SideDose own = arm == null ? null : sides.get(arm);
            return own == null ? this : with(own, sets, setReps, sides, why);
        }

        /** The arms that do its sets one after the other, the left one first; one null where both do them together. */
        public List<@Nullable Side> armsInTurn() {
            if (arms != Exercise.Arms.IN_TURN) {
                return Collections.singletonList(null);
            }
            return Stream.of(Side.values())
                    .filter(side -> sides.isEmpty() || sides.containsKey(side))
                    .toList();
        }

        /** Whether it loads {@code site} enough for what is sore there to count. */
        public boolean loads(Site site) {
            return stress.getOrDefault(site, 0.0) >= LimitCheck.LOADS_SITE_FROM;
        }

        /** The same with {@code other} sets, and why where that is another number. */
        public Slot withSets(int other, @Nullable Reason because) {
            if (other == sets) {
                return this;
            }
            Map<Aspect, Reason> reasons = new java.util.HashMap<>(why);
            if (because != null) {
                reasons.put(Aspect.SETS, because);
            }
            return with(dose(), other, setReps.stream().limit(other).toList(), sides, reasons);
        }

        /** The same with {@code other} repetitions, load and effort, and those of each arm that has its own. */
        public Slot dosed(SideDose other, Map<Side, SideDose> ofEach) {
            return with(other, sets, setReps, ofEach, why);
        }

        /** The same with other reasons for some of it. */
        public Slot because(Map<Aspect, Reason> other) {
            Map<Aspect, Reason> reasons = new java.util.HashMap<>(why);
            reasons.putAll(other);
            return with(dose(), sets, setReps, sides, reasons);
        }

        private SideDose dose() {
            return new SideDose(movement, reps, load, targetEffort);
        }

        private Slot with(
                SideDose dose,
                int count,
                List<Integer> repsOfEach,
                Map<Side, SideDose> ofEachArm,
                Map<Aspect, Reason> reasons) {
            return new Slot(
                    exerciseKey,
                    name,
                    group,
                    arms,
                    dose.movement(),
                    count,
                    dose.reps(),
                    usual,
                    repsOfEach,
                    stationSeconds,
                    dose.load(),
                    loadShare,
                    trial,
                    dose.targetEffort(),
                    tempo,
                    stress,
                    ofEachArm,
                    reasons,
                    manner);
        }

        /** The load in words: "5 kg", or "5 kg left, 6 kg right" where the arms have their own. */
        public String loadWords() {
            boolean alike =
                    sides.values().stream().map(SideDose::load).distinct().count() < 2;
            return alike
                    ? load.label()
                    : Stream.of(Side.values())
                            .map(arm -> of(arm).load().label() + " " + arm.word())
                            .collect(java.util.stream.Collectors.joining(", "));
        }

        /** The repetitions aimed at in {@code round} (1 is the first). */
        public int repsIn(int round) {
            return setReps.isEmpty() ? reps.high() : setReps.get(Math.min(round, setReps.size()) - 1);
        }

        /** Seconds that {@code round} takes, both arms when they work in turn. */
        int secondsIn(int round) {
            if (stationSeconds > 0) {
                return stationSeconds;
            }
            int arms = this.arms == Exercise.Arms.IN_TURN && sides.size() == 1 ? 1 : this.arms.timesAsLong();
            return repsIn(round) * tempo.secondsPerRep() * arms;
        }
    }

    /**
     * How an exercise is done beyond sets and repetitions.
     *
     * @param toLastClean a set ends with the last clean repetition, whatever its number
     * @param loweringOnly both arms or a helper bring it up, the working arm lowers it
     * @param note what the trainer wrote to it, at most 200 characters; null when nothing
     */
    public record Manner(
            boolean toLastClean,
            boolean loweringOnly,
            @Nullable String note) {
        private static final int LONGEST_NOTE = 200;

        public Manner {
            if (note != null && note.length() > LONGEST_NOTE) {
                throw new InvalidValue("note", "has more than " + LONGEST_NOTE + " characters");
            }
        }
    }

    /** What one arm does in a slot. */
    public record SideDose(Movement movement, Exercise.RepRange reps, Load load, Effort targetEffort) {}

    /** An exercise that was left out. {@code byLimit} tells a hard reason from being outranked. */
    public record WhyNot(String exerciseKey, String name, boolean byLimit, List<Reason> reasons) {}

    /** Minutes; the whole is rounded up once. */
    public record Minutes(int warmUp, int work) {
        static Minutes of(int warmUpSeconds, int workSeconds) {
            int total = SessionClock.minutes(warmUpSeconds + workSeconds);
            int warmUp = Math.min(total, Math.round(warmUpSeconds / 60f));
            return new Minutes(warmUp, total - warmUp);
        }

        public int total() {
            return warmUp + work;
        }
    }

    /** The units in the order of {@code keys}, each where its first named exercise stands; the others after them. */
    public Plan ordered(List<String> keys) {
        List<Unit> sorted = units.stream()
                .sorted(java.util.Comparator.comparing(Unit::care)
                        .thenComparingInt((Unit u) -> u.slots().stream()
                                .mapToInt(s -> keys.indexOf(s.exerciseKey()))
                                .map(i -> i < 0 ? Integer.MAX_VALUE : i)
                                .min()
                                .orElse(Integer.MAX_VALUE)))
                .toList();
        List<Unit> lettered = new java.util.ArrayList<>();
        for (Unit u : sorted) {
            lettered.add(new Unit(
                    String.valueOf((char) ('A' + lettered.size())),
                    u.layout(),
                    u.restSeconds(),
                    u.changeOverSeconds(),
                    u.setUpSeconds(),
                    u.slots(),
                    u.care()));
        }
        return new Plan(
                visitOn,
                method,
                warmUp,
                lettered,
                restSeconds,
                restReason,
                minutes,
                bends,
                whyNot,
                notes,
                free,
                lostPins);
    }

    /** The same with other units and what they take; what is in them was not left out. */
    Plan with(List<WarmUp.Step> warmedUp, List<Unit> others, Reason whyRest, Minutes taking, List<Reason> noted) {
        return new Plan(
                visitOn,
                method,
                warmedUp,
                others,
                others.get(0).restSeconds(),
                whyRest,
                taking,
                bends,
                whyNot.stream()
                        .filter(w -> others.stream()
                                .flatMap(u -> u.slots().stream())
                                .noneMatch(s -> s.exerciseKey().equals(w.exerciseKey())))
                        .toList(),
                noted,
                free,
                lostPins);
    }

    /** The same with what was fixed and could not be kept. */
    Plan without(List<WhyNot> pins) {
        return new Plan(
                visitOn, method, warmUp, units, restSeconds, restReason, minutes, bends, whyNot, notes, free, pins);
    }

    /** The slots of the main work, in order. */
    public List<Slot> mainSlots() {
        return units.stream()
                .filter(u -> !u.care())
                .flatMap(u -> u.slots().stream())
                .toList();
    }

    /** Sets of {@code group} in the main work. */
    int setsFor(Head.Group group) {
        return mainSlots().stream()
                .filter(s -> s.group() == group)
                .mapToInt(Slot::sets)
                .sum();
    }

    /** All slots in order. */
    public List<Slot> slots() {
        return units.stream().flatMap(u -> u.slots().stream()).toList();
    }
}

package kinesia.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import kinesia.core.arm.ArmDimensions;
import kinesia.core.arm.LoadCurve;
import kinesia.core.arm.Movement;
import kinesia.core.arm.Pose;
import kinesia.core.dose.Equipment;
import kinesia.core.dose.Load;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.exercise.Adjustment;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Site;
import kinesia.core.exercise.Workbench;
import kinesia.core.plan.EaseMoves.Dimension;
import kinesia.core.plan.EaseMoves.Move;
import kinesia.core.reason.InvalidValue;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.Limit;
import org.jspecify.annotations.Nullable;

/**
 * The arm model turned around: the smallest changes that unload a sore place and keep the muscle's work. Exact: every
 * combination of up to {@value #MOST_STEPS} steps is tried, fewest steps first, then least loss of the muscle's demand.
 */
public final class Easing {
    /** More turning than this is another exercise. */
    public static final int MOST_STEPS = 4;

    // [house] What counts as unloaded, and as keeping the muscle's work.
    private static final double UNLOADED_SHARE = 0.60;
    private static final double KEPT_WITHIN = 0.10;
    private static final int ANSWERS = 3;

    /**
     * What is asked.
     *
     * @param entry the exercise as the catalogue has it
     * @param current what is already turned on it
     * @param progress where in the lift it hurts, 0 to 1
     */
    public record Asked(
            Exercise entry,
            Adjustment current,
            Body body,
            double loadKg,
            Site site,
            double progress,
            Equipment equipment,
            List<Limit> limits) {
        public Asked {
            InvalidValue.requireWithin("progress", progress, 0, 1, "");
            InvalidValue.requireWithin("loadKg", loadKg, 0, 200, "kg");
            limits = List.copyOf(limits);
        }
    }

    /**
     * One answer.
     *
     * @param changes what to turn, in words
     * @param steps its size
     * @param adjustment all that is turned then, the current included
     * @param placeShare load at the sore place against before; 0 when the pose is no longer passed
     * @param meanShare the muscle's mean demand against before
     */
    public record Change(
            List<String> changes,
            int steps,
            Adjustment adjustment,
            Exercise exercise,
            Load load,
            boolean avoidsThePose,
            double placeShare,
            double meanShare,
            LoadCurve curve,
            Reason reason) {}

    /** What was tried in one dimension alone, or why it was not, and why it is no answer by itself. */
    public record Rejected(String what, String why) {}

    /** Before, up to three changes, what was rejected, and how many combinations were tried. */
    public record Answer(
            Exercise before,
            LoadCurve curve,
            double placeNm,
            List<Change> changes,
            List<Rejected> rejected,
            int tried) {}

    private final ExerciseModel.StressScale scale;
    private final Asked asked;
    private final Workbench bench;
    private final ArmDimensions arm;
    private final Pose sore;
    private final EaseTrial before;
    private final double placeBefore;
    private final double stressBefore;
    private final double worstBefore;
    private final double meanBefore;
    private final Exercise now;
    private final Map<Dimension, List<Move>> moves = new EnumMap<>(Dimension.class);
    private final List<Judged> found = new ArrayList<>();
    private final Map<Movement, EaseTrial.Path> paths = new HashMap<>();
    private final Map<Adjustment, EaseTrial> trials = new HashMap<>();
    private final Set<Adjustment> impossible = new HashSet<>();
    private int tried;

    private Easing(ExerciseModel model, Asked asked) {
        this.scale = model.stressScale(asked.body());
        this.asked = asked;
        this.bench = new Workbench(asked.entry(), asked.body(), model.stimulusRules());
        this.arm = asked.body().arm();
        this.now = bench.apply(asked.current());
        this.sore = now.movement().at(asked.progress());
        this.before = new EaseTrial(now, asked.body(), asked.site(), path(now.movement()));
        this.placeBefore = before.demandThere(asked.loadKg());
        this.stressBefore = before.stressThere(asked.loadKg(), scale);
        this.worstBefore = before.stressAnywhere(asked.loadKg(), scale);
        this.meanBefore = before.meanDemand(asked.loadKg());
        for (Dimension dimension : Dimension.values()) {
            moves.put(
                    dimension,
                    EaseMoves.of(dimension, now, bench.scope(), asked.current(), asked.equipment(), asked.body()));
        }
    }

    /** Searches; {@link InvalidValue} when the current adjustment does not fit the exercise. */
    public static Answer of(ExerciseModel model, Asked asked) {
        Easing easing = new Easing(model, asked);
        easing.search();
        return new Answer(
                easing.now,
                easing.before.curve(asked.loadKg()),
                easing.placeBefore,
                easing.found.stream().map(easing::change).toList(),
                easing.rejected(),
                easing.tried);
    }

    /** A combination with its measures. */
    record Judged(
            List<Move> moves,
            Exercise exercise,
            Adjustment adjustment,
            Load load,
            boolean avoids,
            double placeShare,
            double meanShare,
            boolean worseElsewhere,
            boolean obeysLimits) {
        boolean unloads() {
            return avoids || placeShare <= UNLOADED_SHARE + 1e-9;
        }

        boolean keeps() {
            return Math.abs(meanShare - 1) <= KEPT_WITHIN + 1e-9;
        }

        boolean isAnswer() {
            return unloads() && keeps() && !worseElsewhere && obeysLimits;
        }

        double loss() {
            return Math.max(0, 1 - meanShare);
        }

        int steps() {
            return moves.stream().mapToInt(Move::size).sum();
        }
    }

    private void search() {
        for (int steps = 1; steps <= MOST_STEPS && found.size() < ANSWERS; steps++) {
            List<Judged> level = new ArrayList<>();
            combine(List.of(), 0, steps, level);
            level.stream()
                    .sorted(Comparator.comparingDouble(Judged::loss))
                    .limit((long) ANSWERS - found.size())
                    .forEach(found::add);
        }
    }

    /** All combinations of dimensions from {@code from} on whose sizes add up to {@code left}. */
    private void combine(List<Move> chosen, int from, int left, List<Judged> level) {
        if (left == 0) {
            if (!holdsAnAnswer(chosen)) {
                tried++;
                Judged judged = judge(chosen);
                if (judged != null && judged.isAnswer()) {
                    level.add(judged);
                }
            }
            return;
        }
        Dimension[] all = Dimension.values();
        for (int d = from; d < all.length; d++) {
            for (Move move : moves.getOrDefault(all[d], List.of())) {
                if (move.size() <= left) {
                    List<Move> more = new ArrayList<>(chosen);
                    more.add(move);
                    combine(more, d + 1, left - move.size(), level);
                }
            }
        }
    }

    /** Whether an answer already found is part of {@code chosen}: then the rest of it is not needed. */
    private boolean holdsAnAnswer(List<Move> chosen) {
        return found.stream()
                .anyMatch(answer ->
                        answer.moves().stream().allMatch(part -> chosen.stream().anyMatch(move -> move.holds(part))));
    }

    private @Nullable Judged judge(List<Move> chosen) {
        Adjustment adjustment = asked.current();
        int loadSteps = 0;
        boolean held = false;
        boolean otherImplement = false;
        for (Move move : chosen) {
            adjustment = adjustment.then(move.change());
            loadSteps += move.loadSteps();
            held |= move.dimension() == Dimension.GRIP || move.dimension() == Dimension.IMPLEMENT;
            otherImplement |= move.dimension() == Dimension.IMPLEMENT;
        }
        EaseTrial trial = trial(adjustment);
        if (trial == null) {
            return null;
        }
        Exercise exercise = trial.exercise();
        Load load = load(exercise, trial, otherImplement, loadSteps);
        if (load == null) {
            return null;
        }
        double place = held
                ? share(trial.stressThere(load.kg(), scale), stressBefore)
                : share(trial.demandThere(load.kg()), placeBefore);
        boolean avoids = !trial.visits();
        // In a combination that does not unload the place, the muscle's work no longer matters.
        boolean hopeless = chosen.size() > 1 && !avoids && place > UNLOADED_SHARE + 1e-9;
        double mean = meanBefore == 0 || hopeless ? 0 : trial.meanDemand(load.kg()) / meanBefore;
        Judged judged = new Judged(chosen, exercise, adjustment, load, avoids, avoids ? 0 : place, mean, false, true);
        if (!judged.isAnswer()) {
            return judged;
        }
        // Only an answer so far is worth the dearer questions: is the site worse off elsewhere, is a limit broken?
        boolean worse = trial.stressAnywhere(load.kg(), scale) > worstBefore + 1e-9;
        LoadCurve curve = trial.curve(load.kg());
        boolean obeys = LimitCheck.broken(exercise, curve, () -> scale.of(curve, exercise), asked.limits())
                        .isEmpty()
                && LimitCheck.soreArc(exercise, curve, asked.limits()).isEmpty();
        return new Judged(chosen, exercise, adjustment, load, avoids, judged.placeShare(), mean, worse, obeys);
    }

    /** The exercise turned so; the same for every load. Null when its parts cannot be turned together. */
    private @Nullable EaseTrial trial(Adjustment adjustment) {
        EaseTrial known = trials.get(adjustment);
        if (known == null && !impossible.contains(adjustment)) {
            try {
                known = trialOf(bench.apply(adjustment));
                trials.put(adjustment, known);
            } catch (InvalidValue e) {
                impossible.add(adjustment);
            }
        }
        return known;
    }

    private EaseTrial trialOf(Exercise exercise) {
        return new EaseTrial(exercise, asked.body(), asked.site(), path(exercise.movement()));
    }

    private EaseTrial.Path path(Movement movement) {
        return paths.computeIfAbsent(movement, m -> new EaseTrial.Path(m, arm, asked.site(), sore));
    }

    private static double share(double after, double before) {
        return before < 1e-9 ? 1 : after / before;
    }

    /** The load that goes with a combination; null when the room has none such. */
    private @Nullable Load load(Exercise exercise, EaseTrial trial, boolean otherImplement, int steps) {
        if (exercise.bodyWeightShare() > 0) {
            return new Load(exercise.bodyWeightShare() * asked.body().massKg(), "body weight");
        }
        if (!otherImplement && steps == 0) {
            return Load.ofKg(asked.loadKg());
        }
        List<Load> loads =
                ReachableLoads.of(asked.equipment(), exercise, asked.body()).loads();
        int nearest = -1;
        double off = Double.MAX_VALUE;
        // Demand is linear in the load, so two points give it everywhere.
        double none = otherImplement ? trial.meanDemand(0) : 0;
        double perKg = otherImplement ? trial.meanDemand(1) - none : 0;
        for (int i = 0; i < loads.size(); i++) {
            double kg = loads.get(i).kg();
            double miss = otherImplement ? Math.abs(none + perKg * kg - meanBefore) : Math.abs(kg - asked.loadKg());
            if (miss < off - 1e-12) {
                off = miss;
                nearest = i;
            }
        }
        int index = nearest + steps;
        return nearest < 0 || index < 0 || index >= loads.size() ? null : loads.get(index);
    }

    private Change change(Judged j) {
        List<String> words = j.moves().stream()
                .map(m -> m.dimension() == Dimension.LOAD || m.dimension() == Dimension.IMPLEMENT
                        ? m.words() + " (" + j.load().label() + ")"
                        : m.words())
                .toList();
        String what = String.join(" and ", words);
        String place = asked.site().words();
        String unit = asked.site().isShoulder() ? "shoulder" : "elbow";
        String effect = j.avoids()
                ? "the sore position is no longer passed"
                : "the load at the sore place falls to " + Numbers.plain(100 * j.placeShare(), 0) + " %";
        return new Change(
                words,
                j.steps(),
                j.adjustment(),
                j.exercise(),
                j.load(),
                j.avoids(),
                j.placeShare(),
                j.meanShare(),
                trialOf(j.exercise()).curve(j.load().kg()),
                Reason.of(
                                "EASE-smallest-change",
                                Tag.HOUSE,
                                "60 % or less at the sore place, the muscle's mean demand within 10 %",
                                capital(what) + ": " + effect + " and the muscle keeps "
                                        + Numbers.plain(100 * j.meanShare(), 0) + " % of its work.",
                                "A small change: " + what + ". That spares the " + place + ".")
                        .with(unit + " demand there before", Numbers.plain(placeBefore, 1) + " N.m")
                        .with("share there after", Numbers.plain(100 * j.placeShare(), 0) + " %")
                        .with("mean demand after", Numbers.plain(100 * j.meanShare(), 0) + " %")
                        .with("steps", j.steps()));
    }

    private List<Rejected> rejected() {
        List<Rejected> rejected = new ArrayList<>();
        moves.forEach((dimension, of) -> {
            if (of.isEmpty()) {
                rejected.add(new Rejected(dimension.words(), notHere(dimension)));
                return;
            }
            List<Judged> alone = of.stream()
                    .map(m -> judge(List.of(m)))
                    .filter(java.util.Objects::nonNull)
                    .toList();
            if (alone.stream().noneMatch(Judged::isAnswer)) {
                alone.stream()
                        .min(Comparator.comparing((Judged j) -> !j.unloads())
                                .thenComparing(j -> j.unloads() ? Math.abs(j.meanShare() - 1) : j.placeShare()))
                        .ifPresent(j -> rejected.add(new Rejected(
                                j.moves().stream().map(Move::words).collect(Collectors.joining()), why(j))));
            }
        });
        rejected.add(new Rejected(
                "tempo",
                "the model is quasi-static: a slower or faster lift asks the same of the joint in each position"));
        return rejected;
    }

    private static String notHere(Dimension dimension) {
        return switch (dimension) {
            case BENCH -> "no bench that tips, or not in this exercise";
            case ANCHOR -> "no cable or band in this exercise";
            case IMPLEMENT -> "nothing else here fits this exercise";
            case LOWER_STOP, UPPER_STOP -> "the lift is too short to leave a part out";
            default -> "this exercise does not leave it free";
        };
    }

    private static String why(Judged j) {
        String place = j.avoids()
                ? "avoids the sore position"
                : Numbers.plain(100 * j.placeShare(), 0) + " % of the load stays at the sore place";
        if (!j.unloads()) {
            return place + ", more than 60 %";
        }
        if (!j.keeps()) {
            return (j.avoids() ? place : "down to " + Numbers.plain(100 * j.placeShare(), 0) + " % there")
                    + ", but the muscle's work becomes " + Numbers.plain(100 * j.meanShare(), 0) + " %";
        }
        return j.worseElsewhere()
                ? place + ", but the site would pay more elsewhere in the lift"
                : "it would break one of the client's limits";
    }

    private static String capital(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }
}

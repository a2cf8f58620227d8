package kinesia.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.Collectors;
import kinesia.core.arm.ArmDimensions;
import kinesia.core.arm.LoadCurve;
import kinesia.core.arm.Movement;
import kinesia.core.arm.Pose;
import kinesia.core.arm.Side;
import kinesia.core.dose.Equipment;
import kinesia.core.dose.Load;
import kinesia.core.dose.Person;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.exercise.Adjustment;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.ElbowStrength;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Implement;
import kinesia.core.exercise.Role;
import kinesia.core.exercise.Site;
import kinesia.core.exercise.Workbench;
import kinesia.core.plan.EaseMoves.Dimension;
import kinesia.core.plan.EaseMoves.Move;
import kinesia.core.reason.InvalidValue;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.Limit;
import kinesia.core.screening.PainScore;
import org.jspecify.annotations.Nullable;

/**
 * The arm model turned around: the smallest changes that take the load off a sore place, at the moment it hurts and over the
 * whole lift, and keep the muscle's work. Exact: every combination of up to {@value #MOST_STEPS} steps is tried, fewest steps
 * first, then least loss of the muscle's demand.
 */
public final class Easing {
    /** More turning than this is another exercise. */
    public static final int MOST_STEPS = 4;

    // [house] What counts as unloaded, and as keeping the muscle's work.
    private static final double UNLOADED_SHARE = 0.60;
    private static final double KEPT_WITHIN = 0.10;
    private static final double LESS_ANYWHERE = 0.95;
    private static final double LEFT_BY_DEG = 15;
    // Another place may ask its reference, or what it asked before.
    private static final double REFERENCE = 1.0;
    private static final double NOTHING = 1e-9;
    // What a band may be stretched to where nobody measured further: over its free length [house].
    private static final double MOST_STRETCH = ReachableLoads.MOST_STRETCH;
    private static final int ANSWERS = 3;
    // Where it hurts now counts like a place that is usually sore at 4 [house].
    private static final PainScore PROVISIONALLY_SORE = PainScore.of(4);

    /**
     * What is asked.
     *
     * @param entry the exercise as the catalogue has it
     * @param current what is already turned on it
     * @param soreSites what is sore besides
     * @param progress where in the lift it hurts, 0 to 1
     */
    public record Asked(
            Exercise entry,
            Adjustment current,
            Person person,
            List<SoreSite> soreSites,
            ElbowStrength strength,
            double loadKg,
            Site site,
            double progress,
            Equipment equipment,
            List<Limit> limits) {
        public Asked {
            InvalidValue.requireWithin("progress", progress, 0, 1, "");
            InvalidValue.requireWithin("loadKg", loadKg, 0, 200, "kg");
            soreSites = List.copyOf(soreSites);
            limits = List.copyOf(limits);
        }

        Body body() {
            return person.body();
        }
    }

    /**
     * One answer.
     *
     * @param changes what to turn, in words
     * @param steps its size
     * @param adjustment all that is turned then, the current included
     * @param placeShare the site's stress at the sore moment against before; 0 when the pose is no longer passed
     * @param worstShare the site's largest stress over the whole lift against before
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
            double worstShare,
            double meanShare,
            LoadCurve curve,
            Reason reason) {}

    /** The best exercise for the same muscle that asks less of the place, when nothing small helps. */
    public record Kinder(String exerciseKey, String name, double stress, double stressNow) {}

    /** What was tried in one dimension alone, or why it was not, and why it is no answer by itself. */
    public record Rejected(String what, String why) {}

    /**
     * Before, up to three changes, what was rejected, and how many combinations were tried.
     *
     * @param placeStress the site's stress at the sore moment, its reference being 1
     * @param substitute what to do instead where no change was found; null where one was, or where nothing is kinder
     */
    public record Answer(
            Exercise before,
            LoadCurve curve,
            double placeStress,
            List<Change> changes,
            List<Rejected> rejected,
            @Nullable Kinder substitute,
            int tried) {}

    private final ExerciseModel.StressScale scale;
    private final Asked asked;
    private final Workbench bench;
    private final ArmDimensions arm;
    private final Pose sore;
    private final EaseTrial before;
    private final ExerciseModel model;
    private final double stressBefore;
    private final Map<Site, Double> worstBefore;
    private final double meanBefore;
    private final Exercise now;
    private final Map<Dimension, List<Move>> moves = new EnumMap<>(Dimension.class);
    private final List<Judged> found = new ArrayList<>();
    // Combinations are tried side by side.
    private final Map<Movement, EaseTrial.Path> paths = new ConcurrentHashMap<>();
    private final Map<Adjustment, Optional<EaseTrial>> trials = new ConcurrentHashMap<>();
    private final Map<Rack, List<Load>> racks = new ConcurrentHashMap<>();
    private final Map<Alike, Integer> equalEffort = new ConcurrentHashMap<>();
    private int tried;

    private Easing(ExerciseModel model, Asked asked) {
        this.model = model;
        this.scale = model.stressScale(asked.body(), asked.strength());
        this.asked = asked;
        this.bench = new Workbench(asked.entry(), asked.body(), model.stimulusRules());
        this.arm = asked.body().arm();
        this.now = bench.apply(asked.current());
        this.sore = now.movement().at(asked.progress());
        this.before = new EaseTrial(now, asked.body(), asked.site(), path(now.movement()));
        this.stressBefore = before.stressThere(asked.loadKg(), scale);
        this.worstBefore = before.stressAnywhere(asked.loadKg(), scale);
        this.meanBefore = before.meanDemand(asked.loadKg());
        for (Dimension dimension : Dimension.values()) {
            moves.put(
                    dimension,
                    helps(dimension)
                            ? EaseMoves.of(
                                    dimension, now, bench.scope(), asked.current(), asked.equipment(), asked.body())
                            : List.of());
        }
    }

    /** At the places that a grip loads, where the arm is makes no difference: only how and what the hand holds. */
    private boolean helps(Dimension dimension) {
        boolean gripSite =
                asked.site() == Site.OUTER_ELBOW || asked.site() == Site.INNER_ELBOW || asked.site() == Site.WRIST;
        return !gripSite
                || dimension == Dimension.GRIP
                || dimension == Dimension.IMPLEMENT
                || dimension == Dimension.LOAD;
    }

    /** Searches; {@link InvalidValue} when the current adjustment does not fit the exercise. */
    public static Answer of(ExerciseModel model, Asked asked) {
        Easing easing = new Easing(model, asked);
        easing.search();
        return new Answer(
                easing.now,
                easing.before.curve(asked.loadKg()),
                easing.stressBefore,
                easing.found.stream().map(easing::change).toList(),
                easing.rejected(),
                easing.found.isEmpty() ? easing.substitute() : null,
                easing.tried);
    }

    /** What the room's loads for a trial hang on; those of a band on the way it is reached. */
    private record Rack(
            Implement implement, int atOnce, @Nullable EaseTrial band) {}

    /** Why a combination that unloads and keeps is still no answer. */
    enum Against {
        ELSEWHERE_IN_THE_LIFT("the place would pay as much elsewhere in the lift"),
        ANOTHER_PLACE("another place would pay for it"),
        FURTHER("it takes the arm further behind, out or up"),
        OVERHEAD("it takes the arm overhead"),
        STRETCH("it stretches the band further than it was measured"),
        LIMIT("it would break one of the client's limits");

        private final String words;

        Against(String words) {
            this.words = words;
        }
    }

    /** A combination with its measures. */
    record Judged(
            List<Move> moves,
            Exercise exercise,
            Adjustment adjustment,
            Load load,
            boolean avoids,
            double placeShare,
            double worstShare,
            double meanShare,
            @Nullable Against against) {
        boolean unloads() {
            return avoids || placeShare <= UNLOADED_SHARE + NOTHING;
        }

        boolean keeps() {
            return Math.abs(meanShare - 1) <= KEPT_WITHIN + NOTHING;
        }

        boolean isAnswer() {
            return unloads() && keeps() && against == null;
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
            List<List<Move>> level = new ArrayList<>();
            combine(List.of(), 0, steps, level);
            tried += level.size();
            level.parallelStream()
                    .map(this::judge)
                    .filter(j -> j != null && j.isAnswer())
                    .map(Objects::requireNonNull)
                    .sorted(Comparator.comparingDouble(Judged::loss))
                    .limit((long) ANSWERS - found.size())
                    .forEachOrdered(found::add);
        }
    }

    /** All combinations of dimensions from {@code from} on whose sizes add up to {@code left}. */
    private void combine(List<Move> chosen, int from, int left, List<List<Move>> level) {
        if (left == 0) {
            if (!holdsAnAnswer(chosen)) {
                level.add(chosen);
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
        boolean otherImplement = false;
        for (Move move : chosen) {
            adjustment = adjustment.then(move.change());
            loadSteps += move.loadSteps();
            otherImplement |= move.dimension() == Dimension.IMPLEMENT;
        }
        EaseTrial trial = trial(adjustment);
        // Only what is tried alone is asked why it is no answer.
        if (trial == null || (chosen.size() > 1 && goneTooFar(trial) != null)) {
            return null;
        }
        Exercise exercise = trial.exercise();
        Load load = load(exercise, trial, otherImplement, loadSteps);
        if (load == null) {
            return null;
        }
        boolean avoids = !trial.visits();
        double place = avoids ? 0 : share(trial.stressThere(load.kg(), scale), stressBefore);
        // In a combination that does not unload the place, the muscle's work no longer matters.
        boolean hopeless = chosen.size() > 1 && place > UNLOADED_SHARE + NOTHING;
        double mean = meanBefore == 0 || hopeless ? 0 : trial.meanDemand(load.kg()) / meanBefore;
        Judged judged = new Judged(chosen, exercise, adjustment, load, avoids, place, 1, mean, null);
        return judged.isAnswer() ? weighed(judged, trial) : judged;
    }

    /** Only what is an answer so far is worth the dearer questions, the cheapest of them first. */
    private Judged weighed(Judged j, EaseTrial trial) {
        Against turned = turned(trial);
        if (turned != null) {
            return weighed(j, 1, turned);
        }
        LoadCurve curve = trial.curve(j.load().kg());
        Map<Site, Double> after = scale.of(curve, j.exercise());
        double worst = share(of(after, asked.site()), of(worstBefore, asked.site()));
        return weighed(j, worst, against(j, trial, curve, after, worst));
    }

    private static Judged weighed(Judged j, double worst, @Nullable Against against) {
        return new Judged(
                j.moves(),
                j.exercise(),
                j.adjustment(),
                j.load(),
                j.avoids(),
                j.placeShare(),
                worst,
                j.meanShare(),
                against);
    }

    /** What is against where the arm goes, whatever the load. */
    private @Nullable Against turned(EaseTrial trial) {
        Against gone = goneTooFar(trial);
        if (gone != null) {
            return gone;
        }
        return trial.bandStretch() > Math.max(MOST_STRETCH, before.bandStretch()) + NOTHING ? Against.STRETCH : null;
    }

    private @Nullable Against goneTooFar(EaseTrial trial) {
        boolean further = trial.reach().isFurtherThan(before.reach());
        if (asked.site().isShoulder() && further) {
            return Against.FURTHER;
        }
        return trial.reach().isOverhead() && further ? Against.OVERHEAD : null;
    }

    private @Nullable Against against(
            Judged j, EaseTrial trial, LoadCurve curve, Map<Site, Double> after, double worst) {
        boolean less = worst <= LESS_ANYWHERE + NOTHING;
        boolean left = trial.nearestDeg() >= LEFT_BY_DEG && worst <= 1 + NOTHING;
        if (!less && !left) {
            return Against.ELSEWHERE_IN_THE_LIFT;
        }
        for (Site site : Site.values()) {
            // A pose that is only left, with no less over the lift, may cost nothing anywhere.
            double most = !less ? of(worstBefore, site) : Math.max(REFERENCE, of(worstBefore, site));
            if (site != asked.site() && of(after, site) > most + NOTHING) {
                return Against.ANOTHER_PLACE;
            }
        }
        boolean obeys = LimitCheck.broken(j.exercise(), curve, () -> after, asked.limits())
                        .isEmpty()
                && LimitCheck.soreArc(j.exercise(), curve, asked.limits()).isEmpty();
        return obeys ? null : Against.LIMIT;
    }

    private static double of(Map<Site, Double> stress, Site site) {
        return stress.getOrDefault(site, 0.0);
    }

    /** The best exercise for the same muscle, by the worth that the atlas ranks by, among those that ask less of the place. */
    private @Nullable Kinder substitute() {
        List<SoreSite> sore = new ArrayList<>(asked.soreSites());
        for (Side side : Side.values()) {
            sore.add(new SoreSite(asked.site(), side, PROVISIONALLY_SORE));
        }
        Atlas atlas = new Atlas(
                model,
                new Atlas.Asked(
                        asked.person(),
                        asked.strength(),
                        Map.of(),
                        asked.limits(),
                        sore,
                        asked.equipment(),
                        List.of(),
                        false));
        double now = of(worstBefore, asked.site());
        return model.catalogue().all().parallelStream()
                .filter(e -> e.role() == Role.MAIN
                        && e.group() == this.now.group()
                        && !e.movementFamily().equals(this.now.movementFamily()))
                .map(atlas::entry)
                .filter(e -> e.isAllowed() && of(e.stress(), asked.site()) < LESS_ANYWHERE * now)
                .min(atlas.order())
                .map(e -> new Kinder(e.exercise().key(), e.exercise().name(), of(e.stress(), asked.site()), now))
                .orElse(null);
    }

    /** The exercise turned so; the same for every load. Null when its parts cannot be turned together. */
    private @Nullable EaseTrial trial(Adjustment adjustment) {
        return trials.computeIfAbsent(adjustment, this::newTrial).orElse(null);
    }

    private Optional<EaseTrial> newTrial(Adjustment adjustment) {
        try {
            return Optional.of(trialOf(bench.apply(adjustment)));
        } catch (InvalidValue e) {
            return Optional.empty();
        }
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
        List<Load> loads = loads(trial);
        int nearest = otherImplement
                ? equalEffort.computeIfAbsent(
                        new Alike(trial.demand(), rack(trial)),
                        t -> nearest(loads, kg -> Math.abs(trial.meanDemand(kg) - meanBefore)))
                : nearest(loads, kg -> Math.abs(kg - asked.loadKg()));
        int index = nearest + steps;
        return nearest < 0 || index < 0 || index >= loads.size() ? null : loads.get(index);
    }

    private List<Load> loads(EaseTrial trial) {
        return racks.computeIfAbsent(
                rack(trial),
                r -> ReachableLoads.of(asked.equipment(), trial.exercise(), asked.body())
                        .loads());
    }

    private static Rack rack(EaseTrial trial) {
        Exercise exercise = trial.exercise();
        boolean band = exercise.implement() == Implement.BAND;
        return new Rack(exercise.implement(), exercise.implementsAtOnce(), band ? trial : null);
    }

    /** What pulls alike and is chosen from the same loads. */
    private record Alike(EaseTrial.Demand demand, Rack rack) {}

    private static int nearest(List<Load> loads, DoubleUnaryOperator missed) {
        int nearest = -1;
        double off = Double.MAX_VALUE;
        for (int i = 0; i < loads.size(); i++) {
            double miss = missed.applyAsDouble(loads.get(i).kg());
            if (miss < off - 1e-12) {
                off = miss;
                nearest = i;
            }
        }
        return nearest;
    }

    private Change change(Judged j) {
        List<String> words = j.moves().stream()
                .map(m -> m.dimension() == Dimension.LOAD || m.dimension() == Dimension.IMPLEMENT
                        ? m.words() + " (" + j.load().label() + ")"
                        : m.words())
                .toList();
        String what = String.join(" and ", words);
        String place = asked.site().words();
        String effect = j.avoids()
                ? "the position that hurts is no longer passed"
                : "where it hurts the " + place + " carries " + Numbers.plain(100 * j.placeShare(), 0)
                        + " % of what it did";
        return new Change(
                words,
                j.steps(),
                j.adjustment(),
                j.exercise(),
                j.load(),
                j.avoids(),
                j.placeShare(),
                j.worstShare(),
                j.meanShare(),
                trialOf(j.exercise()).curve(j.load().kg()),
                Reason.of(
                                "EASE-smallest-change",
                                Tag.HOUSE,
                                "60 % or less where it hurts, 5 % less over the whole lift, the muscle's work within 10 %",
                                capital(what) + ": " + effect + ", over the whole lift "
                                        + Numbers.plain(100 * j.worstShare(), 0) + " %, and the muscle keeps "
                                        + Numbers.plain(100 * j.meanShare(), 0) + " % of its work.",
                                "A small change: " + what + ". That spares the " + place + ".")
                        .with("share there after", Numbers.plain(100 * j.placeShare(), 0) + " %")
                        .with("share over the whole lift", Numbers.plain(100 * j.worstShare(), 0) + " %")
                        .with("mean demand after", Numbers.plain(100 * j.meanShare(), 0) + " %")
                        .with("steps", j.steps()));
    }

    private List<Rejected> rejected() {
        List<Rejected> rejected = new ArrayList<>();
        moves.forEach((dimension, of) -> {
            if (of.isEmpty()) {
                rejected.add(new Rejected(
                        dimension.words(),
                        helps(dimension)
                                ? notHere(dimension)
                                : "at the " + asked.site().words()
                                        + " only what the hand holds, and how, makes a difference"));
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
            case ANCHOR -> "no cable or band here whose height can be changed";
            case IMPLEMENT -> "nothing else here fits this exercise";
            case LOWER_STOP, UPPER_STOP -> "the lift is too short to leave a part out";
            default -> "this exercise does not leave it free";
        };
    }

    private static String why(Judged j) {
        String place = j.avoids()
                ? "avoids the position that hurts"
                : Numbers.plain(100 * j.placeShare(), 0) + " % of the load stays where it hurts";
        if (!j.unloads()) {
            return place + ", more than 60 %";
        }
        if (!j.keeps()) {
            return (j.avoids() ? place : "down to " + Numbers.plain(100 * j.placeShare(), 0) + " % there")
                    + ", but the muscle's work becomes " + Numbers.plain(100 * j.meanShare(), 0) + " %";
        }
        return place + ", but " + (j.against() == null ? "it is not the smallest" : j.against().words);
    }

    private static String capital(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }
}

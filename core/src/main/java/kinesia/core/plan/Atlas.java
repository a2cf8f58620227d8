package kinesia.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import kinesia.core.arm.LoadCurve;
import kinesia.core.dose.Equipment;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.EffortLevel;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Implement;
import kinesia.core.exercise.Role;
import kinesia.core.exercise.Site;
import kinesia.core.exercise.SiteStress;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.Limit;
import org.jspecify.annotations.Nullable;

/** Every exercise held against one client: what it gives, what it costs where they are sore, and what rules it out. */
public final class Atlas {
    private final ExerciseModel model;
    private final Asked asked;
    private final ExerciseModel.StressScale scale;
    private final EffortLevel level;

    /**
     * For whom exercises are judged.
     *
     * @param workingLoadsKg the load last used, by exercise key
     * @param equipment null to leave equipment out of it
     * @param longLength count load at long muscle length a little more (contested)
     */
    public record Asked(
            Body body,
            Map<String, Double> workingLoadsKg,
            List<Limit> limits,
            List<SoreSite> soreSites,
            @Nullable Equipment equipment,
            List<String> dislikes,
            boolean longLength) {
        public Asked {
            workingLoadsKg = Map.copyOf(workingLoadsKg);
            limits = List.copyOf(limits);
            soreSites = List.copyOf(soreSites);
            dislikes = List.copyOf(dislikes);
        }

        /** Somebody of this size with nothing sore and everything at hand. */
        public static Asked anybody(Body body) {
            return new Asked(body, Map.of(), List.of(), List.of(), null, List.of(), false);
        }
    }

    /**
     * One exercise for this client.
     *
     * @param exercise with its range shortened where limits shorten it
     * @param curve of the whole lift
     * @param doneCurve of the part that limits leave
     * @param done that part
     * @param loadKg the load all of it is worked out at
     * @param loadReason where that load comes from
     * @param worth stimulus for what the sore places pay; 0 for what trains no head
     * @param rangeReason why the range is shorter; null when it is whole
     * @param whyNot what rules it out; empty when it may be done
     * @param soreArc where in the whole lift the arm would be where it should not
     */
    public record Entry(
            Exercise exercise,
            LoadCurve curve,
            LoadCurve doneCurve,
            LimitCheck.Part done,
            double loadKg,
            Reason loadReason,
            Map<Head, Double> stimulus,
            List<SiteStress> stress,
            double worth,
            Reason worthReason,
            @Nullable Reason rangeReason,
            List<Reason> whyNot,
            List<LimitCheck.Part> soreArc) {
        public boolean isAllowed() {
            return whyNot.isEmpty();
        }
    }

    public Atlas(ExerciseModel model, Asked asked) {
        this.model = model;
        this.asked = asked;
        this.scale = model.stressScale(asked.body());
        this.level = level(model, asked);
    }

    /** The whole catalogue: what may be done first, by worth, then by name; what is ruled out after it. */
    public List<Entry> ranked() {
        return model.catalogue().all().stream()
                .map(this::entry)
                .sorted(Comparator.comparing(Entry::isAllowed)
                        .reversed()
                        .thenComparing(Comparator.comparingDouble(Entry::worth).reversed())
                        .thenComparing(e -> e.exercise().name()))
                .toList();
    }

    /** One exercise, at the load this client last used or at equal effort. */
    public Entry entry(Exercise exercise) {
        Double used = asked.workingLoadsKg().get(exercise.key());
        return used == null || exercise.bodyWeightShare() > 0
                ? atEqualEffort(exercise)
                : at(exercise, used, lastUsed(used));
    }

    /** One exercise at a load that somebody chose. */
    public Entry entry(Exercise exercise, double loadKg) {
        return at(
                exercise,
                loadKg,
                Reason.of(
                                "LOAD-chosen",
                                Tag.HOUSE,
                                "",
                                "Worked out at " + Numbers.plain(loadKg) + " kg, as set here.",
                                "This is with the weight we picked.")
                        .with("load", Numbers.plain(loadKg) + " kg"));
    }

    private Entry atEqualEffort(Exercise exercise) {
        Suitability fit = Suitability.of(model, exercise, asked.body(), level, asked.limits());
        Reason reason = comparedAt(exercise, fit.loadKg());
        return entry(exercise, fit.exercise(), fit.curve(), fit.loadKg(), reason, fit.against());
    }

    /** Where the load comes from with which an exercise is compared that was not used yet. */
    private Reason comparedAt(Exercise exercise, double loadKg) {
        if (exercise.bodyWeightShare() > 0) {
            return Reason.of(
                            "LOAD-body",
                            Tag.PRACTICE,
                            Numbers.plain(exercise.bodyWeightShare() * 100, 0) + " % of body mass on the hands",
                            "The hands carry about "
                                    + Numbers.plain(
                                            exercise.bodyWeightShare()
                                                    * asked.body().massKg(),
                                            0)
                                    + " kg of the body.",
                            "Your own weight is the load.")
                    .with("share", exercise.bodyWeightShare());
        }
        if (exercise.implement() == Implement.NOTHING) {
            return Reason.of(
                    "LOAD-none",
                    Tag.HOUSE,
                    "",
                    "Nothing is held: the arm's own weight is all there is.",
                    "For this one the hands are empty.");
        }
        String said = Numbers.plain(loadKg, 1) + " kg";
        if (exercise.role() == Role.WARM_UP || exercise.role() == Role.COOL_DOWN) {
            return Reason.of(
                            "LOAD-light",
                            Tag.HOUSE,
                            "warm-ups and cool-downs are looked at with " + said,
                            "Looked at with " + said + ", next to nothing, as it is meant.",
                            "For this one a light thing is enough.")
                    .with("load", said);
        }
        double demand = exercise.group() == Head.Group.FLEXORS ? level.flexorsNm() : level.extensorsNm();
        String peak = Numbers.plain(demand, 0) + " N.m";
        return Reason.of(
                        "LOAD-equal-effort",
                        Tag.HOUSE,
                        "peak of " + peak + " at the elbow, or its match at the shoulder",
                        "Not used yet, so compared at equal effort: about " + said + ", where "
                                + (level.equals(EffortLevel.USUAL) ? "the usual" : "this client's") + " peak of " + peak
                                + " is reached.",
                        "We compare them as if each felt equally hard.")
                .with("load", said)
                .with("peak demand", peak);
    }

    private Entry at(Exercise exercise, double loadKg, Reason reason) {
        Suitability fit = Suitability.of(model, exercise, asked.body(), level, asked.limits());
        LoadCurve curve = model.curve(fit.exercise(), asked.body(), loadKg);
        return entry(exercise, fit.exercise(), curve, loadKg, reason, fit.against());
    }

    private Entry entry(
            Exercise full, Exercise ranged, LoadCurve curve, double loadKg, Reason load, List<Reason> limits) {
        List<Reason> against = new ArrayList<>();
        if (asked.equipment() != null) {
            Suitability.missing(full, asked.equipment()).ifPresent(against::add);
        }
        if (asked.dislikes().contains(full.key())) {
            against.add(Reason.of(
                    "CHOICE-dislike", Tag.HOUSE, "", "The client does not want it.", "You told us you dislike it."));
        }
        against.addAll(limits);
        Map<Head, Double> stimulus = model.stimulus(ranged, curve, asked.longLength());
        List<SiteStress> stress = scale.explained(curve, ranged);
        Map<Site, Double> bySite = stress.stream().collect(Collectors.toMap(SiteStress::site, SiteStress::value));
        double given = stimulus.values().stream().mapToDouble(d -> d).sum();
        double cost = Suitability.cost(bySite, asked.soreSites());
        double worth = Suitability.worth(given, cost);
        LimitCheck.Part done = LimitCheck.part(full, asked.limits()).orElse(LimitCheck.Part.WHOLE);
        LoadCurve whole = done.isWhole() ? curve : model.curve(full, asked.body(), loadKg);
        return new Entry(
                ranged,
                whole,
                curve,
                done,
                loadKg,
                load,
                stimulus,
                stress,
                worth,
                worthReason(ranged, given, cost, worth, bySite),
                ranged.movement().equals(full.movement())
                        ? null
                        : LimitCheck.bends(full, asked.limits()).get(0).reason(),
                List.copyOf(against),
                asked.limits().isEmpty() ? List.of() : LimitCheck.soreArc(full, whole, asked.limits()));
    }

    private Reason worthReason(Exercise exercise, double given, double cost, double worth, Map<Site, Double> stress) {
        if (!exercise.role().trainsTheArm()) {
            return Reason.of(
                    "WORTH-none",
                    Tag.HOUSE,
                    "only work for the elbow's muscles has worth",
                    "A " + exercise.role().words()
                            + " move: it gives the elbow's muscles no set, so it has no worth here.",
                    "This one is there to prepare or to accompany.");
        }
        String parts = asked.soreSites().stream()
                .map(s -> Numbers.plain(stress.getOrDefault(s.site(), 0.0), 1) + " at the " + s.words() + ", counted "
                        + Numbers.plain(s.sensitivity(), 1) + " times")
                .collect(Collectors.joining("; "));
        return Reason.of(
                        "WORTH",
                        Tag.HOUSE,
                        "stimulus / (1 + stress at sore places, weighted by soreness)",
                        "Worth " + Numbers.plain(worth) + ": the muscles get " + Numbers.plain(given) + " of a set"
                                + (parts.isEmpty()
                                        ? " and nothing is sore."
                                        : "; the sore places pay " + Numbers.plain(cost) + " (" + parts + ")."),
                        cost < 0.3
                                ? "Good work for the muscle, and the sore place hardly notices."
                                : "Some of this one lands on the sore place.")
                .with("stimulus", given)
                .with("cost at sore places", cost);
    }

    private static Reason lastUsed(double loadKg) {
        return Reason.of(
                        "LOAD-last-used",
                        Tag.HOUSE,
                        "the load of the last logged set",
                        "Worked out at " + Numbers.plain(loadKg) + " kg, the load last used.",
                        "This is with the weight you used last.")
                .with("load", Numbers.plain(loadKg) + " kg");
    }

    /** What equal effort means for this client: the largest peak of the loads last used, by group; else the usual. */
    private static EffortLevel level(ExerciseModel model, Asked asked) {
        return new EffortLevel(
                peak(model, asked, Head.Group.FLEXORS).orElse(EffortLevel.USUAL.flexorsNm()),
                peak(model, asked, Head.Group.EXTENSORS).orElse(EffortLevel.USUAL.extensorsNm()));
    }

    private static Optional<Double> peak(ExerciseModel model, Asked asked, Head.Group group) {
        return asked.workingLoadsKg().entrySet().stream()
                .flatMap(used -> model.catalogue().find(used.getKey()).stream()
                        .filter(e -> e.group() == group && e.role().trainsTheArm() && e.bodyWeightShare() == 0)
                        .map(e -> Math.abs(model.curve(e, asked.body(), used.getValue())
                                .summary()
                                .peakDemandNm())))
                .filter(nm -> nm >= 2)
                .map(nm -> Math.min(nm, 120))
                .max(Comparator.naturalOrder());
    }
}

package kinesia.core.dose;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import kinesia.core.arm.LoadCurve;
import kinesia.core.arm.LoadCurve.Sample;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.ElbowStrength;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.StrengthCurve;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import org.jspecify.annotations.Nullable;

/**
 * How strong a client is: for the flexors and the extensors of each arm how many times the strength curve they hold for 12
 * repetitions at effort 7, from logged sets, or from published norms where there are none (RULES 4). The shoulder has numbers of
 * its own, which are never read from the elbow.
 */
public final class ClientStrength {
    private static final double TRAINED_BEFORE = 1.25;
    private static final double FRAIL = 0.8;
    private static final double MODERATELY_SORE = 0.75;
    // A press shows little of the elbow: it never raises its number more than this a visit.
    private static final double MOST_BY_A_PRESS = 1.10;
    private static final double MOST_OVER_THE_NEXT = 1.25;
    private static final int PAIN_THAT_SHOWS_NOTHING = 5;
    private static final double LEAST_NM = 1;

    private final ExerciseModel model;
    private final Person person;
    private final LocalDate day;
    private final Map<Side, Map<Head.Group, Known>> elbows = new EnumMap<>(Side.class);
    private final Map<Way, Double> shoulders = new EnumMap<>(Way.class);

    /** What a shoulder does against a load. */
    public enum Way {
        LIFTING,
        PRESSING,
        BEHIND
    }

    /**
     * The number of one group of one arm.
     *
     * @param nm how many N.m it holds where the strength curve is at its best
     * @param best the set that shows it; null from the norms
     */
    public record Known(double nm, @Nullable LoggedSet best, Reason reason) {}

    private ClientStrength(ExerciseModel model, Person person, LocalDate day) {
        this.model = model;
        this.person = person;
        this.day = day;
    }

    /** What {@code sets} and the norms say on {@code day}. */
    public static ClientStrength of(ExerciseModel model, Person person, List<LoggedSet> sets, LocalDate day) {
        ClientStrength strength = new ClientStrength(model, person, day);
        strength.read(sets);
        return strength;
    }

    /** Of somebody of this size of whom nothing is known: the middle of the norms at 60. */
    public static ElbowStrength ofAnybody(ExerciseModel model, Body body) {
        return of(model, Person.anybody(body), List.of(), LocalDate.EPOCH).both();
    }

    /** The standing palm-up curl (kg) that the norms give {@code person}. */
    public static double normCurlKg(Person person, boolean sore) {
        ArmCurlNorms.Row row = ArmCurlNorms.of(person.body().sex(), person.age());
        return ArmCurlNorms.curlKg(person.body(), row, row.middle())
                * (person.story().trainedBefore() ? TRAINED_BEFORE : 1)
                * (person.story().isFrail(person.age()) ? FRAIL : 1)
                * (sore ? MODERATELY_SORE : 1);
    }

    /** The arm of {@code side}. */
    public ElbowStrength of(Side side) {
        return new ElbowStrength(
                known(side, Head.Group.FLEXORS).nm(),
                known(side, Head.Group.EXTENSORS).nm());
    }

    /** What both arms can do together: of each group the weaker arm. */
    public ElbowStrength both() {
        ElbowStrength left = of(Side.LEFT);
        ElbowStrength right = of(Side.RIGHT);
        return new ElbowStrength(
                Math.min(left.flexorsNm(), right.flexorsNm()), Math.min(left.extensorsNm(), right.extensorsNm()));
    }

    /** The weaker arm's number of {@code group}. */
    public Known weaker(Head.Group group) {
        Known left = known(Side.LEFT, group);
        Known right = known(Side.RIGHT, group);
        return left.nm() < right.nm() ? left : right;
    }

    public Known known(Side side, Head.Group group) {
        return java.util.Objects.requireNonNull(
                java.util.Objects.requireNonNull(elbows.get(side)).get(group));
    }

    /** The torque (N.m) the shoulder has held this way; empty where it has not. */
    public Optional<Double> shoulder(Way way) {
        return Optional.ofNullable(shoulders.get(way));
    }

    private void read(List<LoggedSet> sets) {
        List<LoggedSet> telling = sets.stream()
                .filter(s -> s.reps() > 0 && !s.pain().atLeast(PAIN_THAT_SHOWS_NOTHING + 1))
                .filter(s -> !s.on().isAfter(day))
                .toList();
        LocalDate lastOn =
                sets.stream().map(LoggedSet::on).max(Comparator.naturalOrder()).orElse(day);
        Map<String, LoadCurve> curves = new HashMap<>();
        for (Side side : Side.values()) {
            Map<Head.Group, Known> arm = new EnumMap<>(Head.Group.class);
            Known flexors = known(side, Head.Group.FLEXORS, normFlexors(side), telling, lastOn, curves);
            arm.put(Head.Group.FLEXORS, flexors);
            double expected = Math.max(LEAST_NM, flexors.nm() * ElbowStrength.EXTENSORS_OF_FLEXORS);
            Known norm = new Known(expected, null, extensorsReason(side, flexors));
            arm.put(Head.Group.EXTENSORS, known(side, Head.Group.EXTENSORS, norm, telling, lastOn, curves));
            elbows.put(side, arm);
        }
        for (LoggedSet set : telling) {
            model.catalogue()
                    .find(set.exerciseKey())
                    .ifPresent(e -> showShoulder(e, curve(e, set, curves), ShownSet.carried(set), set, lastOn));
        }
    }

    private Known normFlexors(Side side) {
        boolean sore = person.moderatelySore().contains(side);
        double kg = normCurlKg(person, sore);
        Exercise curl = model.catalogue().get(model.referenceCurl());
        double nm =
                ExerciseModel.askedShare(model.curve(curl, person.body(), kg), new ElbowStrength(LEAST_NM, LEAST_NM));
        return new Known(Math.max(LEAST_NM, nm), null, normReason(kg, sore));
    }

    private Known known(
            Side side,
            Head.Group group,
            Known norm,
            List<LoggedSet> sets,
            LocalDate lastOn,
            Map<String, LoadCurve> curves) {
        List<ShownSet> shown = new ArrayList<>();
        for (LoggedSet set : sets) {
            if (set.side() == null || set.side() == side) {
                model.catalogue()
                        .find(set.exerciseKey())
                        .filter(e -> e.group() == group && e.role().trainsTheArm())
                        .ifPresent(e -> shown.add(shown(e, group, set, curve(e, set, curves))));
            }
        }
        Map<LocalDate, ShownSet> visits = bestOfVisits(shown, norm.nm());
        List<ShownSet> best = visits.values().stream()
                .sorted(Comparator.comparingDouble((ShownSet s) -> s.counts(day, lastOn))
                        .reversed())
                .toList();
        if (best.isEmpty()) {
            return norm;
        }
        double counts = best.get(0).counts(day, lastOn);
        double next = best.size() > 1 ? best.get(1).counts(day, lastOn) : norm.nm();
        // More than a quarter over the next best counts once it is shown at two visits: a slip of the finger is no
        // strength.
        double most = Math.min(counts, MOST_OVER_THE_NEXT * next);
        return new Known(Math.max(LEAST_NM, most), best.get(0).set(), shownReason(best.get(0), most < counts));
    }

    /** The best of each visit; what presses show grows by a tenth a visit at most. */
    private static Map<LocalDate, ShownSet> bestOfVisits(List<ShownSet> shown, double norm) {
        Map<LocalDate, List<ShownSet>> days = new TreeMap<>();
        shown.forEach(
                s -> days.computeIfAbsent(s.set().on(), d -> new ArrayList<>()).add(s));
        Map<LocalDate, ShownSet> best = new TreeMap<>();
        double soFar = norm;
        for (Map.Entry<LocalDate, List<ShownSet>> visit : days.entrySet()) {
            double most = soFar * MOST_BY_A_PRESS;
            ShownSet top = visit.getValue().stream()
                    .map(s -> s.pressing() && s.shown() > most ? new ShownSet(s.set(), most, true) : s)
                    .max(Comparator.comparingDouble(ShownSet::shown))
                    .orElseThrow();
            best.put(visit.getKey(), top);
            soFar = Math.max(soFar, top.shown());
        }
        return best;
    }

    private static ShownSet shown(Exercise exercise, Head.Group group, LoggedSet set, LoadCurve curve) {
        double most = 0;
        for (Sample sample : curve.samples()) {
            double demand = sample.load().elbowDemandNm() * (group == Head.Group.FLEXORS ? 1 : -1);
            most = Math.max(most, demand / StrengthCurve.at(group, sample.pose().elbowFlexionDeg()));
        }
        return new ShownSet(set, most * ShownSet.carried(set), exercise.isPressing());
    }

    private LoadCurve curve(Exercise exercise, LoggedSet set, Map<String, LoadCurve> curves) {
        return curves.computeIfAbsent(
                exercise.key() + "@" + set.load().kg(),
                k -> model.curve(exercise, person.body(), set.load().kg()));
    }

    private void showShoulder(Exercise exercise, LoadCurve curve, double carried, LoggedSet set, LocalDate lastOn) {
        if (curve.upperArmSupported() || exercise.traits().braced()) {
            return;
        }
        for (Sample sample : curve.samples()) {
            double raising = sample.load().shoulderElevationNm();
            Way way = exercise.isPressing() ? Way.PRESSING : raising < 0 ? Way.LIFTING : Way.BEHIND;
            double torque = way == Way.PRESSING ? sample.load().shoulderTorqueNm() : Math.abs(raising);
            shoulders.merge(way, new ShownSet(set, torque * carried, false).counts(day, lastOn), Math::max);
        }
    }

    /** What the norms give the sorer arm by age and size, as a curl (kg). */
    double normCurlKg() {
        return normCurlKg(person, !person.moderatelySore().isEmpty());
    }

    Person person() {
        return person;
    }

    ExerciseModel model() {
        return model;
    }

    private Reason normReason(double kg, boolean sore) {
        ArmCurlNorms.Row row = ArmCurlNorms.of(person.body().sex(), person.age());
        String besides = (person.story().trainedBefore() ? ", a quarter more for having trained before" : "")
                + (person.story().isFrail(person.age()) ? ", a fifth less for now" : "")
                + (sore ? ", a quarter less for the sore place" : "");
        return Reason.of(
                        "STRENGTH-norms",
                        Tag.PUB,
                        "30-second arm curl, " + row.low() + " to " + row.high() + " with "
                                + Numbers.plain(row.dumbbellKg()) + " kg from " + row.fromAge() + " on",
                        "Nothing is logged yet. By age, sex and size a curl of about " + Numbers.plain(kg, 1)
                                + " kg for 12 repetitions is usual" + besides + ".",
                        "That is what people of your age and size usually lift.")
                .with("middle of the norm", Numbers.plain(row.middle(), 1) + " repetitions")
                .with("body mass", Numbers.plain(person.body().massKg(), 0) + " kg")
                .with("curl", Numbers.plain(kg, 2) + " kg");
    }

    private static Reason extensorsReason(Side side, Known flexors) {
        return Reason.of(
                        "STRENGTH-back-of-arm",
                        Tag.PUB,
                        "the back of the arm makes 60 to 70 % of the front's torque",
                        "Nothing is logged yet for the back of the " + side.word()
                                + " arm: about two thirds of what the front holds.",
                        "The back of the arm is usually about two thirds as strong as the front.")
                .with("front", Numbers.plain(flexors.nm(), 1) + " N.m")
                .with("share", Numbers.plain(ElbowStrength.EXTENSORS_OF_FLEXORS * 100, 0) + " %");
    }

    private Reason shownReason(ShownSet best, boolean held) {
        LoggedSet set = best.set();
        String name = model.catalogue().get(set.exerciseKey()).name();
        String effort = set.effort() == null
                ? "nobody said how hard"
                : "effort " + Numbers.plain(set.effort().value());
        return Reason.of(
                        "STRENGTH-shown",
                        Tag.HOUSE,
                        "the best of eight weeks, carried to 12 repetitions at effort 7",
                        name + ", " + set.reps() + " repetitions with "
                                + set.load().label() + " on " + set.on() + ", " + effort + "."
                                + (held
                                        ? " It is far over everything else so far: a quarter over that counts until it is shown again."
                                        : ""),
                        "That is what you have shown so far.")
                .with("exercise", name)
                .with("load", set.load().label())
                .with("repetitions", set.reps())
                .with(
                        "effort",
                        set.effort() == null
                                ? "not said"
                                : Numbers.plain(set.effort().value()));
    }
}

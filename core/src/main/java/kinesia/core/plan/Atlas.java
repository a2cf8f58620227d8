package kinesia.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import kinesia.core.arm.LoadCurve;
import kinesia.core.arm.Side;
import kinesia.core.dose.ClientStrength;
import kinesia.core.dose.Equipment;
import kinesia.core.dose.Person;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.ElbowStrength;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.ResistanceSpec;
import kinesia.core.exercise.Role;
import kinesia.core.exercise.Site;
import kinesia.core.exercise.SiteStress;
import kinesia.core.exercise.Traits;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.Limit;
import org.jspecify.annotations.Nullable;

/** Every exercise held against one client: what it gives and costs, and what rules it out. */
public final class Atlas {
    static final List<Side> BOTH_ARMS = List.of(Side.values());
    // Worth that differs by less than this part of a set is the same.
    private static final double SAME_WORTH = 50;
    private static final double NOTHING = 1e-9;

    private final ExerciseModel model;
    private final Asked asked;
    private final ExerciseModel.StressScale scale;
    private final Worth worth;
    // Asked again by whatever an exercise is held against: its safer sibling, what opens.
    private final Map<String, Known> known = new ConcurrentHashMap<>();
    private final Map<Head.Group, Double> besideOpener = new ConcurrentHashMap<>();

    /**
     * For whom exercises are judged.
     *
     * @param workingLoadsKg the load last used, by exercise key
     * @param equipment null to leave equipment out of it
     * @param longLength count load at long muscle length a little more (contested)
     * @param learned what the client's joints taught so far
     */
    public record Asked(
            Person person,
            ElbowStrength strength,
            Map<String, Double> workingLoadsKg,
            List<Limit> limits,
            List<SoreSite> soreSites,
            @Nullable Equipment equipment,
            List<String> dislikes,
            boolean longLength,
            Learned learned) {
        /** One whose joints taught nothing yet. */
        public Asked(
                Person person,
                ElbowStrength strength,
                Map<String, Double> workingLoadsKg,
                List<Limit> limits,
                List<SoreSite> soreSites,
                @Nullable Equipment equipment,
                List<String> dislikes,
                boolean longLength) {
            this(person, strength, workingLoadsKg, limits, soreSites, equipment, dislikes, longLength, Learned.NONE);
        }

        public Asked {
            workingLoadsKg = Map.copyOf(workingLoadsKg);
            limits = List.copyOf(limits);
            soreSites = List.copyOf(soreSites);
            dislikes = List.copyOf(dislikes);
        }

        Body body() {
            return person.body();
        }

        /** Somebody of this size with nothing sore and everything at hand. */
        public static Asked anybody(ExerciseModel model, Body body) {
            return new Asked(
                    Person.anybody(body),
                    ClientStrength.ofAnybody(model, body),
                    Map.of(),
                    List.of(),
                    List.of(),
                    null,
                    List.of(),
                    false);
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
     * @param stress of the part that limits leave, each place against its reference
     * @param worth stimulus less what all places pay; 0 for what trains no head
     * @param says what a colleague would say of it
     * @param beforeNext why it comes before the next of its side of the arm; null where it is not ranked
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
            Map<Site, Double> stress,
            double worth,
            Reason worthReason,
            String says,
            @Nullable String beforeNext,
            @Nullable Reason rangeReason,
            List<Reason> whyNot,
            List<LimitCheck.Part> soreArc) {
        public boolean isAllowed() {
            return whyNot.isEmpty();
        }

        Entry before(String words) {
            return new Entry(
                    exercise,
                    curve,
                    doneCurve,
                    done,
                    loadKg,
                    loadReason,
                    stimulus,
                    stress,
                    worth,
                    worthReason,
                    says,
                    words,
                    rangeReason,
                    whyNot,
                    soreArc);
        }
    }

    private record Known(Exercise exercise, Entry entry) {}

    public Atlas(ExerciseModel model, Asked asked) {
        this.model = model;
        this.asked = asked;
        this.scale = model.stressScale(asked.body(), asked.strength());
        this.worth = Worth.of(asked.person().age(), asked.person().story().isNew(), asked.soreSites(), asked.learned());
    }

    /**
     * The whole catalogue: what may be done first, by worth, what is ruled out after it. Of what is worth about the same the
     * supported comes first, then the lighter, then what is held more freely.
     */
    public List<Entry> ranked() {
        List<Entry> ranked = model.catalogue().all().parallelStream()
                .map(this::entry)
                .sorted(order())
                .toList();
        List<Entry> said = new ArrayList<>();
        for (int i = 0; i < ranked.size(); i++) {
            Entry entry = ranked.get(i);
            Entry next = next(ranked, i);
            said.add(next == null ? entry : entry.before(AtlasWords.before(entry, next, worth)));
        }
        return said;
    }

    /** What may be done first, by worth; of what is worth about the same the supported, the lighter, the freer. */
    Comparator<Entry> order() {
        return Comparator.comparing(Entry::isAllowed)
                .reversed()
                .thenComparing(e -> e.exercise().role().trainsTheArm() ? 0 : 1)
                .thenComparing(e -> -Math.round(e.worth() * SAME_WORTH))
                .thenComparing(e -> e.exercise().isSupported() ? 0 : 1)
                .thenComparing(Entry::loadKg)
                .thenComparing(e -> model.freedom(e.exercise()))
                .thenComparing(e -> e.exercise().key());
    }

    /** The next that may be done for the same side of the arm; null when there is none, or where the entry is not ranked. */
    private static @Nullable Entry next(List<Entry> ranked, int place) {
        Entry entry = ranked.get(place);
        if (!entry.isAllowed() || !entry.exercise().role().trainsTheArm()) {
            return null;
        }
        return ranked.subList(place + 1, ranked.size()).stream()
                .filter(e -> e.isAllowed()
                        && e.exercise().role().trainsTheArm()
                        && e.exercise().group() == entry.exercise().group())
                .findFirst()
                .orElse(null);
    }

    /** The same entry as {@code entry}, turned, with how it compares. */
    public Entry turned(Entry turned, Entry entry) {
        return turned.before(AtlasWords.turned(turned, entry, worth));
    }

    /** One exercise, at the load this client last used or at equal effort. */
    public Entry entry(Exercise exercise) {
        Known before = known.get(exercise.key());
        if (before != null && before.exercise().equals(exercise)) {
            return before.entry();
        }
        Double used = asked.workingLoadsKg().get(exercise.key());
        Entry entry = used == null || exercise.bodyWeightShare() > 0
                ? atEqualEffort(exercise)
                : at(exercise, used, lastUsed(used));
        known.put(exercise.key(), new Known(exercise, entry));
        return entry;
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
        Suitability fit = Suitability.of(model, scale, exercise, asked.body(), asked.strength(), asked.limits());
        Reason reason = comparedAt(exercise, fit.loadKg());
        return entry(exercise, fit.exercise(), fit.curve(), fit.loadKg(), reason, fit.against());
    }

    /** What {@code entry} asks of each place, with what it is made of. */
    public List<SiteStress> stressParts(Entry entry) {
        return scale.explained(entry.doneCurve(), entry.exercise());
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
        Traits.Unmodelled unmodelled = exercise.traits().unmodelled();
        if (!exercise.isModelled() && unmodelled != null) {
            return Reason.of(
                    "LOAD-not-modelled",
                    Tag.PRACTICE,
                    "the arm model ends at the hand",
                    "The arm model has no joint for " + unmodelled.words()
                            + ", so no load and no stress is worked out; the dose is what is usual.",
                    "Here we go by feel: light, slow and free of pain.");
        }
        if (exercise.resistance() instanceof ResistanceSpec.Unloaded) {
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
        return Reason.of(
                        "LOAD-equal-effort",
                        Tag.HOUSE,
                        "12 repetitions at effort 7, against the strength curve",
                        "Not used yet, so compared at equal effort: about " + said
                                + " is what this arm would hold for 12 repetitions.",
                        "We compare them as if each felt equally hard.")
                .with("load", said)
                .with("strength", Numbers.plain(asked.strength().of(exercise.group()), 1) + " N.m");
    }

    private Entry at(Exercise exercise, double loadKg, Reason reason) {
        Suitability fit = Suitability.of(model, scale, exercise, asked.body(), asked.strength(), asked.limits());
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
        Map<Head, Double> stimulus = model.stimulus(ranged, curve, asked.strength(), asked.longLength());
        Map<Site, Double> stress = scale.of(curve, ranged);
        double given = Worth.given(stimulus);
        Map<Site, Double> supporting = scale.supporting(full);
        double cost = worth.cost(full.key(), stress, supporting, BOTH_ARMS);
        double most = most(full);
        double otherwise = Math.min(most, given - cost);
        double valued = !full.role().trainsTheArm()
                ? 0
                : switch (LimitCheck.turn(full, asked.limits())) {
                    case OPENS -> otherwise;
                    case BETWEEN -> Math.min(otherwise, mostBesideOpener(full.group()));
                    case LAST -> Worth.last(otherwise);
                };
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
                valued,
                worthReason(full, given, cost, valued, stress, supporting),
                full.role().trainsTheArm() || full.role() == Role.CARE
                        ? AtlasWords.of(ranged, stimulus, stress, curve, asked.soreSites())
                        : "",
                null,
                ranged.movement().equals(full.movement())
                        ? null
                        : LimitCheck.bends(full, asked.limits()).get(0).reason(),
                List.copyOf(against),
                asked.limits().isEmpty() ? List.of() : LimitCheck.soreArc(full, whole, asked.limits()));
    }

    private Reason worthReason(
            Exercise exercise,
            double given,
            double cost,
            double valued,
            Map<Site, Double> stress,
            Map<Site, Double> supporting) {
        if (!exercise.role().trainsTheArm()) {
            return Reason.of(
                    "WORTH-none",
                    Tag.HOUSE,
                    "only work for the elbow's muscles has worth",
                    "A " + exercise.role().words()
                            + " move: it gives the elbow's muscles no set, so it is not ranked here.",
                    "This one is there to prepare or to accompany.");
        }
        double atSore = worth.atSorePlaces(exercise.key(), stress, supporting, BOTH_ARMS).values().stream()
                .mapToDouble(v -> v)
                .sum();
        String parts = asked.soreSites().stream()
                .map(s -> Numbers.plain(stress.getOrDefault(s.site(), 0.0), 1) + " at the " + s.words()
                        + (supporting.getOrDefault(s.site(), 0.0) > stress.getOrDefault(s.site(), 0.0)
                                ? " and " + Numbers.plain(supporting.getOrDefault(s.site(), 0.0), 1)
                                        + " while that arm carries the trunk"
                                : ""))
                .collect(Collectors.joining(", "));
        Exercise safer = safer(exercise);
        String after = safer != null && valued < given - cost - NOTHING
                ? " Never before " + safer.name() + ", which does the same more kindly."
                : "";
        return Reason.of(
                        "WORTH",
                        Tag.HOUSE,
                        "stimulus less what every place pays: a sore one by how sore it is, a quiet one a little, more with age",
                        "Worth " + Numbers.plain(valued) + ": the muscles get " + Numbers.plain(given)
                                + " of a set, all places pay " + Numbers.plain(cost)
                                + (parts.isEmpty()
                                        ? "."
                                        : ", " + Numbers.plain(atSore) + " of it at sore ones (" + parts + ").")
                                + after,
                        atSore < 0.3
                                ? "Good work for the muscle, and "
                                        + (parts.isEmpty() ? "easy on the joints." : "the sore place hardly notices.")
                                : "Some of this one lands on the sore place.")
                .with("stimulus", given)
                .with("cost at all places", cost)
                .with("cost at sore places", atSore);
    }

    /** The most that is worth anything for {@code group} that does not open, where a limit says what opens. */
    private double mostBesideOpener(Head.Group group) {
        Double known = besideOpener.get(group);
        if (known == null) {
            known = model.catalogue().all().stream()
                    .filter(e -> e.role().trainsTheArm() && e.group() == group)
                    .filter(e -> LimitCheck.turn(e, asked.limits()) == LimitCheck.Turn.OPENS)
                    .map(this::entry)
                    .filter(Entry::isAllowed)
                    .map(e -> Worth.after(e.worth()))
                    .max(Comparator.naturalOrder())
                    .orElse(Double.MAX_VALUE);
            besideOpener.put(group, known);
        }
        return known;
    }

    /** The most that {@code exercise} may be worth: less than its own safer sibling. */
    private double most(Exercise exercise) {
        Exercise safer = safer(exercise);
        if (safer == null) {
            return Double.MAX_VALUE;
        }
        Entry sibling = entry(safer);
        // A plainer sibling that is ruled out holds nobody back; a risky end stays behind whatever is ruled out.
        return exercise.traits().risky() || sibling.isAllowed()
                ? exercise.traits().mostBeside(sibling.worth())
                : Double.MAX_VALUE;
    }

    private @Nullable Exercise safer(Exercise exercise) {
        String safer = exercise.traits().safer();
        return safer == null ? null : model.catalogue().find(safer).orElse(null);
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
}

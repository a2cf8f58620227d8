package kinesia.core.exercise;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import kinesia.core.arm.ArmFrame;
import kinesia.core.arm.Movement;
import kinesia.core.arm.Pose;
import kinesia.core.arm.Vec3;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.RuleFile;
import org.jspecify.annotations.Nullable;

/** All exercises, read from the rule files under {@code exercises/} and checked once. */
public final class Catalogue {
    private static final String[] FIELDS = {
        "key",
        "name",
        "role",
        "implement",
        "grip",
        "stance",
        "arms",
        "resistance",
        "pad",
        "bench",
        "hands-on",
        "keyframes",
        "stimulus",
        "tempo",
        "reps",
        "equipment",
        "set-up",
        "cues",
        "breathing",
        "faults",
        "landmark",
        "other-arm",
        "other-arm-duty",
        "families",
        "rung",
        "also",
        "braced",
        "looped",
        "alike",
        "safer",
        "risky",
        "straight-wrist",
        "unmodelled",
        "forearm-in-line",
        "up",
        "down",
        "danger",
        "warm-up",
        "home-alone",
        "closing-press"
    };

    /** The files that the shipped catalogue is made of, in the order they are read. */
    public static final List<String> FILES = List.of(
            "curls.yaml",
            "hammer-and-palm-down.yaml",
            "curls-on-lines.yaml",
            "press-downs-and-kickbacks.yaml",
            "extensions.yaml",
            "presses.yaml",
            "dips-and-push-ups.yaml",
            "pulls-and-straps.yaml",
            "hybrids-and-holds.yaml",
            "companions.yaml",
            "care.yaml",
            "warm-up-and-cool-down.yaml");

    private static final List<String> PADS = List.of("upper-arm", "none");
    private static final double LONGEST_S = 60;
    private static final double MOST_REPS = 30;
    private static final double FURTHEST = 3;
    private static final int MOMENTS = 20;
    private static final double STEEPEST_TILT = 30;
    private static final List<String> ANGLES = List.of(
            "progress",
            "trunk pitch",
            "trunk roll",
            "plane of elevation",
            "elevation",
            "axial rotation",
            "elbow flexion");
    private static final double[] LEAST = {0, -90, -180, -180, -90, -180, -15};
    private static final double[] MOST = {1, 110, 180, 300, 200, 180, 160};

    private final Map<String, Exercise> byKey;

    private Catalogue(Map<String, Exercise> byKey) {
        this.byKey = byKey;
    }

    /**
     * Reads the texts of the catalogue's files, by file name; errors name file and line. Each file is a list of movements;
     * each movement holds what its variations share, and a variation states what it does otherwise.
     */
    public static Catalogue parse(Map<String, String> texts) {
        Map<String, Exercise> byKey = new LinkedHashMap<>();
        texts.forEach((file, text) -> {
            for (RuleFile movement : RuleFile.parse(file, text)
                    .onlyKeys("movements")
                    .at("movements")
                    .items()) {
                RuleFile shared = movement.onlyKeys(with(FIELDS, "movement", "variations"));
                for (RuleFile variation : movement.at("variations").items()) {
                    Exercise exercise = exercise(
                            movement.at("movement").text(),
                            variation.onlyKeys(FIELDS).over(shared));
                    variation.over(shared).find("forearm-in-line").ifPresent(most -> PressLine.check(exercise, most));
                    if (byKey.put(exercise.key(), exercise) != null) {
                        throw variation.error("exercise '" + exercise.key() + "' stands twice");
                    }
                }
            }
        });
        Set<String> movements =
                byKey.values().stream().map(Exercise::movementFamily).collect(Collectors.toSet());
        texts.forEach((file, text) -> RuleFile.parse(file, text)
                .at("movements")
                .items()
                .forEach(movement ->
                        movement.find("alike").ifPresent(alike -> alike.oneOf("a movement", List.copyOf(movements)))));
        List<String> keys = List.copyOf(byKey.keySet());
        texts.forEach((file, text) -> RuleFile.parse(file, text)
                .at("movements")
                .items()
                .forEach(movement -> movement.at("variations")
                        .items()
                        .forEach(variation ->
                                variation.find("safer").ifPresent(safer -> safer.oneOf("an exercise", keys)))));
        return new Catalogue(byKey);
    }

    /** This catalogue with a room's own variations after the shipped entries. */
    public Catalogue with(List<Exercise> own) {
        Map<String, Exercise> more = new LinkedHashMap<>(byKey);
        own.forEach(exercise -> more.put(exercise.key(), exercise));
        return new Catalogue(more);
    }

    public List<Exercise> all() {
        return List.copyOf(byKey.values());
    }

    public Optional<Exercise> find(String key) {
        return Optional.ofNullable(byKey.get(key));
    }

    /** The name of the exercise {@code key}; the key itself when the catalogue has no such entry, as of one dropped since. */
    public String nameOf(String key) {
        return find(key).map(Exercise::name).orElse(key);
    }

    /** The exercise {@code key}; throws when the catalogue has no such entry. */
    public Exercise get(String key) {
        return find(key).orElseThrow(() -> new IllegalArgumentException("no exercise '" + key + "'"));
    }

    /** Whether {@code name} is an entry, a movement or a family of this catalogue. */
    public boolean knows(String name) {
        return all().stream().anyMatch(e -> e.isCalled(name));
    }

    /** Every name that {@link #knows} says yes to. */
    public Set<String> names() {
        Set<String> names = new java.util.TreeSet<>();
        for (Exercise e : all()) {
            names.add(e.key());
            names.add(e.movementFamily());
            names.addAll(e.traits().families());
        }
        return names;
    }

    private static Exercise exercise(String family, RuleFile item) {
        RuleFile resistance = item.at("resistance");
        Movement movement = movement(item.at("keyframes"));
        ResistanceSpec load = resistance(resistance, movement);
        Map<Head, Double> stimulus = new EnumMap<>(Head.class);
        item.at("stimulus").entries().forEach((name, share) -> stimulus.put(Head.named(share, name), share(share)));
        double[] tempo = item.at("tempo").numbers(3, 0, LONGEST_S, "seconds");
        double[] reps = item.at("reps").numbers(2, 1, MOST_REPS, "repetitions");
        return new Exercise(
                item.at("key").text(),
                item.at("name").text(),
                family,
                item.find("role").map(r -> r.choice(Role.class)).orElse(Role.MAIN),
                movement,
                item.at("implement").choice(Implement.class),
                item.at("grip").choice(Grip.class),
                item.at("stance").choice(Stance.class),
                item.at("arms").choice(Exercise.Arms.class),
                load,
                item.find("pad")
                        .map(pad -> pad.oneOf("a pad", PADS).equals(PADS.get(0)))
                        .orElse(false),
                new Furniture(
                        item.find("bench")
                                .map(b -> b.choice(Furniture.Bench.class))
                                .orElse(Furniture.Bench.FIXED),
                        item.find("hands-on")
                                .map(h -> h.choice(Furniture.Hands.class))
                                .orElse(Furniture.Hands.FREE)),
                traits(item),
                Map.copyOf(stimulus),
                load instanceof ResistanceSpec.Leaning leaning
                        ? leaning.share()
                        : resistance
                                .find("body-weight-share")
                                .map(s -> s.within(0, 1, "of the body"))
                                .orElse(0.0),
                new Exercise.Tempo((int) tempo[0], (int) tempo[1], (int) tempo[2]),
                new Exercise.RepRange((int) reps[0], (int) reps[1]),
                item.at("equipment").items().stream()
                        .map(word -> word.oneOf("something a place can have", Gear.ALL))
                        .toList(),
                guidance(item),
                item.find("warm-up")
                        .map(role -> role.choice(Exercise.WarmUpRole.class))
                        .orElse(Exercise.WarmUpRole.NONE),
                item.find("closing-press").map(RuleFile::yesNo).orElse(false));
    }

    private static Guidance guidance(RuleFile item) {
        return new Guidance(
                item.at("set-up").texts(),
                item.find("up").map(RuleFile::text).orElse(""),
                item.find("down").map(RuleFile::text).orElse(""),
                item.find("danger").map(RuleFile::text).orElse(""),
                item.at("cues").texts(),
                item.at("breathing").text(),
                item.at("faults").texts(),
                item.at("landmark").text(),
                item.find("other-arm").map(RuleFile::text).orElse("nothing"),
                item.at("home-alone").yesNo());
    }

    private static Traits traits(RuleFile item) {
        Optional<RuleFile> rung = item.find("rung");
        return new Traits(
                Set.copyOf(item.find("families").map(RuleFile::texts).orElse(List.of())),
                item.find("other-arm-duty")
                        .map(duty -> duty.choice(Traits.OtherArmDuty.class))
                        .orElse(Traits.OtherArmDuty.RESTS),
                rung.isPresent() ? rung.get().choice(Traits.Rung.class) : null,
                item.find("also").map(RuleFile::items).orElse(List.of()).stream()
                        .map(also -> also.choice(Stance.class))
                        .collect(Collectors.toSet()),
                item.find("braced").map(RuleFile::yesNo).orElse(false),
                item.find("looped").map(RuleFile::yesNo).orElse(false),
                item.find("safer").map(RuleFile::text).orElse(null),
                item.find("risky").map(RuleFile::yesNo).orElse(false),
                item.find("straight-wrist").map(RuleFile::yesNo).orElse(false),
                unmodelled(item),
                item.find("alike").map(RuleFile::text).orElse(null));
    }

    private static Traits.@Nullable Unmodelled unmodelled(RuleFile item) {
        Optional<RuleFile> joint = item.find("unmodelled");
        return joint.isPresent() ? joint.get().choice(Traits.Unmodelled.class) : null;
    }

    private static String[] with(String[] fields, String... more) {
        String[] all = java.util.Arrays.copyOf(fields, fields.length + more.length);
        System.arraycopy(more, 0, all, fields.length, more.length);
        return all;
    }

    private static double share(RuleFile value) {
        return value.within(0, 1, "of a set");
    }

    private static Movement movement(RuleFile keyframes) {
        return new Movement(keyframes.items().stream()
                .map(line -> {
                    if (line.items().size() != LEAST.length) {
                        throw line.error("a keyframe is progress and six angles");
                    }
                    double[] a = line.numbers();
                    for (int i = 0; i < a.length; i++) {
                        if (a[i] < LEAST[i] || a[i] > MOST[i]) {
                            throw line.error(ANGLES.get(i) + " is from " + Numbers.plain(LEAST[i]) + " to "
                                    + Numbers.plain(MOST[i]));
                        }
                    }
                    return new Movement.Keyframe(a[0], new Pose(a[1], a[2], a[3], a[4], a[5], a[6]));
                })
                .toList());
    }

    private static ResistanceSpec resistance(RuleFile spec, Movement movement) {
        spec.onlyKeys(
                "kind", "hands", "pulley", "free-length", "anchor", "body-weight-share", "toward", "pivot", "tilt");
        int hands = spec.find("hands").map(h -> (int) h.within(1, 2, "hands")).orElse(1);
        return switch (spec.at("kind").text()) {
            case "weight" -> new ResistanceSpec.Weight(hands);
            case "stack" -> new ResistanceSpec.Stack(hands, point(spec.at("pulley")));
            case "band" ->
                ResistanceSpec.Elastic.of(
                        spec.at("free-length").within(0.05, FURTHEST, "times stature"), point(spec.at("anchor")));
            case "body-weight" ->
                new ResistanceSpec.Own(
                        spec.find("toward").map(Catalogue::direction).orElse(new Vec3(0, 1, 0)));
            case "leaning" ->
                leaning(
                        spec.at("tilt").within(0, STEEPEST_TILT, "degrees"),
                        spec.at("pivot").choice(ResistanceSpec.Leaning.Pivot.class),
                        movement);
            case "push" -> new ResistanceSpec.Push(direction(spec.at("toward")));
            case "none" -> new ResistanceSpec.Unloaded();
            default -> throw spec.error("kind is weight, stack, band, body-weight, leaning, push or none");
        };
    }

    private static ResistanceSpec leaning(double tilt, ResistanceSpec.Leaning.Pivot pivot, Movement movement) {
        double sum = 0;
        for (int i = 0; i <= MOMENTS; i++) {
            ArmFrame frame = ArmFrame.of(Body.ANYBODY.arm(), movement.at(i / (double) MOMENTS));
            sum += ResistanceSpec.Leaning.shareAt(tilt, pivot, Body.ANYBODY, frame);
        }
        return new ResistanceSpec.Leaning(tilt, pivot, sum / (MOMENTS + 1));
    }

    private static Vec3 direction(RuleFile line) {
        Vec3 point = point(line);
        return point.times(1 / point.norm());
    }

    private static Vec3 point(RuleFile line) {
        if (line.items().size() != 3) {
            throw line.error("a point is [forward, up, right]");
        }
        double[] p = line.numbers(3, -FURTHEST, FURTHEST, "times stature");
        return new Vec3(p[0], p[1], p[2]);
    }
}

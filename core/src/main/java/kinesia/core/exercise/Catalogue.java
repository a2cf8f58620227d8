package kinesia.core.exercise;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import kinesia.core.arm.Movement;
import kinesia.core.arm.Pose;
import kinesia.core.arm.Vec3;
import kinesia.core.reason.RuleFile;

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
            "hybrids-and-holds.yaml",
            "companions.yaml",
            "warm-up-and-cool-down.yaml");

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
                    if (byKey.put(exercise.key(), exercise) != null) {
                        throw variation.error("exercise '" + exercise.key() + "' stands twice");
                    }
                }
            }
        });
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

    /** The exercise {@code key}; throws when the catalogue has no such entry. */
    public Exercise get(String key) {
        return find(key).orElseThrow(() -> new IllegalArgumentException("no exercise '" + key + "'"));
    }

    private static Exercise exercise(String family, RuleFile item) {
        RuleFile resistance = item.at("resistance");
        Map<Head, Double> stimulus = new EnumMap<>(Head.class);
        item.at("stimulus").entries().forEach((name, share) -> stimulus.put(Head.named(share, name), share(share)));
        double[] tempo = item.at("tempo").numbers();
        double[] reps = item.at("reps").numbers();
        return new Exercise(
                item.at("key").text(),
                item.at("name").text(),
                family,
                item.find("role").map(r -> r.choice(Role.class)).orElse(Role.MAIN),
                movement(item.at("keyframes")),
                item.at("implement").choice(Implement.class),
                item.at("grip").choice(Grip.class),
                item.at("stance").choice(Stance.class),
                item.at("arms").choice(Exercise.Arms.class),
                resistance(resistance),
                item.find("pad").map(pad -> pad.text().equals("upper-arm")).orElse(false),
                new Furniture(
                        item.find("bench")
                                .map(b -> b.choice(Furniture.Bench.class))
                                .orElse(Furniture.Bench.FIXED),
                        item.find("hands-on")
                                .map(h -> h.choice(Furniture.Hands.class))
                                .orElse(Furniture.Hands.FREE)),
                Map.copyOf(stimulus),
                resistance.find("body-weight-share").map(RuleFile::number).orElse(0.0),
                new Exercise.Tempo((int) tempo[0], (int) tempo[1], (int) tempo[2]),
                new Exercise.RepRange((int) reps[0], (int) reps[1]),
                item.at("equipment").texts(),
                guidance(item),
                item.find("warm-up")
                        .map(role -> role.choice(Exercise.WarmUpRole.class))
                        .orElse(Exercise.WarmUpRole.NONE),
                item.find("closing-press").map(c -> c.text().equals("yes")).orElse(false));
    }

    private static Guidance guidance(RuleFile item) {
        return new Guidance(
                item.at("set-up").texts(),
                item.at("cues").texts(),
                item.at("breathing").text(),
                item.at("faults").texts(),
                item.at("landmark").text(),
                item.find("other-arm").map(RuleFile::text).orElse("nothing"),
                item.at("home-alone").text().equals("yes"));
    }

    private static String[] with(String[] fields, String... more) {
        String[] all = java.util.Arrays.copyOf(fields, fields.length + more.length);
        System.arraycopy(more, 0, all, fields.length, more.length);
        return all;
    }

    private static double share(RuleFile value) {
        double share = value.number();
        if (share < 0 || share > 1) {
            throw value.error("a share is from 0 to 1");
        }
        return share;
    }

    private static Movement movement(RuleFile keyframes) {
        return new Movement(keyframes.items().stream()
                .map(line -> {
                    double[] a = line.numbers();
                    if (a.length != 7) {
                        throw line.error("a keyframe is progress and six angles");
                    }
                    return new Movement.Keyframe(a[0], new Pose(a[1], a[2], a[3], a[4], a[5], a[6]));
                })
                .toList());
    }

    private static ResistanceSpec resistance(RuleFile spec) {
        int hands = spec.find("hands").map(RuleFile::whole).orElse(1);
        return switch (spec.at("kind").text()) {
            case "weight" -> new ResistanceSpec.Weight(hands);
            case "stack" -> new ResistanceSpec.Stack(hands, point(spec.at("pulley")));
            case "band" -> ResistanceSpec.Elastic.of(spec.at("free-length").number(), point(spec.at("anchor")));
            case "body-weight" ->
                new ResistanceSpec.Own(spec.find("toward").map(Catalogue::point).orElse(new Vec3(0, 1, 0)));
            case "none" -> new ResistanceSpec.Unloaded();
            default -> throw spec.error("kind is weight, stack, band, body-weight or none");
        };
    }

    private static Vec3 point(RuleFile line) {
        double[] p = line.numbers();
        if (p.length != 3) {
            throw line.error("a point is [forward, up, right]");
        }
        return new Vec3(p[0], p[1], p[2]);
    }
}

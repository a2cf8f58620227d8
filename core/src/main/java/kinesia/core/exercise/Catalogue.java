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

/** All exercises, read from the rule file {@code exercises.yaml} and checked once. */
public final class Catalogue {
    private static final String[] FIELDS = {
        "key",
        "name",
        "family",
        "implement",
        "grip",
        "stance",
        "arms",
        "resistance",
        "pad",
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
    private final Map<String, Exercise> byKey;

    private Catalogue(Map<String, Exercise> byKey) {
        this.byKey = byKey;
    }

    /** Reads the text of the rule file; errors name the line. */
    public static Catalogue parse(String file, String text) {
        Map<String, Exercise> byKey = new LinkedHashMap<>();
        for (RuleFile item : RuleFile.parse(file, text).at("exercises").items()) {
            Exercise exercise = exercise(item.onlyKeys(FIELDS));
            if (byKey.put(exercise.key(), exercise) != null) {
                throw item.error("exercise '" + exercise.key() + "' stands twice");
            }
        }
        return new Catalogue(byKey);
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

    private static Exercise exercise(RuleFile item) {
        RuleFile resistance = item.at("resistance");
        Map<Head, Double> stimulus = new EnumMap<>(Head.class);
        item.at("stimulus").entries().forEach((name, share) -> stimulus.put(head(share, name), share(share)));
        double[] tempo = item.at("tempo").numbers();
        double[] reps = item.at("reps").numbers();
        return new Exercise(
                item.at("key").text(),
                item.at("name").text(),
                item.at("family").text(),
                movement(item.at("keyframes")),
                item.at("implement").choice(Implement.class),
                item.at("grip").choice(Grip.class),
                item.at("stance").choice(Stance.class),
                item.at("arms").choice(Exercise.Arms.class),
                resistance(resistance),
                item.find("pad").map(pad -> pad.text().equals("upper-arm")).orElse(false),
                Map.copyOf(stimulus),
                resistance.find("body-weight-share").map(RuleFile::number).orElse(0.0),
                new Exercise.Tempo((int) tempo[0], (int) tempo[1], (int) tempo[2]),
                new Exercise.RepRange((int) reps[0], (int) reps[1]),
                item.at("equipment").texts(),
                item.at("set-up").texts(),
                item.at("cues").texts(),
                item.at("breathing").text(),
                item.at("faults").texts(),
                item.at("landmark").text(),
                item.find("other-arm").map(RuleFile::text).orElse("nothing"),
                item.find("warm-up")
                        .map(role -> role.choice(Exercise.WarmUpRole.class))
                        .orElse(Exercise.WarmUpRole.NONE),
                item.at("home-alone").text().equals("yes"),
                item.find("closing-press").map(c -> c.text().equals("yes")).orElse(false));
    }

    private static Head head(RuleFile line, String name) {
        for (Head head : Head.values()) {
            if (head.words().replace(' ', '-').equals(name)) {
                return head;
            }
        }
        throw line.error("'" + name + "' is no muscle head");
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
            case "band" -> new ResistanceSpec.Elastic(spec.at("free-length").number(), point(spec.at("anchor")));
            case "body-weight" -> new ResistanceSpec.Own();
            default -> throw spec.error("kind is weight, stack, band or body-weight");
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

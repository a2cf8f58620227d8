package kinesia.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import kinesia.core.arm.LoadCurve;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Furniture;
import kinesia.core.exercise.Grip;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Role;
import kinesia.core.exercise.Site;
import kinesia.core.exercise.Stance;
import kinesia.core.exercise.StressBand;
import kinesia.core.exercise.Traits;
import kinesia.core.reason.Reason;

/** What a colleague would say of an exercise for one client, and what sets it before the next. */
final class AtlasWords {
    private static final double LITTLE_WORK_UNDER = 0.6;
    private static final double ALIKE = 0.12;
    private static final double ABOUT_THE_SAME = 0.05;
    private static final double OVERHEAD_DEG = 120;
    private static final double BEHIND_DEG = 20;
    private static final int MOST_PLACES = 2;
    private static final int HELD_FROM_S = 5;

    private AtlasWords() {}

    /** What it is for this client: what it works, whom it is kind to, what it needs. */
    static String of(
            Exercise exercise,
            Map<Head, Double> stimulus,
            Map<Site, Double> stress,
            LoadCurve curve,
            List<SoreSite> sore) {
        if (exercise.role() == Role.CARE) {
            return care(exercise);
        }
        List<String> parts = new ArrayList<>();
        sore.stream()
                .map(SoreSite::site)
                .distinct()
                .forEach(site -> parts.add(StressBand.of(of(stress, site)).toward(name(site))));
        parts.add(works(exercise, stimulus));
        stress.entrySet().stream()
                .filter(at -> StressBand.of(at.getValue()) == StressBand.MUCH_MORE
                        && sore.stream().noneMatch(s -> s.site() == at.getKey()))
                .sorted(Comparator.comparingDouble((Map.Entry<Site, Double> at) -> -at.getValue()))
                .limit(MOST_PLACES)
                .forEach(at -> parts.add("asks much of the " + name(at.getKey())));
        needs(exercise, curve, parts);
        String said = String.join(", ", parts);
        return said.substring(0, 1).toUpperCase(Locale.ROOT) + said.substring(1) + ".";
    }

    /** Care work has no worth to compare: what it is for, the usual dose and, where the model ends, that it does. */
    private static String care(Exercise exercise) {
        boolean held = exercise.tempo().holdS() >= HELD_FROM_S;
        String dose = "Usually 2 sets of " + exercise.reps().low() + " to "
                + exercise.reps().high()
                + (held ? " holds of " + exercise.tempo().holdS() + " s" : "")
                + ", light and free of pain.";
        Traits.Unmodelled unmodelled = exercise.traits().unmodelled();
        return unmodelled == null
                ? "Care for the shoulder. " + dose
                : "Care for " + unmodelled.words() + ". " + dose + " The arm model has no joint there"
                        + (exercise.isModelled()
                                ? "; what the arm itself does is worked out."
                                : ", so nothing is worked out.");
    }

    private static String works(Exercise exercise, Map<Head, Double> stimulus) {
        double most = stimulus.values().stream().mapToDouble(v -> v).max().orElse(0);
        if (most < LITTLE_WORK_UNDER) {
            return "light work for the "
                    + (exercise.group() == Head.Group.FLEXORS ? "front of the arm" : "back of the arm");
        }
        if (exercise.group() == Head.Group.FLEXORS) {
            return switch (exercise.grip()) {
                case PALM_UP -> "works the biceps most";
                case TURNING, NEUTRAL -> "works the biceps, the muscle under it and the forearm";
                case PALM_DOWN -> "works the forearm and the muscle under the biceps";
            };
        }
        List<String> best = stimulus.entrySet().stream()
                .filter(h -> h.getKey().group() == Head.Group.EXTENSORS && h.getValue() >= most * (1 - ALIKE))
                .map(h -> name(h.getKey()))
                .toList();
        return best.size() == 3
                ? "works the whole back of the arm"
                : "works the " + String.join(" and ", best) + (best.size() == 1 ? " head" : " heads")
                        + " of the triceps most";
    }

    /** A place as people say it: the back of the elbow. */
    private static String name(Site site) {
        return site.words().replace(" of ", " of the ");
    }

    private static String name(Head head) {
        return switch (head) {
            case TRICEPS_LONG_HEAD -> "long";
            case TRICEPS_LATERAL_HEAD -> "outer";
            case TRICEPS_MEDIAL_HEAD -> "inner";
            default -> head.words();
        };
    }

    private static void needs(Exercise exercise, LoadCurve curve, List<String> parts) {
        boolean flat = exercise.bodyWeightShare() > 0
                && exercise.furniture().hands() != Furniture.Hands.BARS
                && exercise.furniture().hands() != Furniture.Hands.RINGS
                && exercise.furniture().hands() != Furniture.Hands.FREE;
        if (flat) {
            parts.add("needs a wrist that bends back");
        }
        if (exercise.implement().isBar() && exercise.grip() != Grip.NEUTRAL) {
            parts.add("the bar fixes the wrists");
        }
        if (curve.summary().largestElevationDeg() > OVERHEAD_DEG) {
            parts.add("needs the arm overhead");
        }
        if (curve.summary().largestExtensionDeg() > BEHIND_DEG) {
            parts.add("takes the arm behind the body");
        }
        if (exercise.stance() == Stance.FLOOR || exercise.stance() == Stance.SIDE_LYING) {
            parts.add("down on the floor");
        }
    }

    /** Why {@code first} comes before {@code next}: the largest of what differs, in words. */
    static String before(Atlas.Entry first, Atlas.Entry next, Worth worth) {
        String name = next.exercise().name();
        String other = Reason.inSentence(name);
        double better = first.worth() - next.worth();
        if (Math.abs(better) <= ABOUT_THE_SAME * Math.max(Math.abs(first.worth()), Math.abs(next.worth()))) {
            return "About the same as " + other + ".";
        }
        double work = Worth.given(first.stimulus()) - Worth.given(next.stimulus());
        Site place = null;
        double kinder = 0;
        for (Site site : Site.values()) {
            double less = worth.pays(site, Atlas.BOTH_ARMS) * (at(next, site) - at(first, site));
            if (less > kinder) {
                kinder = less;
                place = site;
            }
        }
        return place == null || work >= kinder
                ? "More work for the muscle than " + other + "."
                : "Kinder to the " + name(place) + " than " + other + ".";
    }

    /** How {@code turned} compares with the entry it was turned from. */
    static String turned(Atlas.Entry turned, Atlas.Entry entry, Worth worth) {
        return turned.worth() >= entry.worth()
                ? before(turned, entry, worth)
                        .replaceFirst(" than .*", " than as it is.")
                        .replaceFirst(" as .*", " as it is.")
                : before(entry, turned, worth)
                        .replaceFirst("^About the same .*", "About the same as it is.")
                        .replaceFirst("^More work for the muscle than .*", "Less work for the muscle than as it is.")
                        .replaceFirst("^Kinder to the (.*) than .*", "Harder on the $1 than as it is.");
    }

    private static double at(Atlas.Entry entry, Site site) {
        return of(entry.stress(), site);
    }

    private static double of(Map<Site, Double> stress, Site site) {
        return stress.getOrDefault(site, 0.0);
    }
}

package kinesia.core.dose;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import kinesia.core.arm.ArmDimensions;
import kinesia.core.arm.Resistance;
import kinesia.core.arm.Vec3;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Gear;
import kinesia.core.exercise.ResistanceSpec;
import kinesia.core.reason.Numbers;

/**
 * What wrapping a band and standing further from its anchor make of it for one exercise. A band pulls by its relative
 * stretch, so a set-up is worth the plain load that pulls as hard where the exercise is hardest; set-ups that are slack at
 * the start are no set-ups.
 */
final class BandSetUps {
    // One turn round the hand takes up about this much [house, measured on a hand 9 cm wide].
    private static final double WRAP_M = 0.10;
    private static final int MOST_WRAPS = 2;
    private static final double[] FURTHER_M = {0, 0.2, 0.4};
    // Loads nearer together than this are not worth another set-up: the plainer one stays [house].
    private static final double TELLS_APART = 0.04;

    private final List<SetUp> setUps;
    private final double hardestNewtonsPerKg;

    private BandSetUps(List<SetUp> setUps, double hardestNewtonsPerKg) {
        this.setUps = setUps;
        this.hardestNewtonsPerKg = hardestNewtonsPerKg;
    }

    /** One way of setting the band up; {@code factor} is its pull against the plain set-up's. */
    private record SetUp(int wraps, double furtherM, double factor) {
        boolean isPlain() {
            return wraps == 0 && furtherM == 0;
        }

        String words() {
            List<String> words = new ArrayList<>();
            if (wraps > 0) {
                words.add(wraps == 1 ? "wrapped once" : "wrapped twice");
            }
            if (furtherM > 0) {
                words.add("foot mark " + Numbers.plain(furtherM * 100, 0) + " cm further");
            }
            return String.join(", ", words);
        }
    }

    /** The set-ups that stretch a band to at most {@code mostStretch} times its free length. */
    static BandSetUps of(Exercise exercise, Body body, double mostStretch) {
        if (!(exercise.resistance() instanceof ResistanceSpec.Elastic band)) {
            return new BandSetUps(List.of(), 0);
        }
        ArmDimensions arm = body.arm();
        Vec3 anchor = band.anchor(body).orElseThrow();
        double free = band.freeLength() * body.statureM();
        double start = reach(exercise, arm, anchor, 0);
        double hardest = Math.max(start, reach(exercise, arm, anchor, 1));
        double plain = pull(band, hardest, free - band.wrap() * body.statureM());
        // Only a band from an anchor has a foot mark; one underfoot is shortened by wrapping alone.
        boolean anchored = exercise.equipment().stream().anyMatch(Gear.ANCHORS::contains);
        List<SetUp> all = new ArrayList<>();
        for (int wraps = 0; wraps <= MOST_WRAPS; wraps++) {
            for (double further : FURTHER_M) {
                double length = free - band.wrap() * body.statureM() - wraps * WRAP_M;
                boolean within = (hardest + further) / length <= mostStretch + 1e-9;
                boolean possible =
                        within && (further == 0 || anchored) && length > free / 2 && start + further > length;
                if (possible || (within && wraps == 0 && further == 0)) {
                    all.add(new SetUp(wraps, further, pull(band, hardest + further, length) / plain));
                }
            }
        }
        return new BandSetUps(all, plain * Resistance.GRAVITY);
    }

    /** Distance from the anchor to the hand, m. */
    private static double reach(Exercise exercise, ArmDimensions arm, Vec3 anchor, double progress) {
        kinesia.core.arm.ArmPlacer placer = new kinesia.core.arm.ArmPlacer(arm);
        return placer.place(exercise.movement().at(progress))
                .grip()
                .minus(anchor)
                .norm();
    }

    /** Pull over the pull at double length. */
    private static double pull(ResistanceSpec.Elastic band, double distance, double length) {
        double stretch = Math.max(0, distance / length - 1);
        return stretch == 0 ? 0.01 : band.startShare() + (1 - band.startShare()) * stretch;
    }

    /** {@code plain} loads and those that other set-ups add between and beyond them. */
    ReachableLoads widen(ReachableLoads plain) {
        if (hardestNewtonsPerKg == 0) {
            return plain; // not held by a band that is stretched
        }
        List<Load> all = new ArrayList<>();
        List<SetUp> plainest = setUps.stream()
                .sorted(Comparator.comparingInt(SetUp::wraps).thenComparingDouble(SetUp::furtherM))
                .toList();
        for (SetUp setUp : plainest) {
            for (Load load : plain.loads()) {
                double kg = load.kg() * setUp.factor();
                Optional<Load> near = all.stream()
                        .filter(l -> Math.abs(l.kg() - kg) < TELLS_APART * kg)
                        .findFirst();
                if (near.isEmpty() && kg <= Load.MOST_KG) {
                    all.add(new Load(kg, label(load, setUp, kg)));
                }
            }
        }
        all.sort(null);
        return new ReachableLoads(all);
    }

    // The pull is what tells two set-ups apart, so it stands in the label, as a luggage scale reads it.
    private String label(Load load, SetUp setUp, double kg) {
        String pull = Numbers.plain(kg * hardestNewtonsPerKg / Resistance.GRAVITY, 1) + " kg at the hardest";
        return setUp.isPlain() ? load.label() : load.label() + ", " + setUp.words() + " (" + pull + ")";
    }
}

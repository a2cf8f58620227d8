package kinesia.core.dose;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Gear;
import kinesia.core.exercise.Implement;
import kinesia.core.reason.Numbers;
import org.jspecify.annotations.Nullable;

/** Small things that a place may lack: a piece of furniture, an anchor, plates, a pair of dumbbells, a band, an add-on weight. */
public final class Things {
    private static final List<String> SMALL_FURNITURE = List.of(
            "towel",
            "wrist cuff",
            "mat",
            "chair",
            "strap",
            "door anchor",
            "low anchor",
            "high anchor",
            "table",
            "flat bench",
            "adjustable bench",
            "sloped pad");
    private static final List<Double> PLATES_KG = List.of(0.25, 0.5, 1.0);
    private static final List<Double> PLATES_LB = List.of(0.5, 1.25, 2.5);
    private static final double DUMBBELL_STEP_KG = 0.5;
    private static final double DUMBBELL_STEP_LB = 1;
    private static final double LARGEST_DUMBBELL_KG = 12;
    private static final double[] BANDS_N = {12, 20, 35, 55};
    // Two bands nearer than this would be told apart by nobody [house].
    private static final double TELLS_BANDS_APART = 0.25;
    private static final int FOR_TWO_HANDLES = 2;
    private static final double SAME_KG = 0.005;

    private Things() {}

    /**
     * One thing more.
     *
     * @param words with an article: "a door anchor"
     * @param with the place as it would be
     * @param concerned what it could make a difference to
     */
    public record Thing(String words, Equipment with, Predicate<Exercise> concerned) {
        public boolean concerns(Exercise exercise) {
            return concerned.test(exercise);
        }
    }

    /** What {@code here} has not, each thing alone, the smaller ones first. */
    public static List<Thing> missingIn(Equipment here) {
        List<Thing> things = new ArrayList<>();
        bands(here, things);
        plates(here, things);
        dumbbells(here, things);
        addOn(here, things);
        furniture(here, things);
        return things;
    }

    private static void furniture(Equipment here, List<Thing> things) {
        for (String item : SMALL_FURNITURE) {
            boolean anchor = Gear.ANCHORS.contains(item);
            boolean there = here.furniture().contains(item) || (anchor && here.hasAnchor(item));
            // A cuff hangs on a cable, and a strap or an anchor needs no more than itself.
            boolean useless = item.equals("wrist cuff") && here.stack() == null;
            if (!there && !useless) {
                Set<String> more = new HashSet<>(here.furniture());
                more.add(item);
                List<String> words = item.equals("door anchor") ? Gear.ANCHORS : List.of(item);
                things.add(new Thing(
                        (item.startsWith("a") ? "an " : "a ") + item,
                        copy(here, here.dumbbellsKg(), here.handle(), here.stack(), here.bands(), more),
                        e -> e.equipment().stream().anyMatch(words::contains)));
            }
        }
    }

    private static void plates(Equipment here, List<Thing> things) {
        Equipment.Plated handle = here.handle();
        if (handle == null) {
            return;
        }
        boolean pounds = here.inPounds().contains("handle");
        for (double stamped : pounds ? PLATES_LB : PLATES_KG) {
            double kg = pounds ? stamped * Load.KG_PER_LB : stamped;
            if (handle.pairs().stream().noneMatch(p -> isSame(p.plateKg(), kg))) {
                List<Equipment.PlatePair> pairs = new ArrayList<>(handle.pairs());
                pairs.add(new Equipment.PlatePair(kg, FOR_TWO_HANDLES));
                things.add(new Thing(
                        "a pair of " + Load.stamped(kg, pounds).label() + " plates for each handle",
                        copy(
                                here,
                                here.dumbbellsKg(),
                                new Equipment.Plated(handle.emptyKg(), pairs),
                                here.stack(),
                                here.bands(),
                                here.furniture()),
                        e -> e.implement() == Implement.DUMBBELL));
            }
        }
    }

    private static void dumbbells(Equipment here, List<Thing> things) {
        boolean pounds = here.inPounds().contains("dumbbells");
        double step = pounds ? DUMBBELL_STEP_LB * Load.KG_PER_LB : DUMBBELL_STEP_KG;
        for (int n = 1; n * step <= LARGEST_DUMBBELL_KG; n++) {
            double kg = n * step;
            if (here.dumbbellsKg().stream().noneMatch(there -> isSame(there, kg))) {
                List<Double> more = new ArrayList<>(here.dumbbellsKg());
                more.add(kg);
                things.add(new Thing(
                        "a pair of " + Load.stamped(kg, pounds).label() + " dumbbells",
                        copy(here, more, here.handle(), here.stack(), here.bands(), here.furniture()),
                        e -> e.equipment().contains("dumbbells")));
            }
        }
    }

    private static void bands(Equipment here, List<Thing> things) {
        for (double newtons : BANDS_N) {
            boolean alike = here.bands().stream()
                    .anyMatch(b -> Math.abs(b.newtonsAtDoubleLength() - newtons) < TELLS_BANDS_APART * newtons);
            if (!alike) {
                List<Equipment.Band> more = new ArrayList<>(here.bands());
                more.add(new Equipment.Band("band of " + Numbers.plain(newtons, 0) + " N", newtons));
                things.add(new Thing(
                        "a band that pulls " + Numbers.plain(newtons, 0) + " N at double length",
                        copy(here, here.dumbbellsKg(), here.handle(), here.stack(), more, here.furniture()),
                        e -> e.implement() == Implement.BAND));
            }
        }
    }

    private static void addOn(Equipment here, List<Thing> things) {
        Equipment.Stack stack = here.stack();
        if (stack != null && stack.addOnKg() == 0) {
            double half = stack.stepKg() / 2;
            things.add(new Thing(
                    "an add-on weight of "
                            + Load.stamped(half, here.inPounds().contains("cable stack"))
                                    .label() + " for the stack",
                    copy(
                            here,
                            here.dumbbellsKg(),
                            here.handle(),
                            new Equipment.Stack(stack.firstKg(), stack.stepKg(), stack.lastKg(), half),
                            here.bands(),
                            here.furniture()),
                    e -> e.equipment().contains("cable stack")));
        }
    }

    private static Equipment copy(
            Equipment here,
            List<Double> dumbbells,
            Equipment.@Nullable Plated handle,
            Equipment.@Nullable Stack stack,
            List<Equipment.Band> bands,
            Set<String> furniture) {
        return new Equipment(
                dumbbells,
                handle,
                here.straightBar(),
                here.angledBar(),
                stack,
                bands,
                furniture,
                here.household(),
                here.fixtures(),
                here.machines(),
                here.alone(),
                here.inPounds());
    }

    private static boolean isSame(double kg, double other) {
        return Math.abs(kg - other) < SAME_KG;
    }
}

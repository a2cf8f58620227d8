package kinesia.core.dose;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import kinesia.core.arm.Resistance;
import kinesia.core.dose.Equipment.Plated;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Implement;
import org.jspecify.annotations.Nullable;

/** The loads that a place can really give an exercise, lightest first, each once. */
public record ReachableLoads(List<Load> loads) {
    /** What a band may be stretched to over its free length, where nobody measured further [house]. */
    public static final double MOST_STRETCH = 2.5;

    private static final Body MIDDLING = new Body(kinesia.core.arm.Sex.FEMALE, 1.65, 68);

    // Loads nearer than this are the same load.
    private static final double SAME_KG = 0.005;

    public ReachableLoads {
        loads = List.copyOf(loads);
    }

    /** All loads of {@code equipment} for {@code exercise}; body weight gives one, its share of {@code body}'s mass. */
    public static ReachableLoads of(Equipment equipment, Exercise exercise, Body body) {
        double own = exercise.bodyWeightShare() * body.massKg();
        ReachableLoads plain = exercise.implement() == Implement.MACHINE
                ? ofMachine(equipment, exercise)
                : of(equipment, exercise.implement(), own, exercise.implementsAtOnce());
        return exercise.implement() == Implement.BAND
                ? BandSetUps.of(exercise, body, stretch(equipment)).widen(plain)
                : plain;
    }

    /** How far every band here may be stretched: as far as it was measured, else two and a half times its free length. */
    private static double stretch(Equipment equipment) {
        return equipment.bands().stream()
                .mapToDouble(b -> b.pulls() == null ? MOST_STRETCH : b.pulls().furthestStretch())
                .min()
                .orElse(MOST_STRETCH);
    }

    private static ReachableLoads ofMachine(Equipment equipment, Exercise exercise) {
        TreeMap<Long, Load> found = new TreeMap<>();
        equipment.machines().stream()
                .filter(m -> exercise.equipment().contains(m.name()))
                .forEach(m -> stack(m.stack(), equipment.inPounds().contains(m.name()), found));
        return new ReachableLoads(List.copyOf(found.values()));
    }

    /**
     * All loads of {@code equipment} with {@code implement}, of which {@code atOnce} (1 or 2) are loaded together and share
     * the plates; {@code ownKg} is what the hands carry of the body.
     */
    public static ReachableLoads of(Equipment equipment, Implement implement, double ownKg, int atOnce) {
        TreeMap<Long, Load> found = new TreeMap<>();
        Set<String> inPounds = equipment.inPounds();
        switch (implement) {
            case DUMBBELL -> {
                boolean pounds = inPounds.contains("dumbbells");
                equipment.dumbbellsKg().forEach(kg -> add(found, Load.stamped(kg, pounds)));
                plated(equipment.handle(), inPounds.contains("handle"), atOnce, found);
            }
            case STRAIGHT_BAR -> plated(equipment.straightBar(), inPounds.contains("straight bar"), 1, found);
            case ANGLED_BAR -> plated(equipment.angledBar(), inPounds.contains("angled bar"), 1, found);
            case CABLE_HANDLE, CABLE_ROPE, CABLE_BAR ->
                stack(equipment.stack(), inPounds.contains("cable stack"), found);
            case BAND -> bands(equipment.bands(), found);
            case HOUSEHOLD -> equipment.household().forEach(o -> add(found, new Load(o.kg(), o.name())));
            case MACHINE -> {
                // Which machine it is stands in the exercise.
            }
            case BODY_WEIGHT -> add(found, new Load(ownKg, "body weight"));
            case FIXED -> add(found, new Load(0, "by effort"));
            case NOTHING -> add(found, new Load(0, "no load"));
        }
        return new ReachableLoads(List.copyOf(found.values()));
    }

    /** Whether everything that {@code exercise} is set up with is there. */
    public static boolean hasEquipmentFor(Equipment equipment, Exercise exercise) {
        return missingFor(equipment, exercise).isEmpty();
    }

    /** What {@code exercise} needs and {@code equipment} lacks, in words. */
    public static List<String> missingFor(Equipment equipment, Exercise exercise) {
        List<String> missing = exercise.equipment().stream()
                .filter(item -> !has(equipment, item, exercise.implement()))
                .toList();
        // The words are the same for everybody, so a body of any size tells whether a band reaches.
        boolean tooShort = missing.isEmpty()
                && exercise.implement() == Implement.BAND
                && of(equipment, exercise, MIDDLING).isEmpty();
        return tooShort ? List.of("band that was measured as far as it is stretched here") : missing;
    }

    public boolean isEmpty() {
        return loads.isEmpty();
    }

    public Load lightest() {
        return loads.get(0);
    }

    /** Those of at most {@code kg}; all of them where that would leave none. */
    public ReachableLoads upTo(double kg) {
        List<Load> light = loads.stream().filter(l -> l.kg() <= kg).toList();
        return light.isEmpty() ? this : new ReachableLoads(light);
    }

    /** The heaviest load of at most {@code kg}; empty when all are heavier: what is not there is never proposed. */
    public Optional<Load> atMost(double kg) {
        Load best = null;
        for (Load load : loads) {
            if (load.kg() <= kg + SAME_KG) {
                best = load;
            }
        }
        return Optional.ofNullable(best);
    }

    /** The next heavier load. */
    public Optional<Load> above(double kg) {
        return loads.stream().filter(l -> l.kg() > kg + SAME_KG).findFirst();
    }

    /** The next lighter load. */
    public Optional<Load> below(double kg) {
        Load best = null;
        for (Load load : loads) {
            if (load.kg() < kg - SAME_KG) {
                best = load;
            }
        }
        return Optional.ofNullable(best);
    }

    private static boolean has(Equipment e, String item, Implement implement) {
        return switch (item) {
            case "dumbbells" -> !e.dumbbellsKg().isEmpty() || e.handle() != null;
            case "straight bar" -> e.straightBar() != null;
            case "angled bar" -> e.angledBar() != null;
            case "cable stack" -> e.stack() != null;
            case "curl machine", "dip machine", "extension machine" ->
                e.machines().stream().anyMatch(m -> m.name().equals(item));
            case "low anchor", "middle anchor", "high anchor" -> e.hasAnchor(item);
            case "household object" -> !e.household().isEmpty();
            case "bands" -> !e.bands().isEmpty() || implement != Implement.BAND;
            default -> e.furniture().contains(item);
        };
    }

    private static void plated(@Nullable Plated bar, boolean pounds, int atOnce, TreeMap<Long, Load> found) {
        if (bar == null) {
            return;
        }
        List<Double> sums = new ArrayList<>(List.of(bar.emptyKg()));
        for (Equipment.PlatePair pair : bar.pairs()) {
            List<Double> more = new ArrayList<>();
            for (double sum : sums) {
                for (int n = 0; n <= pair.count() / atOnce; n++) {
                    more.add(sum + 2 * n * pair.plateKg());
                }
            }
            sums = more;
        }
        sums.forEach(kg -> add(found, Load.stamped(kg, pounds)));
    }

    private static void stack(Equipment.@Nullable Stack stack, boolean pounds, TreeMap<Long, Load> found) {
        if (stack == null) {
            return;
        }
        for (double kg = stack.firstKg(); kg <= stack.lastKg() + SAME_KG; kg += stack.stepKg()) {
            add(found, Load.stamped(kg, pounds));
            if (stack.addOnKg() > 0) {
                Load more = Load.stamped(kg + stack.addOnKg(), pounds);
                add(found, new Load(more.kg(), more.label() + " with add-on"));
            }
        }
    }

    private static void bands(List<Equipment.Band> bands, TreeMap<Long, Load> found) {
        for (int set = 1; set < 1 << bands.size(); set++) {
            double newtons = 0;
            List<String> names = new ArrayList<>();
            for (int i = 0; i < bands.size(); i++) {
                if ((set & 1 << i) != 0) {
                    newtons += bands.get(i).newtonsAtDoubleLength();
                    names.add(bands.get(i).name());
                }
            }
            add(found, new Load(newtons / Resistance.GRAVITY, String.join(" + ", names)));
        }
    }

    private static void add(TreeMap<Long, Load> found, Load load) {
        found.putIfAbsent(Math.round(load.kg() * 100), load);
    }
}

package kinesia.core.dose;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.IntFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import kinesia.core.arm.BandCalibration;
import kinesia.core.exercise.Gear;
import kinesia.core.reason.InvalidValue;
import org.jspecify.annotations.Nullable;

/**
 * What one place of training has. Every mass is in kilograms, whatever is stamped on the thing; what cannot be is refused with
 * its field.
 *
 * @param dumbbellsKg fixed dumbbells, in pairs, 0.1 to 100 each
 * @param handle handles that take plates; null when there are none
 * @param straightBar null when there is none
 * @param angledBar null when there is none
 * @param stack cable stack; null when there is none
 * @param bands bands with their measured pull, at most 8
 * @param furniture what carries a body or a hand, or holds a band, and is solid: one of {@link Gear#FURNITURE}
 * @param household jugs, cans and bags by measured mass
 * @param machines machines with a stack of their own; null when there are none
 * @param alone whether clients train there with nobody beside them; null when nothing was said, so not
 * @param fixtures bench notches, anchor heights and cuffs; null when nothing was said of them
 * @param inPounds what is stamped in pounds, each of {@link #STAMPED}; null when nothing is
 */
public record Equipment(
        List<Double> dumbbellsKg,
        @Nullable Plated handle,
        @Nullable Plated straightBar,
        @Nullable Plated angledBar,
        @Nullable Stack stack,
        List<Band> bands,
        Set<String> furniture,
        @Nullable List<HouseholdObject> household,
        @Nullable Fixtures fixtures,
        @Nullable List<Machine> machines,
        @Nullable Boolean alone,
        @Nullable Set<String> inPounds) {
    /** What may be stamped in pounds, and is in kilograms otherwise. */
    public static final List<String> STAMPED = Stream.concat(
                    Stream.of("dumbbells", "handle", "straight bar", "angled bar", "cable stack"),
                    Gear.MACHINES.stream())
            .toList();

    // Where an anchor counts as low, middle or high [house], metres above the floor.
    private static final double LOW_UP_TO_M = 0.6;
    private static final double HIGH_FROM_M = 1.7;

    // Bands are combined in every way; more of them would make thousands of loads that nobody tells apart.
    private static final int MOST_BANDS = 8;
    private static final int MOST_OF_A_KIND = 60;
    private static final double HEAVIEST_KG = 100;
    private static final int USUAL_DUMBBELLS_KG = 10;
    private static final Map<String, String> ORDINARY = Map.of(
            "dumbbells", "dumbbells of 1 to 10 kg",
            "bands", "two bands, of 20 and 40 N at double length",
            "cable stack", "a cable stack");

    /** Throws {@link InvalidValue} naming the field. */
    public Equipment {
        dumbbellsKg = List.copyOf(dumbbellsKg);
        bands = List.copyOf(bands);
        furniture = Set.copyOf(furniture);
        household = household == null ? List.of() : List.copyOf(household);
        machines = machines == null ? List.of() : List.copyOf(machines);
        inPounds = inPounds == null ? Set.of() : Set.copyOf(inPounds);
        requireAtMost("dumbbellsKg", dumbbellsKg.size(), MOST_OF_A_KIND);
        requireAtMost("bands", bands.size(), MOST_BANDS);
        requireAtMost("household", household.size(), MOST_OF_A_KIND);
        List<Double> dumbbells = dumbbellsKg;
        each("dumbbellsKg", dumbbells.size(), i -> dumbbells.get(i), 0.1, HEAVIEST_KG, "kg");
        for (String item : furniture) {
            if (!Gear.FURNITURE.contains(item)) {
                throw new InvalidValue(
                        "furniture", "'" + item + "' is not one of " + String.join(", ", Gear.FURNITURE));
            }
        }
        for (String item : inPounds) {
            if (!STAMPED.contains(item)) {
                throw new InvalidValue("inPounds", "'" + item + "' is not one of " + String.join(", ", STAMPED));
            }
        }
    }

    /** A place of which nothing is said about notches, heights and cuffs. */
    public Equipment(
            List<Double> dumbbellsKg,
            @Nullable Plated handle,
            @Nullable Plated straightBar,
            @Nullable Plated angledBar,
            @Nullable Stack stack,
            List<Band> bands,
            Set<String> furniture,
            @Nullable List<HouseholdObject> household) {
        this(dumbbellsKg, handle, straightBar, angledBar, stack, bands, furniture, household, null, null, null, null);
    }

    @Override
    public List<HouseholdObject> household() {
        return household == null ? List.of() : household;
    }

    @Override
    public Set<String> inPounds() {
        return inPounds == null ? Set.of() : inPounds;
    }

    /** Whether nobody stands by, so that only what may be done alone is done there. */
    public boolean nobodyStandsBy() {
        return Boolean.TRUE.equals(alone);
    }

    @Override
    public List<Machine> machines() {
        return machines == null ? List.of() : machines;
    }

    /** Whether a band or cable can be fixed at the height called {@code anchor}, by its name or by a measured height. */
    public boolean hasAnchor(String anchor) {
        boolean high = anchor.equals("high anchor");
        boolean low = anchor.equals("low anchor");
        boolean measured = fixtures != null
                && fixtures.anchorHeightsM().stream()
                        .anyMatch(m ->
                                low ? m <= LOW_UP_TO_M : high ? m >= HIGH_FROM_M : m > LOW_UP_TO_M && m < HIGH_FROM_M);
        return furniture.contains(anchor)
                || measured
                // A closed door holds an anchor at any height; a post or bed leg up to the waist.
                || furniture.contains("door anchor")
                || (!high && furniture.contains("post"));
    }

    /** Whether {@link #with} can say what is usual of it. */
    public static boolean isOrdinary(String item) {
        return Gear.FURNITURE.contains(item) || ORDINARY.containsKey(item);
    }

    /** What is added by {@link #with}, in words. */
    public static String ordinary(String item) {
        return ORDINARY.getOrDefault(item, (item.matches("[aeiou].*") ? "an " : "a ") + item);
    }

    /** The same place with {@code item} as it is usual there [house]; an item that {@link #isOrdinary} takes. */
    public Equipment with(String item) {
        Set<String> more = Gear.FURNITURE.contains(item)
                ? Stream.concat(furniture.stream(), Stream.of(item)).collect(Collectors.toSet())
                : furniture;
        boolean dumbbells = item.equals("dumbbells");
        boolean twoBands = item.equals("bands");
        boolean cable = item.equals("cable stack");
        return new Equipment(
                dumbbells
                        ? IntStream.rangeClosed(1, USUAL_DUMBBELLS_KG)
                                .mapToObj(kg -> (double) kg)
                                .toList()
                        : dumbbellsKg,
                handle,
                straightBar,
                angledBar,
                cable ? new Stack(2.5, 2.5, 50, 0) : stack,
                twoBands ? List.of(new Band("thin band", 20), new Band("middle band", 40)) : bands,
                more,
                household,
                fixtures,
                machines,
                alone,
                // What is usual is in kilograms.
                inPounds().stream().filter(thing -> !thing.equals(item)).collect(Collectors.toSet()));
    }

    private static void requireAtMost(String field, int size, int most) {
        if (size > most) {
            throw new InvalidValue(field, "has more than " + most);
        }
    }

    private static void each(String field, int size, IntFunction<Double> at, double least, double most, String unit) {
        for (int i = 0; i < size; i++) {
            InvalidValue.requireWithin(field + "[" + i + "]", at.apply(i), least, most, unit);
        }
    }

    private static void requireName(String name) {
        if (name.isBlank() || name.length() > 60) {
            throw new InvalidValue("name", "is needed, at most 60 characters");
        }
    }

    /**
     * A jug, can or bag.
     *
     * @param kg its mass as it is lifted, 0.1 to 60; worked out when it is told by its water
     * @param water what is in it, when it was not put on a scale
     */
    public record HouseholdObject(
            String name, double kg, @Nullable Water water) {
        private static final double MOST_KG = 60;

        public HouseholdObject {
            requireName(name);
            kg = water == null ? kg : water.kg();
            InvalidValue.requireWithin("kg", kg, 0.1, MOST_KG, "kg");
        }

        /** One that was weighed. */
        public HouseholdObject(String name, double kg) {
            this(name, kg, null);
        }
    }

    /** Water by volume, 0.1 to 30 litres, in a vessel of {@code emptyKg}, 0 to 10. */
    public record Water(double litres, double emptyKg) {
        // Fresh water at room temperature [physics].
        private static final double KG_PER_LITRE = 0.998;

        public Water {
            InvalidValue.requireWithin("litres", litres, 0.1, 30, "litres");
            InvalidValue.requireWithin("emptyKg", emptyKg, 0, 10, "kg");
        }

        double kg() {
            return Math.round((litres * KG_PER_LITRE + emptyKg) * 100) / 100.0;
        }
    }

    /** A bar or handle of {@code emptyKg}, 0 to 30, with pairs of plates, one of each pair an end; at most 8 kinds. */
    public record Plated(double emptyKg, List<PlatePair> pairs) {
        private static final int MOST_KINDS = 8;

        public Plated {
            pairs = List.copyOf(pairs);
            InvalidValue.requireWithin("emptyKg", emptyKg, 0, 30, "kg");
            requireAtMost("pairs", pairs.size(), MOST_KINDS);
        }
    }

    /** {@code count} pairs (1 to 6) of plates of {@code plateKg} each, 0.1 to 25. */
    public record PlatePair(double plateKg, int count) {
        public PlatePair {
            InvalidValue.requireWithin("plateKg", plateKg, 0.1, 25, "kg");
            InvalidValue.requireWithin("count", count, 1, 6, "pairs");
        }
    }

    /** A stack from {@code firstKg} to {@code lastKg} in equal steps, with an add-on weight (0 when none). */
    public record Stack(double firstKg, double stepKg, double lastKg, double addOnKg) {
        public Stack {
            InvalidValue.requireWithin("firstKg", firstKg, 0.5, 50, "kg");
            InvalidValue.requireWithin("stepKg", stepKg, 0.5, 25, "kg");
            InvalidValue.requireWithin("lastKg", lastKg, firstKg, 200, "kg");
            InvalidValue.requireWithin("addOnKg", addOnKg, 0, 10, "kg");
        }
    }

    /**
     * A band.
     *
     * @param newtonsAtDoubleLength its pull at double its free length, 1 to 600 N; worked out when it was measured
     * @param pulls two pulls on a luggage scale; null when the number is taken from elsewhere
     */
    public record Band(
            String name,
            double newtonsAtDoubleLength,
            @Nullable Pulls pulls) {
        public Band {
            requireName(name);
            newtonsAtDoubleLength = pulls == null
                    ? newtonsAtDoubleLength
                    : Math.round(pulls.calibration().forceAtDoubleLengthN() * 10) / 10.0;
            InvalidValue.requireWithin("newtonsAtDoubleLength", newtonsAtDoubleLength, 1, 600, "N");
        }

        /** One whose pull is known. */
        public Band(String name, double newtonsAtDoubleLength) {
            this(name, newtonsAtDoubleLength, null);
        }
    }

    /** Two stretched lengths (m) and the forces (N) read there, as {@link BandCalibration} takes them. */
    public record Pulls(double freeLengthM, BandCalibration.Pull firstPull, BandCalibration.Pull secondPull) {
        public Pulls {
            BandCalibration.of(freeLengthM, firstPull, secondPull);
        }

        /** The longer of the two stretches over the free length. */
        double furthestStretch() {
            return Math.max(firstPull.lengthM(), secondPull.lengthM()) / freeLengthM;
        }

        BandCalibration calibration() {
            return BandCalibration.of(freeLengthM, firstPull, secondPull);
        }
    }

    /** A machine called by one of {@link Gear#MACHINES}, with its stack. */
    public record Machine(String name, Stack stack) {
        public Machine {
            if (!Gear.MACHINES.contains(name)) {
                throw new InvalidValue("name", "'" + name + "' is not one of " + String.join(", ", Gear.MACHINES));
            }
        }
    }

    /**
     * What is fixed in the place.
     *
     * @param benchNotchesDeg back angles of the adjustable bench from flat, 0 to 90
     * @param anchorHeightsM where cables and bands can be fixed, 0 to 3 m above the floor
     * @param restrictionCuffs whether there are cuffs; they are used only by those who are cleared
     */
    public record Fixtures(List<Double> benchNotchesDeg, List<Double> anchorHeightsM, boolean restrictionCuffs) {
        public Fixtures {
            benchNotchesDeg = List.copyOf(benchNotchesDeg);
            anchorHeightsM = List.copyOf(anchorHeightsM);
            requireAtMost("benchNotchesDeg", benchNotchesDeg.size(), MOST_OF_A_KIND);
            requireAtMost("anchorHeightsM", anchorHeightsM.size(), MOST_OF_A_KIND);
            List<Double> notches = benchNotchesDeg;
            List<Double> heights = anchorHeightsM;
            each("benchNotchesDeg", notches.size(), notches::get, 0, 90, "degrees");
            each("anchorHeightsM", heights.size(), heights::get, 0, 3, "m");
        }
    }
}

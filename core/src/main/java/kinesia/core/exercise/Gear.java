package kinesia.core.exercise;

import java.util.List;
import java.util.stream.Stream;

/** The words in which an entry says what a place must have, and a place what it has. */
public final class Gear {
    /** Heights at which bands and cables can be fixed. */
    public static final List<String> ANCHORS = List.of("low anchor", "middle anchor", "high anchor");

    /** What carries a body or a hand, or holds a band or a cable, and is solid. */
    public static final List<String> FURNITURE = List.of(
            "chair",
            "chair back",
            "table",
            "counter",
            "flat bench",
            "adjustable bench",
            "sloped pad",
            "low anchor",
            "middle anchor",
            "high anchor",
            "door anchor",
            "post",
            "rings",
            "dip bars",
            "strap",
            "wrist cuff",
            "towel",
            "mat");

    /** Machines with a stack of their own. */
    public static final List<String> MACHINES = List.of("curl machine", "dip machine", "extension machine");

    private static final List<String> HELD =
            List.of("dumbbells", "straight bar", "angled bar", "cable stack", "bands", "household object");

    /** Every word that an entry may use. */
    public static final List<String> ALL =
            Stream.of(HELD, FURNITURE, MACHINES).flatMap(List::stream).toList();

    private Gear() {}
}

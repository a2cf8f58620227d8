package kinesia.core.exercise;

/**
 * What body and hands rest on, as far as drawing and turning need it.
 *
 * @param bench whether the bench under the body can be tipped, and what the arms do then
 * @param hands what carries the hands in body-weight work
 */
public record Furniture(Bench bench, Hands hands) {

    /** What happens to the arms when the bench is set to another notch. */
    public enum Bench {
        /** No bench that tips. */
        FIXED,
        /** Upper arms keep their direction in the room: they hang, or stay upright. */
        ARMS_STAY,
        /** Upper arms tip with the trunk, as in a press. */
        ARMS_FOLLOW
    }

    /** What the hands push against. */
    public enum Hands {
        FREE,
        WALL,
        BENCH,
        FLOOR,
        BARS,
        RINGS,
        /** A strap that hangs from an anchor. */
        STRAP
    }
}

package kinesia.core.arm;

/** Which arm. The right arm is modelled, the left is its mirror. */
public enum Side {
    LEFT,
    RIGHT;

    public Side other() {
        return this == LEFT ? RIGHT : LEFT;
    }

    public String word() {
        return this == LEFT ? "left" : "right";
    }
}

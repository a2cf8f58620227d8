package kinesia.core.exercise;

import kinesia.core.arm.ArmDimensions;
import kinesia.core.arm.Sex;

/** The client's size, as far as loads need it: stature 1.20 to 2.20 m, body mass 30 to 250 kg. */
public record Body(Sex sex, double statureM, double massKg) {
    /** Somebody in the middle, for what hardly depends on who it is. */
    static final Body ANYBODY = new Body(Sex.FEMALE, 1.66, 68);

    public ArmDimensions arm() {
        return ArmDimensions.estimate(sex, statureM, massKg);
    }
}

package kinesia.screening;

/**
 * A stand-in for a measuring device: the reading climbs to where the limb would stop and trembles there. It ships with
 * Kinesia so that everything around a device can be used and tried without one.
 */
final class SimulatedGauge {
    private static final double CLIMB_S = 1.1;
    private static final double STEADY_AFTER_S = 4;
    private static final double TREMBLE = 0.4;

    private SimulatedGauge() {}

    /**
     * @param value degrees or kilograms
     * @param steady whether it has stopped climbing
     */
    record Reading(double value, boolean steady) {}

    /** What it shows {@code seconds} after it was put on, for a limb or hand that ends at {@code aim}. */
    static Reading at(double seconds, double aim) {
        double climbed = aim * (1 - Math.exp(-seconds / CLIMB_S));
        double shown = climbed + TREMBLE * Math.sin(7 * seconds);
        return new Reading(Math.round(shown * 10) / 10.0, seconds >= STEADY_AFTER_S);
    }
}

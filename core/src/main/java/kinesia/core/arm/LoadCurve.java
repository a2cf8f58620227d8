package kinesia.core.arm;

import java.util.ArrayList;
import java.util.List;
import kinesia.core.reason.InvalidValue;
import org.jspecify.annotations.Nullable;

/**
 * A movement sampled at even steps of progress, with the load at each, and what a trainer reads off it.
 *
 * @param upperArmSupported a pad carries the upper arm: shoulder torque is then not known and never guessed
 */
public record LoadCurve(boolean upperArmSupported, List<Sample> samples, Summary summary) {
    /** The usual number of samples. */
    public static final int SAMPLES = 101;

    // A curve below this is nothing but rounding.
    private static final double NOTHING_NM = 1e-9;
    private static final double SLACK_SHARE = 0.10;

    /** One point of the curve. */
    public record Sample(double progress, Pose pose, ArmFrame frame, ArmLoad load) {
        Sample mirrored() {
            return new Sample(progress, pose, frame.mirrored(), load.mirrored());
        }
    }

    /** Where in the lift the elbow is loaded most. */
    public enum Profile {
        EARLY,
        MIDDLE,
        LATE,
        NONE
    }

    /**
     * @param peakDemandNm the sample of largest size, with its sign
     * @param peakProgress where it is; null when nothing is loaded
     * @param meanDemandNm the mean of its size over the samples, so a movement that changes sides does not cancel out
     * @param slackFraction share of samples under 10 % of the peak
     * @param peakShoulderNm null when supported
     */
    public record Summary(
            double peakDemandNm,
            double peakResistanceNm,
            @Nullable Double peakProgress,
            @Nullable Double peakElbowFlexionDeg,
            double meanDemandNm,
            double startDemandNm,
            double endDemandNm,
            double slackFraction,
            Profile profile,
            @Nullable Double peakShoulderNm,
            double largestElevationDeg,
            double largestExtensionDeg) {}

    /** The curve of the left or right arm; points of {@code resistances} are given from that arm's own shoulder. */
    public static LoadCurve of(
            ArmDimensions arm,
            Side side,
            Movement movement,
            List<Resistance> resistances,
            boolean supported,
            int count) {
        if (side == Side.RIGHT) {
            return of(arm, movement, resistances, supported, count);
        }
        LoadCurve right =
                of(arm, movement, resistances.stream().map(Resistance::mirrored).toList(), supported, count);
        List<Sample> mirrored = right.samples.stream().map(Sample::mirrored).toList();
        return new LoadCurve(supported, mirrored, right.summary);
    }

    /** Samples {@code movement} of the right arm at {@code count} points (2 to 10001). */
    public static LoadCurve of(
            ArmDimensions arm, Movement movement, List<Resistance> resistances, boolean supported, int count) {
        InvalidValue.requireWithin("samples", count, 2, 10_001, "samples");
        List<Sample> samples = new ArrayList<>(count);
        ArmPlacer placer = new ArmPlacer(arm);
        for (int i = 0; i < count; i++) {
            double progress = (double) i / (count - 1);
            Pose pose = movement.at(progress);
            ArmFrame frame = placer.place(pose);
            samples.add(new Sample(progress, pose, frame, ArmLoad.of(arm, frame, resistances)));
        }
        return of(samples, supported);
    }

    /** The curve of samples that are there already, at even steps of progress. */
    public static LoadCurve of(List<Sample> samples, boolean supported) {
        return new LoadCurve(supported, List.copyOf(samples), summarise(samples, supported));
    }

    /** The same movement of the same {@code arm} with other resistances; where the arm goes is not worked out again. */
    public LoadCurve under(ArmDimensions arm, List<Resistance> resistances) {
        return under(arm, resistances, upperArmSupported, 1);
    }

    /** The same where something carries the upper arm or not, at every {@code step}th sample, which has to meet the last. */
    public LoadCurve under(ArmDimensions arm, List<Resistance> resistances, boolean supported, int step) {
        List<Sample> loaded = new ArrayList<>(samples.size() / step + 1);
        for (int i = 0; i < samples.size(); i += step) {
            Sample s = samples.get(i);
            loaded.add(new Sample(s.progress, s.pose, s.frame, ArmLoad.of(arm, s.frame, resistances)));
        }
        return of(loaded, supported);
    }

    /** Samples at the usual {@value #SAMPLES} points. */
    public static LoadCurve of(ArmDimensions arm, Movement movement, List<Resistance> resistances, boolean supported) {
        return of(arm, movement, resistances, supported, SAMPLES);
    }

    /** Mean size of the demand over peak size within the middle 80 % of the range: 1 when evenly loaded, 0 when not. */
    public double evenness() {
        double peak = 0;
        double sum = 0;
        int n = 0;
        for (Sample sample : samples) {
            if (sample.progress() >= 0.1 - 1e-12 && sample.progress() <= 0.9 + 1e-12) {
                double size = Math.abs(sample.load().elbowDemandNm());
                peak = Math.max(peak, size);
                sum += size;
                n++;
            }
        }
        return peak < NOTHING_NM ? 0 : sum / n / peak;
    }

    private static Summary summarise(List<Sample> samples, boolean supported) {
        Sample peak = samples.get(0);
        double sum = 0;
        double shoulder = 0;
        double elevation = 0;
        double extension = 0;
        for (Sample sample : samples) {
            double demand = sample.load().elbowDemandNm();
            if (Math.abs(demand) > Math.abs(peak.load().elbowDemandNm()) + NOTHING_NM) {
                peak = sample;
            }
            sum += Math.abs(demand);
            shoulder = Math.max(shoulder, sample.load().shoulderTorqueNm());
            elevation = Math.max(elevation, Math.abs(sample.pose().elevationDeg()));
            extension = Math.max(extension, sample.pose().extensionBehindTrunkDeg());
        }
        double peakSize = Math.abs(peak.load().elbowDemandNm());
        boolean nothing = peakSize < NOTHING_NM;
        int slack = 0;
        for (Sample sample : samples) {
            slack += Math.abs(sample.load().elbowDemandNm()) < SLACK_SHARE * peakSize ? 1 : 0;
        }
        return new Summary(
                nothing ? 0 : peak.load().elbowDemandNm(),
                nothing ? 0 : peak.load().elbowResistanceDemandNm(),
                nothing ? null : peak.progress(),
                nothing ? null : peak.pose().elbowFlexionDeg(),
                nothing ? 0 : sum / samples.size(),
                nothing ? 0 : samples.get(0).load().elbowDemandNm(),
                nothing ? 0 : samples.get(samples.size() - 1).load().elbowDemandNm(),
                nothing ? 1 : (double) slack / samples.size(),
                nothing ? Profile.NONE : profile(peak.progress()),
                supported ? null : shoulder,
                elevation,
                extension);
    }

    private static Profile profile(double peakProgress) {
        if (peakProgress < 1.0 / 3) {
            return Profile.EARLY;
        }
        return peakProgress <= 2.0 / 3 ? Profile.MIDDLE : Profile.LATE;
    }
}

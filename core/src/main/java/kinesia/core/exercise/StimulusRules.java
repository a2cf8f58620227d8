package kinesia.core.exercise;

import java.util.EnumMap;
import java.util.Map;
import kinesia.core.arm.LoadCurve;
import kinesia.core.arm.LoadCurve.Sample;
import kinesia.core.reason.RuleFile;

/** The share of a hard set that each head receives [practice], from the rule file {@code stimulus.yaml}. */
public final class StimulusRules {
    private final Map<Head, Map<Grip, Double>> gripFactor = new EnumMap<>(Head.class);
    private final double longLengthBonus;

    private StimulusRules(RuleFile root) {
        root.onlyKeys("grip-factor", "long-length-bonus");
        root.at("grip-factor").entries().forEach((name, row) -> {
            Map<Grip, Double> factors = new EnumMap<>(Grip.class);
            row.entries().forEach((grip, factor) -> factors.put(grip(row, grip), factor.within(0, 1, "of the whole")));
            gripFactor.put(Head.named(row, name), factors);
        });
        longLengthBonus = root.at("long-length-bonus").within(0, 0.5, "of the whole");
    }

    /** Reads the text of the rule file; errors name the line. */
    public static StimulusRules parse(String file, String text) {
        return new StimulusRules(RuleFile.parse(file, text));
    }

    /**
     * Shares scaled by how evenly the movement loads and by the {@code reached} part, 0 to 1, of what the client can make; with
     * {@code longLength} up to a tenth more for load where the muscle is long (contested).
     */
    Map<Head, Double> given(Exercise exercise, LoadCurve curve, double reached, boolean longLength) {
        double evenness = curve.evenness() * reached;
        Map<Head, Double> result = new EnumMap<>(Head.class);
        exercise.stimulus()
                .forEach((head, share) -> result.put(
                        head,
                        share * evenness * (longLength ? 1 + longLengthBonus * longShare(curve, head.group()) : 1)));
        return result;
    }

    /** The shares of an exercise once it is held in {@code to} instead of {@code from}; never over 1. */
    Map<Head, Double> regripped(Map<Head, Double> shares, Grip from, Grip to) {
        Map<Head, Double> result = new EnumMap<>(Head.class);
        shares.forEach((head, share) -> result.put(head, Math.min(1, share * factor(head, to) / factor(head, from))));
        return result;
    }

    private double factor(Head head, Grip grip) {
        Map<Grip, Double> factors = gripFactor.get(head);
        Double factor = factors == null ? null : factors.get(grip);
        return factor == null ? 1 : factor;
    }

    /** Share of the demand that falls on the half of the bend where the group is long: 0 to 1. */
    private static double longShare(LoadCurve curve, Head.Group group) {
        double least = 200;
        double most = -200;
        for (Sample sample : curve.samples()) {
            least = Math.min(least, sample.pose().elbowFlexionDeg());
            most = Math.max(most, sample.pose().elbowFlexionDeg());
        }
        double middle = (least + most) / 2;
        double longSum = 0;
        double sum = 0;
        for (Sample sample : curve.samples()) {
            double demand = Math.abs(sample.load().elbowDemandNm());
            boolean bent = sample.pose().elbowFlexionDeg() >= middle;
            sum += demand;
            longSum += bent == (group == Head.Group.EXTENSORS) ? demand : 0;
        }
        return sum == 0 ? 0 : longSum / sum;
    }

    private static Grip grip(RuleFile row, String name) {
        for (Grip grip : Grip.values()) {
            if (grip.words().replace(' ', '-').equals(name)) {
                return grip;
            }
        }
        throw row.error("'" + name + "' is no grip");
    }
}

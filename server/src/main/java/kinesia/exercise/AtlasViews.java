package kinesia.exercise;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.ToDoubleFunction;
import kinesia.core.arm.LoadCurve;
import kinesia.core.arm.Resistance;
import kinesia.core.dose.Load;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.exercise.Adjustment;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.Debates;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Figure;
import kinesia.core.exercise.Grip;
import kinesia.core.exercise.Guidance;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Implement;
import kinesia.core.exercise.Role;
import kinesia.core.exercise.Site;
import kinesia.core.exercise.SiteStress;
import kinesia.core.exercise.Stance;
import kinesia.core.exercise.StressBand;
import kinesia.core.exercise.Workbench;
import kinesia.core.exercise.WorkbenchScope;
import kinesia.core.plan.Atlas;
import kinesia.core.plan.LimitCheck;
import kinesia.core.plan.Method;
import kinesia.core.plan.Methods;
import kinesia.core.plan.SoreSite;
import kinesia.core.reason.Reason;
import kinesia.core.screening.Limit;
import kinesia.room.Variation;
import org.jspecify.annotations.Nullable;

/** What the atlas and the workbench show. */
final class AtlasViews {
    private AtlasViews() {}

    /** For whom everything is worked out; no client when nobody in particular. */
    record ForWhom(
            @Nullable UUID clientId,
            @Nullable String clientName,
            Body body,
            List<SoreSite> soreSites,
            List<Limit> limits) {}

    /** A way of working, for filtering. */
    /** @param against the limits of the client that leave the method out, as reasons */
    record MethodView(String key, String name, String what, List<Reason> against) {}

    /**
     * One exercise in the list.
     *
     * @param baseKey the catalogue entry it is, or is a variation of
     * @param variationId set for a room's own variation
     * @param works the heads that count as worked, the most worked first
     * @param stress by site, 1.0 as the site's reference
     * @param stressWords the same in words, every site
     * @param modelled whether anything is worked out; not for wrist, fingers and the turning of the forearm
     * @param still the figure in three moments: start, middle, end
     */
    record AtlasItem(
            String key,
            String name,
            String baseKey,
            @Nullable UUID variationId,
            String movement,
            Role role,
            Implement implement,
            Grip grip,
            Stance stance,
            Exercise.Arms arms,
            Head.Group group,
            List<String> methods,
            Map<Head, Double> stimulus,
            List<Head> works,
            Map<Site, Double> stress,
            Map<Site, String> stressWords,
            double loadKg,
            double worth,
            Reason worthReason,
            String says,
            @Nullable String beforeNext,
            @Nullable Reason rangeReason,
            List<Reason> whyNot,
            boolean modelled,
            Figure still) {}

    record AtlasView(ForWhom forWhom, List<MethodView> methods, List<AtlasItem> items) {}

    /** A load curve for drawing: one value for each sample; shoulder torque missing when a pad carries the arm. */
    record CurveView(
            List<Double> progress,
            List<Double> elbowBendDeg,
            List<Double> elbowDemandNm,
            @Nullable List<Double> shoulderTorqueNm,
            LoadCurve.Summary summary) {
        static CurveView of(LoadCurve curve) {
            return new CurveView(
                    each(curve, LoadCurve.Sample::progress),
                    each(curve, s -> s.pose().elbowFlexionDeg()),
                    each(curve, s -> s.load().elbowDemandNm()),
                    curve.upperArmSupported() ? null : each(curve, s -> s.load().shoulderTorqueNm()),
                    curve.summary());
        }

        private static List<Double> each(LoadCurve curve, ToDoubleFunction<LoadCurve.Sample> value) {
            return curve.samples().stream()
                    .map(s -> Math.round(value.applyAsDouble(s) * 1000) / 1000.0)
                    .toList();
        }
    }

    /** How far a band is stretched (1 = double length), and whether its force there was measured. */
    record BandUse(double fromStretch, double toStretch, boolean slackAtStart, boolean extrapolated) {}

    /** One exercise in full: curve and figure of the whole lift, and the part of it that limits leave {@code done}. */
    record ExerciseDetail(
            AtlasItem item,
            Adjustment adjustment,
            Figure figure,
            Exercise.Tempo tempo,
            CurveView curve,
            Reason loadReason,
            List<SiteStress> stressParts,
            List<LimitCheck.Part> soreArc,
            LimitCheck.Part done,
            Guidance guidance,
            List<Debates.Debate> debates,
            WorkbenchScope scope,
            List<Load> loads,
            @Nullable BandUse band) {}

    static AtlasItem item(Atlas.Entry entry, Body body, Methods methods, @Nullable Variation own) {
        Exercise e = entry.exercise();
        return new AtlasItem(
                e.key(),
                e.name(),
                own == null ? e.key() : own.exerciseKey(),
                own == null ? null : own.id(),
                e.movementFamily(),
                e.role(),
                e.implement(),
                e.grip(),
                e.stance(),
                e.arms(),
                e.group(),
                methods.all().stream()
                        .filter(m -> m.drawsOn(e))
                        .map(Method::key)
                        .toList(),
                entry.stimulus(),
                Head.worked(entry.stimulus()),
                entry.stress(),
                StressBand.words(entry.stress()),
                entry.loadKg(),
                entry.worth(),
                entry.worthReason(),
                entry.says(),
                entry.beforeNext(),
                entry.rangeReason(),
                entry.whyNot(),
                e.isModelled(),
                Figure.still(e, body, entry.curve()));
    }

    static ExerciseDetail detail(
            Atlas atlas,
            Atlas.Entry entry,
            AtlasItem item,
            Adjustment adjustment,
            Exercise base,
            List<Debates.Debate> debates,
            ClientAtlas.For who) {
        Exercise e = entry.exercise();
        return new ExerciseDetail(
                item,
                adjustment,
                Figure.of(e, who.body(), entry.curve()),
                e.tempo(),
                CurveView.of(entry.curve()),
                entry.loadReason(),
                atlas.stressParts(entry),
                entry.soreArc(),
                entry.done(),
                e.guidance(),
                debates,
                new Workbench(base, who.body(), who.model().stimulusRules()).scope(),
                ReachableLoads.of(who.equipment(), e, who.body()).loads(),
                band(e, entry, adjustment, who.body()));
    }

    private static @Nullable BandUse band(Exercise e, Atlas.Entry entry, Adjustment adjustment, Body body) {
        if (e.implement() != Implement.BAND) {
            return null;
        }
        Resistance.Band band =
                (Resistance.Band) e.resistance().forLoad(entry.loadKg(), body).get(0);
        double least = Double.MAX_VALUE;
        double most = -Double.MAX_VALUE;
        for (LoadCurve.Sample sample : entry.doneCurve().samples()) {
            double stretch = band.stretchAt(sample.frame().grip());
            least = Math.min(least, stretch);
            most = Math.max(most, stretch);
        }
        Adjustment.MeasuredBand measured = adjustment.band();
        boolean outside = measured != null
                && (measured.calibration().isExtrapolated(least)
                        || measured.calibration().isExtrapolated(most));
        boolean slack =
                band.stretchAt(entry.doneCurve().samples().get(0).frame().grip()) <= 0;
        return new BandUse(least, most, slack, outside);
    }
}

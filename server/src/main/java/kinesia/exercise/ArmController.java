package kinesia.exercise;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.ExampleObject;
import java.util.List;
import java.util.UUID;
import kinesia.account.SignedIn;
import kinesia.core.arm.LoadCurve;
import kinesia.core.exercise.Adjustment;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.Figure;
import kinesia.core.exercise.Site;
import kinesia.core.plan.Easing;
import kinesia.core.reason.Reason;
import kinesia.exercise.AtlasViews.CurveView;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The arm model itself: one curve, and the model turned around. Both stateless. */
@RestController
class ArmController {
    private final ClientAtlas clientAtlas;

    ArmController(ClientAtlas clientAtlas) {
        this.clientAtlas = clientAtlas;
    }

    /**
     * Where it hurts.
     *
     * @param adjustment what is already turned on the exercise
     * @param progress where in the lift, 0 to 1
     */
    record EaseAsk(
            @Nullable UUID clientId,
            String exerciseKey,
            Adjustment adjustment,
            double loadKg,
            Site site,
            double progress) {}

    /** One smallest change; shares are of before. */
    record EaseChange(
            List<String> changes,
            int steps,
            Adjustment adjustment,
            double loadKg,
            String loadLabel,
            boolean avoidsThePose,
            double placeShare,
            double worstShare,
            double meanShare,
            Figure figure,
            CurveView curve,
            Reason reason) {}

    /** Before, up to three changes, what was tried and rejected. */
    record EaseAnswer(
            double placeStress,
            Figure figure,
            CurveView curve,
            List<EaseChange> changes,
            List<Easing.Rejected> rejected,
            Easing.@Nullable Kinder substitute,
            int tried) {}

    /** The load on one arm over a movement; see the request's and the answer's fields for units. */
    @Operation(
            summary = "Load on one arm over a movement",
            description = "SI units, degrees; points [forward, up, right] in metres from the shoulder. Stateless."
                    + " Unknown fields are refused. The example's peak is 19.050 N.m at 90 degrees of bend.",
            requestBody =
                    @io.swagger.v3.oas.annotations.parameters.RequestBody(
                            content =
                                    @Content(
                                            examples =
                                                    @ExampleObject(name = "standing curl", value = ArmCurve.EXAMPLE))))
    @PostMapping("/api/arm/curve")
    ArmCurve.CurveAnswer curve(@RequestBody ArmCurve.CurveAsk ask) {
        LoadCurve curve = ask.curve();
        return ArmCurve.CurveAnswer.of(curve);
    }

    /** The smallest changes that unload the sore place and keep the muscle's work, with what this room has. */
    @PostMapping("/api/arm/ease")
    @Transactional
    EaseAnswer ease(@RequestBody EaseAsk ask, @AuthenticationPrincipal SignedIn who) {
        ClientAtlas.For asked = clientAtlas.of(ask.clientId(), false, who);
        Easing.Answer answer = Easing.of(
                asked.model(),
                new Easing.Asked(
                        asked.entry(ask.exerciseKey()),
                        ask.adjustment(),
                        asked.asked().person(),
                        asked.soreSites(),
                        asked.asked().strength(),
                        ask.loadKg(),
                        ask.site(),
                        ask.progress(),
                        asked.equipment(),
                        asked.limits()));
        return new EaseAnswer(
                answer.placeStress(),
                Figure.of(answer.before(), asked.body(), answer.curve()),
                CurveView.of(answer.curve()),
                answer.changes().stream().map(c -> change(c, asked.body())).toList(),
                answer.rejected(),
                answer.substitute(),
                answer.tried());
    }

    private static EaseChange change(Easing.Change c, Body body) {
        return new EaseChange(
                c.changes(),
                c.steps(),
                c.adjustment(),
                c.load().kg(),
                c.load().label(),
                c.avoidsThePose(),
                c.placeShare(),
                c.worstShare(),
                c.meanShare(),
                Figure.of(c.exercise(), body, c.curve()),
                CurveView.of(c.curve()),
                c.reason());
    }
}

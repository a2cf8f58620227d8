package kinesia.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import kinesia.shared.Caller;
import kinesia.shared.Caller.Answer;
import kinesia.shared.ServerTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.beans.factory.annotation.Autowired;

/** The arm curve over HTTP: its shape, the worked check, and refusals at the field. */
@ServerTest
class ArmCurveTest {
    private static final ObjectMapper JSON = new ObjectMapper();

    @Autowired
    private Caller caller;

    @BeforeEach
    void signIn() throws Exception {
        caller.asTrainer();
    }

    private static ObjectNode curl() throws Exception {
        return (ObjectNode) JSON.readTree("""
                { "arm": { "sex": "FEMALE", "statureM": 1.70, "bodyMassKg": 70, "upperArmLengthM": null,
                           "forearmLengthM": null, "gripDistanceM": null, "upperArmMassKg": null,
                           "forearmMassKg": null, "handMassKg": null },
                  "side": "RIGHT",
                  "keyframes": [
                    { "progress": 0, "torsoPitchDeg": 0, "torsoRollDeg": 0, "planeOfElevationDeg": 90,
                      "elevationDeg": 0, "axialRotationDeg": 0, "elbowFlexionDeg": 0 },
                    { "progress": 1, "torsoPitchDeg": 0, "torsoRollDeg": 0, "planeOfElevationDeg": 90,
                      "elevationDeg": 0, "axialRotationDeg": 0, "elbowFlexionDeg": 150 } ],
                  "resistances": [ { "kind": "FREE_WEIGHT", "massKg": 5 } ],
                  "upperArmSupported": false, "samples": 101 }
                """);
    }

    private Answer ask(JsonNode body) throws Exception {
        return caller.post("/api/arm/curve", body);
    }

    @Test
    void the_worked_check_comes_out_in_exactly_the_published_shape() throws Exception {
        Answer answer = ask(curl());
        assertThat(answer.status()).isEqualTo(200);
        List<String> names = new ArrayList<>();
        answer.body().fieldNames().forEachRemaining(names::add);
        assertThat(names)
                .containsExactly(
                        "progress",
                        "elbowFlexionDeg",
                        "elbowM",
                        "gripM",
                        "resistanceN",
                        "elbowDemandNm",
                        "elbowResistanceDemandNm",
                        "offAxisNm",
                        "axialForceN",
                        "loadFraction",
                        "shoulderTorqueNm",
                        "shoulderRotationNm",
                        "shoulderElevationNm",
                        "summary");
        names.clear();
        answer.at("/summary").fieldNames().forEachRemaining(names::add);
        assertThat(names)
                .containsExactly(
                        "peakDemandNm",
                        "peakProgress",
                        "peakElbowFlexionDeg",
                        "meanDemandNm",
                        "startDemandNm",
                        "endDemandNm",
                        "slackFraction",
                        "profile",
                        "peakShoulderNm",
                        "largestElevationDeg",
                        "largestExtensionDeg");
        assertThat(answer.at("/progress")).hasSize(101);
        assertThat(answer.at("/gripM/0")).hasSize(3);
        assertThat(answer.at("/summary/peakDemandNm").asDouble()).isCloseTo(19.050, within(0.0005));
        assertThat(answer.at("/summary/peakProgress").asDouble()).isCloseTo(0.60, within(1e-9));
        assertThat(answer.at("/summary/peakElbowFlexionDeg").asDouble()).isCloseTo(90, within(1e-9));
        assertThat(answer.at("/elbowResistanceDemandNm/60").asDouble()).isCloseTo(16.671, within(0.0005));
        assertThat(answer.at("/summary/slackFraction").asDouble()).isCloseTo(0.0396, within(0.00005));
        assertThat(answer.at("/summary/profile").asText()).isEqualTo("MIDDLE");
        assertThat(answer.at("/loadFraction/60").asDouble()).isCloseTo(1, within(1e-9));
    }

    @Test
    void the_left_arm_mirrors_z_and_loads_alike() throws Exception {
        ObjectNode left = curl().put("side", "LEFT");
        ((ObjectNode) left.at("/keyframes/1")).put("planeOfElevationDeg", 40).put("elevationDeg", 60);
        ObjectNode right = left.deepCopy().put("side", "RIGHT");
        Answer l = ask(left);
        Answer r = ask(right);
        assertThat(l.at("/gripM/50/2").asDouble())
                .isCloseTo(-r.at("/gripM/50/2").asDouble(), within(1e-12));
        assertThat(l.at("/gripM/50/0")).isEqualTo(r.at("/gripM/50/0"));
        assertThat(l.at("/summary/peakDemandNm")).isEqualTo(r.at("/summary/peakDemandNm"));
    }

    @Test
    void nothing_in_the_hand_has_no_fraction_and_a_pad_leaves_the_shoulder_out() throws Exception {
        ObjectNode body = curl().put("upperArmSupported", true);
        body.putArray("resistances");
        Answer answer = ask(body);
        assertThat(answer.at("/loadFraction/30").isNull()).isTrue();
        assertThat(answer.body().has("shoulderTorqueNm")).isTrue();
        assertThat(answer.at("/shoulderTorqueNm").isNull()).isTrue();
        assertThat(answer.at("/summary/peakShoulderNm").isNull()).isTrue();
        assertThat(answer.at("/summary/peakDemandNm").asDouble()).isGreaterThan(1);
    }

    @Test
    void nothing_at_the_elbow_is_all_zero_with_no_peak_position() throws Exception {
        ObjectNode press = curl();
        ((ObjectNode) press.at("/keyframes/0"))
                .put("torsoPitchDeg", -90)
                .put("planeOfElevationDeg", 0)
                .put("elevationDeg", 90)
                .put("elbowFlexionDeg", 90);
        ((ObjectNode) press.at("/keyframes/1"))
                .put("torsoPitchDeg", -90)
                .put("planeOfElevationDeg", 90)
                .put("elevationDeg", 90)
                .put("axialRotationDeg", 90)
                .put("elbowFlexionDeg", 0);
        Answer answer = ask(press);
        assertThat(answer.at("/summary/profile").asText()).isEqualTo("NONE");
        assertThat(answer.at("/summary/peakProgress").isNull()).isTrue();
        assertThat(answer.at("/summary/slackFraction").asDouble()).isEqualTo(1);
        assertThat(answer.at("/elbowDemandNm/40").asDouble()).isZero();
        assertThat(answer.at("/summary/peakShoulderNm").asDouble()).isCloseTo(22.900, within(0.0005));
    }

    @Test
    void cables_bands_and_supports_add_up() throws Exception {
        ObjectNode body = curl();
        body.set("resistances", JSON.readTree("""
                        [ { "kind": "CABLE", "tensionN": 49, "pulleyM": [0.3, -1.3, 0] },
                          { "kind": "BAND", "forceAtZeroN": 0, "forceAtDoubleLengthN": 60, "freeLengthM": 0.65,
                            "anchorM": [0, -1.39, 0], "count": 1, "wrapM": 0 },
                          { "kind": "SUPPORT", "forceN": [0, 20, 0] } ]
                        """));
        Answer all = ask(body);
        assertThat(all.status()).isEqualTo(200);
        body.set("resistances", JSON.readTree("[{ \"kind\": \"SUPPORT\", \"forceN\": [0, 20, 0] }]"));
        Answer support = ask(body);
        assertThat(support.at("/resistanceN/10/1").asDouble()).isEqualTo(20);
        assertThat(all.at("/resistanceN/10/1").asDouble()).isLessThan(-20);
    }

    static Stream<Arguments> refusals() {
        return Stream.of(
                Arguments.of("/arm/statureM", "3.1", "arm.statureM", "from 1.2 to 2.2 m"),
                Arguments.of("/arm/sex", "null", "arm.sex", "is needed"),
                Arguments.of("/arm/bodyMassKg", "null", "arm.bodyMassKg", "is needed unless"),
                Arguments.of("/arm/gripDistanceM", "2", "arm.gripDistanceM", "from 0.15 to 0.6 m"),
                Arguments.of("/keyframes/1/elbowFlexionDeg", "190", "keyframes[1].elbowFlexionDeg", "from -15 to 160"),
                Arguments.of("/keyframes/0/elevationDeg", "null", "keyframes[0].elevationDeg", "is needed"),
                Arguments.of("/keyframes/0/progress", "0.2", "keyframes", "start at 0 and end at 1"),
                Arguments.of("/resistances/0/massKg", "-1", "resistances[0].massKg", "from 0 to 200 kg"),
                Arguments.of("/resistances/0/kind", "\"ROPE\"", "resistances[0]", "wrong form"),
                Arguments.of("/samples", "1", "samples", "from 2 to 10001"),
                Arguments.of("/samples", "10.5", "samples", "wrong form"),
                Arguments.of("/side", "\"MIDDLE\"", "side", "known values"),
                Arguments.of("/weight", "5", "weight", "not a known field"),
                Arguments.of("/arm/reach", "5", "reach", "not a known field"),
                Arguments.of("/resistances/0/tensionN", "5", "tensionN", "not a known field"),
                Arguments.of("/arm", "null", "arm", "is needed"),
                Arguments.of("/keyframes", "null", "keyframes", "is needed"));
    }

    @ParameterizedTest(name = "{0} = {1}")
    @MethodSource("refusals")
    void what_cannot_be_is_refused_at_its_field(String path, String value, String field, String message)
            throws Exception {
        ObjectNode body = curl();
        int cut = path.lastIndexOf('/');
        ((ObjectNode) body.at(path.substring(0, cut))).set(path.substring(cut + 1), JSON.readTree(value));
        Answer answer = ask(body);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.at("/fields/0/field").asText()).endsWith(field);
        assertThat(answer.at("/fields/0/message").asText()).contains(message);
        assertThat(answer.at("/title").asText()).isNotBlank();
    }

    @Test
    void a_point_is_three_numbers() throws Exception {
        ObjectNode body = curl();
        body.set("resistances", JSON.readTree("[{ \"kind\": \"CABLE\", \"tensionN\": 49, \"pulleyM\": [0.3, -1.3] }]"));
        Answer answer = ask(body);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.at("/fields/0/field").asText()).isEqualTo("resistances[0].pulleyM");
    }

    @Test
    void nobody_computes_without_signing_in() throws Exception {
        assertThat(caller.signedOut().post("/api/arm/curve", curl()).status()).isEqualTo(401);
    }
}

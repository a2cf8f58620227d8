package kinesia.core.dose;

import java.util.List;
import java.util.Optional;
import kinesia.core.arm.LoadCurve;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.ElbowStrength;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Role;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;

/**
 * The most (kg) that somebody starts an exercise with that was never done, for 12 repetitions at effort 7: where it nowhere asks
 * more than the elbow holds, nor more of the shoulder than it has shown (RULES 4).
 */
public record FirstLoad(double kg, Basis basis, Reason reason) {
    // Predicted from other exercises: a new movement is unfamiliar [house].
    private static final double UNFAMILIAR = 0.85;
    private static final double FIRST_PRESS = 0.5;
    private static final double FIRST_RAISE = 0.25;
    // The load hangs within five centimetres of the joint [physics].
    private static final double HANGING_NM_PER_KG = 0.5;
    private static final double MOST_KG = 80;
    private static final double NOTHING = 1e-9;

    /** What it comes from. */
    public enum Basis {
        NORMS,
        SHOWN,
        FIRST_PRESS,
        FIRST_RAISE,
        FIRST_HANGING
    }

    /** For {@code exercise}, which is no body-weight work. */
    public static FirstLoad of(ClientStrength strength, Exercise exercise) {
        return of(strength, exercise, curlKg(strength));
    }

    /** The reference curl (kg) at the strength shown, which the limits of shoulder work are taken from. */
    static double curlKg(ClientStrength strength) {
        ExerciseModel model = strength.model();
        return model.equalEffortLoad(
                model.catalogue().get(model.referenceCurl()), strength.person().body(), strength.both());
    }

    /** The same where the reference {@code curl} is known already. */
    static FirstLoad of(ClientStrength strength, Exercise exercise, double curl) {
        ExerciseModel model = strength.model();
        ElbowStrength elbow = strength.both();
        Body body = strength.person().body();
        double byElbow = model.loadReaching(exercise, body, elbow, Double.MAX_VALUE);
        if (exercise.isPressing()) {
            FirstLoad first = firstPress(strength, exercise, byElbow, curl);
            // What one kind of press has shown of the shoulder may be little: another kind still starts as any first
            // one.
            double shown = strength.shoulder(ClientStrength.Way.PRESSING)
                    .map(nm -> model.loadReaching(exercise, body, elbow, nm) * UNFAMILIAR)
                    .orElse(0.0);
            return shown > first.kg() ? predicted(strength, exercise, shown) : first;
        }
        if (exercise.role() == Role.COMPANION || exercise.role() == Role.CARE) {
            return hangs(strength, exercise) ? firstHanging(exercise, curl) : firstRaise(exercise, curl);
        }
        double most = Math.min(byElbow, byShoulder(strength, exercise, curl));
        boolean curlByNorms = exercise.group() == Head.Group.FLEXORS && fromNorms(strength, exercise.group());
        return predicted(strength, exercise, curlByNorms ? most : most * UNFAMILIAR);
    }

    private static FirstLoad predicted(ClientStrength strength, Exercise exercise, double kg) {
        boolean fromNorms = fromNorms(strength, exercise.group());
        return new FirstLoad(kg, fromNorms ? Basis.NORMS : Basis.SHOWN, reason(strength, exercise, kg, fromNorms));
    }

    /** Whether both arms' numbers come from the norms. */
    private static boolean fromNorms(ClientStrength strength, Head.Group group) {
        return strength.weaker(group).best() == null;
    }

    private static FirstLoad firstPress(ClientStrength strength, Exercise exercise, double byElbow, double curlKg) {
        ExerciseModel model = strength.model();
        Exercise curl = model.catalogue().get(model.referenceCurl());
        double most = ExerciseModel.PRESS_OVER_CURL_AT_SHOULDER
                * model.shoulderNm(curl, strength.person().body(), curlKg);
        double kg = Math.min(
                FIRST_PRESS * byElbow,
                model.loadReaching(exercise, strength.person().body(), strength.both(), most));
        return new FirstLoad(
                kg,
                Basis.FIRST_PRESS,
                Reason.of(
                                "LOAD-first-press",
                                Tag.HOUSE,
                                "half of what the elbow allows, and at the shoulder at most twice the first curl",
                                "What the shoulder holds in a press is not known yet: half of what the elbow would allow, "
                                        + Numbers.plain(kg, 1) + " kg at most.",
                                "The first press starts light, to see what the shoulder says.")
                        .with("by the elbow", Numbers.plain(byElbow, 1) + " kg")
                        .with("at most", Numbers.plain(kg, 1) + " kg"));
    }

    private static FirstLoad firstRaise(Exercise exercise, double curlKg) {
        double kg = FIRST_RAISE * curlKg * exercise.resistance().hands();
        return new FirstLoad(
                kg,
                Basis.FIRST_RAISE,
                Reason.of(
                                "LOAD-first-raise",
                                Tag.HOUSE,
                                "a quarter of the first curl",
                                "What the shoulder lifts with a straight arm is not known yet: a quarter of the curl, "
                                        + Numbers.plain(kg, 1) + " kg at most.",
                                "A straight arm makes it heavy, so it starts very light.")
                        .with("curl", Numbers.plain(curlKg, 1) + " kg"));
    }

    /** Whether the load only pulls along the arm: a shrug asks nothing of the joint that a raise asks much of. */
    private static boolean hangs(ClientStrength strength, Exercise exercise) {
        ExerciseModel model = strength.model();
        Body body = strength.person().body();
        return model.shoulderNm(exercise, body, MOST_KG) < HANGING_NM_PER_KG * MOST_KG;
    }

    private static FirstLoad firstHanging(Exercise exercise, double curlKg) {
        double kg = curlKg * exercise.resistance().hands();
        return new FirstLoad(
                kg,
                Basis.FIRST_HANGING,
                Reason.of(
                                "LOAD-first-hanging",
                                Tag.HOUSE,
                                "with the arms hanging, what is curled",
                                "The arms hang, so what can be curled is light here: about " + Numbers.plain(kg, 1)
                                        + " kg to begin with.",
                                "We begin with what you can curl; hanging down that is easy.")
                        .with("curl", Numbers.plain(curlKg, 1) + " kg"));
    }

    /** The load at which lifting or holding down asks what the shoulder has shown; at least what the curl itself asks. */
    private static double byShoulder(ClientStrength strength, Exercise exercise, double curlKg) {
        if (exercise.upperArmSupported() || exercise.traits().braced()) {
            return MOST_KG;
        }
        Optional<Double> lifted = strength.shoulder(ClientStrength.Way.LIFTING);
        Optional<Double> heldBehind = strength.shoulder(ClientStrength.Way.BEHIND);
        if (lifted.isEmpty() && heldBehind.isEmpty()) {
            return MOST_KG;
        }
        ExerciseModel model = strength.model();
        Exercise curl = model.catalogue().get(model.referenceCurl());
        double atLeast = model.shoulderNm(curl, strength.person().body(), curlKg);
        double lifting = lifted.map(nm -> Math.max(nm, atLeast)).orElse(Double.MAX_VALUE);
        double behind = heldBehind.map(nm -> Math.max(nm, atLeast)).orElse(Double.MAX_VALUE);
        List<LoadCurve.Sample> none =
                model.curve(exercise, strength.person().body(), 0).samples();
        List<LoadCurve.Sample> one =
                model.curve(exercise, strength.person().body(), 1).samples();
        double kg = MOST_KG;
        for (int i = 0; i < none.size(); i++) {
            double own = -none.get(i).load().shoulderElevationNm();
            double perKg = -one.get(i).load().shoulderElevationNm() - own;
            double most = perKg > 0 ? lifting : behind;
            if (Math.abs(perKg) > NOTHING && most < Double.MAX_VALUE) {
                double already = perKg > 0 ? own : -own;
                kg = Math.min(kg, Math.max(0, (most - already) / Math.abs(perKg)));
            }
        }
        return kg;
    }

    private static Reason reason(ClientStrength strength, Exercise exercise, double kg, boolean fromNorms) {
        String most = Numbers.plain(kg, 1) + " kg";
        ClientStrength.Known known = strength.weaker(exercise.group());
        boolean curl = exercise.group() == Head.Group.FLEXORS;
        String exact = fromNorms
                ? "Never tried, and nothing like it is logged. By age, sex and size about "
                        + Numbers.plain(strength.normCurlKg(), 1)
                        + " kg is usual in a curl"
                        + (curl ? "" : ", and the back of the arm is about two thirds as strong")
                        + ": here " + most + " at most."
                : "Never tried here. " + known.reason().exact() + " That allows " + most + " here, 15 % left off.";
        return Reason.of(
                        "LOAD-predicted",
                        fromNorms ? Tag.PUB : Tag.HOUSE,
                        fromNorms
                                ? "arm-curl norms" + (curl ? "" : ", 15 % off")
                                : "15 % under what was shown against the strength curve",
                        exact,
                        fromNorms
                                ? "We start where people of your age and size usually start."
                                : "From what you have lifted before, this should feel easy.")
                .with("at most", most)
                .with("from", known.reason().ruleId());
    }
}

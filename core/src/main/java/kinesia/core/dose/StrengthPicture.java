package kinesia.core.dose;

import java.util.ArrayList;
import java.util.List;
import kinesia.core.arm.Side;
import kinesia.core.exercise.ElbowStrength;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Head;
import kinesia.core.reason.Reason;

/**
 * How strong both arms are in front and behind, as loads that a trainer can picture, beside the middle half of people of that
 * age and size.
 *
 * @param frontLike the exercise that the front's loads are of
 * @param backLike the exercise that the back's loads are of
 * @param norm where the band comes from
 */
public record StrengthPicture(String frontLike, String backLike, List<OfArm> parts, String norm) {
    private static final String BACK = "lying-extension";
    private static final double LEAST_NM = 1;

    /**
     * One side of one arm.
     *
     * @param kg for 12 repetitions at effort 7
     * @param nm what it holds at the elbow where it is strongest
     * @param lowKg the norm's lower end
     * @param highKg its upper end
     * @param shownOn the day it was shown; null from the norms
     */
    public record OfArm(
            Side side,
            Head.Group group,
            double kg,
            double nm,
            double lowKg,
            double highKg,
            java.time.@org.jspecify.annotations.Nullable LocalDate shownOn,
            Reason reason) {}

    /** Of {@code strength}. */
    public static StrengthPicture of(ClientStrength strength) {
        ExerciseModel model = strength.model();
        Exercise front = model.catalogue().get(model.referenceCurl());
        Exercise back = model.catalogue().get(BACK);
        ArmCurlNorms.Row row = ArmCurlNorms.of(
                strength.person().body().sex(), strength.person().age());
        List<OfArm> parts = new ArrayList<>();
        for (Head.Group group : Head.Group.values()) {
            Exercise like = group == Head.Group.FLEXORS ? front : back;
            for (Side side : Side.values()) {
                ClientStrength.Known known = strength.known(side, group);
                parts.add(new OfArm(
                        side,
                        group,
                        load(strength, like, strength.of(side)),
                        known.nm(),
                        load(strength, like, ofNorm(strength, front, row, row.low())),
                        load(strength, like, ofNorm(strength, front, row, row.high())),
                        known.best() == null ? null : known.best().on(),
                        known.reason()));
            }
        }
        return new StrengthPicture(
                front.name(),
                back.name(),
                parts,
                "30-second arm curl, middle half of people from " + row.fromAge() + " on: " + row.low() + " to "
                        + row.high()
                        + " repetitions (Rikli and Jones 1999, quoted from memory); the back of the arm at about two thirds");
    }

    private static double load(ClientStrength strength, Exercise like, ElbowStrength elbow) {
        return strength.model().equalEffortLoad(like, strength.person().body(), elbow);
    }

    private static ElbowStrength ofNorm(ClientStrength strength, Exercise curl, ArmCurlNorms.Row row, double reps) {
        double kg = ArmCurlNorms.curlKg(strength.person().body(), row, reps);
        return ElbowStrength.ofFlexors(ExerciseModel.askedShare(
                strength.model().curve(curl, strength.person().body(), kg), new ElbowStrength(LEAST_NM, LEAST_NM)));
    }
}

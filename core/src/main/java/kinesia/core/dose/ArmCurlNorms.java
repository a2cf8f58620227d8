package kinesia.core.dose;

import kinesia.core.arm.Sex;
import kinesia.core.exercise.Body;

/**
 * The 30-second arm curl by age and sex, middle half of people (Rikli and Jones 1999, quoted from memory [pub]), and the
 * standing palm-up curl that follows from it for somebody of whom nothing is logged [house].
 */
public final class ArmCurlNorms {
    private static final int YOUNGEST = 60;
    private static final int OLDEST = 90;
    private static final int YEARS = 5;
    private static final double MIDDLING_REPS = 15;
    private static final double WOMENS_DUMBBELL_KG = 2.27;
    private static final double MENS_DUMBBELL_KG = 3.63;
    private static final double WOMAN_KG = 70;
    private static final double MAN_KG = 80;
    private static final int[][] WOMEN = {{13, 19}, {12, 18}, {12, 17}, {11, 17}, {10, 16}, {10, 15}, {8, 13}};
    private static final int[][] MEN = {{16, 22}, {15, 21}, {14, 21}, {13, 19}, {13, 19}, {11, 17}, {10, 14}};

    private ArmCurlNorms() {}

    /**
     * One row of the norms.
     *
     * @param fromAge first year of the row, 60 to 90
     * @param low repetitions that a quarter of people stays under
     * @param high repetitions that a quarter of people passes
     * @param dumbbellKg what the test lifts
     */
    public record Row(int fromAge, int low, int high, double dumbbellKg) {
        double middle() {
            return (low + high) / 2.0;
        }
    }

    /** The row of somebody of {@code age}: under 60 the first, over 94 the last. */
    public static Row of(Sex sex, int age) {
        int from = Math.max(YOUNGEST, Math.min(OLDEST, age / YEARS * YEARS));
        int[] row = (sex == Sex.FEMALE ? WOMEN : MEN)[(from - YOUNGEST) / YEARS];
        return new Row(from, row[0], row[1], sex == Sex.FEMALE ? WOMENS_DUMBBELL_KG : MENS_DUMBBELL_KG);
    }

    /**
     * The dumbbell (kg) of a standing palm-up curl at 12 repetitions and effort 7 for the {@code reps} of somebody's row: the
     * test's dumbbell in proportion to repetitions and to body mass to the power of two thirds.
     */
    public static double curlKg(Body body, Row row, double reps) {
        double middlingKg = body.sex() == Sex.FEMALE ? WOMAN_KG : MAN_KG;
        return row.dumbbellKg() * reps / MIDDLING_REPS * Math.pow(body.massKg() / middlingKg, 2 / 3.0);
    }
}

package kinesia.core.response;

import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import kinesia.core.arm.Sex;
import kinesia.core.arm.Side;
import kinesia.core.dose.ArmCurlNorms;
import kinesia.core.exercise.Head;
import kinesia.core.response.Outcomes.Activity;
import kinesia.core.response.Outcomes.OfArms;

/**
 * Prints what reviews say of forty invented blocks, from clearly better to clearly worse, and what soreness of the muscle on the
 * morning after comes to. Run by {@code ops/print-reviews}.
 */
public final class PrintReviews {
    private static final LocalDate DAY = LocalDate.of(2026, 3, 2);
    private static final int BLOCKS = 40;

    private PrintReviews() {}

    public static void main(String[] args) {
        Random random = new Random(5);
        for (int i = 0; i < BLOCKS; i++) {
            double gain = 1.5 - 3.0 * i / BLOCKS; // in errors of measuring
            print(gain, outcomes(random, 0), outcomes(random, gain));
        }
        for (int soreness : new int[] {1, 2, 3, 5, 7}) {
            for (Side side : new Side[] {null, Side.LEFT, Side.RIGHT}) {
                for (int days : new int[] {1, 2, 3}) {
                    soreness(soreness, side, days);
                }
            }
        }
    }

    private static void print(double gain, Outcomes before, Outcomes after) {
        BlockReview.Result result = BlockReview.between(
                new BlockReview.Taken(DAY, before),
                new BlockReview.Taken(DAY.plusWeeks(6), after),
                ArmCurlNorms.of(Sex.FEMALE, 72));
        System.out.printf(
                java.util.Locale.ROOT,
                "%+.1f  %s%n",
                gain,
                result.proposal().reason().exact());
        result.lines().stream()
                .filter(l -> l.change() != BlockReview.Went.SAME)
                .forEach(l -> System.out.println("        " + l.change() + " " + l.what() + ": "
                        + l.reason().exact()));
    }

    private static Outcomes outcomes(Random random, double gain) {
        return new Outcomes(
                List.of(
                        new Activity("a", score(4 + 2 * gain + random.nextGaussian())),
                        new Activity("b", score(5 + 2 * gain + random.nextGaussian())),
                        new Activity("c", score(6 + 2 * gain + random.nextGaussian()))),
                (int) Math.max(0, Math.round(10 + 3 * gain + random.nextGaussian())),
                "table",
                arms(15 + 3 * gain, random),
                arms(29, random),
                arms(22 + 2.2 * gain, random),
                arms(5 + 0.5 * gain, random),
                arms(3 + 0.3 * gain, random));
    }

    private static int score(double value) {
        return (int) Math.max(0, Math.min(10, Math.round(value)));
    }

    private static OfArms arms(double value, Random random) {
        return new OfArms(
                rounded(value * (1 + 0.03 * random.nextGaussian())),
                rounded(value * (1 + 0.03 * random.nextGaussian())));
    }

    private static double rounded(double value) {
        return Math.round(value * 2) / 2.0;
    }

    private static void soreness(int soreness, Side side, int days) {
        SessionRecord session = LearningTest.visit(0, List.of("rope-press-down", "standing-curl"), 0, 2);
        Morning morning = new Morning(
                session.on().plusDays(days),
                List.of(),
                soreness,
                Head.Group.EXTENSORS,
                side,
                null,
                false,
                false,
                null,
                List.of());
        SessionRecord said = new SessionRecord(
                session.on(), session.planned(), session.soreSites(), session.sets(), morning, session.nextDoor());
        System.out.println("soreness " + soreness + " of the back of the arm, "
                + (side == null ? "both arms alike" : side.word() + " arm alone") + ", " + days + " days after:");
        SignalRules.ofLast(List.of(said))
                .forEach(s -> System.out.println("        " + s.reason().exact()));
    }
}

package kinesia.report;

import java.util.List;
import kinesia.core.response.BlockReview;
import kinesia.core.response.BlockReview.Went;
import kinesia.core.response.Outcomes;
import kinesia.report.Reviews.PastReview;
import kinesia.shared.Letter;

/** A review for the client, in plain words: what got better, what did not, and what happens next. */
final class ReviewPdf {
    private ReviewPdf() {}

    /** The bytes of the document. */
    static byte[] of(String client, PastReview review, Letter.Paper paper) {
        return Letter.of("Review of " + client + ", " + review.on(), paper, letter -> {
            letter.title("What has changed");
            letter.text(client + ", " + Letter.day(review.on()) + ", with " + review.by());
            BlockReview.Result compared = review.compared();
            if (compared == null) {
                letter.heading("Where you start");
                for (Outcomes.Activity activity : review.outcomes().activities()) {
                    letter.pair(activity.name(), activity.score() + " of 10");
                }
                letter.text("In four to six weeks we measure the same again.");
            } else {
                lines(letter, "Better", compared, Went.BETTER);
                lines(letter, "Less than it was", compared, Went.WORSE);
                lines(letter, "About the same", compared, Went.SAME);
                List<Outcomes.Activity> fresh = review.outcomes().activities().stream()
                        .filter(a -> compared.lines().stream()
                                .noneMatch(l -> l.what().equals(a.name())))
                        .toList();
                if (!fresh.isEmpty()) {
                    letter.heading("Asked for the first time");
                    for (Outcomes.Activity activity : fresh) {
                        letter.pair(activity.name(), activity.score() + " of 10");
                    }
                }
                lines(letter, "Girth of the arm", compared, Went.LARGER);
                lines(letter, "Girth of the arm, less", compared, Went.SMALLER);
                letter.section("Beside other people", compared.norm() == null ? List.of() : List.of(compared.norm()));
                letter.section(
                        "What the numbers say",
                        List.of(
                                compared.proposal().words() + ".",
                                "A change counts only where it is larger than what measuring twice differs by itself."));
            }
            letter.section("What we do next", List.of(review.decision()));
            letter.text("This is about training. It is no diagnosis; with pain that worries you, ask your doctor.");
        });
    }

    private static void lines(Letter letter, String title, BlockReview.Result compared, Went change)
            throws java.io.IOException {
        List<BlockReview.Measured> those =
                compared.lines().stream().filter(l -> l.change() == change).toList();
        if (!those.isEmpty()) {
            letter.heading(title);
            for (BlockReview.Measured line : those) {
                letter.pair(
                        line.what(),
                        line.before() + " to " + line.after() + ". "
                                + line.reason().plain());
            }
        }
    }
}

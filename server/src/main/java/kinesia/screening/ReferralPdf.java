package kinesia.screening;

import java.util.List;
import kinesia.core.screening.ReferralSummary;
import kinesia.screening.ReferralController.ReferralView;
import kinesia.shared.Letter;

/** A referral on one page; runs on to another only when there is more to say than fits. */
final class ReferralPdf {
    private ReferralPdf() {}

    /** The bytes of the document. */
    static byte[] of(ReferralView r) {
        ReferralSummary s = r.summary();
        return Letter.of("Referral summary, " + r.madeOn(), Letter.Paper.A4, letter -> {
            letter.title("Referral summary");
            letter.text("To " + r.addressedTo() + ", from " + r.madeBy() + ", " + r.madeOn());
            letter.heading(r.clientName() + ", born " + r.bornOn());
            letter.text("Screened on " + s.screenedOn() + ". " + ReferralSummary.PURPOSE);
            letter.section("What we found", s.findings());
            letter.section("Sore places", s.places());
            letter.section("Measured", s.measured());
            letter.section("What is left out until we hear from you", s.limits());
            letter.section("What we ask", s.questions());
            letter.section("Note", r.note().isBlank() ? List.of() : List.of(r.note()));
        });
    }
}

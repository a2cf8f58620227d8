package kinesia.core.screening;

import java.util.List;
import java.util.Optional;
import kinesia.core.reason.Reason;
import kinesia.core.screening.ScreenQuestions.Caution;

/** Medical cautions, medicines, devices and abilities of the intake. */
final class CautionRules {
    private CautionRules() {}

    static void apply(ScreenQuestions questions, Work work) {
        for (Caution caution : questions.cautions()) {
            Boolean answer = work.answers().cautions().get(caution.id());
            if (answer == null) {
                work.ask(caution.ask());
            } else if (answer) {
                Optional<Clearance> cleared = work.clearance(caution.clearedBy(), null, null);
                if (cleared.isPresent()) {
                    work.noteCleared(cleared.get(), caution.ask());
                } else {
                    limits(caution, work);
                }
            }
        }
    }

    private static void limits(Caution caution, Work work) {
        Reason reason = Reason.of(caution.id(), caution.tag(), "present", caution.why(), caution.say())
                .with("answer", "yes");
        work.limit(caution.limits(), reason);
        caution.notes().forEach(work::note);
        List<SiteRecord> sites = work.answers().soreSites();
        if (sites != null) {
            sites.forEach(s -> work.limit(caution.limitsAtSorePlaces(), s.side(), s.site(), reason));
        }
    }
}

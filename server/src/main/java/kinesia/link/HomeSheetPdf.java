package kinesia.link;

import java.io.IOException;
import java.util.List;
import kinesia.core.plan.Plan;
import kinesia.core.screening.Limit;
import kinesia.floor.SessionViews.SlotGuide;
import kinesia.floor.SheetParts;
import kinesia.shared.FigureDrawing;
import kinesia.shared.Letter;

/** A session at home on paper: for the client alone, in words that need nobody beside them. */
final class HomeSheetPdf {
    private HomeSheetPdf() {}

    /** The bytes of the document. */
    static byte[] of(
            String client,
            HomeSession home,
            List<Limit> limits,
            List<SlotGuide> guides,
            FigureDrawing figures,
            Letter.Paper paper) {
        return Letter.of("At home, " + home.dueOn(), paper, letter -> {
            letter.title(client + ", at home on " + Letter.day(home.dueOn()));
            SheetParts.keepTo(letter, home.soreSites(), limits, home.plan().notes());
            letter.section(
                    "First", home.plan().warmUp().stream().map(s -> s.words()).toList());
            for (Plan.Unit unit : home.plan().units()) {
                for (Plan.Slot slot : unit.slots()) {
                    exercise(letter, unit, slot, guides, figures);
                }
            }
            SheetParts.stop(letter);
            letter.section("Tomorrow morning", List.of("Say how the arms are: the link asks, or tell us."));
        });
    }

    private static void exercise(
            Letter letter, Plan.Unit unit, Plan.Slot slot, List<SlotGuide> guides, FigureDrawing figures)
            throws IOException {
        letter.togetherWithFigure();
        letter.heading(slot.name());
        letter.pair("How much", SheetParts.dose(slot) + "; " + unit.restSeconds() + " seconds of rest between");
        SlotGuide guide = SheetParts.drawn(letter, slot, guides, figures).orElse(null);
        if (guide == null) {
            return;
        }
        letter.pair("Set up", String.join(". ", guide.setUp()) + ".");
        letter.pair("Up", guide.up() + ".");
        letter.pair("Down", guide.down() + ".");
        letter.pair("So it is right", String.join(". ", guide.cues()) + ". " + guide.breathing() + ".");
        if (!guide.danger().isEmpty()) {
            letter.pair("Take care", guide.danger() + ".");
        }
    }
}

package kinesia.link;

import java.io.IOException;
import java.util.List;
import kinesia.core.plan.Plan;
import kinesia.core.response.IfItHurts;
import kinesia.floor.SessionViews.SlotGuide;
import kinesia.shared.FigureDrawing;
import kinesia.shared.Letter;

/** A session at home on paper: for the client alone, in words that need nobody beside them. */
final class HomeSheetPdf {
    private HomeSheetPdf() {}

    /** The bytes of the document. */
    static byte[] of(
            String client, HomeSession home, List<SlotGuide> guides, FigureDrawing figures, Letter.Paper paper) {
        return Letter.of("At home, " + home.dueOn(), paper, letter -> {
            letter.title(client + ", at home on " + Letter.day(home.dueOn()));
            letter.section(
                    "First", home.plan().warmUp().stream().map(s -> s.words()).toList());
            for (Plan.Unit unit : home.plan().units()) {
                for (Plan.Slot slot : unit.slots()) {
                    exercise(letter, unit, slot, guides, figures);
                }
            }
            letter.heading("Stop");
            letter.pair("If it hurts", IfItHurts.ENDS + ".");
            letter.pair(
                    "At once",
                    "Pressure in chest, jaw or arm, breathlessness, dizziness, sudden headache, numbness or weakness:"
                            + " stop at once and call the local emergency number.");
            letter.section("Tomorrow morning", List.of("Say how the arms are: the link asks, or tell us."));
        });
    }

    private static void exercise(
            Letter letter, Plan.Unit unit, Plan.Slot slot, List<SlotGuide> guides, FigureDrawing figures)
            throws IOException {
        letter.togetherWithFigure();
        letter.heading(slot.name());
        String reps = slot.reps().low() == slot.reps().high()
                ? String.valueOf(slot.reps().high())
                : slot.reps().low() + " to " + slot.reps().high();
        letter.pair(
                "How much",
                slot.loadWords() + ", " + slot.sets() + (slot.sets() == 1 ? " set of " : " sets of ") + reps
                        + " repetitions, " + unit.restSeconds() + " seconds of rest between");
        for (SlotGuide guide : guides) {
            if (guide.exerciseKey().equals(slot.exerciseKey())) {
                FigureDrawing.Drawing drawing = figures.of(guide.figure()).orElse(null);
                if (drawing != null) {
                    letter.figure(drawing, slot.name() + ": start, middle and end");
                }
                letter.pair("Set up", String.join(". ", guide.setUp()) + ".");
                letter.pair("Up", guide.up() + ".");
                letter.pair("Down", guide.down() + ".");
                letter.pair("So it is right", String.join(". ", guide.cues()) + ". " + guide.breathing() + ".");
                if (!guide.danger().isEmpty()) {
                    letter.pair("Take care", guide.danger() + ".");
                }
                return;
            }
        }
    }
}

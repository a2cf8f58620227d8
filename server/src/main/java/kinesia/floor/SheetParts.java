package kinesia.floor;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import kinesia.core.plan.Plan;
import kinesia.core.response.IfItHurts;
import kinesia.floor.SessionViews.SlotGuide;
import kinesia.shared.FigureDrawing;
import kinesia.shared.Letter;

/** What a sheet for the wall and one for home have in common. */
public final class SheetParts {
    private SheetParts() {}

    /** Load and sets: "green band, 2 sets of 12 to 14". */
    public static String dose(Plan.Slot slot) {
        String reps = slot.reps().low() == slot.reps().high()
                ? String.valueOf(slot.reps().high())
                : slot.reps().low() + " to " + slot.reps().high();
        return slot.loadWords() + ", " + slot.sets() + (slot.sets() == 1 ? " set of " : " sets of ") + reps;
    }

    /** Draws {@code slot} where it can be drawn, and gives how it is done. */
    public static Optional<SlotGuide> drawn(
            Letter letter, Plan.Slot slot, List<SlotGuide> guides, FigureDrawing figures) throws IOException {
        SlotGuide guide = guides.stream()
                .filter(g -> g.exerciseKey().equals(slot.exerciseKey()))
                .findFirst()
                .orElse(null);
        if (guide == null) {
            return Optional.empty();
        }
        FigureDrawing.Drawing drawing = figures.of(guide.figure()).orElse(null);
        if (drawing != null) {
            letter.figure(drawing, slot.name() + ": start, middle and end");
        }
        return Optional.of(guide);
    }

    /** What ends an exercise, and what ends everything. */
    public static void stop(Letter letter) throws IOException {
        letter.heading("Stop");
        letter.pair("If it hurts", IfItHurts.ENDS + ".");
        letter.pair(
                "At once",
                "Pressure in chest, jaw or arm, breathlessness, dizziness, sudden headache, numbness or weakness:"
                        + " stop at once and call the local emergency number.");
    }
}

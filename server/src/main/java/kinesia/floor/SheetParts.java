package kinesia.floor;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import kinesia.core.plan.Plan;
import kinesia.core.plan.SlotWords;
import kinesia.core.plan.SoreSite;
import kinesia.core.reason.Reason;
import kinesia.core.response.IfItHurts;
import kinesia.core.screening.Limit;
import kinesia.floor.SessionViews.SlotGuide;
import kinesia.shared.FigureDrawing;
import kinesia.shared.Letter;

/** What a sheet for the wall and one for home have in common. */
public final class SheetParts {
    private SheetParts() {}

    /** Arm, load, sets, repetitions, effort and tempo, as on the screen. */
    public static String dose(Plan.Slot slot) {
        return String.join("; ", SlotWords.of(slot));
    }

    /** What the sheet has to keep to: the sore places, the limits that hold and what the plan notes. */
    public static void keepTo(Letter letter, List<SoreSite> sore, List<Limit> limits, List<Reason> notes)
            throws IOException {
        letter.section(
                "Sore places",
                sore.stream()
                        .map(s -> s.side().word() + " " + s.site().words() + ", usually "
                                + s.usual().value() + " of 10")
                        .toList());
        letter.section(
                "Keep to",
                Stream.concat(
                                // A sheet never asks for cuffs unless they are cleared.
                                limits.stream()
                                        .filter(l -> l.kind() != Limit.Kind.NO_CUFFS)
                                        .map(Limit::reason),
                                notes.stream())
                        .map(Reason::exact)
                        .distinct()
                        .toList());
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

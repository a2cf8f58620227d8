package kinesia.floor;

import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import kinesia.core.dose.WarmUp;
import kinesia.core.plan.Method;
import kinesia.core.plan.Plan;
import kinesia.core.screening.Limit;
import kinesia.floor.SessionViews.SessionView;
import kinesia.floor.SessionViews.SlotGuide;
import kinesia.shared.FigureDrawing;
import kinesia.shared.Letter;

/** A session for the wall: what to do in which order, how to get the weight up and down, and the danger line of each exercise. */
final class SheetPdf {
    private static final String BLANKS = "____  ";

    private SheetPdf() {}

    /** The bytes of the document. */
    static byte[] of(String client, SessionView view, List<Limit> limits, FigureDrawing figures, Letter.Paper paper) {
        return Letter.of(
                "Session of " + client + ", " + view.visitOn(),
                paper,
                letter -> write(letter, client, view, limits, figures));
    }

    private static void write(Letter letter, String client, SessionView view, List<Limit> limits, FigureDrawing figures)
            throws IOException {
        Plan plan = view.plan();
        letter.title(client + ", " + Letter.day(view.visitOn()));
        letter.text(plan.minutes().warmUp() + " minutes of warm-up, "
                + plan.minutes().work() + " of work");
        letter.section("What changed", changes(view));
        SheetParts.keepTo(letter, view.soreSites(), limits, plan.notes());
        letter.section("Warm-up", plan.warmUp().stream().map(SheetPdf::step).toList());
        for (Plan.Unit unit : plan.units()) {
            letter.togetherWithFigure();
            letter.heading((unit.care() ? "Care " : unit.layout() == Method.Layout.STRAIGHT ? "" : "Together ")
                    + unit.letter() + ", rest " + unit.restSeconds() + " s");
            for (int n = 0; n < unit.slots().size(); n++) {
                if (n > 0) {
                    letter.togetherWithFigure();
                }
                slot(letter, unit.slots().get(n), view.guides(), figures);
            }
        }
        SheetParts.stop(letter);
    }

    /** Each reason once, with all that it changed. */
    private static List<String> changes(SessionView view) {
        Map<String, Set<String>> names = new LinkedHashMap<>();
        view.changes()
                .forEach(c -> names.computeIfAbsent(c.reason().exact(), r -> new LinkedHashSet<>())
                        .add(c.exerciseName()));
        return names.entrySet().stream()
                .map(e -> String.join("; ", e.getValue()) + ": " + e.getKey())
                .toList();
    }

    /** A ramp with its load, where the words do not say it. */
    private static String step(WarmUp.Step step) {
        return step.load() == null || step.words().contains(step.load().label())
                ? step.words()
                : step.words() + ", " + step.load().label();
    }

    private static void slot(Letter letter, Plan.Slot slot, List<SlotGuide> guides, FigureDrawing figures)
            throws IOException {
        letter.text(slot.name());
        letter.pair(
                "How much",
                SheetParts.dose(slot) + ". Done: " + BLANKS.repeat(slot.sets()).strip());
        SlotGuide guide = SheetParts.drawn(letter, slot, guides, figures).orElse(null);
        if (guide != null) {
            letter.pair("Set up", String.join(". ", guide.setUp()) + ".");
            letter.pair("Up and down", guide.up() + ". " + guide.down() + ".");
            if (!guide.danger().isEmpty()) {
                letter.pair("Watch", guide.danger() + ".");
            }
        }
    }
}

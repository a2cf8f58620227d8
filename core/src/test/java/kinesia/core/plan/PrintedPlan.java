package kinesia.core.plan;

import java.util.stream.Collectors;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.plan.Plan.Unit;

/** A plan as a page to read. */
final class PrintedPlan {
    private PrintedPlan() {}

    static String of(PlanResult result) {
        Plan plan = result.plan();
        if (plan == null) {
            return result.refusals().stream().map(r -> "  NO: " + r.exact()).collect(Collectors.joining("\n")) + "\n";
        }
        StringBuilder page = new StringBuilder();
        page.append("  warm-up ")
                .append(plan.minutes().warmUp())
                .append(" min, work ")
                .append(plan.minutes().work())
                .append(" min\n");
        for (Unit unit : plan.units()) {
            page.append("  ")
                    .append(unit.letter())
                    .append(' ')
                    .append(unit.layout().word())
                    .append(", rest ")
                    .append(unit.restSeconds())
                    .append(" s\n");
            for (Slot slot : unit.slots()) {
                page.append("     ")
                        .append(slot.sets())
                        .append(" x ")
                        .append(
                                slot.setReps().isEmpty()
                                        ? slot.reps().low() + "-" + slot.reps().high()
                                        : slot.setReps())
                        .append("  ")
                        .append(slot.name())
                        .append("  ")
                        .append(slot.load().label())
                        .append(slot.trial() ? " (trial)" : "")
                        .append(", effort ")
                        .append(slot.targetEffort().value())
                        .append(
                                slot.sides().isEmpty()
                                        ? ""
                                        : ", arms " + slot.sides().keySet())
                        .append('\n');
            }
        }
        plan.bends().forEach(b -> page.append("     bends: ").append(b.exact()).append('\n'));
        return page.toString();
    }
}

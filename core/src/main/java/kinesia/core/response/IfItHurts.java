package kinesia.core.response;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import kinesia.core.exercise.Place;
import kinesia.core.plan.Plan;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.plan.SoreSite;
import kinesia.core.plan.StressDose;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;

/**
 * What becomes of a visit if it hurts, said before it: the lines of the floor, and what to watch most (RULES 6).
 *
 * @param words the answer in few of them
 */
public record IfItHurts(String words, Reason reason) {
    /** What pain ends. */
    public static final String ENDS = "Over " + InSession.PAIN_ENDS_OVER + ", or sharp: that exercise ends";

    /** For {@code plan} and the sorest of {@code sore}; empty, it speaks of pain anywhere. */
    public static IfItHurts of(Plan plan, List<SoreSite> sore) {
        Optional<SoreSite> sorest =
                sore.stream().max(Comparator.comparingInt(s -> s.usual().value()));
        Optional<Slot> most = sorest.flatMap(s -> asksMost(plan, s));
        String watch = sorest.flatMap(s -> most.map(slot -> slot.name() + " asks most of the " + s.words() + ". "))
                .orElse("");
        return new IfItHurts(
                ENDS,
                Reason.of(
                                "PAIN-if",
                                Tag.PUB,
                                "over " + InSession.PAIN_ENDS_OVER + ", or sharp, catching, giving way or tingling",
                                watch + "Over " + InSession.PAIN_ENDS_OVER
                                        + ", or sharp at any number, ends the exercise, and an easier way or another one is offered; the rest goes on. "
                                        + InSession.EASIER_FROM
                                        + " or more at a new place makes it a place to go easy on.",
                                "Tell me as soon as it hurts; there is always an easier way.")
                        .with(
                                "usual",
                                sorest.map(s -> s.words() + " " + s.usual().value())
                                        .orElse("nothing is sore"))
                        .with("asks most", most.map(Slot::name).orElse("nothing of it")));
    }

    private static Optional<Slot> asksMost(Plan plan, SoreSite sore) {
        Place place = sore.place();
        return plan.slots().stream()
                .filter(slot -> slot.of(place.side()).sets() > 0 && slot.loads(place.site()))
                .max(Comparator.comparingDouble(slot -> StressDose.of(slot, place.site())));
    }
}

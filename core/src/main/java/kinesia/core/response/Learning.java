package kinesia.core.response;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import kinesia.core.exercise.Catalogue;
import kinesia.core.exercise.Place;
import kinesia.core.exercise.Site;
import kinesia.core.plan.ArmBudget;
import kinesia.core.plan.Learned;
import kinesia.core.plan.Plan;
import kinesia.core.plan.SoreSite;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import org.jspecify.annotations.Nullable;

/** What a record teaches of a client's sore places (RULES 6): what each exercise asks of them, and what they take in a week. */
public record Learning(List<AtPlace> places) {
    private static final double MOVED_BY = 0.75;
    private static final int FEWEST = 3;
    private static final double TO_FIVE = 5;

    public Learning {
        places = List.copyOf(places);
    }

    /**
     * What is learned of one place.
     *
     * @param house what a place with this usual pain takes in a week by the house's number
     * @param usualMoved whether its doors stand so far from its screened usual that it should be screened again
     * @param trial what would tell two exercises apart that the record cannot; null where there is nothing to tell
     */
    public record AtPlace(
            Place place,
            double house,
            boolean usualMoved,
            Tolerance tolerance,
            LearnedStress stress,
            @Nullable OneVariableTrial trial) {}

    /** Learns about each of {@code sore} from {@code records}, oldest first. */
    public static Learning of(List<SoreSite> sore, List<SessionRecord> records, RoomEvidence pooled) {
        List<AtPlace> places = new ArrayList<>();
        sore.forEach(site -> places.add(at(site, records, pooled)));
        return new Learning(places);
    }

    /** Learns about one place. */
    static AtPlace at(SoreSite site, List<SessionRecord> records, RoomEvidence pooled) {
        List<Exposure> visits = Exposure.of(site.place(), records);
        LearnedStress stress = LearnedStress.of(visits, house(site.site(), records), pooled.at(site.site()));
        double house = ArmBudget.weekly(site);
        return new AtPlace(
                site.place(),
                house,
                usualMoved(visits, site),
                Tolerance.of(visits, house, stress.weights()),
                stress,
                OneVariableTrial.of(visits, stress).orElse(null));
    }

    /** Whether its doors stand so far from what the last screen called usual that the screen should be asked again. */
    private static boolean usualMoved(List<Exposure> visits, SoreSite site) {
        return !visits.isEmpty()
                && Math.abs(visits.get(visits.size() - 1).stands()
                                - site.usual().value())
                        >= MOVED_BY;
    }

    /** The house stress at {@code site} of each exercise that was planned, from the latest plan. */
    static Map<String, Double> house(Site site, List<SessionRecord> records) {
        Map<String, Double> house = new HashMap<>();
        for (SessionRecord record : records) {
            for (Plan.Slot slot : record.plan().slots()) {
                house.put(slot.exerciseKey(), slot.stress().getOrDefault(site, 0.0));
            }
        }
        return house;
    }

    /** As a plan uses it. */
    public Learned learned(Catalogue catalogue) {
        Map<Place, Learned.AtPlace> learned = new HashMap<>();
        for (AtPlace at : places) {
            Map<String, Learned.Weight> weights = new HashMap<>();
            for (LearnedStress.Evidence e : at.stress().evidence()) {
                if (e.house() > 0 && Math.max(e.answered(), e.said()) >= FEWEST) {
                    weights.put(
                            e.exerciseKey(),
                            new Learned.Weight(e.weight(), says(at.place(), e, catalogue.nameOf(e.exerciseKey()))));
                }
            }
            learned.put(at.place(), new Learned.AtPlace(weights, week(at)));
        }
        return new Learned(learned);
    }

    /** Until it is learned the house's week holds, unless the mornings say less already. */
    private static Learned.@Nullable Week week(AtPlace at) {
        Tolerance t = at.tolerance();
        double week = t.mayPlan();
        return t.learned() || (t.answered() >= FEWEST && week < at.house())
                ? new Learned.Week(week, says(at.place(), t))
                : null;
    }

    /** What a place takes, with the counts it rests on. */
    static Reason says(Place place, Tolerance t) {
        return Reason.of(
                        "LEARNED-tolerance",
                        Tag.HOUSE,
                        "a week after which it stands one over its usual the morning after; learned once the band is a sixth to either side",
                        "The " + place.words() + " was quiet on " + t.quiet() + " of " + t.answered()
                                + " mornings: by these it takes in a week about what " + round(t.dose())
                                + " repetitions of " + ArmBudget.reference(place.site()) + " ask of it, between "
                                + round(t.low()) + " and " + round(t.high()) + ".",
                        "We know by now about how much it takes in a week, and stay inside that.")
                .with("takes", round(t.dose()))
                .with("from", round(t.low()))
                .with("to", round(t.high()))
                .with("answered visits", t.answered())
                .with("quiet", t.quiet());
    }

    /** A dose without false precision: to five. */
    static String round(double dose) {
        return Numbers.plain(Math.round(dose / TO_FIVE) * TO_FIVE, 0);
    }

    /** What an exercise asks of a place here, in counts. */
    static Reason says(Place place, LearnedStress.Evidence e, String name) {
        String counts = name + ": " + e.worse() + " of " + e.answered() + " mornings worse at the " + place.words()
                + (e.hurt() > 0 ? ", and it hurt in its own sets at " + e.hurt() + " of " + e.said() + " visits" : "");
        boolean more = e.weight() >= Learned.CLEARLY_MORE;
        boolean less = e.weight() <= Learned.CLEARLY_LESS;
        String others = e.worse() > 0 ? ", as what was done with it explains that better." : ".";
        return Reason.of(
                        "LEARNED-stress",
                        Tag.HOUSE,
                        "the house weight stands for " + Numbers.plain(LearnedStress.HOUSE_POINTS, 0)
                                + " points over usual; this client's own points count beside it",
                        counts
                                + (more
                                        ? ". It counts for more here than elsewhere."
                                        : less
                                                ? ". It counts for less here than elsewhere" + others
                                                : ". It counts as usual."),
                        more
                                ? "It asks more of you there than of most."
                                : less ? "You take it better there than most." : "You take it there like most.")
                .with("mornings worse", e.worse())
                .with("mornings answered", e.answered())
                .with("hurt in its sets", e.hurt())
                .with("visits said", e.said())
                .with("counts", Numbers.plain(e.weight(), 2));
    }
}

package kinesia.core.response;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import kinesia.core.exercise.Place;
import kinesia.core.plan.ArmBudget;
import kinesia.core.plan.Plan;
import kinesia.core.plan.SoreSite;
import kinesia.core.plan.StressDose;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;

/**
 * How a place will answer a visit, as chances that add up to 1. The morning's part comes from what is believed of its tolerance
 * and from the week that would have been done; what happens in the sets and at the door from how often it happened so far, each
 * beginning as if ten visits with one such had been seen [house].
 *
 * @param week the seven days' dose it is said for
 * @param visits answered ones it rests on
 */
public record Forecast(Place place, double go, double same, double ease, double week, int visits, Reason reason) {
    private static final double SEEN_BEFORE = 10;
    private static final double OF_THESE_OTHERWISE = 1;
    private static final double OF_THESE_EASED = 0.25;
    private static final double BELIEF_COUNTS = 40;
    private static final int DAYS = 7;
    private static final int TENTHS = 10;

    /**
     * Before {@code plan} is done, from {@code records}, oldest first.
     *
     * @param at what these taught of the place
     */
    static Forecast of(SoreSite site, Learning.AtPlace at, List<SessionRecord> records, Plan plan) {
        List<Exposure> visits = Exposure.of(site.place(), records);
        Map<String, Double> dose = new HashMap<>();
        for (int i = visits.size() - 1;
                i >= 0 && visits.get(i).on().isAfter(plan.visitOn().minusDays(DAYS));
                i--) {
            visits.get(i).done().forEach((key, done) -> dose.merge(key, done, Double::sum));
        }
        plan.slots().stream()
                .filter(s -> s.sides().isEmpty() || s.sides().containsKey(site.side()))
                .forEach(s -> dose.merge(s.exerciseKey(), StressDose.of(s, site.site()), Double::sum));
        double week = Exposure.weighed(dose, at.stress().weights());
        int usual = site.usual().value();
        double stands = visits.isEmpty() ? usual : visits.get(visits.size() - 1).stands();
        Beliefs beliefs = Beliefs.of(visits, ArmBudget.weekly(site), at.stress().weights());
        double quietMorning = beliefs.atMost(usual + 1, stands, week);
        double noFlare = beliefs.atMost(usual + 2, stands, week);
        Answers soFar = Answers.of(site.place(), records, visits);
        double easedElse = (OF_THESE_EASED + soFar.easedOtherwise()) / (SEEN_BEFORE + soFar.judged());
        double sameElse = (OF_THESE_OTHERWISE + soFar.overGoInSets()) / (SEEN_BEFORE + soFar.judged());
        // What this place did so far counts beside what is believed of it, as if that were so many visits.
        double go = soFar.beside(quietMorning * (1 - easedElse) * (1 - sameElse), soFar.gos());
        double ease = Math.min(1 - go, soFar.beside(1 - noFlare * (1 - easedElse), soFar.eases()));
        return new Forecast(
                site.place(), go, 1 - go - ease, ease, week, soFar.judged(), reason(site.place(), go, ease, week, at));
    }

    /** How the place answered so far, in counts. */
    private record Answers(int judged, int gos, int eases, int easedOtherwise, int overGoInSets) {
        static Answers of(Place place, List<SessionRecord> records, List<Exposure> visits) {
            List<Map<Place, SiteSignal>> signals = SignalRules.judge(records);
            int judged = 0;
            int gos = 0;
            int eases = 0;
            int otherwise = 0;
            int inSets = 0;
            for (int i = 0; i < signals.size(); i++) {
                SiteSignal signal = signals.get(i).get(place);
                if (signal == null || signal.signal() == Signal.WAITING) {
                    continue;
                }
                boolean eased = signal.signal().compareTo(Signal.EASE) >= 0;
                int usual = visits.get(i).usual();
                judged++;
                gos += signal.signal() == Signal.GO ? 1 : 0;
                eases += eased ? 1 : 0;
                otherwise += eased && !signal.reason().ruleId().equals(SignalRules.BY_MORNING) ? 1 : 0;
                inSets += visits.get(i).felt().values().stream()
                                .anyMatch(f -> f > Math.max(SignalRules.QUIET_DURING, usual))
                        ? 1
                        : 0;
            }
            return new Answers(judged, gos, eases, otherwise, inSets);
        }

        double beside(double believed, int came) {
            return (BELIEF_COUNTS * believed + came) / (BELIEF_COUNTS + judged);
        }
    }

    private static Reason reason(Place place, double go, double ease, double week, Learning.AtPlace at) {
        Tolerance t = at.tolerance();
        return Reason.of(
                        "FORECAST-signal",
                        Tag.HOUSE,
                        "said before the visit, checked after it",
                        "The " + place.words() + " will most likely answer " + likeliest(go, ease) + ": " + tenths(go)
                                + " that it is a go, " + tenths(ease)
                                + " that it has to be eased. With this visit its seven days"
                                + " come to what " + Learning.round(week) + " repetitions of "
                                + ArmBudget.reference(place.site()) + " ask of it; it is believed to take "
                                + Learning.round(t.low()) + " to " + Learning.round(t.high()) + ".",
                        go >= 0.5
                                ? "It should take this well."
                                : "It may grumble a little after this; tell us tomorrow.")
                .with("go", Numbers.plain(go, 2))
                .with("ease", Numbers.plain(ease, 2))
                .with("seven days", Learning.round(week))
                .with("takes from", Learning.round(t.low()))
                .with("takes to", Learning.round(t.high()));
    }

    private static String likeliest(double go, double ease) {
        double same = 1 - go - ease;
        return go >= same && go >= ease ? "go" : same >= ease ? "same" : "ease";
    }

    /** A chance in words a person uses, "9 in 10", "under 1 in 10". */
    static String tenths(double chance) {
        long tenths = Math.round(chance * TENTHS);
        return chance < 0.05 ? "under 1 in 20" : chance >= 0.97 ? "nearly certain" : Math.max(1, tenths) + " in 10";
    }

    /** One forecast and what came. */
    public record Checked(Forecast said, Signal came) {}

    /**
     * What would have been said of a place before each of {@code records}, from those before it alone, beside how it answered;
     * without those that are still waiting.
     */
    public static List<Checked> checked(SoreSite site, List<SessionRecord> records, RoomEvidence pooled) {
        List<Map<Place, SiteSignal>> signals = SignalRules.judge(records);
        List<Checked> checked = new ArrayList<>();
        for (int i = 0; i < records.size(); i++) {
            SiteSignal came = signals.get(i).get(site.place());
            if (came == null || came.signal() == Signal.WAITING) {
                continue;
            }
            List<SessionRecord> before = records.subList(0, i);
            SoreSite then = records.get(i).soreSites().stream()
                    .filter(s -> s.place().equals(site.place()))
                    .findFirst()
                    .orElse(site);
            Learning.AtPlace at = Learning.at(then, before, pooled);
            checked.add(new Checked(of(then, at, before, records.get(i).plan()), came.signal()));
        }
        return checked;
    }
}

package kinesia.core.response;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import kinesia.core.dose.LoggedSet;
import kinesia.core.exercise.Catalogue;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Place;
import kinesia.core.plan.SoreSite;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.Limit;
import kinesia.core.screening.PainScore;
import kinesia.core.screening.ScreeningRules;
import org.jspecify.annotations.Nullable;

/**
 * What the record says of places beyond the latest screen: a place that was referred rests until a screen or a note, and new pain
 * makes a provisional sore place with its table row, until that part of the screen is answered (RULES 6).
 *
 * @param soreSites with the provisional ones
 * @param limits with those of referred and provisional places
 * @param provisional places that have to be asked about, with why
 * @param referred places that rest, with why
 */
public record SoreNow(
        List<SoreSite> soreSites, List<Limit> limits, Map<Place, Reason> provisional, Map<Place, Reason> referred) {
    private static final int NEW_PAIN = 3;
    private static final int LOOK_AGAIN_DAYS = 28;
    // A provisional place counts like one that is usually at 4: 0.7 [house].
    private static final PainScore COUNTS_LIKE = PainScore.of(4);

    public SoreNow {
        soreSites = List.copyOf(soreSites);
        limits = List.copyOf(limits);
        provisional = Map.copyOf(provisional);
        referred = Map.copyOf(referred);
    }

    /** What a screen says of places, and when it was taken; null where nobody knows. */
    public record Screened(
            List<SoreSite> soreSites,
            List<Limit> limits,
            @Nullable LocalDate on) {}

    /** What somebody has to do about these places, before or beside the visit. */
    public List<String> whatToDo() {
        List<String> todo = new ArrayList<>();
        referred.forEach((place, why) -> todo.add("The " + place.words()
                + " rests: refer to a licensed clinician, and screen again before it is loaded."));
        provisional.forEach((place, why) -> todo.add("Ask about the " + place.words() + " first: " + why.exact()));
        return List.copyOf(todo);
    }

    /** The places on {@code day} after {@code records}, oldest first. */
    public static SoreNow of(
            ScreeningRules rules, Catalogue catalogue, Screened screen, List<SessionRecord> records, LocalDate day) {
        List<Map<Place, SiteSignal>> signals = SignalRules.judge(records);
        Map<Place, Reason> referred = new LinkedHashMap<>();
        Map<Place, Reason> provisional = new LinkedHashMap<>();
        Map<Place, Boolean> pressing = new LinkedHashMap<>();
        for (int i = 0; i < records.size(); i++) {
            SessionRecord record = records.get(i);
            if (screen.on() != null && screen.on().isAfter(record.on())) {
                continue; // asked about since
            }
            signals.get(i).forEach((place, signal) -> {
                if (signal.signal() == Signal.REFER) {
                    referred.put(place, signal.reason());
                }
            });
            SessionRecord before = i == 0 ? null : records.get(i - 1);
            for (Place place : record.places().keySet()) {
                if (screen.soreSites().stream().noneMatch(s -> s.site() == place.site() && s.side() == place.side())) {
                    newPain(place, record, before).ifPresent(why -> provisional.putIfAbsent(place, why));
                    pressing.merge(place, hurtInAPress(catalogue, record, place), Boolean::logicalOr);
                }
            }
        }
        List<SoreSite> sore = new ArrayList<>(screen.soreSites());
        List<Limit> limits = new ArrayList<>(screen.limits());
        LocalDate lookAgain = day.plusDays(LOOK_AGAIN_DAYS);
        provisional.forEach((place, why) -> {
            sore.add(new SoreSite(place.site(), place.side(), COUNTS_LIKE));
            limits.addAll(
                    rules.provisional(place.site(), place.side(), pressing.getOrDefault(place, false), lookAgain, why));
        });
        referred.forEach((place, why) -> limits.add(new Limit(
                Limit.Kind.NO_LOADING, place.side(), place.site(), null, null, null, null, null, lookAgain, why)));
        return new SoreNow(sore, limits, provisional, referred);
    }

    /** Pain of 3 or more, or 1 to 2 in two sessions running, at a place that no screen knows. */
    private static Optional<Reason> newPain(Place place, SessionRecord record, @Nullable SessionRecord before) {
        int now = worst(place, record);
        boolean again = now >= 1 && before != null && worst(place, before) >= 1;
        if (now < NEW_PAIN && !again) {
            return Optional.empty();
        }
        return Optional.of(Reason.of(
                        "RESPONSE-new-pain",
                        Tag.HOUSE,
                        "3 or more, or 1 to 2 twice running, at a place without limits",
                        "New pain of " + now + " at the " + place.words() + " on " + record.on()
                                + (now >= NEW_PAIN ? "" : ", the second time running")
                                + ": spared for now, with effort to 6, until that part of the screen is answered.",
                        "That is new, so we spare it until we have talked about it.")
                .with("pain", now)
                .with("session", record.on()));
    }

    private static int worst(Place place, SessionRecord record) {
        int during = record.during(place).value();
        int morning = record.onMorning(place).map(PainScore::value).orElse(0);
        int door = record.atNextDoor(place).map(PainScore::value).orElse(0);
        return Math.max(during, Math.max(morning, door));
    }

    private static boolean hurtInAPress(Catalogue catalogue, SessionRecord record, Place place) {
        return record.sets().stream()
                .filter(s -> s.pain().atLeast(1) && s.painSite() == place.site() && s.painSide() == place.side())
                .map(LoggedSet::exerciseKey)
                .flatMap(key -> catalogue.find(key).stream())
                .anyMatch(Exercise::isPressing);
    }
}

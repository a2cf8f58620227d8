package kinesia.core.response;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import kinesia.core.dose.LoggedSet;
import kinesia.core.exercise.Catalogue;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Place;
import kinesia.core.exercise.Site;
import kinesia.core.plan.PlanRequest.SetBudget;
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
 * @param restingToday places that are too sore at the door of this visit, with why
 * @param easedToday places that are eased before a first visit, with why
 */
public record SoreNow(
        List<SoreSite> soreSites,
        List<Limit> limits,
        Map<Place, Reason> provisional,
        Map<Place, Reason> referred,
        Map<Place, Reason> restingToday,
        Map<Place, Reason> easedToday) {
    private static final int NEW_PAIN = 3;
    private static final int LOOK_AGAIN_DAYS = 28;
    private static final int RESTS_FROM = 7;
    private static final int EASED_OVER_USUAL = 3;
    private static final double EASED_SHARE = 0.6;
    private static final double EASED_EFFORT = 6;
    // A provisional place counts like one that is usually at 4: 0.7 [house].
    private static final PainScore COUNTS_LIKE = PainScore.of(4);

    public SoreNow {
        soreSites = List.copyOf(soreSites);
        limits = List.copyOf(limits);
        provisional = Map.copyOf(provisional);
        referred = Map.copyOf(referred);
        restingToday = Map.copyOf(restingToday);
        easedToday = Map.copyOf(easedToday);
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
        restingToday.forEach((place, why) -> todo.add(why.exact()));
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
        referred.forEach((place, why) ->
                limits.add(Limit.at(place.site(), place.side(), Limit.Kind.NO_LOADING, null, lookAgain, why)));
        return new SoreNow(sore, limits, provisional, referred, Map.of(), Map.of());
    }

    /**
     * The same after what was said at the door of {@code day}: pain at a place that nobody knows makes it provisional, a known one at
     * 7 or more over its usual rests, and before a first session one at 3 over its usual is eased before it began. After a session
     * the door has closed that one, and its signal eases.
     */
    public SoreNow atDoor(
            ScreeningRules rules, Map<Place, PainScore> pains, List<SessionRecord> records, LocalDate day) {
        List<SoreSite> sore = new ArrayList<>(soreSites);
        List<Limit> more = new ArrayList<>(limits);
        Map<Place, Reason> asked = new LinkedHashMap<>(provisional);
        Map<Place, Reason> resting = new LinkedHashMap<>();
        Map<Place, Reason> eased = new LinkedHashMap<>();
        LocalDate lookAgain = day.plusDays(LOOK_AGAIN_DAYS);
        pains.forEach((place, pain) -> {
            Optional<PainScore> usual = sore.stream()
                    .filter(s -> s.site() == place.site() && s.side() == place.side())
                    .map(SoreSite::usual)
                    .findFirst();
            if (usual.isEmpty() && pain.atLeast(NEW_PAIN)) {
                Reason why = newAtDoor(place, pain);
                asked.put(place, why);
                sore.add(new SoreSite(place.site(), place.side(), COUNTS_LIKE));
                more.addAll(rules.provisional(place.site(), place.side(), false, lookAgain, why));
            }
            int over = pain.value() - usual.map(PainScore::value).orElse(0);
            if (pain.atLeast(RESTS_FROM) && over > 0) {
                Reason why = restsToday(place, pain, usual);
                resting.put(place, why);
                more.add(Limit.at(place.site(), place.side(), Limit.Kind.NO_LOADING, null, lookAgain, why));
            } else if (usual.isPresent() && over >= EASED_OVER_USUAL && records.isEmpty()) {
                Reason why = easedBefore(place, pain, usual.get());
                eased.put(place, why);
                more.add(Limit.at(place.site(), place.side(), Limit.Kind.LARGEST_EFFORT, EASED_EFFORT, lookAgain, why));
            }
        });
        return new SoreNow(sore, more, asked, referred, resting, eased);
    }

    private static Reason newAtDoor(Place place, PainScore pain) {
        return Reason.of(
                        "DOOR-new-pain",
                        Tag.HOUSE,
                        "3 or more at the door at a place without limits",
                        "The " + place.words() + " is at " + pain.value()
                                + " today and is new: spared for now, with effort to 6, until that part of the screen is"
                                + " answered.",
                        "That is new, so we spare it until we have talked about it.")
                .with("pain", pain.value());
    }

    private static Reason restsToday(Place place, PainScore pain, Optional<PainScore> usual) {
        return Reason.of(
                        "DOOR-rests",
                        Tag.HOUSE,
                        "7 or more at the door, unless that is its usual",
                        "The " + place.words() + " is at " + pain.value() + " today"
                                + usual.map(u -> ", usually at " + u.value()).orElse("")
                                + ": it rests, and what does not load it goes on.",
                        "That is too sore to load today.")
                .with("pain", pain.value());
    }

    private static Reason easedBefore(Place place, PainScore pain, PainScore usual) {
        return Reason.of(
                        "DOOR-ease",
                        Tag.HOUSE,
                        "3 over usual at the door",
                        "The " + place.words() + " is at " + pain.value() + " today, usually at " + usual.value()
                                + ": as an ease before it began, three fifths of the sets for what works it, with effort to"
                                + " 6.",
                        "It is sorer than usual, so we do less with it today.")
                .with("pain", pain.value())
                .with("usual", usual.value());
    }

    /** {@code budget} with three fifths of the sets for the muscles that work a place eased today, rounded up and one fewer at least. */
    Map<Head.Group, SetBudget> eased(Map<Head.Group, SetBudget> budget) {
        Map<Head.Group, SetBudget> cut = new EnumMap<>(Head.Group.class);
        cut.putAll(budget);
        easedToday.forEach((place, why) -> cut.replaceAll((group, sets) -> {
            int fewer = Math.max(1, Math.min(sets.sets() - 1, (int) Math.ceil(EASED_SHARE * sets.sets())));
            return isWorkedBy(place.site(), group) && fewer < sets.sets() ? SetBudget.cutTo(fewer, why) : sets;
        }));
        return cut;
    }

    /** Whether {@code group} works {@code site}: at the elbow's back and crook one of the two, everywhere else both. */
    private static boolean isWorkedBy(Site site, Head.Group group) {
        return switch (site) {
            case BACK_OF_ELBOW -> group == Head.Group.EXTENSORS;
            case CROOK_OF_ELBOW -> group == Head.Group.FLEXORS;
            case OUTER_ELBOW, INNER_ELBOW, FRONT_OF_SHOULDER, TOP_OUTER_SHOULDER, TOP_JOINT_OF_SHOULDER, WRIST -> true;
        };
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

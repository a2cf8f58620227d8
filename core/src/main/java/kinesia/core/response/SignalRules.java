package kinesia.core.response;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import kinesia.core.exercise.Place;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.PainScore;

/**
 * Judges how each place answered each session. The pain-monitoring model behind it (Thomee 1997, Silbernagel 2007 [pub])
 * comes from lower-limb studies and one in shoulders (Holmgren 2012); using it for elbows is a house rule.
 */
public final class SignalRules {
    static final int QUIET_DURING = 2;
    /** The rule of an ease that the morning after alone decided. */
    static final String BY_MORNING = "RESPONSE-morning";

    private static final int GO_DURING = 4;
    private static final int SAME_DURING = 5;
    private static final int CLEAN_OVER_USUAL = 1;
    private static final int SAME_OVER_USUAL = 2;
    private static final double WEEK_RISE = 2;
    private static final int SECOND_EASE_DAYS = 14;
    private static final int SECOND_MISSING = 2;
    private static final int FEWEST_MORNINGS = 2;

    private SignalRules() {}

    /** Signals by place for each session, in the order of {@code sessions} (oldest first). */
    public static List<Map<Place, SiteSignal>> judge(List<SessionRecord> sessions) {
        List<Map<Place, SiteSignal>> all = new ArrayList<>();
        Map<Place, LocalDate> lastEase = new LinkedHashMap<>();
        for (int i = 0; i < sessions.size(); i++) {
            SessionRecord session = sessions.get(i);
            Map<Place, SiteSignal> signals = new LinkedHashMap<>();
            for (Map.Entry<Place, PainScore> entry : session.places().entrySet()) {
                Place place = entry.getKey();
                SiteSignal signal = judge(place, entry.getValue(), session, sessions.subList(0, i + 1));
                LocalDate before = lastEase.get(place);
                if (signal.signal() == Signal.EASE) {
                    if (before != null && !session.on().isAfter(before.plusDays(SECOND_EASE_DAYS))) {
                        signal = secondEase(signal, before, session.on());
                    }
                    lastEase.put(place, session.on());
                }
                signals.put(place, signal);
            }
            all.add(signals);
        }
        return all;
    }

    /** The signals of the last of {@code sessions} (oldest first); empty before the first session. */
    public static Collection<SiteSignal> ofLast(List<SessionRecord> sessions) {
        return sessions.isEmpty()
                ? List.of()
                : judge(sessions).get(sessions.size() - 1).values();
    }

    /** The worst of {@code signals}; go where there are none. */
    public static Signal worst(Collection<SiteSignal> signals) {
        return signals.stream()
                .map(SiteSignal::signal)
                .max(Comparator.naturalOrder())
                .orElse(Signal.GO);
    }

    private static SiteSignal judge(Place place, PainScore usualScore, SessionRecord session, List<SessionRecord> all) {
        int usual = usualScore.value();
        int during = session.during(place).value();
        Optional<PainScore> morning = session.onMorning(place);
        Optional<PainScore> door = session.atNextDoor(place);
        boolean settled = door.map(d -> d.value() <= usual + 1).orElse(true);
        Optional<Integer> after = morning.or(() -> door).map(PainScore::value);
        Map<String, Object> inputs = new LinkedHashMap<>();
        inputs.put("usual", usual);
        inputs.put("during", during);
        inputs.put("next morning", morning.map(m -> String.valueOf(m.value())).orElse("not answered"));
        inputs.put("next door", door.map(d -> String.valueOf(d.value())).orElse("still to come"));
        String where = place.words();
        String sore = session.isSoreness(place)
                ? " (muscle soreness of one arm alone, or after three days, counts as joint pain)"
                : "";
        boolean here = hurtsMost(place, session);
        boolean sharp = (session.morning() != null && session.morning().sharp() && here)
                || session.sets().stream()
                        .anyMatch(s ->
                                s.painKind() != null && s.painSite() == place.site() && s.painSide() == place.side());
        boolean tingling = session.morning() != null && session.morning().tinglingStays() && here;
        boolean clean = after.map(a -> a <= usual + CLEAN_OVER_USUAL).orElse(false);

        if (tingling) {
            return signal(
                    place,
                    Signal.REFER,
                    clean,
                    inputs,
                    "RESPONSE-tingling",
                    "tingling that stays",
                    "Tingling that stays at the " + where + ": referred, not loaded.",
                    "Tingling that stays should be looked at.");
        }
        if (sharp) {
            return signal(
                    place,
                    Signal.EASE,
                    clean,
                    inputs,
                    "RESPONSE-sharp",
                    "sharp, catching or giving way",
                    "Sharp, catching or giving way at the " + where + ", whatever the number: ease.",
                    "A sharp or catching pain tells us to step down.");
        }
        if (during > SAME_DURING) {
            return signal(
                    place,
                    Signal.EASE,
                    clean,
                    inputs,
                    "RESPONSE-during",
                    "over 5",
                    "Pain of " + during + " during the session at the " + where + " is over 5: ease.",
                    "It hurt too much while we worked; next time there is less.");
        }
        if (after.isPresent() && after.get() > usual + SAME_OVER_USUAL) {
            return signal(
                    place,
                    Signal.EASE,
                    clean,
                    inputs,
                    BY_MORNING,
                    "usual + 3 or more",
                    "The morning after, the " + where + " was at " + after.get() + " against a usual " + usual + sore
                            + ", 3 or more above: ease.",
                    "The morning told us it was too much; next time there is less.");
        }
        if (!settled) {
            return signal(
                    place,
                    Signal.EASE,
                    clean,
                    inputs,
                    "RESPONSE-settled",
                    "within 1 of usual by the next door",
                    "At the next door the " + where + " had not settled to within 1 of usual: ease.",
                    "It has not calmed down yet, so we do less.");
        }
        OptionalDouble rise = weekRise(place, all);
        if (rise.isPresent() && rise.getAsDouble() >= WEEK_RISE) {
            return signal(
                    place,
                    Signal.EASE,
                    clean,
                    inputs,
                    "RESPONSE-week",
                    "2 above the week before",
                    "Mornings at the " + where + " rose by " + Numbers.plain(rise.getAsDouble())
                            + " from the week before, 2 or more: ease.",
                    "Your mornings have crept up, so we do less for a while.");
        }
        if (after.isEmpty() || !session.painSaid()) {
            return waiting(place, all, inputs);
        }
        if (during <= Math.max(QUIET_DURING, usual) && during <= GO_DURING && clean) {
            return signal(
                    place,
                    Signal.GO,
                    true,
                    inputs,
                    "RESPONSE-go",
                    "during up to 2 or usual, morning up to usual + 1",
                    "The " + where + " was at " + during + " during and " + after.get() + " after against a usual "
                            + usual + ", no more than 1 above it: go.",
                    "It took that well.");
        }
        return signal(
                place,
                Signal.SAME,
                clean,
                inputs,
                "RESPONSE-same",
                "during 3 to 5, or morning usual + 2",
                "The " + where + " was at " + during + " during and " + after.get() + " after against a usual " + usual
                        + sore + ": same again.",
                "It noticed, so we stay where we are.");
    }

    /** Whether what was said without a place is about this one: it hurt here as much as anywhere. */
    private static boolean hurtsMost(Place place, SessionRecord session) {
        return session.places().keySet().stream().noneMatch(other -> worst(other, session) > worst(place, session));
    }

    private static int worst(Place place, SessionRecord session) {
        return Math.max(
                session.during(place).value(),
                session.onMorning(place).map(PainScore::value).orElse(0));
    }

    /** Neither the morning nor the door has answered; from the second missing morning running the trainer is told to ask. */
    private static SiteSignal waiting(Place place, List<SessionRecord> all, Map<String, Object> inputs) {
        int missing = 0;
        for (int i = all.size() - 1; i >= 0 && all.get(i).onMorning(place).isEmpty(); i--) {
            missing++;
        }
        String where = "Waiting: nobody has said yet how the " + place.words()
                + " was after the last session, so nothing is raised there.";
        String ask =
                " It is the " + (missing == 2 ? "second" : missing + "th") + " morning running without an answer: ask.";
        return new SiteSignal(
                place,
                Signal.WAITING,
                false,
                false,
                reason(
                        inputs,
                        "RESPONSE-waiting",
                        "a morning or a door answer",
                        missing < SECOND_MISSING ? where : where + ask,
                        "Tell us how it was the morning after, then we know how to go on."));
    }

    private static OptionalDouble weekRise(Place place, List<SessionRecord> sessions) {
        LocalDate now = sessions.get(sessions.size() - 1).on();
        OptionalDouble recent = mean(place, sessions, now.minusDays(6), now);
        OptionalDouble before = mean(place, sessions, now.minusDays(13), now.minusDays(7));
        return recent.isPresent() && before.isPresent()
                ? OptionalDouble.of(recent.getAsDouble() - before.getAsDouble())
                : OptionalDouble.empty();
    }

    private static OptionalDouble mean(Place place, List<SessionRecord> sessions, LocalDate from, LocalDate to) {
        int sum = 0;
        int mornings = 0;
        // From the latest back, no further than asked: a record is long.
        for (int i = sessions.size() - 1; i >= 0 && !sessions.get(i).on().isBefore(from); i--) {
            Optional<PainScore> pain = sessions.get(i).on().isAfter(to)
                    ? Optional.empty()
                    : sessions.get(i).onMorning(place);
            if (pain.isPresent()) {
                sum += pain.get().value();
                mornings++;
            }
        }
        return mornings < FEWEST_MORNINGS ? OptionalDouble.empty() : OptionalDouble.of((double) sum / mornings);
    }

    private static SiteSignal secondEase(SiteSignal ease, LocalDate before, LocalDate now) {
        return new SiteSignal(
                ease.place(),
                Signal.REFER,
                ease.answered(),
                ease.cleanMorning(),
                Reason.of(
                                "RESPONSE-second-ease",
                                Tag.HOUSE,
                                "second ease within 14 days",
                                "A second ease at the " + ease.place().words() + " within 14 days (" + before + " and "
                                        + now + "): referred, not loaded.",
                                "Twice in two weeks is a reason to let someone look at it.")
                        .with("first ease", before)
                        .with("second ease", now));
    }

    private static SiteSignal signal(
            Place place,
            Signal signal,
            boolean clean,
            Map<String, Object> inputs,
            String id,
            String threshold,
            String exact,
            String plain) {
        return new SiteSignal(place, signal, true, clean, reason(inputs, id, threshold, exact, plain));
    }

    private static Reason reason(Map<String, Object> inputs, String id, String threshold, String exact, String plain) {
        Reason reason = Reason.of(id, Tag.PUB, threshold, exact, plain);
        for (Map.Entry<String, Object> input : inputs.entrySet()) {
            reason = reason.with(input.getKey(), input.getValue());
        }
        return reason;
    }
}

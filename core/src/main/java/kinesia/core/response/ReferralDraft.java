package kinesia.core.response;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import kinesia.core.dose.LoggedSet;
import kinesia.core.exercise.Place;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.screening.PainScore;

/** What was logged of places that are to be referred, in words for a clinician: what happened, no diagnosis. */
public final class ReferralDraft {
    private static final int LOOKS_BACK_DAYS = 28;
    private static final int MOST_SESSIONS = 5;

    private ReferralDraft() {}

    /** The draft on {@code today}; empty where the record refers nothing. {@code sessions} oldest first. */
    public static String of(List<SessionRecord> sessions, LocalDate today) {
        List<Map<Place, SiteSignal>> signals = SignalRules.judge(sessions);
        Set<Place> referred = new LinkedHashSet<>();
        for (int i = 0; i < sessions.size(); i++) {
            if (!sessions.get(i).on().isBefore(today.minusDays(LOOKS_BACK_DAYS))) {
                signals.get(i).forEach((place, signal) -> {
                    if (signal.signal() == Signal.REFER) {
                        referred.add(place);
                    }
                });
            }
        }
        List<String> paragraphs = referred.stream()
                .map(place -> said(place, sessions, signals, today))
                .toList();
        return String.join("\n\n", paragraphs);
    }

    private static String said(
            Place place, List<SessionRecord> sessions, List<Map<Place, SiteSignal>> signals, LocalDate today) {
        List<String> hurt = new ArrayList<>();
        String why = "";
        for (int i = sessions.size() - 1; i >= 0 && hurt.size() < MOST_SESSIONS; i--) {
            SessionRecord session = sessions.get(i);
            if (session.on().isBefore(today.minusDays(LOOKS_BACK_DAYS))) {
                break;
            }
            SiteSignal signal = signals.get(i).get(place);
            if (why.isEmpty() && signal != null && signal.signal() == Signal.REFER) {
                why = " " + signal.reason().exact();
            }
            session(place, session).ifPresent(line -> hurt.add(0, line));
        }
        PainScore usual = sessions.get(sessions.size() - 1).places().getOrDefault(place, PainScore.NONE);
        String name = place.words();
        return Character.toUpperCase(name.charAt(0)) + name.substring(1) + ", usual pain " + usual.value()
                + " of 10. Logged in training: " + String.join("; ", hurt) + "." + why;
    }

    /** How it was there at one session and after it; empty where it did not hurt. */
    private static Optional<String> session(Place place, SessionRecord session) {
        List<String> parts = new ArrayList<>();
        session.sets().stream()
                .filter(s -> s.painSite() == place.site() && s.painSide() == place.side())
                .max(java.util.Comparator.comparing(LoggedSet::pain))
                .filter(s -> s.pain().atLeast(1))
                .ifPresent(s -> parts.add(s.pain().value() + " in " + name(session, s.exerciseKey()) + " ("
                        + s.load().label() + " x " + s.reps() + ")"));
        session.onMorning(place).filter(p -> p.atLeast(1)).ifPresent(p -> parts.add(p.value() + " the morning after"));
        session.atNextDoor(place).filter(p -> p.atLeast(1)).ifPresent(p -> parts.add(p.value() + " at the next visit"));
        if (session.morning() != null && session.morning().tinglingStays()) {
            parts.add("tingling that stays");
        }
        return parts.isEmpty() ? Optional.empty() : Optional.of(session.on() + ": " + String.join(", ", parts));
    }

    private static String name(SessionRecord session, String key) {
        return session.plan().slots().stream()
                .filter(s -> s.exerciseKey().equals(key))
                .map(Slot::name)
                .map(n -> n.substring(0, 1).toLowerCase(java.util.Locale.ROOT) + n.substring(1))
                .findFirst()
                .orElse(key);
    }
}

package kinesia.core.response;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Catalogue;
import kinesia.core.exercise.Head;
import kinesia.core.plan.BlockSets;
import kinesia.core.plan.PlanRequest.SetBudget;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.response.SessionRecord.Place;
import kinesia.core.screening.Limit;

/** How many hard sets each group may have this week and at this visit. */
final class WeekAllowance {
    static final int BREAK_DAYS = 14;
    private static final int START = 6;
    private static final int DAYS = 7;

    private WeekAllowance() {}

    static Map<Head.Group, SetBudget> forVisit(
            List<SessionRecord> sessions,
            List<Map<Place, SiteSignal>> signals,
            Catalogue catalogue,
            LocalDate visitOn,
            int visitsPerWeek,
            boolean sore) {
        LocalDate start = startOfStreak(sessions, visitOn);
        int weeks = (int) (ChronoUnit.DAYS.between(start, visitOn) / DAYS);
        int good = 0;
        for (int week = 0; week < weeks; week++) {
            good += wasGood(sessions, signals, start.plusDays((long) week * DAYS)) ? 1 : 0;
        }
        int ceiling = BlockSets.ceiling(sore);
        int allowance = Math.min(ceiling, START + good * BlockSets.rise(sore));
        Map<Head.Group, SetBudget> budget = new EnumMap<>(Head.Group.class);
        for (Head.Group group : Head.Group.values()) {
            int done = hardSets(sessions, catalogue, group, visitOn.minusDays(DAYS - 1), visitOn);
            int share = Math.max(2, Math.round((float) allowance / visitsPerWeek));
            int sets = Math.max(0, Math.min(share, allowance - done));
            budget.put(
                    group,
                    new SetBudget(
                            sets,
                            Reason.of(
                                            "WEEK-allowance",
                                            Tag.HOUSE,
                                            START + " a week to start, " + BlockSets.rise(sore)
                                                    + " more after a good week, at most " + ceiling,
                                            "This week's allowance is " + allowance + " hard sets for the "
                                                    + group.word() + ", " + done + " of them done, over "
                                                    + visitsPerWeek + " visits: " + sets + " today.",
                                            "We build the amount up slowly, week by week.")
                                    .with("week's allowance", allowance)
                                    .with("done in the last 7 days", done)
                                    .with("visits a week", visitsPerWeek)));
        }
        return budget;
    }

    /** The budget under limits on the sets of a week; a limit lower than what is left takes its place, with its reason. */
    static void limit(
            Map<Head.Group, SetBudget> budget,
            List<Limit> limits,
            List<SessionRecord> sessions,
            Catalogue catalogue,
            LocalDate visitOn) {
        for (Limit limit : limits) {
            if (limit.kind() != Limit.Kind.SETS_A_WEEK) {
                continue;
            }
            budget.replaceAll((group, allowed) -> {
                if (limit.group() != null && limit.group() != group) {
                    return allowed;
                }
                int done = hardSets(sessions, catalogue, group, visitOn.minusDays(DAYS - 1), visitOn);
                int left = Math.max(0, (int) limit.number() - done);
                return left < allowed.sets() ? SetBudget.cutTo(left, limit.reason()) : allowed;
            });
        }
    }

    /** The first session since the last break of more than 14 days; the visit itself when the break ends with it. */
    private static LocalDate startOfStreak(List<SessionRecord> sessions, LocalDate visitOn) {
        LocalDate start = visitOn;
        for (int i = sessions.size() - 1; i >= 0; i--) {
            LocalDate on = sessions.get(i).on();
            if (ChronoUnit.DAYS.between(on, start) > BREAK_DAYS) {
                break;
            }
            start = on;
        }
        return start;
    }

    private static boolean wasGood(List<SessionRecord> sessions, List<Map<Place, SiteSignal>> signals, LocalDate from) {
        boolean trained = false;
        for (int i = 0; i < sessions.size(); i++) {
            LocalDate on = sessions.get(i).on();
            if (!on.isBefore(from) && on.isBefore(from.plusDays(DAYS))) {
                trained = true;
                if (signals.get(i).values().stream().anyMatch(s -> s.signal().compareTo(Signal.EASE) >= 0)) {
                    return false;
                }
            }
        }
        return trained;
    }

    /** The hard sets of the arm that did more of them: a set of both arms counts for each, one arm's own for that arm. */
    private static int hardSets(
            List<SessionRecord> sessions, Catalogue catalogue, Head.Group group, LocalDate from, LocalDate before) {
        int most = 0;
        for (Side arm : Side.values()) {
            most = Math.max(most, (int) sessions.stream()
                    .filter(s -> !s.on().isBefore(from) && s.on().isBefore(before))
                    .flatMap(s -> s.hardSets().stream())
                    .filter(s -> s.side() == null || s.side() == arm)
                    .filter(s -> catalogue
                            .find(s.exerciseKey())
                            .map(e -> e.group() == group)
                            .orElse(false))
                    .count());
        }
        return most;
    }
}

package kinesia.core.response;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import kinesia.core.dose.Equipment;
import kinesia.core.dose.LoggedSet;
import kinesia.core.dose.Progression;
import kinesia.core.dose.RestAndTime;
import kinesia.core.dose.RestAndTime.Rest;
import kinesia.core.dose.TrainingStory;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.Catalogue;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Place;
import kinesia.core.plan.Carryover;
import kinesia.core.plan.Plan;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.plan.PlanRequest.SetBudget;
import kinesia.core.plan.Planner;
import kinesia.core.plan.SoreSite;
import kinesia.core.plan.TrainingWeek;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.Limit;
import kinesia.core.screening.PainScore;
import org.jspecify.annotations.Nullable;

/** What the record so far decides about the next session. */
public final class NextVisit {
    /**
     * How many days before the last session a record is read [house]: what was lifted half a year earlier says little of an arm over
     * fifty, and ten good weeks already reach the most that a week may have.
     */
    public static final int LOOKS_BACK_DAYS = 182;

    private static final String EASE_SWAP = "EASE-swap";
    private static final double EASE_CUT = 0.4;
    private static final double LIGHTER_SETS = 0.6;
    private static final int FEWEST_SETS = 2;
    private static final int LOOKS_AHEAD_DAYS = 14;

    private NextVisit() {}

    /** What the planner needs to know of the past. */
    public record Preparation(
            Map<String, Carryover> carryovers,
            Map<String, Reason> leftOut,
            Map<Head.Group, SetBudget> budget,
            Rest rest,
            boolean stiffOrBack,
            boolean returning,
            boolean lighter,
            List<SiteSignal> lastSignals) {}

    /**
     * Who, where and when.
     *
     * @param age on the day
     * @param story before the first session here
     * @param rule what earns a step
     */
    public record Visit(
            ExerciseModel model,
            Body body,
            int age,
            Equipment equipment,
            List<Limit> limits,
            LocalDate on,
            TrainingWeek week,
            TrainingStory story,
            List<SoreSite> sorePlaces,
            Progression.Rule rule) {
        boolean sore() {
            return !sorePlaces.isEmpty();
        }
    }

    /** Prepares {@code visit} from {@code sessions}, oldest first. */
    public static Preparation prepare(Visit visit, List<SessionRecord> sessions) {
        List<Map<Place, SiteSignal>> signals = SignalRules.judge(sessions);
        WeekAllowance week = new WeekAllowance(
                sessions, signals, visit.model().catalogue(), visit.week(), visit.story(), visit.sore());
        Map<Head.Group, SetBudget> budget = new EnumMap<>(week.forVisit(visit.on()));
        week.limit(budget, visit.limits(), visit.on());
        boolean lighter = week.isLighter(visit.on());
        if (sessions.isEmpty()) {
            return new Preparation(Map.of(), Map.of(), budget, RestAndTime.first(), false, false, lighter, List.of());
        }
        SessionRecord last = sessions.get(sessions.size() - 1);
        Map<Place, SiteSignal> lastSignals = signals.get(signals.size() - 1);
        Map<String, Reason> leftOut = new LinkedHashMap<>();
        // Two sessions: the one just done and the one before still keep an eased exercise out.
        for (int i = Math.max(0, sessions.size() - 2); i < sessions.size(); i++) {
            for (SiteSignal signal : signals.get(i).values()) {
                if (signal.signal() == Signal.EASE) {
                    ease(visit.model().catalogue(), signal, sessions.get(i), i == sessions.size() - 1, budget, leftOut);
                }
            }
        }
        new EasedPlaces(sessions, signals).limit(budget);
        Optional<Reason> tired = tired(sessions, signals);
        tired.ifPresent(why -> budget.replaceAll((group, sets) -> sets.sets() < FEWEST_SETS
                ? sets
                : SetBudget.cutTo(Math.max(1, (int) Math.floor(LIGHTER_SETS * sets.sets())), why)));
        boolean allGo = lastSignals.values().stream().allMatch(s -> s.signal() == Signal.GO);
        boolean back = ChronoUnit.DAYS.between(last.on(), visit.on()) > WeekAllowance.BREAK_DAYS;
        boolean stiff = last.morning() != null
                && last.morning().sites().stream().anyMatch(p -> p.pain().atLeast(3));
        Map<String, Carryover> carryovers = new Carryovers(visit, sessions, signals).all();
        return new Preparation(
                carryovers,
                leftOut,
                budget,
                back ? RestAndTime.first() : RestAndTime.after(last.plan().restSeconds(), allGo && held(last)),
                back || stiff,
                back || cameBack(sessions),
                lighter || tired.isPresent(),
                List.copyOf(lastSignals.values()));
    }

    /**
     * The next booked day, whatever may be done on it. Where nothing is booked, the first of the client's own days, not before
     * {@code earliest}, on which both muscles may have at least two hard sets: 48 h after their last ones, and with so many left
     * in the week; within two weeks none such, the first one for one muscle. Where any day will do, never the day after a visit,
     * however light that was.
     *
     * @param signals of {@code sessions}, as {@link SignalRules#judge} gives them
     * @param story before the first of them
     */
    public static LocalDate firstDay(
            Catalogue catalogue,
            List<SessionRecord> sessions,
            List<Map<Place, SiteSignal>> signals,
            LocalDate earliest,
            TrainingWeek week,
            TrainingStory story,
            boolean sore) {
        LocalDate booked = week.nextBooked(
                earliest, sessions.stream().map(SessionRecord::on).toList());
        if (booked != null) {
            return booked;
        }
        WeekAllowance allowance = new WeekAllowance(sessions, signals, catalogue, week, story, sore);
        LocalDate latest = earliest.plusDays(LOOKS_AHEAD_DAYS);
        LocalDate forOne = latest;
        LocalDate rested = sessions.isEmpty() || !week.days().isEmpty()
                ? earliest
                : sessions.get(sessions.size() - 1).on().plusDays(Planner.DAYS_BETWEEN);
        for (LocalDate day = earliest; day.isBefore(latest); day = day.plusDays(1)) {
            if (!day.isBefore(rested) && week.isTheirs(day) && allowance.hasVisitLeft(day)) {
                Collection<SetBudget> sets = allowance.forVisit(day).values();
                if (sets.stream().allMatch(b -> b.sets() >= FEWEST_SETS)) {
                    return day;
                }
                if (forOne.equals(latest) && sets.stream().anyMatch(b -> b.sets() >= FEWEST_SETS)) {
                    forOne = day;
                }
            }
        }
        return forOne;
    }

    /** Two same running at a place, and repetitions that fell in what loads it: a lighter visit instead of a step back. */
    private static Optional<Reason> tired(List<SessionRecord> sessions, List<Map<Place, SiteSignal>> signals) {
        int last = sessions.size() - 1;
        if (last < 1) {
            return Optional.empty();
        }
        return signals.get(last).values().stream()
                .filter(s -> s.signal() == Signal.SAME && s.answered())
                .filter(s -> isSame(signals.get(last - 1).get(s.place())))
                .filter(s -> fell(sessions.get(last - 1), sessions.get(last), s.place()))
                .map(s -> Reason.of(
                                "SAME-lighter",
                                Tag.HOUSE,
                                "two same running and repetitions that fall: sets -40 %, load -10 %",
                                "Second same running at the " + s.place().words()
                                        + ", and repetitions fell in what loads it: a lighter visit, two fifths fewer sets and"
                                        + " a tenth less load.",
                                "You are a little tired there, so today is lighter.")
                        .with("signal", s.reason().ruleId()))
                .findFirst();
    }

    private static boolean isSame(@Nullable SiteSignal signal) {
        return signal != null && signal.signal() == Signal.SAME;
    }

    private static boolean fell(SessionRecord before, SessionRecord now, Place place) {
        return now.plan().mainSlots().stream()
                .filter(slot -> SlotDecisions.loads(slot, place))
                .anyMatch(slot -> {
                    double then = mean(before.setsOf(slot.exerciseKey()));
                    double since = mean(now.setsOf(slot.exerciseKey()));
                    return then > 0 && since > 0 && since < then;
                });
    }

    private static double mean(List<LoggedSet> sets) {
        return sets.stream().mapToInt(LoggedSet::reps).average().orElse(0);
    }

    /** Whether something was left out of {@code plan} by an ease that is over: it is not one of {@code leftOut} any more. */
    static boolean hasEndedEase(Plan plan, Set<String> leftOut) {
        return plan.whyNot().stream()
                .filter(w -> w.reasons().stream().anyMatch(r -> r.ruleId().equals(EASE_SWAP)))
                .anyMatch(w -> !leftOut.contains(w.exerciseKey()));
    }

    /** Whether the last of {@code sessions} was the first after a break. */
    private static boolean cameBack(List<SessionRecord> sessions) {
        int last = sessions.size() - 1;
        return last > 0
                && ChronoUnit.DAYS.between(
                                sessions.get(last - 1).on(), sessions.get(last).on())
                        > WeekAllowance.BREAK_DAYS;
    }

    /** Sets -40 % on what loads the place; what hurt goes out first, with its movement, else what loads it most. */
    private static void ease(
            Catalogue catalogue,
            SiteSignal signal,
            SessionRecord session,
            boolean cutNow,
            Map<Head.Group, SetBudget> budget,
            Map<String, Reason> leftOut) {
        Optional<Slot> felt = feltIn(signal.place(), session);
        // Where nothing counts as loading it, it flared all the same: then what asks anything of it does.
        boolean none = felt.isEmpty()
                && session.plan().mainSlots().stream().noneMatch(s -> SlotDecisions.loads(s, signal.place()));
        List<Slot> loading = session.plan().mainSlots().stream()
                .filter(s -> SlotDecisions.loads(s, signal.place())
                        || felt.stream().anyMatch(s::equals)
                        || (none && s.stress().getOrDefault(signal.place().site(), 0.0) > 0))
                .sorted(java.util.Comparator.comparingDouble((Slot s) ->
                                s.stress().getOrDefault(signal.place().site(), 0.0))
                        .reversed())
                .toList();
        if (loading.isEmpty()) {
            return;
        }
        Slot worst = felt.orElse(loading.get(0));
        int sum = loading.stream().mapToInt(Slot::sets).sum();
        int cut = Math.max(1, (int) Math.floor(EASE_CUT * sum));
        String why = felt.isPresent()
                ? worst.name() + " is where it hurt at the " + signal.place().words() + " on " + session.on()
                        + ": it is swapped for two sessions, with every form of its movement. "
                : worst.name() + " loads the " + signal.place().words() + " most of what was done on " + session.on()
                        + " and is swapped for two sessions. ";
        Reason out = Reason.of(
                        EASE_SWAP,
                        Tag.HOUSE,
                        "what hurt first, with its movement; else what loads the place most; for two sessions",
                        why + signal.reason().exact(),
                        felt.isPresent()
                                ? "We leave out what hurt, for now."
                                : "We swap the one that asked most of the sore place.")
                .with("signal", signal.reason().ruleId())
                .with("session", session.on());
        leftOut.put(worst.exerciseKey(), out);
        if (felt.isPresent()) {
            String movement =
                    catalogue.find(worst.exerciseKey()).map(Exercise::alike).orElse("");
            catalogue.all().stream()
                    .filter(e -> e.alike().equals(movement))
                    .forEach(e -> leftOut.putIfAbsent(e.key(), out));
        }
        if (!cutNow) {
            return;
        }
        for (Head.Group group : Head.Group.values()) {
            int share = loading.stream()
                    .filter(slot -> slot.group() == group)
                    .mapToInt(Slot::sets)
                    .sum();
            // The cut is shared out by how many of the sets each group had; the worst exercise's group rounds up.
            int fewer = group == worst.group() ? (cut * share + sum - 1) / sum : cut * share / sum;
            int before = session.plan().mainSlots().stream()
                    .filter(slot -> slot.group() == group)
                    .mapToInt(Slot::sets)
                    .sum();
            if (fewer > 0) {
                budget.merge(
                        group,
                        easedBudget(signal, group, sum, cut, before, Math.max(1, before - fewer)),
                        (old, eased) -> eased.sets() <= old.sets() ? eased : old);
            }
        }
    }

    /** What an ease of {@code place} takes out of {@code session}: what hurt, else what loaded it most; empty where nothing did. */
    static Optional<Slot> easedOut(Place place, SessionRecord session) {
        return feltIn(place, session)
                .or(() -> session.plan().mainSlots().stream()
                        .filter(s -> s.stress().getOrDefault(place.site(), 0.0) > 0)
                        .max(java.util.Comparator.comparingDouble(
                                (Slot s) -> s.stress().getOrDefault(place.site(), 0.0))));
    }

    /** The exercise of the main work in which it hurt most at {@code place}, over what is usual there. */
    private static Optional<Slot> feltIn(Place place, SessionRecord session) {
        int usual = session.places().getOrDefault(place, PainScore.NONE).value();
        return session.sets().stream()
                .filter(s -> s.painSite() == place.site() && s.painSide() == place.side())
                .filter(s -> s.pain().value() > usual)
                .max(java.util.Comparator.comparing(LoggedSet::pain))
                .flatMap(set -> session.plan().mainSlots().stream()
                        .filter(slot -> slot.exerciseKey().equals(set.exerciseKey()))
                        .findFirst());
    }

    private static SetBudget easedBudget(SiteSignal signal, Head.Group group, int sum, int cut, int before, int after) {
        return SetBudget.cutTo(
                after,
                Reason.of(
                                "EASE-sets",
                                Tag.HOUSE,
                                "40 % of the sets that load it, rounded down, at least 1",
                                sum + " sets loaded the " + signal.place().words() + ", so " + cut
                                        + " go in all; for the " + group.where() + " " + before + " become " + after
                                        + ". " + signal.reason().exact(),
                                "Fewer sets for a while, so that it can calm down.")
                        .with("sets that loaded it", sum)
                        .with("cut in all", cut)
                        .with("signal", signal.reason().ruleId()));
    }

    private static boolean held(SessionRecord session) {
        Map<String, Slot> slots = new LinkedHashMap<>();
        session.plan().slots().forEach(s -> slots.put(s.exerciseKey(), s));
        return !session.sets().isEmpty()
                && session.sets().stream().allMatch(set -> {
                    Slot slot = slots.get(set.exerciseKey());
                    return slot != null
                            && (slot.trial() || set.reps() >= slot.reps().low())
                            && set.effort() != null
                            && set.effort().value() <= slot.targetEffort().value() + 0.5;
                });
    }
}

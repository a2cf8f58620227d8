package kinesia.core.response;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import kinesia.core.arm.Side;
import kinesia.core.dose.LoggedSet;
import kinesia.core.dose.TrainingStory;
import kinesia.core.exercise.Catalogue;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Place;
import kinesia.core.plan.Goal;
import kinesia.core.plan.PlanRequest.SetBudget;
import kinesia.core.plan.Planner;
import kinesia.core.plan.TrainingBlock;
import kinesia.core.plan.TrainingWeek;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.Limit;

/**
 * How many hard sets each muscle may have this week and at one visit (RULES 5): the target of the calendar week by training age
 * and goal, under a ceiling for any seven days, shared over the week's visits; 48 hours after its last hard sets.
 */
final class WeekAllowance {
    static final int BREAK_DAYS = 14;
    private static final int DAYS = 7;
    // Hard sets a week for each muscle to begin with [house].
    private static final int NEW = 6;
    private static final int TRAINED_BEFORE = 10;
    private static final int USUAL = 8;
    private static final double AFTER_A_BREAK = 0.75;
    // The most in any seven days, and what a good week adds [house].
    private static final int CEILING_SORE = 12;
    private static final int CEILING_CLEAR = 16;
    private static final int RISE = 1;
    private static final int RISE_CLEAR = 2;
    // Keeping what is there takes a third of the sets in one session a week [pub, holds strength].
    private static final int KEEPING = 3;
    // A visit takes at most half as much again as its even share [house].
    private static final double MOST_OF_A_SHARE = 1.5;
    private static final double MORE_BEHIND = 4.0 / 3;
    private static final int BEFORE_AN_EVENT_DAYS = 2;
    private static final double BEFORE_AN_EVENT = 0.6;
    private static final double LIGHTER_WEEK = 0.6;
    private static final int LEAST = 2;
    private static final int VERY_SORE = 6;

    private final List<SessionRecord> sessions;
    private final List<Map<Place, SiteSignal>> signals;
    private final Catalogue catalogue;
    private final TrainingWeek week;
    private final TrainingStory story;
    private final boolean sore;

    /**
     * @param signals of {@code sessions}, oldest first
     * @param story before the first of them
     * @param sore whether a place is sore
     */
    WeekAllowance(
            List<SessionRecord> sessions,
            List<Map<Place, SiteSignal>> signals,
            Catalogue catalogue,
            TrainingWeek week,
            TrainingStory story,
            boolean sore) {
        this.sessions = sessions;
        this.signals = signals;
        this.catalogue = catalogue;
        this.week = week;
        this.story = story;
        this.sore = sore;
    }

    /** The most hard sets of a muscle in any seven days. */
    static int ceiling(boolean sore) {
        return sore ? CEILING_SORE : CEILING_CLEAR;
    }

    /**
     * What a week was to have.
     *
     * @param flexors hard sets of the front of the arm
     * @param extensors hard sets of its back
     * @param most hard sets of a muscle in any seven days
     */
    record Aim(int flexors, int extensors, int most, Reason reason) {}

    /** Hard and easy sets of {@code group} in the week from {@code monday}. */
    ClientStory.Done done(Head.Group group, LocalDate monday) {
        LocalDate next = monday.plusDays(DAYS);
        return new ClientStory.Done(hardSets(group, monday, next), sets(SessionRecord::easySets, group, monday, next));
    }

    /** What the week that begins on {@code monday} was to have, told from what was known that morning. */
    Aim aim(LocalDate monday) {
        int known = (int) sessions.stream().filter(s -> s.on().isBefore(monday)).count();
        WeekAllowance then =
                new WeekAllowance(sessions.subList(0, known), signals.subList(0, known), catalogue, week, story, sore);
        Target front = then.target(Head.Group.FLEXORS, monday);
        int back = then.target(Head.Group.EXTENSORS, monday).sets();
        int most = ceiling(sore);
        return new Aim(
                front.sets(),
                back,
                most,
                Reason.of(
                                "WEEK-aim",
                                Tag.HOUSE,
                                "at most " + most + " hard sets in any seven days"
                                        + (sore ? " where a place is sore" : ""),
                                front.because() + " " + front.sets() + " hard sets for the front of the arm and " + back
                                        + " for its back in the week from " + monday + ".",
                                "We build the amount up slowly, week by week.")
                        .with("front of the arm", front.sets())
                        .with("back of the arm", back));
    }

    /** The sets of a week, and the words for where they come from. */
    private record Target(int sets, String because) {}

    Map<Head.Group, SetBudget> forVisit(LocalDate on) {
        Map<Head.Group, SetBudget> budget = new EnumMap<>(Head.Group.class);
        for (Head.Group group : Head.Group.values()) {
            budget.put(group, forVisit(group, on));
        }
        return budget;
    }

    private SetBudget forVisit(Head.Group group, LocalDate on) {
        Optional<LocalDate> last = lastHard(group, on);
        if (last.isPresent() && on.isBefore(last.get().plusDays(Planner.DAYS_BETWEEN))) {
            return SetBudget.cutTo(0, tooSoon(group, last.get(), on));
        }
        Target target = target(group, on);
        LocalDate monday = TrainingWeek.monday(on);
        int other = week.otherSets(group, monday, monday.plusDays(DAYS - 1));
        int done = hardSets(group, monday, on);
        int left = Math.max(0, target.sets() - done - other);
        int inSevenDays = hardSets(group, on.minusDays(DAYS - 1), on)
                + week.otherSets(group, on.minusDays(DAYS - 1), on.minusDays(1));
        int room = Math.max(0, ceiling(sore) - inSevenDays);
        int visits = visitsLeft(on);
        int most = Math.max(LEAST, (int) Math.floor(MOST_OF_A_SHARE * target.sets() / visitsAWeek(on)));
        int even = (left + visits - 1) / visits;
        int sets = Math.min(Math.min(even, most), room);
        LocalDate event = week.eventWithin(on, BEFORE_AN_EVENT_DAYS);
        if (event != null && sets > 0) {
            int fewer = Math.max(1, (int) Math.floor(BEFORE_AN_EVENT * sets));
            return SetBudget.cutTo(fewer, beforeEvent(event, sets, fewer));
        }
        TrainingBlock block = week.blockOn(on);
        if (block != null && block.isLighter(on) && sets > 0) {
            return lighter(group, on, block, target, room);
        }
        int easy = sets(SessionRecord::easySets, group, monday, on);
        String had = (done == 0 ? "none" : done) + " done since Monday"
                + (easy == 0 ? "" : " (" + easy + (easy == 1 ? " easy set does" : " easy sets do") + " not count)")
                + (other == 0 ? "" : ", " + other + " counted for other training");
        String now = room < Math.min(even, most)
                ? inSevenDays + " in the last seven days, and no more than " + ceiling(sore) + " in any seven: " + sets
                        + " today."
                : most < even
                        ? "at most half as much again as an even share: " + sets + " today."
                        : visits == 1
                                ? sets + " at this visit."
                                : visits + " visits left in the week: " + sets + " today.";
        return new SetBudget(
                sets,
                Reason.of(
                                "WEEK-allowance",
                                Tag.HOUSE,
                                NEW + " a week for somebody new, " + TRAINED_BEFORE
                                        + " for somebody who trained before, " + USUAL + " else; at most "
                                        + ceiling(sore) + " in any seven days",
                                target.because() + " " + target.sets() + " hard sets this week for the " + group.where()
                                        + ", " + had + "; " + now,
                                "We build the amount up slowly, week by week.")
                        .with("sets of the week", target.sets())
                        .with("done since Monday", done)
                        .with("other training", other)
                        .with("in the last seven days", inSevenDays)
                        .with("visits left this week", visits));
    }

    /** Three fifths of the week before, over the visits of the block's lighter week, which need not begin on a Monday. */
    private SetBudget lighter(Head.Group group, LocalDate on, TrainingBlock block, Target target, int room) {
        LocalDate start = block.start().plusWeeks(block.week(on) - 1L);
        LocalDate end = start.plusDays(DAYS);
        int lastWeek = hardSets(group, start.minusDays(DAYS), start);
        int full = lastWeek == 0 ? target.sets() : Math.min(target.sets(), lastWeek);
        int lighter = Math.max(1, (int) Math.floor(LIGHTER_WEEK * full));
        int been = (int) sessions.stream()
                .filter(s -> !s.on().isBefore(start) && s.on().isBefore(on))
                .count();
        int booked = (int) week.booked().stream()
                .filter(d -> !d.isBefore(on) && d.isBefore(end))
                .count();
        int visits = Math.max(1, week.booked().contains(on) ? booked : visitsAWeek(on) - been);
        int usual = (full + visits + been - 1) / (visits + been);
        int left = Math.max(0, lighter - hardSets(group, start, on) - week.otherSets(group, start, on.minusDays(1)));
        int fewer = Math.min((left + visits - 1) / visits, room);
        return SetBudget.cutTo(fewer, lighterWeek(block, lighter, usual, fewer));
    }

    /** Whether {@code on} is in the lighter week of a block, or one of the lighter days before something that is coming up. */
    boolean isLighter(LocalDate on) {
        TrainingBlock block = week.blockOn(on);
        return week.eventWithin(on, BEFORE_AN_EVENT_DAYS) != null || (block != null && block.isLighter(on));
    }

    private int visitsAWeek(LocalDate on) {
        return week.goalOn(on) == Goal.KEEP ? 1 : week.visits();
    }

    /** Whether the calendar week has had fewer visits than are usual. */
    boolean hasVisitLeft(LocalDate on) {
        return been(on) < visitsAWeek(on);
    }

    private int been(LocalDate on) {
        LocalDate monday = TrainingWeek.monday(on);
        return (int) sessions.stream()
                .filter(s -> !s.on().isBefore(monday) && s.on().isBefore(on))
                .count();
    }

    /** Visits still to come in the calendar week, this one included. */
    private int visitsLeft(LocalDate on) {
        if (week.goalOn(on) == Goal.KEEP) {
            return 1;
        }
        if (week.booked().contains(on)) {
            return week.bookedThisWeek(on);
        }
        LocalDate monday = TrainingWeek.monday(on);
        int daysLeft = DAYS - on.getDayOfWeek().getValue() + 1;
        int room = week.days().isEmpty()
                ? (daysLeft + 1) / 2
                : (int) Math.max(
                        1,
                        on.plusDays(1)
                                        .datesUntil(monday.plusDays(DAYS))
                                        .filter(week::isTheirs)
                                        .count()
                                + 1);
        return Math.max(1, Math.min(week.visits() - been(on), room));
    }

    private Target target(Head.Group group, LocalDate on) {
        Target flexors = target(on);
        if (group == Head.Group.FLEXORS || !week.goalOn(on).wantsMore()) {
            return flexors;
        }
        int more = Math.min(ceiling(sore), (int) Math.round(MORE_BEHIND * flexors.sets()));
        return new Target(more, flexors.because());
    }

    private Target target(LocalDate on) {
        int full = full(on);
        if (week.goalOn(on) == Goal.KEEP) {
            int third = Math.max(LEAST, Math.round((float) full / KEEPING));
            return new Target(third, "Keeping what is there takes a third of the sets in one visit a week:");
        }
        int begun = start(startOfStreak(on));
        String from = full > begun
                ? "After good weeks, from " + begun + " to begin with,"
                : story.isNew() && !story.trainedBefore() ? "New to training:" : "To begin with";
        return new Target(full, from);
    }

    /** The week's sets for whoever does not keep to a maintenance dose. */
    private int full(LocalDate on) {
        LocalDate streak = startOfStreak(on);
        int start = start(streak);
        int good = 0;
        int weeks = (int) (ChronoUnit.DAYS.between(streak, on) / DAYS);
        for (int w = 0; w < weeks; w++) {
            good += adds(streak.plusDays((long) w * DAYS)) ? 1 : 0;
        }
        boolean more = week.goalOn(on).wantsMore();
        int most = more ? ceiling(sore) : Math.max(start, (start + ceiling(sore) + 1) / 2);
        int rise = sore || !more ? RISE : RISE_CLEAR;
        return Math.min(most, start + good * rise);
    }

    /** What the weeks since {@code streak} began with: by training age, or three quarters of what was before a break. */
    private int start(LocalDate streak) {
        List<SessionRecord> before =
                sessions.stream().filter(s -> s.on().isBefore(streak)).toList();
        if (!before.isEmpty()) {
            LocalDate last = before.get(before.size() - 1).on();
            int was = new WeekAllowance(before, signals.subList(0, before.size()), catalogue, week, story, sore)
                    .full(last);
            return Math.max(LEAST, (int) Math.ceil(AFTER_A_BREAK * was));
        }
        int usual = story.trainedBefore() ? TRAINED_BEFORE : story.isNew() ? NEW : USUAL;
        return week.goalOn(streak) == Goal.RETURN ? (int) Math.ceil(AFTER_A_BREAK * usual) : usual;
    }

    /** The budget under limits on the sets of a week; a limit lower than what is left takes its place, with its reason. */
    void limit(Map<Head.Group, SetBudget> budget, List<Limit> limits, LocalDate on) {
        for (Limit limit : limits) {
            if (limit.kind() != Limit.Kind.SETS_A_WEEK) {
                continue;
            }
            budget.replaceAll((group, allowed) -> {
                if (limit.group() != null && limit.group() != group) {
                    return allowed;
                }
                int left = Math.max(0, (int) limit.number() - hardSets(group, on.minusDays(DAYS - 1), on));
                return left < allowed.sets() ? SetBudget.cutTo(left, limit.reason()) : allowed;
            });
        }
    }

    /** The first session since the last break of more than 14 days; the visit itself when the break ends with it. */
    private LocalDate startOfStreak(LocalDate on) {
        LocalDate start = on;
        for (int i = sessions.size() - 1; i >= 0; i--) {
            LocalDate day = sessions.get(i).on();
            if (ChronoUnit.DAYS.between(day, start) > BREAK_DAYS) {
                break;
            }
            start = day;
        }
        return start;
    }

    /** Whether the seven days from {@code from} add to what the weeks may have: keeping what is there and lighter weeks do not. */
    private boolean adds(LocalDate from) {
        TrainingBlock block = week.blockOn(from);
        return week.goalOn(from) != Goal.KEEP && (block == null || !block.isLighter(from)) && wasGood(from);
    }

    private boolean wasGood(LocalDate from) {
        boolean trained = false;
        for (int i = 0; i < sessions.size(); i++) {
            LocalDate on = sessions.get(i).on();
            if (!on.isBefore(from) && on.isBefore(from.plusDays(DAYS))) {
                trained = true;
                boolean eased = signals.get(i).values().stream()
                        .anyMatch(s -> s.signal().compareTo(Signal.EASE) >= 0);
                if (eased || (i > 0 && isVerySore(i) && isVerySore(i - 1))) {
                    return false;
                }
            }
        }
        return trained;
    }

    /** Muscle soreness of 6 or more on the morning after; twice running it stops added volume. */
    private boolean isVerySore(int session) {
        Morning morning = sessions.get(session).morning();
        return morning != null && morning.muscleSoreness() >= VERY_SORE;
    }

    /** The last day before {@code on} with hard sets of {@code group} on either arm, here or in other training. */
    private Optional<LocalDate> lastHard(Head.Group group, LocalDate on) {
        Stream<LocalDate> elsewhere = Stream.of(on.minusDays(1)).filter(d -> week.otherSets(group, d, d) > 0);
        Stream<LocalDate> here = Stream.empty();
        for (int i = sessions.size() - 1; i >= 0; i--) {
            SessionRecord session = sessions.get(i);
            if (ChronoUnit.DAYS.between(session.on(), on) >= Planner.DAYS_BETWEEN) {
                break;
            }
            if (hard(session, group).findAny().isPresent()) {
                here = Stream.of(session.on());
                break;
            }
        }
        return Stream.concat(here, elsewhere).max(LocalDate::compareTo);
    }

    private Stream<LoggedSet> hard(SessionRecord session, Head.Group group) {
        return of(group, session.hardSets());
    }

    private Stream<LoggedSet> of(Head.Group group, List<LoggedSet> sets) {
        return sets.stream()
                .filter(s -> catalogue
                        .find(s.exerciseKey())
                        .map(e -> e.group() == group && e.role().trainsTheArm())
                        .orElse(false));
    }

    /** The hard sets of the arm that did more of them: a set of both arms counts for each, one arm's own for that arm. */
    private int hardSets(Head.Group group, LocalDate from, LocalDate before) {
        return sets(SessionRecord::hardSets, group, from, before);
    }

    private int sets(
            Function<SessionRecord, List<LoggedSet>> which, Head.Group group, LocalDate from, LocalDate before) {
        int most = 0;
        for (Side arm : Side.values()) {
            most = Math.max(most, (int) sessions.stream()
                    .filter(s -> !s.on().isBefore(from) && s.on().isBefore(before))
                    .flatMap(s -> of(group, which.apply(s)))
                    .filter(s -> s.side() == null || s.side() == arm)
                    .count());
        }
        return most;
    }

    private static Reason tooSoon(Head.Group group, LocalDate last, LocalDate on) {
        return Reason.of(
                        "WEEK-48h",
                        Tag.HOUSE,
                        "48 h: one whole day between",
                        "The " + group.where() + " had hard sets on " + last + "; there is a whole day between, so "
                                + last.plusDays(Planner.DAYS_BETWEEN) + " is the next day for it.",
                        "These muscles and tendons get a day between.")
                .with("last hard sets", last)
                .with("asked for", on);
    }

    private static Reason lighterWeek(TrainingBlock block, int ofTheWeek, int usual, int fewer) {
        String week = "Week " + block.lighterWeek() + " of " + block.weeks() + " is the lighter one";
        return Reason.of(
                        "WEEK-lighter",
                        Tag.PRACTICE,
                        "a lighter week in a block: two fifths fewer sets, a tenth less load",
                        fewer == 0
                                ? week + ", and its " + ofTheWeek + (ofTheWeek == 1 ? " set is" : " sets are")
                                        + " done."
                                : week + ": " + fewer + (fewer == 1 ? " set" : " sets") + " today in place of " + usual
                                        + ".",
                        "This is the easier week: the arms get a rest.")
                .with("sets of the week", ofTheWeek)
                .with("usual today", usual);
    }

    private static Reason beforeEvent(LocalDate event, int sets, int fewer) {
        return Reason.of(
                        "WEEK-event",
                        Tag.HOUSE,
                        "two lighter days before what is coming up: two fifths fewer sets, a tenth less load",
                        "Something is coming up on " + event + ", so " + sets + " sets become " + fewer + ".",
                        "We keep you fresh for what is coming.")
                .with("event", event)
                .with("sets", sets);
    }
}

package kinesia.core.response;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import kinesia.core.arm.Side;
import kinesia.core.dose.Load;
import kinesia.core.dose.LoggedSet;
import kinesia.core.dose.Progression;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.dose.TrialSets;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Exercise.RepRange;
import kinesia.core.exercise.Place;
import kinesia.core.exercise.Role;
import kinesia.core.plan.Carryover;
import kinesia.core.plan.LimitCheck;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.Limit;

/** Decides what an exercise that was done before starts from next time: one variable at a time, with why. */
final class SlotDecisions {
    private static final double STEP_BACK = 0.9;
    private static final double BREAK_PER_WEEK = 0.1;
    private static final double BREAK_FLOOR = 0.5;
    // Down to this share the fewest repetitions stand in for a lighter load that is not here [house].
    private static final double FEWER_REPS_FROM = 0.7;
    private static final double TOO_HARD_BY = 2;
    private static final int MOST_REPS = 20;
    private static final double TINY = 1e-9;
    private static final double WELL_UP_TO = 8;
    private static final double HALF_A_POINT = 0.5;
    private static final int HURT_FROM = 4;
    private static final int CLEAN_SESSIONS = 2;
    private static final int CUFFED_FIRST_SET = 30;
    private static final double LARGEST_CUFFED_STEP = 1.5;

    private final NextVisit.Visit visit;
    private final List<SessionRecord> sessions;
    private final List<Map<Place, SiteSignal>> signals;
    private final Set<Side> arms;

    /** Decides by the places and limits of {@code arms} alone. */
    SlotDecisions(
            NextVisit.Visit visit, List<SessionRecord> sessions, List<Map<Place, SiteSignal>> signals, Set<Side> arms) {
        this.visit = visit;
        this.sessions = sessions;
        this.signals = signals;
        this.arms = arms;
    }

    /** One exercise on one day, of one arm where it is decided for one: its slot, its sets and the index of the session. */
    record Done(int session, Slot slot, List<LoggedSet> sets) {}

    /** What {@code exercise} starts from after {@code done}, oldest first, with the loads there are. */
    Carryover of(Exercise exercise, List<Done> done, ReachableLoads loads) {
        Done last = done.get(done.size() - 1);
        return unhurried(done, decide(exercise, done, loads))
                .sharing(last.slot().loadShare());
    }

    /** Nobody doubles a load that was never lifted well: where the next one is twice this one, repetitions go on [house]. */
    private Carryover unhurried(List<Done> done, Carryover decided) {
        Done last = done.get(done.size() - 1);
        Load load = last.sets().get(last.sets().size() - 1).load();
        Slot slot = last.slot();
        // What a trial may step to is the trial's own rule, but for the frail.
        boolean free = !visit.story().isFrail(visit.age()) && (slot.trial() || wasLifted(done, decided.load()));
        if (free || decided.load().kg() < Progression.DOUBLE * load.kg() - TINY || load.kg() <= 0) {
            return decided;
        }
        int most = Math.min(MOST_REPS, mostReps(slot));
        int high = Math.min(slot.reps().high() + 1, most);
        String twice = "The next load here, " + decided.load().label() + ", is twice " + load.label() + ": ";
        boolean end = high <= slot.reps().high();
        return keep(
                slot,
                new Decided(
                        load,
                        reason(
                                        "PROGRESS-unhurried",
                                        Tag.HOUSE,
                                        "nobody doubles a load that was never lifted well",
                                        twice
                                                + (end
                                                        ? load.label() + " stays, and something between the two, or"
                                                                + " another exercise, would make it harder."
                                                        : "up to " + high + " repetitions with " + load.label()
                                                                + " instead."),
                                        "The next weight would be twice as heavy, so we do a little more with this one.")
                                .with("load", load.label())
                                .with("next load", decided.load().label())),
                new RepRange(Math.min(slot.reps().low(), high), high));
    }

    private Carryover decide(Exercise exercise, List<Done> done, ReachableLoads loads) {
        Done last = done.get(done.size() - 1);
        Slot slot = last.slot();
        if (exercise.role() == Role.CARE) {
            return keep(slot, care(last), slot.reps());
        }
        Load load = last.sets().get(last.sets().size() - 1).load();
        Optional<SiteSignal> worst = worst(last.session(), slot);
        long away = ChronoUnit.DAYS.between(sessions.get(sessions.size() - 1).on(), visit.on());
        if (away > WeekAllowance.BREAK_DAYS) {
            return afterBreak(slot, load, loads, away);
        }
        if (!slot.trial() && tooHard(last)) {
            Load less = loads.below(load.kg()).orElse(load);
            return keep(
                    slot,
                    new Decided(
                            less,
                            reason(
                                            "LOAD-too-hard",
                                            Tag.HOUSE,
                                            "effort 2 above target, or under the fewest repetitions",
                                            "The last sets were harder than meant or short of "
                                                    + slot.reps().low() + " repetitions: " + load.label()
                                                    + (less.equals(load)
                                                            ? " stays, the lightest there is."
                                                            : " goes down to " + less.label() + "."),
                                            "That was a little too much, so we take a bit off.")
                                    .with("load", load.label())
                                    .with("repetitions", done(last, LoggedSet::reps))
                                    .with("efforts", done(last, SlotDecisions::said))),
                    asBefore(done, less).orElse(slot.reps()));
        }
        Optional<Eased> eased = easedLately(slot);
        if (eased.isPresent()) {
            return keep(
                    slot,
                    new Decided(
                            load,
                            reason(
                                            "EASE-hold",
                                            Tag.HOUSE,
                                            "no progress for two sessions after an ease",
                                            "The "
                                                    + eased.get()
                                                            .signal()
                                                            .place()
                                                            .words() + ", which it loads, eased on "
                                                    + eased.get().on() + ": " + load.label()
                                                    + " stays for two sessions; sets come back before load.",
                                            "We hold the weight until the sore place is calm.")
                                    .with("load", load.label())
                                    .with("eased on", eased.get().on())
                                    .with(
                                            "signal",
                                            eased.get().signal().reason().ruleId())),
                    slot.reps());
        }
        if (worst.isPresent() && worst.get().signal() == Signal.WAITING && !slot.trial()) {
            return keep(
                    slot,
                    new Decided(
                            load,
                            reason(
                                            "WAITING-hold",
                                            Tag.HOUSE,
                                            "no progress before the morning or the door has answered",
                                            load.first() + " stays. "
                                                    + worst.get().reason().exact(),
                                            worst.get().reason().plain())
                                    .with("load", load.label())
                                    .with("signal", worst.get().reason().ruleId())),
                    slot.reps());
        }
        if (worst.isPresent() && worst.get().signal() == Signal.SAME) {
            return same(last, done, load, loads, worst.get());
        }
        if (slot.trial()) {
            return keep(slot, afterTrial(done, load, loads), slot.reps());
        }
        return progress(done, load, loads);
    }

    /** Whether {@code load} was lifted well already, for the fewest repetitions of its range with two left in reserve. */
    private static boolean wasLifted(List<Done> done, Load load) {
        return done.stream()
                .anyMatch(d -> d.sets().stream()
                        .anyMatch(s -> s.load().kg() >= load.kg() - TINY
                                && s.reps() >= d.slot().usual().low()
                                && s.effort() != null
                                && s.effort().value() <= WELL_UP_TO));
    }

    /** The repetitions that went well with {@code load} when it was last lifted: a step that was too much goes back to them. */
    private static Optional<RepRange> asBefore(List<Done> done, Load load) {
        return done.stream()
                .filter(d -> !d.slot().trial() && !tooHard(d))
                .filter(d -> d.sets().stream().allMatch(s -> Math.abs(s.load().kg() - load.kg()) < TINY))
                .map(d -> d.slot().reps())
                .reduce((earlier, later) -> later);
    }

    private static Decided care(Done last) {
        Load load = last.sets().get(last.sets().size() - 1).load();
        return new Decided(
                load,
                reason(
                                "CARE-light",
                                Tag.HOUSE,
                                "effort to 4",
                                "Care work stays light: " + load.label() + ", as last time.",
                                "This one stays easy.")
                        .with("load", load.label()));
    }

    private record Decided(Load load, boolean trial, Reason reason) {
        Decided(Load load, Reason reason) {
            this(load, false, reason);
        }
    }

    private Carryover progress(List<Done> done, Load load, ReachableLoads loads) {
        Done last = done.get(done.size() - 1);
        Slot slot = last.slot();
        if (hurtLately(done)) {
            return keep(slot, hurt(load), slot.reps());
        }
        Progression.Session previous = done.size() > 1 ? session(done.get(done.size() - 2)) : null;
        Optional<Progression.Step> step = cuffed(slot)
                ? pastTheirAim(last, load, loads)
                : Progression.next(
                        previous,
                        session(last),
                        new Progression.What(
                                load,
                                slot.usual(),
                                mostReps(slot),
                                slot.tempo(),
                                !slot.hasMethodsTempo(),
                                loads,
                                isLimited(slot),
                                best(done),
                                visit.rule()));
        if (step.isPresent()) {
            Carryover on = keep(
                            slot,
                            new Decided(step.get().load(), step.get().reason()),
                            step.get().reps())
                    .lowered(step.get().lowering());
            return step.get().end() ? on.grownOut() : on;
        }
        return keep(slot, notYet(last, load), slot.reps());
    }

    private Decided notYet(Done last, Load load) {
        Slot slot = last.slot();
        if (visit.rule() == Progression.Rule.TWO_FOR_TWO) {
            return notYetTwoForTwo(last, load);
        }
        boolean unsaid = last.sets().get(last.sets().size() - 1).effort() == null;
        String why = unsaid
                ? load.first() + " stays: nobody said how hard the last set was."
                : load.first() + " stays: not yet two sessions running with all sets at "
                        + (aims(slot).isEmpty() ? String.valueOf(slot.reps().high()) : "their aims")
                        + (aims(slot).isEmpty() ? " repetitions" : "") + " and effort at or under "
                        + Numbers.plain(slot.targetEffort().value()) + ".";
        return new Decided(
                load,
                reason(
                                "PROGRESS-not-yet",
                                Tag.HOUSE,
                                "two sessions running, all sets at the top of the range at or under the target effort, both go",
                                why,
                                "Same weight; let the repetitions come up first.")
                        .with("load", load.label())
                        .with("last repetitions", done(last, LoggedSet::reps))
                        .with("last efforts", done(last, SlotDecisions::said)));
    }

    private static Decided notYetTwoForTwo(Done last, Load load) {
        int aim = last.slot().reps().high();
        return new Decided(
                load,
                reason(
                                "PROGRESS-not-yet",
                                Tag.PUB,
                                "2-for-2: two repetitions over the aim in the last set, in two sessions running, both go",
                                load.first() + " stays: not yet two sessions running with "
                                        + (aim + Progression.OVER_IN_LAST_SET)
                                        + " repetitions or more in the last set, two over the " + aim + " aimed at.",
                                "Same weight; let the repetitions come up first.")
                        .with("load", load.label())
                        .with("last repetitions", done(last, LoggedSet::reps)));
    }

    private static List<Integer> aims(Slot slot) {
        return slot.setReps();
    }

    private static boolean cuffed(Slot slot) {
        return slot.setReps().size() > 1
                && slot.loadShare() < 1
                && slot.setReps().get(0) >= CUFFED_FIRST_SET;
    }

    /** Cuffed sets move on when a later set goes past its twenty [practice]: the next load, at most half as much again. */
    private static Optional<Progression.Step> pastTheirAim(Done last, Load load, ReachableLoads loads) {
        boolean past = last.sets().stream().anyMatch(s -> s.setNumber() > 1 && s.reps() > MOST_REPS);
        return loads.above(load.kg())
                .filter(next -> past && next.kg() <= load.kg() * LARGEST_CUFFED_STEP + 1e-9)
                .map(next -> new Progression.Step(
                        next,
                        last.slot().reps(),
                        0,
                        reason(
                                        "PROGRESS-cuffed",
                                        Tag.PRACTICE,
                                        "more than 20 repetitions in a later set",
                                        "A later set went past " + MOST_REPS + " repetitions: " + load.label() + " to "
                                                + next.label() + ".",
                                        "You did more than twenty, so a little more weight.")
                                .with("from", load.label())
                                .with("to", next.label())));
    }

    /** Whether it hurt 4 or more in it, over what is usual, and two clean sessions have not passed since. */
    private boolean hurtLately(List<Done> done) {
        for (int i = done.size() - 1; i >= Math.max(0, done.size() - CLEAN_SESSIONS); i--) {
            Done one = done.get(i);
            boolean hurt = one.sets().stream()
                    .anyMatch(s ->
                            s.pain().atLeast(HURT_FROM) && s.pain().value() > usualAt(sessions.get(one.session()), s));
            if (hurt) {
                return true;
            }
        }
        return false;
    }

    private static int usualAt(SessionRecord session, LoggedSet set) {
        return session.soreSites().stream()
                .filter(p -> p.site() == set.painSite() && p.side() == set.painSide())
                .mapToInt(p -> p.usual().value())
                .max()
                .orElse(0);
    }

    private static Decided hurt(Load load) {
        return new Decided(
                load,
                reason(
                                "PROGRESS-hurt",
                                Tag.HOUSE,
                                "4 or 5 in a set holds it until two clean sessions",
                                load.first() + " stays: it hurt 4 or more in one of the last two sessions.",
                                "It has to be quiet twice before we add anything.")
                        .with("load", load.label()));
    }

    /** Whether a place that it loads is sore, or a limit protects it. */
    private boolean isLimited(Slot slot) {
        return visit.sorePlaces().stream()
                .map(p -> new Place(p.site(), p.side()))
                .anyMatch(p -> concerns(p) && loads(slot, p));
    }

    /** The most it was done with as it was meant: what a trial or a set that was too hard had is no strength to regain. */
    private static double best(List<Done> done) {
        return done.stream()
                .filter(d -> !d.slot().trial())
                .flatMap(d -> d.sets().stream()
                        .filter(s -> s.reps() >= d.slot().reps().low()
                                && s.effort() != null
                                && s.effort().value() <= d.slot().targetEffort().value() + HALF_A_POINT))
                .mapToDouble(s -> s.load().kg())
                .max()
                .orElse(0);
    }

    private Carryover same(Done last, List<Done> done, Load load, ReachableLoads loads, SiteSignal signal) {
        Slot slot = last.slot();
        boolean second = done.size() > 1
                && worst(done.get(done.size() - 2).session(), slot)
                        .filter(s -> s.signal() == Signal.SAME && s.answered())
                        .isPresent()
                && signal.answered();
        if (!second) {
            return keep(
                    slot,
                    new Decided(
                            load,
                            reason(
                                            "SAME-hold",
                                            Tag.HOUSE,
                                            "same: load stays",
                                            load.first() + " stays. "
                                                    + signal.reason().exact(),
                                            signal.reason().plain())
                                    .with("load", load.label())
                                    .with("signal", signal.reason().ruleId())),
                    slot.reps());
        }
        boolean clean = signal.cleanMorning()
                && worst(done.get(done.size() - 2).session(), slot)
                        .map(SiteSignal::cleanMorning)
                        .orElse(false);
        if (clean && slot.reps().high() < mostReps(slot)) {
            RepRange more = new RepRange(slot.reps().low(), slot.reps().high() + 1);
            return keep(
                    slot,
                    new Decided(
                            load,
                            reason(
                                            "SAME-second-clean",
                                            Tag.HOUSE,
                                            "second same running, both mornings within 1 of usual",
                                            "Second same running with clean mornings: one repetition more, up to "
                                                    + more.high() + ", with " + load.label() + ".",
                                            "One more repetition, nothing else.")
                                    .with("load", load.label())
                                    .with("signal", signal.reason().ruleId())),
                    more);
        }
        Load less = loads.atMost(load.kg() * STEP_BACK).orElse(load);
        boolean fewer = less.equals(load) && slot.sets() > 1;
        Carryover back = keep(
                slot,
                new Decided(
                        less,
                        reason(
                                        "SAME-step-back",
                                        Tag.HOUSE,
                                        "second same running: 10 % of load or one set",
                                        (less.equals(load)
                                                        ? "Second same running, and " + load.label()
                                                                + " is the lightest there is: "
                                                                + (fewer ? "one set fewer. " : "it stays. ")
                                                        : "Second same running: a step back from " + load.label()
                                                                + " to " + less.label() + ". ")
                                                + signal.reason().exact(),
                                        "We take a small step back and let it settle.")
                                .with("from", load.label())
                                .with("signal", signal.reason().ruleId())),
                slot.reps());
        return fewer ? back.atMost(slot.sets() - 1) : back;
    }

    private static Decided afterTrial(List<Done> done, Load load, ReachableLoads loads) {
        Done last = done.get(done.size() - 1);
        int tried = done.stream()
                .filter(d -> d.slot().trial())
                .mapToInt(d -> (int)
                        d.sets().stream().map(LoggedSet::setNumber).distinct().count())
                .sum();
        LoggedSet set = last.sets().get(last.sets().size() - 1);
        if (set.effort() == null) {
            return new Decided(
                    load,
                    true,
                    reason(
                                    "LOAD-trial-unsaid",
                                    Tag.HOUSE,
                                    "a said effort",
                                    "Nobody said how hard the trial set with " + load.label()
                                            + " was, so it is tried again with the same load.",
                                    "We try it once more, and you tell me how hard it feels.")
                            .with("load", load.label()));
        }
        TrialSets.Step step = TrialSets.after(load, set.reps(), set.effort(), loads);
        if (!step.found() && tried >= TrialSets.MOST) {
            // Three trial sets are enough: from here on it gets harder or easier like any other load.
            Load settled = step.load().kg() > load.kg() ? load : step.load();
            return new Decided(
                    settled,
                    reason(
                                    "LOAD-trial-over",
                                    Tag.HOUSE,
                                    "at most three trial sets",
                                    "After " + tried + " trial sets " + settled.label()
                                            + " is the load to work with; the last felt like " + said(set) + ".",
                                    "That is our weight for now.")
                            .with("load", settled.label())
                            .with("effort said", said(set)));
        }
        Load next = step.found()
                ? TrialSets.working(set, last.slot().reps().high(), last.slot().targetEffort(), loads)
                : step.load();
        return new Decided(next, !step.found(), step.reason());
    }

    private Carryover afterBreak(Slot slot, Load load, ReachableLoads loads, long away) {
        long weeks = (away - WeekAllowance.BREAK_DAYS + 6) / 7;
        double share = Math.max(BREAK_FLOOR, 1 - BREAK_PER_WEEK * weeks);
        String wanted = "Back after " + away + " days: " + Numbers.plain(100 * share, 0) + " % of " + load.label();
        Optional<Load> under = loads.atMost(load.kg() * share);
        if (under.isPresent()) {
            return keep(
                    slot,
                    returning(
                            away,
                            load,
                            under.get(),
                            wanted + " is at most " + under.get().label() + " here,"),
                    slot.reps());
        }
        boolean sore = isLimited(slot);
        if (share >= FEWER_REPS_FROM && !sore && !loads.isEmpty()) {
            int fewest = Math.min(slot.usual().low(), slot.reps().low());
            return keep(
                    slot,
                    returning(
                            away,
                            load,
                            loads.lightest(),
                            "Back after " + away + " days, and nothing is lighter here than "
                                    + loads.lightest().label() + ": " + fewest + " repetitions,"),
                    new RepRange(fewest, fewest));
        }
        // What is not here is asked for all the same: then the planner leaves the exercise out, or takes what is nearly
        // it.
        Load less = load.ofItsKind(load.kg() * share);
        return keep(
                slot,
                returning(
                        away,
                        load,
                        less,
                        wanted + " is " + less.label() + ", under the lightest here, "
                                + (loads.isEmpty() ? "none," : loads.lightest().label() + ",")),
                slot.reps());
    }

    private static Decided returning(long away, Load last, Load now, String what) {
        return new Decided(
                now,
                reason(
                                "BREAK-return",
                                Tag.PRACTICE,
                                "10 % for each started week beyond 14 days, down to half",
                                what + " and the number of sets starts again.",
                                "After the break we begin lighter and build up again.")
                        .with("days away", away)
                        .with("last load", last.label()));
    }

    private static boolean tooHard(Done last) {
        Slot slot = last.slot();
        return last.sets().stream()
                .anyMatch(s -> s.reps() < slot.reps().low()
                        || (s.effort() != null
                                && s.effort().value() >= slot.targetEffort().value() + TOO_HARD_BY));
    }

    /** An ease of a place that the exercise loads, and the day of its session. */
    private record Eased(LocalDate on, SiteSignal signal) {}

    private Optional<Eased> easedLately(Slot slot) {
        for (int i = Math.max(0, sessions.size() - 2); i < sessions.size(); i++) {
            LocalDate on = sessions.get(i).on();
            Optional<Eased> eased =
                    worst(i, slot).filter(s -> s.signal() == Signal.EASE).map(s -> new Eased(on, s));
            if (eased.isPresent()) {
                return eased;
            }
        }
        return Optional.empty();
    }

    private static String done(Done done, java.util.function.Function<LoggedSet, Object> what) {
        return done.sets().stream().map(s -> String.valueOf(what.apply(s))).collect(Collectors.joining(", "));
    }

    private static String said(LoggedSet set) {
        return set.effort() == null ? "not said" : Numbers.plain(set.effort().value());
    }

    private Progression.Session session(Done done) {
        boolean go = worst(done.session(), done.slot())
                .map(s -> s.signal() == Signal.GO)
                .orElse(true);
        Slot slot = done.slot();
        return new Progression.Session(
                done.sets(),
                done.sets().stream().allMatch(s -> s.reps() >= slot.repsIn(s.setNumber())),
                done.slot().reps(),
                done.slot().tempo().downS(),
                done.slot().targetEffort(),
                go);
    }

    private int mostReps(Slot slot) {
        return LimitCheck.dosing(
                        Limit.Kind.MOST_REPS,
                        visit.model().catalogue().get(slot.exerciseKey()),
                        slot.stress(),
                        visit.limits().stream()
                                .filter(l -> l.side() == null || arms.contains(l.side()))
                                .toList())
                .stream()
                .mapToInt(l -> (int) l.number())
                .min()
                .orElse(MOST_REPS);
    }

    /** The worst signal of that session among places that {@code slot} loads. */
    Optional<SiteSignal> worst(int session, Slot slot) {
        return signals.get(session).values().stream()
                .filter(s -> concerns(s.place()) && loads(slot, s.place()))
                .max(java.util.Comparator.comparing(SiteSignal::signal));
    }

    private boolean concerns(Place place) {
        return arms.contains(place.side());
    }

    static boolean loads(Slot slot, Place place) {
        return slot.loads(place.site());
    }

    private static Carryover keep(Slot slot, Decided decided, RepRange reps) {
        // A bridge goes on while its load does.
        boolean bridging = slot.tempo().downS() >= Progression.SLOW_LOWERING_S
                && decided.load().equals(slot.load());
        boolean ownAim = slot.stationSeconds() > 0 || !slot.setReps().isEmpty();
        return new Carryover(
                slot.exerciseKey(),
                decided.load(),
                reps,
                slot.usual(),
                ownAim,
                Carryover.ANY_SETS,
                decided.trial(),
                bridging ? slot.tempo().downS() : 0,
                false,
                1,
                decided.reason(),
                Map.of());
    }

    private static Reason reason(String id, Tag tag, String threshold, String exact, String plain) {
        return Reason.of(id, tag, threshold, exact, plain);
    }
}

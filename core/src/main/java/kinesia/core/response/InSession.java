package kinesia.core.response;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import kinesia.core.arm.Side;
import kinesia.core.dose.Load;
import kinesia.core.dose.LoggedSet;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.dose.SaidEffort;
import kinesia.core.dose.TrialCourse;
import kinesia.core.dose.TrialSets;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import org.jspecify.annotations.Nullable;

/** What the set just done says about the next one. */
public final class InSession {
    static final int PAIN_ENDS_OVER = 5;
    private static final double TOO_HARD_BY = 1.5;
    private static final double TWICE = 2;
    private static final double TINY = 1e-6;
    private static final double TOO_EASY_BY = 2;
    private static final double LARGEST_STEP = 1.10;
    private static final double SMALLEST_CUT = 0.95;
    private static final int EASY_PAIN = 2;
    private static final int MORE_REPS = 2;
    private static final int SEEN_TWICE = 2;
    // Pain that makes a new sore place (RULES 6).
    static final int EASIER_FROM = 3;
    private static final int APART_BY = 2;

    private InSession() {}

    /** What to do next. */
    public enum Next {
        AS_PLANNED,
        OTHER_LOAD,
        OTHER_REPS,
        END_EXERCISE
    }

    /**
     * The advice for the next set of the same exercise, and of the same arm where the arms take turns.
     *
     * @param leads the arm that begins the next round; null where that stays as it was
     * @param easier whether an easier way is worth looking for, because of how much or how it hurt
     * @param trial whether the next set is a trial set, whose load is sought
     * @param said what each word about the next set will say
     */
    public record Advice(
            Next next,
            Load load,
            int reps,
            Reason reason,
            @Nullable Side leads,
            boolean easier,
            boolean trial,
            List<SaidEffort> said) {
        public Advice {
            said = List.copyOf(said);
        }

        Advice(Next next, Load load, int reps, Reason reason) {
            this(next, load, reps, reason, null, false, false, List.of());
        }

        private Advice leading(Next how, int fewest, Reason why, Side arm) {
            return new Advice(how, load, fewest, why, arm, easier, trial, said);
        }

        private Advice after(LoggedSet set) {
            boolean hurt = set.pain().atLeast(EASIER_FROM) || set.painKind() != null;
            return new Advice(next, load, reps, reason, leads, hurt, trial, said);
        }

        private Advice saying(boolean isTrial, List<SaidEffort> words) {
            return new Advice(next, load, reps, reason, leads, easier, isTrial, words);
        }
    }

    /** A set that was done, with the faults of form that were seen in it. */
    public record Done(LoggedSet set, List<String> faults) {
        public Done {
            faults = List.copyOf(faults);
        }
    }

    /** {@code loads} for somebody frail, whose load is never doubled within a visit [house]. */
    public static ReachableLoads unhurried(Slot slot, Load last, ReachableLoads loads) {
        return loads.upTo(Math.max(TWICE * slot.load().kg() - TINY, last.kg()));
    }

    /** The first set of {@code slot}, of {@code arm} alone where the arms take turns, with what the room has for it. */
    public static Advice first(Slot slot, @Nullable Side arm, ReachableLoads loads) {
        Slot own = slot.of(arm);
        boolean trial = isSought(own, loads);
        int reps = trial ? TrialSets.first(own.load(), own.repsIn(1), loads) : own.repsIn(1);
        String exact = trial
                ? "A trial set of " + reps + " with " + own.load().label() + ": how hard it feels finds the load."
                : "The first set is as planned.";
        return new Advice(Next.AS_PLANNED, own.load(), reps, asPlanned(exact))
                .saying(
                        trial,
                        trial
                                ? trialWords(own, own.load(), reps, TrialCourse.of(List.of(), loads), loads)
                                : words(own));
    }

    /**
     * Advice for {@code arm}'s next set of {@code slot}, against the aim of its own sets.
     *
     * @param arm null where both arms work together
     * @param done the sets of the exercise so far, in order, at least one of them that arm's
     * @param loads what the room has for it
     */
    public static Advice next(Slot slot, @Nullable Side arm, List<Done> done, ReachableLoads loads) {
        List<Done> own = done.stream().filter(d -> d.set().side() == arm).toList();
        List<LoggedSet> sets = own.stream().map(Done::set).toList();
        LoggedSet last = sets.get(sets.size() - 1);
        Advice advice = after(slot, sets, loads);
        if (advice.next() == Next.END_EXERCISE) {
            return advice.after(last);
        }
        Advice held = form(advice, own, loads).orElse(advice);
        Advice next = arm == null ? held : apart(held, last, arm, done).orElse(held);
        return worded(next.after(last), slot.of(arm), sets, loads);
    }

    private static Advice worded(Advice advice, Slot slot, List<LoggedSet> own, ReachableLoads loads) {
        TrialCourse course = TrialCourse.of(own, loads);
        boolean trial = isSought(slot, loads) && !course.over();
        return advice.saying(
                trial, trial ? trialWords(slot, advice.load(), advice.reps(), course, loads) : words(slot));
    }

    /** Whether trial sets find the load of {@code slot}: not where it has no other, nor where its sets have aims of their own. */
    static boolean isSought(Slot slot, ReachableLoads loads) {
        boolean ownAims = slot.stationSeconds() > 0 || StepsUp.isCuffed(slot);
        return slot.trial() && !ownAims && loads.loads().size() > 1;
    }

    private static List<SaidEffort> words(Slot slot) {
        return SaidEffort.after(slot.targetEffort());
    }

    /** The words about a trial set of {@code reps} with {@code load}, after those of {@code course}. */
    private static List<SaidEffort> trialWords(
            Slot slot, Load load, int reps, TrialCourse course, ReachableLoads loads) {
        int count = course.trials().size() + 1;
        TrialSets.Aim ordinary = new TrialSets.Aim(slot.repsIn(count + 1), slot.targetEffort(), loads);
        return SaidEffort.ofTrial(effort -> {
            List<TrialSets.Tried> tried = course.tried();
            tried.add(new TrialSets.Tried(load, reps, effort));
            TrialSets.Step step = TrialSets.next(tried, count, ordinary);
            return new SaidEffort.Then(step.load(), step.reps());
        });
    }

    /** A fault seen twice: the same load, slower; seen again, a lighter one. Nothing is raised on it. */
    private static Optional<Advice> form(Advice advice, List<Done> own, ReachableLoads loads) {
        Done last = own.get(own.size() - 1);
        for (String fault : last.faults()) {
            long seen = own.stream().filter(d -> d.faults().contains(fault)).count();
            if (seen < SEEN_TWICE) {
                continue;
            }
            Load same = advice.load().kg() < last.set().load().kg()
                    ? advice.load()
                    : last.set().load();
            Optional<Load> less = seen == SEEN_TWICE
                    ? Optional.empty()
                    : loads.below(last.set().load().kg());
            Load load = less.orElse(same);
            int reps = Math.min(advice.reps(), last.set().reps());
            return Optional.of(new Advice(
                    load.equals(last.set().load()) ? Next.OTHER_REPS : Next.OTHER_LOAD,
                    load,
                    reps,
                    Reason.of(
                                    "FLOOR-form",
                                    Tag.HOUSE,
                                    "the same fault twice",
                                    "Seen " + (seen == SEEN_TWICE ? "twice" : seen + " times") + ": "
                                            + fault.toLowerCase(Locale.ROOT) + ". "
                                            + (less.isPresent()
                                                    ? "Next set with " + load.label() + "."
                                                    : load.first() + " stays; slower, and no more than " + reps
                                                            + " repetitions."),
                                    "Let us do the next one slower, so that it looks good again.")
                            .with("fault", fault)
                            .with("seen", (int) seen)));
        }
        return Optional.empty();
    }

    /** Arms that differ by two repetitions in a round: the weaker one begins the next and sets the count. */
    private static Optional<Advice> apart(Advice advice, LoggedSet last, Side arm, List<Done> done) {
        return done.stream()
                .map(Done::set)
                .filter(s -> s.side() == arm.other() && s.setNumber() == last.setNumber())
                .filter(s -> s.load().equals(last.load())) // an arm with a load of its own has a number of its own
                .filter(s -> Math.abs(s.reps() - last.reps()) >= APART_BY)
                .findFirst()
                .map(other -> {
                    boolean otherIsWeaker = other.reps() < last.reps();
                    Side weaker = otherIsWeaker ? arm.other() : arm;
                    int fewest = Math.min(other.reps(), last.reps());
                    return advice.leading(
                            advice.next() == Next.AS_PLANNED ? Next.OTHER_REPS : advice.next(),
                            Math.min(advice.reps(), fewest),
                            Reason.of(
                                            "FLOOR-arms-differ",
                                            Tag.HOUSE,
                                            "arms that differ by 2 repetitions or more",
                                            "The " + weaker.word() + " arm did " + fewest + ", the other "
                                                    + Math.max(other.reps(), last.reps()) + ": the " + weaker.word()
                                                    + " one begins, and both stop at " + fewest + ".",
                                            "The weaker arm sets the number today.")
                                    .with("fewest", fewest),
                            weaker);
                });
    }

    /** Advice after {@code own}, the sets of {@code slot} so far of one arm or of both together, with the loads the room has for it. */
    public static Advice after(Slot slot, List<LoggedSet> own, ReachableLoads loads) {
        LoggedSet set = own.get(own.size() - 1);
        int planned = slot.of(set.side()).repsIn(set.setNumber() + 1);
        if (set.pain().value() > PAIN_ENDS_OVER) {
            return new Advice(
                    Next.END_EXERCISE,
                    set.load(),
                    0,
                    Reason.of(
                                    "FLOOR-pain-ends",
                                    Tag.PUB,
                                    "over 5",
                                    "Pain of " + set.pain().value() + " is over 5: this exercise ends here.",
                                    "We leave this one for today.")
                            .with("pain", set.pain().value()));
        }
        if (set.painKind() != null) {
            return new Advice(
                    Next.END_EXERCISE,
                    set.load(),
                    0,
                    Reason.of(
                                    "FLOOR-pain-kind",
                                    Tag.HOUSE,
                                    "sharp, catching, giving way or tingling, whatever the number",
                                    "Of " + set.painKind().words() + " nothing more is asked: this exercise ends here.",
                                    "We leave this one for today.")
                            .with("kind", set.painKind().words()));
        }
        TrialCourse course = TrialCourse.of(own, loads);
        boolean tried = isSought(slot, loads) && course.worked().isEmpty();
        boolean again = tried && !course.over();
        int aim = again ? TrialSets.first(set.load(), planned, loads) : planned;
        if (set.effort() == null) {
            return asPlanned(
                    set,
                    aim,
                    again
                            ? "Nobody said how hard the trial set was: the same load again, and ask."
                            : "No effort was said: the next set stays as planned.");
        }
        double effort = set.effort().value();
        double target = slot.of(set.side()).targetEffort().value();
        if (tried && set.pain().value() <= EASY_PAIN) {
            TrialSets.Aim ordinary =
                    new TrialSets.Aim(planned, slot.of(set.side()).targetEffort(), loads);
            return trial(TrialSets.next(course.tried(), course.trials().size(), ordinary), set.load());
        }
        if (effort >= target + TOO_HARD_BY) {
            Optional<Load> less = loads.below(set.load().kg());
            Reason reason = Reason.of(
                            "FLOOR-too-hard",
                            Tag.HOUSE,
                            "effort 1.5 above target",
                            "Effort " + Numbers.plain(effort) + " against a target of " + Numbers.plain(target) + ": "
                                    + less.filter(l -> l.kg() >= set.load().kg() * (2 * SMALLEST_CUT - 1))
                                            .map(l -> "next set with " + l.label() + ".")
                                            .orElse("two repetitions fewer, the next lighter load is too far down."),
                            "That was harder than meant; the next one is easier.")
                    .with("effort", effort)
                    .with("target", target);
            return less.filter(l -> l.kg() >= set.load().kg() * (2 * SMALLEST_CUT - 1))
                    .map(l -> new Advice(Next.OTHER_LOAD, l, aim, reason))
                    .orElseGet(
                            () -> new Advice(Next.OTHER_REPS, set.load(), Math.max(1, set.reps() - MORE_REPS), reason));
        }
        if (effort <= target - TOO_EASY_BY && set.pain().value() <= EASY_PAIN) {
            Optional<Load> more = loads.above(set.load().kg())
                    .filter(l -> l.kg() <= set.load().kg() * LARGEST_STEP + 1e-9);
            Reason reason = Reason.of(
                            "FLOOR-too-easy",
                            Tag.HOUSE,
                            "effort 2 below target and pain up to 2",
                            "Effort " + Numbers.plain(effort) + " against a target of " + Numbers.plain(target) + ": "
                                    + more.map(l -> "next set with " + l.label() + ".")
                                            .orElse("one or two repetitions more, the next load is over 10 % away."),
                            "That was easy; the next one may be a little more.")
                    .with("effort", effort)
                    .with("target", target);
            return more.map(l -> new Advice(Next.OTHER_LOAD, l, aim, reason))
                    .orElseGet(() -> new Advice(Next.OTHER_REPS, set.load(), aim + MORE_REPS, reason));
        }
        return asPlanned(
                set,
                aim,
                "Effort " + Numbers.plain(effort) + " is near the target of " + Numbers.plain(target)
                        + ": the next set stays as planned.");
    }

    private static Advice trial(TrialSets.Step step, Load tried) {
        boolean other = step.load().kg() != tried.kg();
        return new Advice(
                other ? Next.OTHER_LOAD : step.found() ? Next.AS_PLANNED : Next.OTHER_REPS,
                step.load(),
                step.reps(),
                step.reason());
    }

    private static Advice asPlanned(LoggedSet set, int aim, String exact) {
        return new Advice(Next.AS_PLANNED, set.load(), aim, asPlanned(exact));
    }

    private static Reason asPlanned(String exact) {
        return Reason.of("FLOOR-as-planned", Tag.HOUSE, "effort within 2 of target", exact, "Good; the same again.");
    }
}

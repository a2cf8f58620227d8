package kinesia.core.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import kinesia.core.arm.Side;
import kinesia.core.dose.Equipment;
import kinesia.core.dose.LoggedSet;
import kinesia.core.dose.Person;
import kinesia.core.dose.RestAndTime.Rest;
import kinesia.core.dose.TrainingStory;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Place;
import kinesia.core.exercise.Site;
import kinesia.core.exercise.Traits;
import kinesia.core.reason.InvalidValue;
import kinesia.core.reason.Reason;
import kinesia.core.screening.Limit;
import org.jspecify.annotations.Nullable;

/**
 * Everything a session is composed from.
 *
 * @param visitOn day of the session
 * @param minutes time there is, 8 to 120
 * @param known what is known of what the client can do
 * @param carryovers what earlier sessions decided, by exercise
 * @param inBlock exercises of the block: with their sets what stays from the session before, with none what was in others
 * @param leftOut exercises that a response took out, with why
 * @param budget hard sets for each group at this visit
 * @param lastHardOn the last day with hard sets; null when there was none
 * @param stiffOrBack a stiff morning or the first session back
 * @param method the way of working; {@link Methods#open()} when none is picked
 * @param wishes what the trainer fixed by hand
 * @param stressBudgets what sore places may take at this visit
 * @param lighter a lighter week: less load, the budget is already smaller
 * @param returning one of the first two sessions after a break: a point less effort
 * @param own exercises that the room made itself, for this body; they stand beside the catalogue's
 * @param learned what the client's joints taught so far
 */
public record PlanRequest(
        Body body,
        int age,
        LocalDate visitOn,
        int minutes,
        Equipment equipment,
        List<Limit> limits,
        List<SoreSite> soreSites,
        Set<String> dislikes,
        Known known,
        Map<String, Carryover> carryovers,
        Map<String, Integer> inBlock,
        Map<String, Reason> leftOut,
        Map<Head.Group, SetBudget> budget,
        Rest rest,
        Door door,
        @Nullable LocalDate lastHardOn,
        boolean stiffOrBack,
        Method method,
        Wishes wishes,
        List<StressBudget> stressBudgets,
        boolean lighter,
        boolean returning,
        List<Exercise> own,
        Learned learned) {
    /** The shortest and longest visit that can be planned, minutes. */
    public static final int SHORTEST_MINUTES = 8;

    public static final int LONGEST_MINUTES = 120;

    public PlanRequest {
        InvalidValue.requireWithin("minutes", minutes, SHORTEST_MINUTES, LONGEST_MINUTES, "minutes");
        InvalidValue.requireWithin("age", age, 18, 110, "years");
        limits = List.copyOf(limits);
        soreSites = List.copyOf(soreSites);
        dislikes = Set.copyOf(dislikes);
        carryovers = Map.copyOf(carryovers);
        inBlock = Map.copyOf(inBlock);
        leftOut = Map.copyOf(leftOut);
        budget = Map.copyOf(budget);
        stressBudgets = List.copyOf(stressBudgets);
        own = List.copyOf(own);
    }

    /** A request without method, wishes and stress budgets. */
    public PlanRequest(
            Body body,
            int age,
            LocalDate visitOn,
            int minutes,
            Equipment equipment,
            List<Limit> limits,
            List<SoreSite> soreSites,
            Set<String> dislikes,
            Known known,
            Map<String, Carryover> carryovers,
            Map<String, Integer> inBlock,
            Map<String, Reason> leftOut,
            Map<Head.Group, SetBudget> budget,
            Rest rest,
            Door door,
            @Nullable LocalDate lastHardOn,
            boolean stiffOrBack) {
        this(
                body,
                age,
                visitOn,
                minutes,
                equipment,
                limits,
                soreSites,
                dislikes,
                known,
                carryovers,
                inBlock,
                leftOut,
                budget,
                rest,
                door,
                lastHardOn,
                stiffOrBack,
                Methods.open(),
                Wishes.NONE,
                List.of(),
                false,
                false,
                List.of(),
                Learned.NONE);
    }

    /** The same client on another day of a block. */
    PlanRequest on(
            LocalDate day,
            Map<Head.Group, SetBudget> sets,
            Map<String, Integer> before,
            @Nullable LocalDate hard,
            boolean lighterWeek) {
        return with(c -> {
            c.visitOn = day;
            c.budget = sets;
            c.inBlock = before;
            c.lastHardOn = hard;
            c.lighter = lighterWeek;
        });
    }

    /** The same visit with other exercises left out. */
    PlanRequest leavingOut(Map<String, Reason> other) {
        return with(c -> c.leftOut = other);
    }

    /** The same visit worked by {@code other}. */
    public PlanRequest by(Method other) {
        return with(c -> c.method = other);
    }

    /** The same visit with what the trainer fixed by hand. */
    public PlanRequest wishing(Wishes other) {
        return with(c -> c.wishes = other);
    }

    /** The same visit with what sore places may take. */
    public PlanRequest within(List<StressBudget> budgets) {
        return with(c -> c.stressBudgets = budgets);
    }

    /** The same visit in a room that made {@code exercises} itself. */
    public PlanRequest withOwn(List<Exercise> exercises) {
        return with(c -> c.own = exercises);
    }

    /** The same visit where there is other equipment. */
    PlanRequest at(Equipment other) {
        return with(c -> c.equipment = other);
    }

    /** The same visit where other places are sore and limited. */
    public PlanRequest sore(List<SoreSite> sites, List<Limit> under) {
        return with(c -> {
            c.soreSites = sites;
            c.limits = under;
        });
    }

    /** What {@code arm} starts from in an exercise; null asks for the exercise as a whole. Null where it was never done. */
    @Nullable
    Carryover carried(String exerciseKey, @Nullable Side arm) {
        Carryover carried = carryovers.get(exerciseKey);
        return carried == null ? null : carried.of(arm);
    }

    /** The same visit lasting {@code other} minutes. */
    PlanRequest lasting(int other) {
        return with(c -> c.minutes = other);
    }

    private PlanRequest with(Consumer<Copy> change) {
        Copy copy = new Copy();
        change.accept(copy);
        return copy.made();
    }

    /** This request while one thing of it is changed. */
    private final class Copy {
        private LocalDate visitOn = PlanRequest.this.visitOn;
        private int minutes = PlanRequest.this.minutes;
        private Equipment equipment = PlanRequest.this.equipment;
        private List<Limit> limits = PlanRequest.this.limits;
        private List<SoreSite> soreSites = PlanRequest.this.soreSites;
        private Map<String, Integer> inBlock = PlanRequest.this.inBlock;
        private Map<String, Reason> leftOut = PlanRequest.this.leftOut;
        private Map<Head.Group, SetBudget> budget = PlanRequest.this.budget;
        private @Nullable LocalDate lastHardOn = PlanRequest.this.lastHardOn;
        private Method method = PlanRequest.this.method;
        private Wishes wishes = PlanRequest.this.wishes;
        private List<StressBudget> stressBudgets = PlanRequest.this.stressBudgets;
        private boolean lighter = PlanRequest.this.lighter;
        private List<Exercise> own = PlanRequest.this.own;

        private PlanRequest made() {
            return new PlanRequest(
                    body,
                    age,
                    visitOn,
                    minutes,
                    equipment,
                    limits,
                    soreSites,
                    dislikes,
                    known,
                    carryovers,
                    inBlock,
                    leftOut,
                    budget,
                    rest,
                    door,
                    lastHardOn,
                    stiffOrBack,
                    method,
                    wishes,
                    stressBudgets,
                    lighter,
                    returning,
                    own,
                    learned);
        }
    }

    /**
     * What is known of what a client can do.
     *
     * @param story what the intake asked of earlier training
     * @param sets all logged sets, oldest first
     * @param on the day it is known on: the visits of a block are all planned with what is known at its start
     */
    public record Known(TrainingStory story, List<LoggedSet> sets, LocalDate on) {
        public Known {
            sets = List.copyOf(sets);
        }
    }

    /** Who is planned for, as far as strength is read from it. */
    public Person person() {
        return new Person(body, age, known.story(), SoreSite.moderateArms(soreSites));
    }

    /**
     * Why {@code exercise} may not come in beside a place that eased: it asks too much there, or loads it and was never done. Whichever
     * arm works: nothing strange begins on the quiet arm while the other one is sore.
     */
    Optional<Reason> againstComingIn(Exercise exercise, Map<Site, Double> stress) {
        String key = exercise.key();
        boolean firstRung = exercise.traits().rung() == Traits.Rung.WALL;
        for (StressBudget budget : stressBudgets) {
            Incoming incoming = budget.incoming();
            if (incoming == null
                    || incoming.stays().contains(key)
                    || wishes.pinned().contains(key)) {
                continue;
            }
            double asks = stress.getOrDefault(budget.site(), 0.0) * learned.factor(key, budget.place());
            boolean unknown =
                    asks >= LimitCheck.LOADS_SITE_FROM && !incoming.known().contains(key) && !firstRung;
            if (asks > incoming.most() || unknown) {
                return Optional.of(incoming.reason());
            }
        }
        return Optional.empty();
    }

    boolean newToTraining() {
        return known.story().isNew();
    }

    /** Hard sets of {@code group} at this visit. */
    public int setsFor(Head.Group group) {
        SetBudget sets = budget.get(group);
        return sets == null ? 0 : sets.sets();
    }

    /**
     * What the trainer fixed by hand.
     *
     * @param pinned exercises that must be in it
     * @param banned exercises that must not
     */
    public record Wishes(Set<String> pinned, Set<String> banned) {
        public static final Wishes NONE = new Wishes(Set.of(), Set.of());

        public Wishes {
            pinned = Set.copyOf(pinned);
            banned = Set.copyOf(banned);
        }
    }

    /**
     * The most stress (repetitions times relative stress) a place may take at this visit, and why.
     *
     * @param incoming what may come in that loads it; null where nothing is against that
     */
    public record StressBudget(
            Site site,
            Side side,
            double most,
            Reason reason,
            @Nullable Incoming incoming) {
        public StressBudget(Site site, Side side, double most, Reason reason) {
            this(site, side, most, reason, null);
        }

        /** The same with what may come in. */
        public StressBudget with(@Nullable Incoming other) {
            return new StressBudget(site, side, most, reason, other);
        }

        public Place place() {
            return new Place(site, side);
        }
    }

    /**
     * What may come in at a place that eased.
     *
     * @param most the largest stress there, relative to the site's reference
     * @param stays exercises that are there already, which this says nothing of
     * @param known exercises that were done well; others come in only where they hardly load it
     */
    public record Incoming(double most, Set<String> stays, Set<String> known, Reason reason) {
        public Incoming {
            stays = Set.copyOf(stays);
            known = Set.copyOf(known);
        }
    }

    /** The most hard sets of one group at one visit, and why. */
    public record SetBudget(int sets, boolean cut, Reason reason) {
        /** What the week allows. */
        public SetBudget(int sets, Reason reason) {
            this(sets, false, reason);
        }

        /** Fewer than the week allows, because of a response or a limit. */
        public static SetBudget cutTo(int sets, Reason reason) {
            return new SetBudget(sets, true, reason);
        }
    }
}

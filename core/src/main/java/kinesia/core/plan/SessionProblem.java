package kinesia.core.plan;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import kinesia.core.exercise.Head;

/**
 * One session as numbers: which exercises, with how many rounds each, are worth most? What the composer solves and what a
 * general solver can be given to check it.
 *
 * @param availableS seconds for the work, the rest after the last round included
 * @param setBudget hard sets for each group, in the order of {@link Head.Group}
 * @param stressBudget stress for each place that has a budget, in the order of {@link Option#stress}
 * @param mostOverhead exercises with the arm overhead
 * @param mostOnFloor sections that go down to the floor
 * @param everyHead each head that some option serves well is served
 */
// Numbers of an innermost loop, never compared or stored: arrays by the place of a head or a site.
@SuppressWarnings({"ArrayRecordComponent", "EnumOrdinal"})
record SessionProblem(
        List<Section> sections,
        double availableS,
        int[] setBudget,
        double[] stressBudget,
        int mostOverhead,
        int mostOnFloor,
        boolean everyHead) {
    private static final Head[] ALL_HEADS = Head.values();
    static final int HEADS = ALL_HEADS.length;
    /** The most rounds a section may have. */
    static final int MOST_ROUNDS = 4;

    // Value of a head's stimulus up to two thirds of the group's budget, then half of that, then nearly nothing
    // [house].
    private static final double FULL_VALUE_SHARE = 0.67;
    static final double REDUCED_VALUE = 0.5;
    static final double SPARE_VALUE = 0.05;

    // A third and fourth set of one exercise gives a little less than another exercise would [house].
    private static final double COST_OF_THE_SAME = 0.2;
    private static final int ROUNDS_BEFORE_SAME = 2;

    /** What round number {@code round} of one exercise gives less than the first. */
    static double costOfTheSame(int round) {
        return round > ROUNDS_BEFORE_SAME ? COST_OF_THE_SAME : 0;
    }

    /** Where an exercise is done. What is free can be brought to any place but the floor. */
    enum Where {
        FREE,
        BENCH,
        CABLE,
        ANCHOR,
        FLOOR
    }

    /**
     * An exercise in a section.
     *
     * @param key breaks ties
     * @param family no two chosen options of one family
     * @param given to each head by one round
     * @param seconds of one round, with its part of change-over and rest
     * @param counts hard sets of each group in one round
     * @param cost of one round
     * @param costOfOneRound of setting up for a single round
     * @param bonus for being chosen at all
     * @param habit for having been in the block, beside it
     * @param usualRounds rounds with a bonus of their own, 0 for none
     * @param serves heads it is an exercise for
     */
    record Option(
            String key,
            String family,
            double[] given,
            double seconds,
            double setUpS,
            int[] counts,
            double cost,
            double costOfOneRound,
            double[] stress,
            Where where,
            boolean overhead,
            int mostRounds,
            double bonus,
            double habit,
            int usualRounds,
            double usualBonus,
            boolean pinned,
            boolean[] serves) {
        double fixedValue(int rounds) {
            return worthOf(rounds) + habit + (rounds == usualRounds ? usualBonus : 0);
        }

        /** The same but for what habit gives. */
        private double worthOf(int rounds) {
            return bonus
                    - cost * rounds
                    - COST_OF_THE_SAME * Math.max(0, rounds - ROUNDS_BEFORE_SAME)
                    - (rounds == 1 ? costOfOneRound : 0);
        }

        private Option with(int rounds, double forOneRound, boolean alwaysIn) {
            return new Option(
                    key,
                    family,
                    given,
                    seconds,
                    setUpS,
                    counts,
                    cost,
                    forOneRound,
                    stress,
                    where,
                    overhead,
                    rounds,
                    bonus,
                    habit,
                    usualRounds,
                    usualBonus,
                    alwaysIn,
                    serves);
        }

        /** The same in a session of what was in the block: {@code keys} are in it, be it for a single round. */
        private Option staying(Set<String> keys, Set<String> welcome) {
            return keys.contains(key)
                    ? with(mostRounds, 0, true)
                    : habit > 0 || pinned || welcome.contains(key) ? this : with(0, costOfOneRound, false);
        }

        double time(int rounds) {
            return seconds * rounds + setUpS;
        }

        /** Whether a session with {@code other} stays possible and loses nothing with this in its place. */
        boolean standsInFor(Option other) {
            boolean stands = family.equals(other.family)
                    && !other.pinned
                    && other.usualBonus == 0
                    && bonus + habit >= other.bonus + other.habit
                    && cost <= other.cost
                    && costOfOneRound <= other.costOfOneRound
                    && seconds <= other.seconds
                    && setUpS <= other.setUpS
                    && counts[0] <= other.counts[0]
                    && counts[1] <= other.counts[1]
                    && mostRounds >= other.mostRounds
                    && (!overhead || other.overhead)
                    && (where == other.where || (where == Where.FREE && other.where != Where.FLOOR));
            for (int h = 0; stands && h < HEADS; h++) {
                stands = given[h] >= other.given[h] && (serves[h] || !other.serves[h]);
            }
            for (int i = 0; stands && i < stress.length; i++) {
                stands = stress[i] <= other.stress[i];
            }
            return stands;
        }
    }

    /** Options of one kind. {@code column} is the place in a pair or block that they fill. */
    record Pick(int column, int fewest, int most, List<Option> options) {
        /** The same of what was in the block, where anything of it was. */
        private Pick without(Set<String> keys) {
            return new Pick(
                    column,
                    fewest,
                    most,
                    options.stream()
                            .map(o -> keys.contains(o.key()) ? o.with(0, o.costOfOneRound(), false) : o)
                            .toList());
        }

        private Pick staying(Set<String> keys, Set<String> welcome) {
            return options.stream().anyMatch(o -> o.habit() > 0)
                    ? new Pick(
                            column,
                            fewest,
                            most,
                            options.stream().map(o -> o.staying(keys, welcome)).toList())
                    : this;
        }
    }

    /** Picks worked in one way; {@code roundS} is what each round of a circuit takes beside its stations. */
    record Section(Method.Layout layout, int fewestRounds, int mostRounds, double roundS, List<Pick> picks) {
        int columns() {
            return layout == Method.Layout.BLOCKS ? 3 : 2;
        }
    }

    /** An option that was chosen, by section, pick and position. */
    record Chosen(int section, int pick, int option, int rounds) {}

    /** A session and what it is worth. */
    record Solution(List<Chosen> chosen, double value, double seconds) {}

    Option option(Chosen chosen) {
        return sections.get(chosen.section())
                .picks()
                .get(chosen.pick())
                .options()
                .get(chosen.option());
    }

    /** The stimulus of {@code head} that counts in full. */
    double fullUpTo(int head) {
        return FULL_VALUE_SHARE * budgetOf(head);
    }

    /** The stimulus of {@code head} from which on more counts next to nothing. */
    double countsUpTo(int head) {
        return budgetOf(head);
    }

    private int budgetOf(int head) {
        return setBudget[ALL_HEADS[head].group() == Head.Group.FLEXORS ? 0 : 1];
    }

    /** The diminishing value of {@code given} to {@code head}. */
    double value(int head, double given) {
        double full = fullUpTo(head);
        double most = countsUpTo(head);
        double first = Math.min(given, full);
        double second = Math.min(Math.max(0, given - full), most - full);
        double spare = Math.max(0, given - most);
        return first + REDUCED_VALUE * second + SPARE_VALUE * spare;
    }

    /**
     * The same problem of what was in the block: {@code keys} have to be chosen, and of what was not in it nothing can be but
     * {@code welcome}.
     */
    SessionProblem staying(Set<String> keys, Set<String> welcome) {
        return withPicks(p -> p.staying(keys, welcome));
    }

    /** The same problem in which none of {@code keys} can be chosen. */
    SessionProblem without(Set<String> keys) {
        return withPicks(p -> p.without(keys));
    }

    private SessionProblem withPicks(UnaryOperator<Pick> changed) {
        return new SessionProblem(
                sections.stream()
                        .map(s -> new Section(
                                s.layout(),
                                s.fewestRounds(),
                                s.mostRounds(),
                                s.roundS(),
                                s.picks().stream().map(changed).toList()))
                        .toList(),
                availableS,
                setBudget,
                stressBudget,
                mostOverhead,
                mostOnFloor,
                everyHead);
    }

    /** The same problem with at most {@code sets} hard sets of each group. */
    SessionProblem within(int[] sets) {
        return new SessionProblem(
                sections,
                availableS,
                new int[] {Math.min(setBudget[0], sets[0]), Math.min(setBudget[1], sets[1])},
                stressBudget,
                mostOverhead,
                mostOnFloor,
                everyHead);
    }

    /** Hard sets of each group that {@code chosen} has. */
    int[] sets(List<Chosen> chosen) {
        int[] sets = new int[2];
        for (Chosen c : chosen) {
            int[] counts = option(c).counts();
            sets[0] += c.rounds() * counts[0];
            sets[1] += c.rounds() * counts[1];
        }
        return sets;
    }

    /** What {@code chosen} is worth, whether it keeps the bounds or not. */
    double value(List<Chosen> chosen) {
        double value = worth(chosen);
        for (Chosen c : chosen) {
            Option option = option(c);
            value += option.fixedValue(c.rounds()) - option.worthOf(c.rounds());
        }
        return value;
    }

    /** The same but for what habit gives. */
    double worth(List<Chosen> chosen) {
        double[] given = new double[HEADS];
        double value = 0;
        for (Chosen c : chosen) {
            Option option = option(c);
            value += option.worthOf(c.rounds());
            for (int h = 0; h < HEADS; h++) {
                given[h] += c.rounds() * option.given()[h];
            }
        }
        for (int h = 0; h < HEADS; h++) {
            value += given[h] == 0 ? 0 : value(h, given[h]);
        }
        return value;
    }

    /** Seconds that {@code chosen} takes, the last rest included. */
    double seconds(List<Chosen> chosen) {
        double seconds = 0;
        int[] circuit = new int[sections.size()];
        for (Chosen c : chosen) {
            seconds += option(c).time(c.rounds());
            circuit[c.section()] = c.rounds();
        }
        for (int s = 0; s < circuit.length; s++) {
            boolean goesRound = sections.get(s).layout() == Method.Layout.CIRCUIT;
            seconds += goesRound ? circuit[s] * sections.get(s).roundS() : 0;
        }
        return seconds;
    }

    /** {@code chosen} as a solution, whether it keeps the bounds or not. */
    Solution solution(List<Chosen> chosen) {
        return new Solution(chosen, value(chosen), seconds(chosen));
    }

    /** A bound of a session, as {@link #broken} names it. */
    enum Bound {
        TIME,
        SETS,
        STRESS,
        SAME_MOVEMENT,
        OVERHEAD,
        FLOOR,
        PARTNERS
    }

    /** The first bound that {@code chosen} breaks; empty when it keeps all of them. Counts of picks are not looked at. */
    Optional<Bound> broken(List<Chosen> chosen) {
        Set<String> families = new HashSet<>();
        double[] stress = new double[stressBudget.length];
        int[] sets = sets(chosen);
        int overhead = 0;
        Set<Integer> floor = new HashSet<>();
        for (Chosen c : chosen) {
            Option option = option(c);
            if (!families.add(option.family())) {
                return Optional.of(Bound.SAME_MOVEMENT);
            }
            for (int i = 0; i < stress.length; i++) {
                stress[i] += c.rounds() * option.stress()[i];
            }
            overhead += option.overhead() ? 1 : 0;
            if (option.where() == Where.FLOOR) {
                floor.add(c.section());
            }
        }
        for (int i = 0; i < stress.length; i++) {
            if (stress[i] > stressBudget[i] + 1e-6) {
                return Optional.of(Bound.STRESS);
            }
        }
        if (sets[0] > setBudget[0] || sets[1] > setBudget[1]) {
            return Optional.of(Bound.SETS);
        }
        if (seconds(chosen) > availableS + 1e-6) {
            return Optional.of(Bound.TIME);
        }
        if (overhead > mostOverhead) {
            return Optional.of(Bound.OVERHEAD);
        }
        if (floor.size() > mostOnFloor) {
            return Optional.of(Bound.FLOOR);
        }
        return partnered(chosen) ? Optional.empty() : Optional.of(Bound.PARTNERS);
    }

    private boolean partnered(List<Chosen> chosen) {
        for (int s = 0; s < sections.size(); s++) {
            Section section = sections.get(s);
            Needs needs = Needs.NONE;
            for (Chosen c : chosen) {
                if (c.section() == s && section.layout().linksItsPicks()) {
                    int column = section.picks().get(c.pick()).column();
                    needs = needs.and(Needs.ofOne(column, c.rounds(), option(c).where()));
                }
            }
            if (!needs.partnered(section.layout())) {
                return false;
            }
        }
        return true;
    }
}

package kinesia.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.IntStream;
import kinesia.core.plan.SessionProblem.Option;
import kinesia.core.plan.SessionProblem.Pick;
import kinesia.core.plan.SessionProblem.Where;

/** Picks of a session that only count together: they share a muscle head or a movement. Enumerates what may be chosen. */
final class SessionPart {
    private static final double SAME = Composer.SAME;
    private static final int MOST_CHOSEN = 32;

    private final SessionProblem problem;
    private final int[] circuitRounds;
    private final int linked;
    private final double available;
    private final List<Place> places;
    private final Map<String, Integer> families = new HashMap<>();
    private final boolean[] canServe = new boolean[SessionProblem.HEADS];
    private final int[] heads;
    private final double fastestRound;
    private final int pins;
    private final Works works;

    private final List<List<Integer>> worthTrying = new ArrayList<>();

    // What is sought.
    private double price;
    private PartReach reach;
    private double threshold = Double.NEGATIVE_INFINITY;
    private PartChoice.Kept kept = new PartChoice.Kept();
    private boolean onlyMost;
    private double most = Double.NEGATIVE_INFINITY;
    private double valueOfMost = Double.NEGATIVE_INFINITY;
    private double secondsOfMost;

    // The choice being built.
    private final double[] given = new double[SessionProblem.HEADS];
    private final int[] served = new int[SessionProblem.HEADS];
    private final double[] stress;
    private final int[] counts = new int[2];
    private final long[] columns = new long[3];
    private final int[] onFloor;
    private final int[] atStation = new int[2];
    private final int[] picked = new int[MOST_CHOSEN];
    private final boolean[] used;
    private int depth;
    private int overhead;
    private int pinned;
    private double fixed;
    private double seconds;

    /** A pick by its section and its place there. */
    record Place(int section, int pick, Pick what) {}

    private enum Works {
        FLEXORS,
        EXTENSORS,
        BOTH
    }

    SessionPart(SessionProblem problem, int[] circuitRounds, int linked, double available, List<Place> places) {
        this.problem = problem;
        this.circuitRounds = circuitRounds;
        this.linked = linked;
        this.available = available;
        this.places = places;
        this.stress = new double[problem.stressBudget().length];
        this.onFloor = new int[problem.sections().size()];
        this.heads = IntStream.range(0, SessionProblem.HEADS)
                .filter(h -> places.stream()
                        .flatMap(p -> p.what().options().stream())
                        .anyMatch(o -> o.given()[h] > 0 || o.serves()[h]))
                .toArray();
        this.fastestRound = places.stream()
                .flatMap(p -> p.what().options().stream())
                .mapToDouble(Option::seconds)
                .min()
                .orElse(1);
        Set<String> pinnedKeys = new HashSet<>();
        boolean[] group = new boolean[2];
        for (int p = 0; p < places.size(); p++) {
            int fewest = problem.sections().get(places.get(p).section()).fewestRounds();
            worthTrying.add(undominated(options(p)));
            for (Option option : options(p)) {
                families.putIfAbsent(option.family(), families.size());
                boolean usable = option.mostRounds() >= fewest;
                for (int h = 0; h < SessionProblem.HEADS; h++) {
                    canServe[h] |= usable && option.serves()[h];
                }
                if (usable && option.pinned()) {
                    pinnedKeys.add(option.key());
                }
                group[0] |= option.counts()[0] > 0;
                group[1] |= option.counts()[1] > 0;
            }
        }
        this.pins = pinnedKeys.size();
        this.used = new boolean[families.size()];
        this.works = group[0] && group[1] ? Works.BOTH : group[1] ? Works.EXTENSORS : Works.FLEXORS;
        priceSeconds(0);
    }

    private List<Option> options(int p) {
        return places.get(p).what().options();
    }

    /** Whether two lists of picks have a head or a movement in common. */
    static boolean share(List<Place> some, List<Place> others) {
        for (Place a : some) {
            for (Place b : others) {
                for (Option x : a.what().options()) {
                    for (Option y : b.what().options()) {
                        if (x.family().equals(y.family()) || shareHead(x, y)) {
                            return true;
                        }
                    }
                }
            }
        }
        return false;
    }

    private static boolean shareHead(Option x, Option y) {
        for (int h = 0; h < SessionProblem.HEADS; h++) {
            if (x.given()[h] > 0 && y.given()[h] > 0) {
                return true;
            }
        }
        return false;
    }

    /** From here on each second of a choice costs {@code of}. */
    void priceSeconds(double of) {
        price = of;
        reach = reach();
        // What was best at another price is worth having at this one.
        most = valueOfMost - of * secondsOfMost;
        onlyMost = true;
        threshold = Double.NEGATIVE_INFINITY;
        pick(0);
        onlyMost = false;
    }

    private PartReach reach() {
        List<PartReach.Open> picks = IntStream.range(0, places.size())
                .mapToObj(p -> new PartReach.Open(
                        options(p), worthTrying.get(p), places.get(p).what().most(), fewestRounds(p), mostRounds(p)))
                .toList();
        return new PartReach(picks, price, leftOfGroup());
    }

    private int fewestRounds(int p) {
        int section = places.get(p).section();
        return circuitRounds[section] > 0
                ? circuitRounds[section]
                : problem.sections().get(section).fewestRounds();
    }

    private int mostRounds(int p) {
        int section = places.get(p).section();
        return circuitRounds[section] > 0
                ? circuitRounds[section]
                : problem.sections().get(section).mostRounds();
    }

    /** Options that no other form of the same movement can stand in for at no loss. */
    private static List<Integer> undominated(List<Option> options) {
        List<Integer> worth = new ArrayList<>();
        for (int o = 0; o < options.size(); o++) {
            boolean stays = true;
            for (int a = 0; a < options.size() && stays; a++) {
                Option other = options.get(a);
                // Of two that stand in for each other the first stays.
                stays = a == o
                        || !other.standsInFor(options.get(o))
                        || (options.get(o).standsInFor(other) && o < a);
            }
            if (stays) {
                worth.add(o);
            }
        }
        return worth;
    }

    /** Whether anything may be chosen at all. */
    boolean isPossible() {
        return most != Double.NEGATIVE_INFINITY;
    }

    /** The most this part could be worth alone, its seconds paid. */
    double most() {
        return most;
    }

    double secondsOfMost() {
        return secondsOfMost;
    }

    /** Every choice worth at least {@code atLeast} after paying that no other beats, best first. */
    List<PartChoice.Alike> choices(double atLeast) {
        threshold = atLeast;
        kept = new PartChoice.Kept();
        pick(0);
        return kept.bestFirst();
    }

    private void pick(int p) {
        if (p == places.size()) {
            keep();
        } else {
            choose(p, 0, 0);
        }
    }

    private void choose(int p, int from, int n) {
        Pick pick = places.get(p).what();
        if (n >= pick.fewest()) {
            pick(p + 1);
        }
        if (n == pick.most()) {
            return;
        }
        int fewest = fewestRounds(p);
        int mostRounds = mostRounds(p);
        double soFar = value() - price * seconds;
        int setsLeft = Math.min(leftOfGroup(), (int) ((available - seconds) / fastestRound + SAME));
        for (int i = from; i < reach.size(p); i++) {
            if (soFar + reach.from(p, i, pick.most() - n, setsLeft) < (onlyMost ? most : threshold) - SAME) {
                return; // later options give no more
            }
            int o = reach.option(p, i);
            Option option = pick.options().get(o);
            int family = family(option);
            if (used[family] || (option.overhead() && overhead == problem.mostOverhead())) {
                continue;
            }
            for (int r = Math.min(mostRounds, option.mostRounds()); r >= fewest; r--) {
                if (fits(option, r)) {
                    put(option, p, o, r, family, 1);
                    choose(p, i + 1, n + 1);
                    put(option, p, o, r, family, -1);
                }
            }
        }
    }

    private int family(Option option) {
        return Objects.requireNonNull(families.get(option.family()));
    }

    /** Hard sets left to the group this part belongs to; of both when it works both. */
    private int leftOfGroup() {
        int flexors = problem.setBudget()[0] - counts[0];
        int extensors = problem.setBudget()[1] - counts[1];
        return switch (works) {
            case FLEXORS -> flexors;
            case EXTENSORS -> extensors;
            case BOTH -> flexors + extensors;
        };
    }

    private double value() {
        double value = fixed;
        for (int h : heads) {
            value += given[h] == 0 ? 0 : problem.value(h, given[h]);
        }
        return value;
    }

    private boolean fits(Option option, int rounds) {
        boolean fits = seconds + option.time(rounds) <= available + SAME
                && counts[0] + option.counts()[0] * rounds <= problem.setBudget()[0]
                && counts[1] + option.counts()[1] * rounds <= problem.setBudget()[1];
        for (int i = 0; fits && i < stress.length; i++) {
            fits = stress[i] + option.stress()[i] * rounds <= problem.stressBudget()[i] + SAME;
        }
        return fits;
    }

    /** Adds ({@code sign} 1) or takes back (-1) an option. */
    private void put(Option option, int p, int o, int times, int family, int sign) {
        Place place = places.get(p);
        used[family] = sign > 0;
        if (sign < 0) {
            depth--;
        } else {
            picked[depth++] = PartChoice.pack(place.section(), place.pick(), o, times);
        }
        int n = sign * times;
        for (int h : heads) {
            given[h] += n * option.given()[h];
            served[h] += option.serves()[h] ? sign : 0;
        }
        for (int i = 0; i < stress.length; i++) {
            stress[i] += n * option.stress()[i];
        }
        counts[0] += n * option.counts()[0];
        counts[1] += n * option.counts()[1];
        seconds += sign * option.time(times);
        fixed += sign * option.fixedValue(times);
        overhead += option.overhead() ? sign : 0;
        pinned += option.pinned() ? sign : 0;
        onFloor[place.section()] += option.where() == Where.FLOOR ? sign : 0;
        if (place.section() == linked) {
            columns[place.what().column()] += sign * Needs.one(times, option.where());
            atStation[0] += option.where() == Where.BENCH ? sign : 0;
            atStation[1] += option.where() == Where.CABLE || option.where() == Where.ANCHOR ? sign : 0;
        }
    }

    private void keep() {
        if (pinned < pins) {
            return;
        }
        for (int h = 0; problem.everyHead() && h < SessionProblem.HEADS; h++) {
            if (canServe[h] && served[h] == 0) {
                return;
            }
        }
        double value = value();
        double priced = value - price * seconds;
        if (onlyMost) {
            if (priced > most) {
                most = priced;
                valueOfMost = value;
                secondsOfMost = seconds;
            }
            return;
        }
        if (priced < threshold - SAME) {
            return;
        }
        int floor = 0;
        for (int s = 0; s < onFloor.length; s++) {
            floor |= onFloor[s] > 0 ? 1 << s : 0;
        }
        Needs needs = new Needs(
                columns[0],
                columns[1],
                columns[2],
                overhead,
                floor,
                (atStation[0] > 0 ? 1 : 0) | (atStation[1] > 0 ? 2 : 0));
        kept.add(new PartChoice(value, priced, seconds, stress.clone(), needs, Arrays.copyOf(picked, depth)));
    }
}

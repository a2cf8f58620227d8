package kinesia.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import kinesia.core.plan.SessionProblem.Chosen;
import kinesia.core.plan.SessionProblem.Option;
import kinesia.core.plan.SessionProblem.Pick;
import kinesia.core.plan.SessionProblem.Section;
import kinesia.core.plan.SessionProblem.Solution;
import org.jspecify.annotations.Nullable;

/**
 * Solves a {@link SessionProblem} exactly. Picks that share no muscle head and no movement are independent but for time,
 * stress and partners, so each such part is enumerated alone and only what nothing else beats in value, time and stress is
 * kept; the parts are then joined best first until no pair left can be better. Deterministic: of equals the first is kept.
 */
@SuppressWarnings("EnumOrdinal") // counts by place are packed into bits
final class Composer {
    private static final double SAME = 1e-9;
    // How far below the parts' own best the search looks at first; the last bound is none.
    private static final double[] BELOW = {0.2, 1, 4, Double.POSITIVE_INFINITY};
    private static final int BITS = 3;
    private static final int CLASSES = SessionProblem.Where.values().length;
    private static final int COLUMNS = 3;

    private final SessionProblem problem;
    private final int[] circuitRounds;
    private final int linked;
    private @Nullable Solution best;

    private Composer(SessionProblem problem, int[] circuitRounds, @Nullable Solution best) {
        this.problem = problem;
        this.circuitRounds = circuitRounds;
        this.best = best;
        int found = -1;
        for (int s = 0; s < problem.sections().size(); s++) {
            found = problem.sections().get(s).layout().linksItsPicks() ? s : found;
        }
        this.linked = found;
    }

    /** The best session; null when none keeps every bound. */
    static @Nullable Solution solve(SessionProblem problem) {
        return circuits(problem, new int[problem.sections().size()], 0, null);
    }

    /** All stations of a circuit have the same rounds: each number is tried. */
    private static @Nullable Solution circuits(
            SessionProblem problem, int[] rounds, int section, @Nullable Solution best) {
        if (section == rounds.length) {
            Composer composer = new Composer(problem, rounds.clone(), best);
            composer.run();
            return composer.best;
        }
        Section here = problem.sections().get(section);
        Solution found = best;
        if (here.layout() == Method.Layout.CIRCUIT) {
            for (int r = here.mostRounds(); r >= here.fewestRounds(); r--) {
                rounds[section] = r;
                found = circuits(problem, rounds, section + 1, found);
            }
        } else {
            found = circuits(problem, rounds, section + 1, found);
        }
        return found;
    }

    private void run() {
        double available = problem.availableS();
        for (int s = 0; s < circuitRounds.length; s++) {
            available -= circuitRounds[s] * problem.sections().get(s).roundS();
        }
        List<Part> parts = parts();
        double all = 0;
        for (Part part : parts) {
            part.prepare(available);
            all += part.most();
        }
        if (all == Double.NEGATIVE_INFINITY || (best != null && best.value() >= all - SAME)) {
            return;
        }
        // No session is worth more than its parts are alone. One within a bound of that has every part within it too,
        // so
        // what is found there is the best of all.
        for (double below : BELOW) {
            boolean possible = true;
            for (Part part : parts) {
                double beating = best == null ? Double.NEGATIVE_INFINITY : best.value() - (all - part.mostValue);
                part.enumerate(Math.max(part.mostValue - below, beating));
                possible &= !part.buckets.isEmpty();
            }
            if (possible) {
                double[] ahead = new double[parts.size() + 1];
                for (int i = parts.size() - 1; i >= 0; i--) {
                    ahead[i] = ahead[i + 1] + parts.get(i).sorted.get(0).best();
                }
                join(parts, 0, ahead, available, new Label(problem.stressBudget().length));
            }
            if (best != null && best.value() >= all - below - SAME) {
                return;
            }
        }
    }

    /** The picks, put together where they share a head or a movement. */
    private List<Part> parts() {
        List<Part> parts = new ArrayList<>();
        for (int s = 0; s < problem.sections().size(); s++) {
            List<Pick> picks = problem.sections().get(s).picks();
            for (int p = 0; p < picks.size(); p++) {
                Part joined = new Part();
                joined.add(s, p, picks.get(p));
                for (Part other : List.copyOf(parts)) {
                    if (other.sharesWith(joined)) {
                        parts.remove(other);
                        joined = other.with(joined);
                    }
                }
                parts.add(joined);
            }
        }
        return parts;
    }

    private void join(List<Part> parts, int at, double[] ahead, double available, Label so) {
        if (at == parts.size()) {
            if (best == null || so.value > best.value() + SAME) {
                best = solution(so);
            }
            return;
        }
        for (Bucket bucket : parts.get(at).sorted) {
            if (best != null && so.value + bucket.best() + ahead[at + 1] <= best.value() + SAME) {
                return;
            }
            if (!so.goesWith(bucket.key, at == parts.size() - 1)) {
                continue;
            }
            for (Label label : bucket.labels) {
                if (best != null && so.value + label.value + ahead[at + 1] <= best.value() + SAME) {
                    break;
                }
                if (so.seconds + label.seconds <= available + SAME && so.fits(label)) {
                    join(parts, at + 1, ahead, available, so.and(label, bucket.key));
                }
            }
        }
    }

    private Solution solution(Label label) {
        List<Chosen> chosen = new ArrayList<>();
        for (int gene : label.genes) {
            chosen.add(new Chosen(gene >>> 24, (gene >>> 16) & 0xff, (gene >>> 4) & 0xfff, gene & 0xf));
        }
        chosen.sort(Comparator.comparingInt(Chosen::section)
                .thenComparingInt(Chosen::pick)
                .thenComparingInt(Chosen::option));
        return new Solution(List.copyOf(chosen), label.value, problem.availableS() - availableLeft(label));
    }

    private double availableLeft(Label label) {
        double left = problem.availableS() - label.seconds;
        for (int s = 0; s < circuitRounds.length; s++) {
            left -= circuitRounds[s] * problem.sections().get(s).roundS();
        }
        return left;
    }

    /** What must fit together between parts: partners by rounds and place, overhead, floor. Stations: bench and line. */
    private record Key(long column0, long column1, long column2, int overhead, int floor, int stations) {
        long column(int i) {
            return i == 0 ? column0 : i == 1 ? column1 : column2;
        }
    }

    /** A choice in one part, or in the parts joined so far. */
    private final class Label {
        private final double[] stress;
        private final long[] columns = new long[COLUMNS];
        private double value;
        private double seconds;
        private int overhead;
        private int floor;
        private int stations;
        private int[] genes = {};

        Label(int places) {
            this.stress = new double[places];
        }

        boolean fits(Label other) {
            for (int i = 0; i < stress.length; i++) {
                if (stress[i] + other.stress[i] > problem.stressBudget()[i] + SAME) {
                    return false;
                }
            }
            return true;
        }

        boolean goesWith(Key key, boolean last) {
            return overhead + key.overhead <= problem.mostOverhead()
                    && Integer.bitCount(floor | key.floor) <= problem.mostOnFloor()
                    && (!last || partnered(key));
        }

        /** Whether every exercise of a pair or block has its partners. */
        private boolean partnered(Key key) {
            if (linked < 0) {
                return true;
            }
            long first = columns[0] + key.column0;
            long second = columns[1] + key.column1;
            if (problem.sections().get(linked).layout() == Method.Layout.PAIRS) {
                return pairs(first, second);
            }
            return (stations | key.stations) != 3 && blocks(first, second, columns[2] + key.column2);
        }

        Label and(Label other, Key key) {
            Label both = new Label(stress.length);
            for (int i = 0; i < stress.length; i++) {
                both.stress[i] = stress[i] + other.stress[i];
            }
            for (int i = 0; i < COLUMNS; i++) {
                both.columns[i] = columns[i] + key.column(i);
            }
            both.value = value + other.value;
            both.seconds = seconds + other.seconds;
            both.overhead = overhead + key.overhead;
            both.floor = floor | key.floor;
            both.stations = stations | key.stations;
            both.genes = Arrays.copyOf(genes, genes.length + other.genes.length);
            System.arraycopy(other.genes, 0, both.genes, genes.length, other.genes.length);
            return both;
        }

        boolean beats(Label other) {
            if (value < other.value || seconds > other.seconds + SAME) {
                return false;
            }
            for (int i = 0; i < stress.length; i++) {
                if (stress[i] > other.stress[i] + SAME) {
                    return false;
                }
            }
            return true;
        }
    }

    private static long unit(int rounds, SessionProblem.Where where) {
        return 1L << (BITS * ((rounds - 1) * CLASSES + where.ordinal()));
    }

    private static int count(long column, int rounds, SessionProblem.Where where) {
        return (int) (column >>> (BITS * ((rounds - 1) * CLASSES + where.ordinal()))) & ((1 << BITS) - 1);
    }

    private static int total(long column, int rounds) {
        int sum = 0;
        for (SessionProblem.Where where : SessionProblem.Where.values()) {
            sum += count(column, rounds, where);
        }
        return sum;
    }

    // Hall's condition: what stands at one place finds its partner there or among what is free.
    private static boolean pairs(long a, long b) {
        for (int r = 1; r <= SessionProblem.MOST_ROUNDS; r++) {
            if (total(a, r) != total(b, r)
                    || count(a, r, SessionProblem.Where.FLOOR) != count(b, r, SessionProblem.Where.FLOOR)
                    || !housed(a, b, r)
                    || !housed(b, a, r)) {
                return false;
            }
        }
        return true;
    }

    private static boolean housed(long a, long b, int rounds) {
        int free = count(b, rounds, SessionProblem.Where.FREE);
        return count(a, rounds, SessionProblem.Where.BENCH) <= count(b, rounds, SessionProblem.Where.BENCH) + free
                && count(a, rounds, SessionProblem.Where.CABLE) <= count(b, rounds, SessionProblem.Where.CABLE) + free
                && count(a, rounds, SessionProblem.Where.ANCHOR)
                        <= count(b, rounds, SessionProblem.Where.ANCHOR) + free;
    }

    private static boolean blocks(long a, long b, long c) {
        for (int r = 1; r <= SessionProblem.MOST_ROUNDS; r++) {
            if (total(a, r) != total(b, r) || total(b, r) != total(c, r)) {
                return false;
            }
        }
        return true;
    }

    /** Labels that need the same of the other parts, best first once sorted. */
    private static final class Bucket {
        private final Key key;
        private final List<Label> labels = new ArrayList<>();

        Bucket(Key key) {
            this.key = key;
        }

        double best() {
            return labels.get(0).value;
        }
    }

    /** Picks that only count together. */
    private final class Part {
        private final List<int[]> places = new ArrayList<>();
        private final List<Pick> picks = new ArrayList<>();
        private final Map<Key, Bucket> buckets = new LinkedHashMap<>();
        private final Map<String, Integer> families = new HashMap<>();
        private List<Bucket> sorted = List.of();

        // The choice being built.
        private final double[] given = new double[SessionProblem.HEADS];
        private final double[] stress = new double[problem.stressBudget().length];
        private final int[] counts = new int[2];
        private final int[] served = new int[SessionProblem.HEADS];
        private final long[] columns = new long[COLUMNS];
        private final int[] onFloor = new int[problem.sections().size()];
        private final int[] atStation = new int[2];
        private final int[] genes = new int[32];
        private final List<int[]> order = new ArrayList<>();
        private final List<double[]> gains = new ArrayList<>();
        private double[] bonus = {};
        private boolean[] counted = {};
        private int group;
        private double threshold = Double.NEGATIVE_INFINITY;
        private double mostValue = Double.NEGATIVE_INFINITY;
        private boolean onlyMost;
        private boolean[] used = {};
        private int depth;
        private int overhead;
        private int pinned;
        private double fixed;
        private double seconds;
        private double available;
        private int pinnedInAll;
        private final boolean[] canServe = new boolean[SessionProblem.HEADS];

        void add(int section, int pick, Pick what) {
            places.add(new int[] {section, pick});
            picks.add(what);
        }

        Part with(Part other) {
            for (int i = 0; i < other.picks.size(); i++) {
                add(other.places.get(i)[0], other.places.get(i)[1], other.picks.get(i));
            }
            return this;
        }

        boolean sharesWith(Part other) {
            for (Pick a : picks) {
                for (Pick b : other.picks) {
                    for (Option x : a.options()) {
                        for (Option y : b.options()) {
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

        void prepare(double mostSeconds) {
            available = mostSeconds;
            java.util.Set<String> pins = new java.util.HashSet<>();
            for (int p = 0; p < picks.size(); p++) {
                int fewest = problem.sections().get(places.get(p)[0]).fewestRounds();
                for (Option option : picks.get(p).options()) {
                    families.putIfAbsent(option.family(), families.size());
                    boolean usable = option.mostRounds() >= fewest;
                    for (int h = 0; h < SessionProblem.HEADS; h++) {
                        canServe[h] |= usable && option.serves()[h];
                    }
                    if (usable && option.pinned()) {
                        pins.add(option.key());
                    }
                }
                sort(picks.get(p).options());
            }
            pinnedInAll = pins.size();
            used = new boolean[families.size()];
            bonus = new double[picks.size()];
            counted = new boolean[picks.size()];
            boolean[] works = new boolean[2];
            for (int p = 0; p < picks.size(); p++) {
                counted[p] = true;
                for (Option option : picks.get(p).options()) {
                    bonus[p] = Math.max(bonus[p], option.bonus() + option.usualBonus());
                    counted[p] &= option.counts()[0] + option.counts()[1] > 0;
                    works[0] |= option.counts()[0] > 0;
                    works[1] |= option.counts()[1] > 0;
                }
            }
            group = works[0] && works[1] ? 2 : works[1] ? 1 : 0;
        }

        /** The options worth trying, the one that gives most for a set first, and the most any from there on gives. */
        private void sort(List<Option> options) {
            boolean[] worth = undominated(options);
            List<Integer> best = new ArrayList<>();
            for (int o = 0; o < worth.length; o++) {
                if (worth[o]) {
                    best.add(o);
                }
            }
            best.sort(Comparator.comparingDouble((Integer o) -> -gain(options.get(o))));
            order.add(best.stream().mapToInt(o -> o).toArray());
            gains.add(best.stream()
                    .mapToDouble(o -> Math.max(0, gain(options.get(o))))
                    .toArray());
        }

        /** More than one set of an option can ever add. */
        private static double gain(Option option) {
            return Arrays.stream(option.given()).sum() - option.cost();
        }

        /** The most this part could be worth alone, by the same search with nothing kept. */
        double most() {
            onlyMost = true;
            pick(0);
            onlyMost = false;
            return mostValue;
        }

        /** Keeps every choice worth at least {@code atLeast} that no other beats. */
        void enumerate(double atLeast) {
            threshold = atLeast;
            buckets.clear();
            pick(0);
            buckets.values()
                    .forEach(b -> b.labels.sort(
                            Comparator.comparingDouble((Label l) -> l.value).reversed()));
            sorted = buckets.values().stream()
                    .sorted(Comparator.comparingDouble(Bucket::best).reversed())
                    .toList();
        }

        /** The choice so far and the most that what is still open could add to it. */
        private double reach(int p, int at, int n) {
            double open = 0;
            double hard = 0;
            double mostGain = 0;
            for (int q = p; q < picks.size(); q++) {
                double[] gain = gains.get(q);
                int first = q == p ? at : 0;
                if (first >= gain.length) {
                    continue;
                }
                int slots = picks.get(q).most() - (q == p ? n : 0);
                int rounds = problem.sections().get(places.get(q)[0]).mostRounds();
                open += slots * bonus[q];
                if (counted[q]) {
                    hard += slots * rounds;
                    mostGain = Math.max(mostGain, gain[first]);
                } else {
                    open += slots * rounds * gain[first];
                }
            }
            return value() + open + Math.min(hard, leftOfGroup()) * mostGain;
        }

        /** Hard sets left to the group this part belongs to; of both when it works both. */
        private double leftOfGroup() {
            int a = problem.setBudget()[0] - counts[0];
            int b = problem.setBudget()[1] - counts[1];
            return group == 0 ? a : group == 1 ? b : a + b;
        }

        private double value() {
            double value = fixed;
            for (int h = 0; h < SessionProblem.HEADS; h++) {
                value += given[h] == 0 ? 0 : problem.value(h, given[h]);
            }
            return value;
        }

        /** Options that no other form of the same movement can stand in for at no loss. */
        private static boolean[] undominated(List<Option> options) {
            boolean[] worth = new boolean[options.size()];
            for (int o = 0; o < worth.length; o++) {
                worth[o] = true;
                for (int a = 0; a < worth.length && worth[o]; a++) {
                    Option other = options.get(a);
                    // Of two that stand in for each other the first stays.
                    worth[o] = a == o
                            || !other.standsInFor(options.get(o))
                            || (options.get(o).standsInFor(other) && o < a);
                }
            }
            return worth;
        }

        private void pick(int p) {
            if (p == picks.size()) {
                keep();
            } else {
                choose(p, 0, 0);
            }
        }

        private void choose(int p, int from, int n) {
            Pick pick = picks.get(p);
            if (n >= pick.fewest()) {
                pick(p + 1);
            }
            if (n == pick.most()) {
                return;
            }
            int section = places.get(p)[0];
            Section here = problem.sections().get(section);
            int[] tried = order.get(p);
            for (int i = from; i < tried.length; i++) {
                if (reach(p, i, n) < Math.max(threshold, onlyMost ? mostValue : Double.NEGATIVE_INFINITY) - SAME) {
                    return; // later options give no more
                }
                int o = tried[i];
                Option option = pick.options().get(o);
                int family = families.getOrDefault(option.family(), 0);
                if (used[family] || (option.overhead() && overhead == problem.mostOverhead())) {
                    continue;
                }
                int fewest = circuitRounds[section] > 0 ? circuitRounds[section] : here.fewestRounds();
                int most = circuitRounds[section] > 0 ? circuitRounds[section] : here.mostRounds();
                for (int r = Math.min(most, option.mostRounds()); r >= fewest; r--) {
                    if (fits(option, r)) {
                        put(option, p, o, r, family, 1);
                        choose(p, i + 1, n + 1);
                        put(option, p, o, r, family, -1);
                    }
                }
            }
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
        private void put(Option option, int p, int o, int rounds, int family, int sign) {
            int[] place = places.get(p);
            used[family] = sign > 0;
            if (sign < 0) {
                depth--;
            } else {
                genes[depth++] = place[0] << 24 | place[1] << 16 | o << 4 | rounds;
            }
            int n = sign * rounds;
            for (int h = 0; h < SessionProblem.HEADS; h++) {
                given[h] += n * option.given()[h];
                served[h] += option.serves()[h] ? sign : 0;
            }
            for (int i = 0; i < stress.length; i++) {
                stress[i] += n * option.stress()[i];
            }
            counts[0] += n * option.counts()[0];
            counts[1] += n * option.counts()[1];
            seconds += sign * option.time(rounds);
            fixed += sign * option.fixedValue(rounds);
            overhead += option.overhead() ? sign : 0;
            pinned += option.pinned() ? sign : 0;
            onFloor[place[0]] += option.where() == SessionProblem.Where.FLOOR ? sign : 0;
            if (place[0] == linked) {
                columns[picks.get(p).column()] += sign * unit(rounds, option.where());
                atStation[0] += option.where() == SessionProblem.Where.BENCH ? sign : 0;
                atStation[1] +=
                        option.where() == SessionProblem.Where.CABLE || option.where() == SessionProblem.Where.ANCHOR
                                ? sign
                                : 0;
            }
        }

        private void keep() {
            if (pinned < pinnedInAll) {
                return;
            }
            for (int h = 0; problem.everyHead() && h < SessionProblem.HEADS; h++) {
                if (canServe[h] && served[h] == 0) {
                    return;
                }
            }
            double value = value();
            if (onlyMost) {
                mostValue = Math.max(mostValue, value);
                return;
            }
            if (value < threshold - SAME) {
                return;
            }
            int floor = 0;
            for (int s = 0; s < onFloor.length; s++) {
                floor |= onFloor[s] > 0 ? 1 << s : 0;
            }
            Key key = new Key(
                    columns[0],
                    columns[1],
                    columns[2],
                    overhead,
                    floor,
                    (atStation[0] > 0 ? 1 : 0) | (atStation[1] > 0 ? 2 : 0));
            Label label = new Label(stress.length);
            label.value = value;
            label.seconds = seconds;
            System.arraycopy(stress, 0, label.stress, 0, stress.length);
            Bucket bucket = buckets.computeIfAbsent(key, Bucket::new);
            for (Label other : bucket.labels) {
                if (other.beats(label)) {
                    return;
                }
            }
            label.genes = Arrays.copyOf(genes, depth);
            bucket.labels.removeIf(label::beats);
            bucket.labels.add(label);
        }
    }
}

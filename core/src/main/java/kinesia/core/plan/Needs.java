package kinesia.core.plan;

import kinesia.core.plan.SessionProblem.Where;

/**
 * What a choice in one part of a session asks of the other parts: partners, one count for each column of a pair or block
 * packed by rounds and place; how many exercises have the arm overhead; sections that go down to the floor, and kinds of
 * station in blocks (1 bench, 2 cable or anchor), as bits.
 */
@SuppressWarnings("EnumOrdinal") // counts by place are packed into bits
record Needs(long column0, long column1, long column2, int overhead, int floor, int stations) {
    static final Needs NONE = new Needs(0, 0, 0, 0, 0, 0);
    private static final int BENCH_AND_LINE = 3;
    private static final int BITS = 3;
    private static final int PLACES = Where.values().length;

    Needs and(Needs other) {
        return new Needs(
                column0 + other.column0,
                column1 + other.column1,
                column2 + other.column2,
                overhead + other.overhead,
                floor | other.floor,
                stations | other.stations);
    }

    /** Whether more may still be joined to it: nothing here gets less with what is added. */
    boolean keeps(SessionProblem problem) {
        return overhead <= problem.mostOverhead() && Integer.bitCount(floor) <= problem.mostOnFloor();
    }

    /** One exercise with {@code rounds} at {@code where}, as a count to add to its column. */
    static long one(int rounds, Where where) {
        return 1L << (BITS * ((rounds - 1) * PLACES + where.ordinal()));
    }

    /** What one exercise of a pair or block needs. */
    static Needs ofOne(int column, int rounds, Where where) {
        long one = one(rounds, where);
        return new Needs(column == 0 ? one : 0, column == 1 ? one : 0, column == 2 ? one : 0, 0, 0, stations(where));
    }

    /** The kinds of station that {@code where} takes up, as bits. */
    static int stations(Where where) {
        return switch (where) {
            case BENCH -> 1;
            case CABLE, ANCHOR -> 2;
            case FREE, FLOOR -> 0;
        };
    }

    /** Whether every exercise of a section whose picks are worked in turn has its partners. */
    boolean partnered(Method.Layout layout) {
        return switch (layout) {
            case PAIRS -> pairs(column0, column1);
            case BLOCKS -> stations != BENCH_AND_LINE && sameRounds(column0, column1) && sameRounds(column1, column2);
            case CIRCUIT, STRAIGHT -> true;
        };
    }

    // Hall's condition: what stands at one place finds its partner there or among what is free.
    private static boolean pairs(long a, long b) {
        for (int r = 1; r <= SessionProblem.MOST_ROUNDS; r++) {
            if (count(a, r, Where.FLOOR) != count(b, r, Where.FLOOR) || !housed(a, b, r) || !housed(b, a, r)) {
                return false;
            }
        }
        return sameRounds(a, b);
    }

    private static boolean housed(long a, long b, int rounds) {
        int free = count(b, rounds, Where.FREE);
        return count(a, rounds, Where.BENCH) <= count(b, rounds, Where.BENCH) + free
                && count(a, rounds, Where.CABLE) <= count(b, rounds, Where.CABLE) + free
                && count(a, rounds, Where.ANCHOR) <= count(b, rounds, Where.ANCHOR) + free;
    }

    private static boolean sameRounds(long a, long b) {
        for (int r = 1; r <= SessionProblem.MOST_ROUNDS; r++) {
            if (total(a, r) != total(b, r)) {
                return false;
            }
        }
        return true;
    }

    private static int total(long column, int rounds) {
        int sum = 0;
        for (Where where : Where.values()) {
            sum += count(column, rounds, where);
        }
        return sum;
    }

    private static int count(long column, int rounds, Where where) {
        return (int) (column >>> (BITS * ((rounds - 1) * PLACES + where.ordinal()))) & ((1 << BITS) - 1);
    }
}

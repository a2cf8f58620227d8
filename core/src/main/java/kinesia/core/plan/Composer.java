package kinesia.core.plan;

import java.util.ArrayList;
import java.util.List;
import kinesia.core.plan.SessionProblem.Pick;
import kinesia.core.plan.SessionProblem.Section;
import kinesia.core.plan.SessionProblem.Solution;
import org.jspecify.annotations.Nullable;

/**
 * Solves a {@link SessionProblem} exactly. Picks that share no muscle head and no movement are independent but for time,
 * stress and partners, so each such part is enumerated alone and only what nothing else beats in value, time and stress is
 * kept; the parts are then joined best first until no pair left can be better. Deterministic: of equals the first is kept.
 *
 * <p>Where the minutes are short, what the parts are worth alone says little. Their seconds are then given a price, the one
 * at which all parts' own best together take about the time there is: no session within the time is worth more than those
 * are after paying, with the price of all the time added (the Lagrangian bound).
 */
final class Composer {
    static final double SAME = 1e-9;
    // How far below the parts' own best the search looks at first; the last bound is none.
    private static final double[] BELOW = {0.2, 0.5, 1, 2, 4, Double.POSITIVE_INFINITY};
    private static final double LAST_STRETCH = 1.5;
    // Worth of a second, so high that nothing would be done.
    private static final double DEAREST_SECOND = 0.1;
    private static final int PRICES_TRIED = 8;
    private static final double NEAR = 0.02;

    private final SessionProblem problem;
    private final int[] circuitRounds;
    private final int linked;
    private final double available;
    private @Nullable Solution best;
    private double price;

    private Composer(SessionProblem problem, int[] circuitRounds, @Nullable Solution best) {
        this.problem = problem;
        this.circuitRounds = circuitRounds;
        this.best = best;
        double left = problem.availableS();
        int found = -1;
        for (int s = 0; s < circuitRounds.length; s++) {
            Section section = problem.sections().get(s);
            left -= circuitRounds[s] * section.roundS();
            found = section.layout().linksItsPicks() ? s : found;
        }
        this.available = left;
        this.linked = found;
    }

    /** The best session; null when none keeps every bound. */
    static @Nullable Solution solve(SessionProblem problem) {
        return solve(problem, null);
    }

    /** The same where a session that keeps every bound is known already; that one where none is better. */
    static @Nullable Solution solve(SessionProblem problem, @Nullable Solution known) {
        return circuits(problem, new int[problem.sections().size()], 0, known);
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
        List<SessionPart> parts = parts();
        if (parts.stream().anyMatch(p -> !p.isPossible())) {
            return;
        }
        double bound = lowestBound(parts);
        if (best != null && best.value() >= bound - SAME) {
            return;
        }
        // A session within some distance of the bound has every part within it of its own best, so the best of what is
        // found there is the best of all.
        for (double next : BELOW) {
            double missing = best == null ? Double.POSITIVE_INFINITY : bound - best.value();
            // Not far to go any more: all of it at once.
            double below = missing <= next * LAST_STRETCH ? missing : next;
            List<List<PartChoice.Alike>> choices = new ArrayList<>();
            for (SessionPart part : parts) {
                double beating = best == null ? Double.NEGATIVE_INFINITY : best.value() - (bound - part.most());
                choices.add(part.choices(Math.max(part.most() - below, beating)));
            }
            if (choices.stream().noneMatch(List::isEmpty)) {
                double[] ahead = new double[parts.size() + 1];
                ahead[parts.size()] = price * available;
                for (int i = parts.size() - 1; i >= 0; i--) {
                    ahead[i] = ahead[i + 1] + choices.get(i).get(0).best();
                }
                join(choices, 0, ahead, PartChoice.none(problem.stressBudget().length));
            }
            if (best != null && best.value() >= bound - below - SAME) {
                return;
            }
        }
    }

    /**
     * The least that the parts' own best with any price on seconds allows; the parts are left at that price. As a function
     * of the price it is convex, and its slope is the time that those parts leave.
     */
    private double lowestBound(List<SessionPart> parts) {
        Bound low = bound(parts, 0);
        if (low.left >= 0) {
            return low.value;
        }
        Bound high = bound(parts, DEAREST_SECOND);
        Bound lowest = low.value < high.value ? low : high;
        for (int i = 0; i < PRICES_TRIED && high.left > 0; i++) {
            // Where the two tangents meet.
            double at =
                    (high.value - low.value + low.left * low.price - high.left * high.price) / (low.left - high.left);
            double there = low.value + low.left * (at - low.price);
            Bound next = bound(parts, at);
            lowest = next.value < lowest.value ? next : lowest;
            if (next.value <= there + NEAR) {
                break;
            }
            if (next.left < 0) {
                low = next;
            } else {
                high = next;
            }
        }
        return bound(parts, lowest.price).value;
    }

    /** What the parts' own best come to at a price, and the seconds they leave; under 0 when they take too many. */
    private record Bound(double price, double value, double left) {}

    private Bound bound(List<SessionPart> parts, double at) {
        price = at;
        double value = at * available;
        double left = available;
        for (SessionPart part : parts) {
            part.priceSeconds(at);
            value += part.most();
            left -= part.secondsOfMost();
        }
        return new Bound(at, value, left);
    }

    /** The picks, put together where they share a head or a movement. */
    private List<SessionPart> parts() {
        List<List<SessionPart.Place>> parts = new ArrayList<>();
        for (int s = 0; s < problem.sections().size(); s++) {
            List<Pick> picks = problem.sections().get(s).picks();
            for (int p = 0; p < picks.size(); p++) {
                List<SessionPart.Place> joined = new ArrayList<>(List.of(new SessionPart.Place(s, p, picks.get(p))));
                for (List<SessionPart.Place> other : List.copyOf(parts)) {
                    if (SessionPart.share(other, joined)) {
                        parts.remove(other);
                        other.addAll(joined);
                        joined = other;
                    }
                }
                parts.add(joined);
            }
        }
        return parts.stream()
                .map(places -> new SessionPart(problem, circuitRounds, linked, available, places))
                .toList();
    }

    private void join(List<List<PartChoice.Alike>> parts, int at, double[] ahead, PartChoice so) {
        if (at == parts.size()) {
            if (best == null || so.value() > best.value() + SAME) {
                best = new Solution(so.chosen(), so.value(), problem.availableS() - available + so.seconds());
            }
            return;
        }
        for (PartChoice.Alike alike : parts.get(at)) {
            if (isHopeless(so.priced() + alike.best() + ahead[at + 1])) {
                return;
            }
            Needs needs = so.needs().and(alike.needs());
            boolean last = at == parts.size() - 1;
            if (!needs.keeps(problem) || (last && !isPartnered(needs))) {
                continue;
            }
            for (PartChoice choice : alike.choices()) {
                if (isHopeless(so.priced() + choice.priced() + ahead[at + 1])) {
                    break;
                }
                if (so.seconds() + choice.seconds() <= available + SAME
                        && so.fitsWith(choice, problem.stressBudget())) {
                    join(parts, at + 1, ahead, so.and(choice));
                }
            }
        }
    }

    private boolean isHopeless(double most) {
        return best != null && most <= best.value() + SAME;
    }

    private boolean isPartnered(Needs needs) {
        return linked < 0 || needs.partnered(problem.sections().get(linked).layout());
    }
}

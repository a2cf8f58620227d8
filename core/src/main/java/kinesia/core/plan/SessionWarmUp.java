package kinesia.core.plan;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.dose.WarmUp;
import kinesia.core.dose.WarmUp.Ramp;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Implement;
import kinesia.core.exercise.Stance;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.plan.Plan.Unit;
import kinesia.core.screening.Limit;
import org.jspecify.annotations.Nullable;

/**
 * The warm-up that belongs to a session. It may take its share of the visit and never outlasts the work; what is over is cut in
 * the order of RULES 4: the general part to two minutes, the extra round, and then either the 40 % ramps and what comes on top
 * of one ramp a muscle, or, in a visit of up to fifteen minutes and where nothing else is left, down to the brief form.
 */
final class SessionWarmUp {
    private final PlanRequest request;
    private final List<Warmed> exercises;

    /** One exercise that may be warmed up to. {@code first} of its muscle; later ones only at a sore place. */
    private record Warmed(Exercise exercise, Slot slot, ReachableLoads loads, boolean first) {}

    private SessionWarmUp(PlanRequest request, List<Warmed> exercises) {
        this.request = request;
        this.exercises = exercises;
    }

    /** What is kept free for it before the exercises are known: its share, and never less than the brief form takes. */
    static int reservedSeconds(PlanRequest request, List<Candidate> candidates) {
        int brief = WarmUp.BRIEF_GENERAL_S;
        for (Head.Group group : Head.Group.values()) {
            brief += candidates.stream()
                    .map(Candidate::exercise)
                    .filter(e -> e.group() == group && e.role().trainsTheArm() && e.bodyWeightShare() == 0)
                    .mapToInt(WarmUp::briefRampSeconds)
                    .max()
                    .orElse(0);
        }
        return Math.max(WarmUp.shareSeconds(request.minutes()), brief);
    }

    /** The steps before {@code units}, whose exercises are found among {@code fits}. */
    static List<WarmUp.Step> before(PlanRequest request, List<Unit> units, List<Fit> fits) {
        List<Warmed> exercises = new ArrayList<>();
        Set<Head.Group> begun = EnumSet.noneOf(Head.Group.class);
        for (Slot slot : units.stream().flatMap(u -> u.slots().stream()).toList()) {
            Fit fit = fits.stream()
                    .filter(f -> f.exercise().key().equals(slot.exerciseKey()))
                    .findFirst()
                    .orElseThrow();
            boolean first = fit.exercise().role().trainsTheArm() && begun.add(slot.group());
            if (first || loadsSore(request, slot)) {
                exercises.add(new Warmed(fit.exercise().atTempo(slot.tempo()), slot, fit.loads(), first));
            }
        }
        int work = SessionClock.workSeconds(units);
        return new SessionWarmUp(request, exercises).within(Math.min(WarmUp.shareSeconds(request.minutes()), work));
    }

    private List<WarmUp.Step> within(int most) {
        List<WarmUp.Step> usual = steps(WarmUp.GENERAL_S, true, Cut.NONE);
        int over = WarmUp.seconds(usual) - most;
        if (over <= 0) {
            return usual;
        }
        int general = Math.max(WarmUp.SHORT_GENERAL_S, WarmUp.GENERAL_S - over);
        List<WarmUp.Step> shorter = steps(general, true, Cut.NONE);
        for (Cut cut : request.minutes() <= WarmUp.BRIEF_UP_TO_MINUTES ? Cut.IN_A_BRIEF_VISIT : Cut.ELSE) {
            if (WarmUp.seconds(shorter) <= most) {
                break;
            }
            shorter = cut == Cut.BRIEF ? brief() : steps(general, false, cut);
        }
        return shorter;
    }

    /** What is left out beside the time of the general part; each leaves out what those before it do. */
    private enum Cut {
        NONE,
        ROUND,
        FORTY,
        ALL_BUT_ONE,
        BRIEF;

        private static final List<Cut> IN_A_BRIEF_VISIT = List.of(ROUND, BRIEF);
        private static final List<Cut> ELSE = List.of(ROUND, FORTY, ALL_BUT_ONE, BRIEF);
    }

    private List<WarmUp.Step> steps(int general, boolean extraRound, Cut cut) {
        List<WarmUp.Step> steps = new ArrayList<>();
        steps.add(WarmUp.general(general, request.minutes(), sits(), false));
        steps.add(WarmUp.arms(extraRound ? twice() : null));
        for (Warmed warmed : exercises) {
            if (warmed.first()) {
                List<WarmUp.Step> ramps =
                        ramp(warmed, WarmUp.usual(warmed.slot().targetEffort()));
                boolean fewer = cut.compareTo(Cut.FORTY) >= 0 && ramps.size() > 1;
                List<WarmUp.Step> without = fewer ? ramps.subList(1, ramps.size()) : ramps;
                steps.addAll(
                        cut.compareTo(Cut.ALL_BUT_ONE) >= 0 && !without.isEmpty() ? without.subList(0, 1) : without);
            } else if (cut.compareTo(Cut.ALL_BUT_ONE) < 0) {
                steps.addAll(ramp(warmed, List.of(Ramp.SIXTY)));
            }
        }
        return steps;
    }

    private List<WarmUp.Step> brief() {
        List<WarmUp.Step> steps = new ArrayList<>();
        steps.add(WarmUp.general(WarmUp.BRIEF_GENERAL_S, request.minutes(), sits(), true));
        exercises.stream().filter(Warmed::first).forEach(w -> steps.addAll(ramp(w, List.of(Ramp.HALF))));
        return steps;
    }

    private static List<WarmUp.Step> ramp(Warmed warmed, List<Ramp> ramps) {
        List<WarmUp.Step> steps = WarmUp.ramp(warmed.exercise(), warmed.slot().load(), warmed.loads(), ramps);
        boolean lifted =
                warmed.exercise().bodyWeightShare() == 0 && warmed.exercise().implement() != Implement.FIXED;
        return steps.isEmpty() && warmed.first() && lifted
                ? List.of(WarmUp.withoutLoad(warmed.exercise(), ramps.contains(Ramp.HALF)))
                : steps;
    }

    /** Whether a limit keeps this client from standing. */
    private boolean sits() {
        return request.limits().stream()
                .anyMatch(l -> l.kind() == Limit.Kind.NO_STANCE
                        && Stance.STANDING.words().equals(l.target()));
    }

    private @Nullable String twice() {
        return request.age() >= WarmUp.EXTRA_ROUND_AGE
                ? "the client is " + request.age()
                : request.stiffOrBack() ? "a stiff morning or the first session back" : null;
    }

    private static boolean loadsSore(PlanRequest request, Slot slot) {
        return request.soreSites().stream()
                .anyMatch(s -> slot.stress().getOrDefault(s.site(), 0.0) >= LimitCheck.LOADS_SITE_FROM);
    }
}

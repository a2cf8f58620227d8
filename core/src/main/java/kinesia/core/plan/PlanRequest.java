package kinesia.core.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import kinesia.core.dose.Equipment;
import kinesia.core.dose.LoggedSet;
import kinesia.core.dose.RestAndTime.Rest;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.Head;
import kinesia.core.reason.InvalidValue;
import kinesia.core.reason.Reason;
import kinesia.core.screening.Limit;
import org.jspecify.annotations.Nullable;

/**
 * Everything a session is composed from.
 *
 * @param visitOn day of the session
 * @param minutes time there is, 8 to 120
 * @param newToTraining starts with 10 to 15 repetitions
 * @param history all logged sets, oldest first
 * @param carryovers what earlier sessions decided, by exercise
 * @param inBlock exercises of the session before with their sets; changing them costs
 * @param leftOut exercises that a response took out, with why
 * @param budget hard sets for each group at this visit
 * @param lastHardOn the last day with hard sets; null when there was none
 * @param stiffOrBack a stiff morning or the first session back
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
        boolean newToTraining,
        List<LoggedSet> history,
        Map<String, Carryover> carryovers,
        Map<String, Integer> inBlock,
        Map<String, Reason> leftOut,
        Map<Head.Group, SetBudget> budget,
        Rest rest,
        Door door,
        @Nullable LocalDate lastHardOn,
        boolean stiffOrBack) {

    public PlanRequest {
        InvalidValue.requireWithin("minutes", minutes, 8, 120, "minutes");
        InvalidValue.requireWithin("age", age, 18, 110, "years");
        limits = List.copyOf(limits);
        soreSites = List.copyOf(soreSites);
        dislikes = Set.copyOf(dislikes);
        history = List.copyOf(history);
        carryovers = Map.copyOf(carryovers);
        inBlock = Map.copyOf(inBlock);
        leftOut = Map.copyOf(leftOut);
        budget = Map.copyOf(budget);
    }

    /** The most hard sets of one group at one visit, and why. */
    public record SetBudget(int sets, Reason reason) {}
}

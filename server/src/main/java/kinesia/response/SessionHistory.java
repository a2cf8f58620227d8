package kinesia.response;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import kinesia.core.dose.LoggedSet;
import kinesia.core.plan.Plan;
import kinesia.core.response.Morning;
import kinesia.core.response.NextVisit;
import kinesia.core.response.Planned;
import kinesia.core.response.SessionRecord;
import kinesia.core.response.SitePain;
import kinesia.floor.SessionPlans;
import kinesia.floor.SetLog;
import kinesia.floor.SetLogs;
import kinesia.floor.TrainingSession;
import kinesia.floor.TrainingSessions;
import kinesia.shared.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Ended sessions with their sets, mornings and next doors, as the core reads them. */
@Component
public class SessionHistory {
    // The first day asks after the hard sets of a week and after the rest since the last one; twice that is enough.
    private static final int DAYS_OF_SETS = 14;

    private final TrainingSessions sessions;
    private final SessionPlans storedPlans;
    private final SetLogs logs;
    private final MorningChecks mornings;

    SessionHistory(TrainingSessions sessions, SessionPlans storedPlans, SetLogs logs, MorningChecks mornings) {
        this.sessions = sessions;
        this.storedPlans = storedPlans;
        this.logs = logs;
        this.mornings = mornings;
    }

    /** One ended session: its row and its record. */
    public record Entry(UUID sessionId, TrainingSession.Status status, SessionRecord record) {}

    /**
     * What of a client's record the next visit turns on, oldest first: the ended sessions of {@link NextVisit#LOOKS_BACK_DAYS}
     * before the last one.
     *
     * @param doorNow the door check of the visit being planned, which closes the last session; null for a preview
     */
    public List<Entry> of(UUID clientId, @Nullable List<SitePain> doorNow) {
        List<TrainingSession> lately = sessions.findOutlines(List.of(clientId), NextVisit.LOOKS_BACK_DAYS);
        List<UUID> ids = lately.stream().map(TrainingSession::id).toList();
        Map<UUID, Plan> plans = storedPlans.ofAll(ids);
        return ofAll(lately, logs.findDone(ids), doorNow, id -> Planned.of(plans.get(id)))
                .getOrDefault(clientId, List.of());
    }

    /**
     * The same of many clients at once, in outline, as {@code today} needs it: each plan is brought only when it is asked for,
     * and of sessions that are over for long only the sets that hurt are there, which is all that a signal asks of them.
     */
    public Map<UUID, List<Entry>> outline(Collection<UUID> clientIds, LocalDate today) {
        List<TrainingSession> lately = sessions.findOutlines(clientIds, NextVisit.LOOKS_BACK_DAYS);
        return ofAll(
                lately,
                logs.findThatHurtOrSince(
                        lately.stream().map(TrainingSession::id).toList(), today.minusDays(DAYS_OF_SETS)),
                null,
                id -> Planned.broughtBy(() -> storedPlans.of(id)));
    }

    /** One ended session by itself: what was planned, done and said of it, without what came before and after. */
    public SessionRecord one(TrainingSession session) {
        return ofAll(
                        List.of(session),
                        logs.findBySessionIdAndUndoneFalseOrderByLoggedAt(session.id()),
                        null,
                        id -> Planned.broughtBy(() -> storedPlans.of(id)))
                .values()
                .stream()
                .flatMap(List::stream)
                .map(Entry::record)
                .findFirst()
                .orElseThrow(() -> Problem.refused("This session is still running."));
    }

    private Map<UUID, List<Entry>> ofAll(
            List<TrainingSession> all,
            List<SetLog> done,
            @Nullable List<SitePain> doorNow,
            Function<UUID, Planned> plans) {
        List<UUID> ids = all.stream().map(TrainingSession::id).toList();
        Map<UUID, List<SetLog>> sets = done.stream().collect(Collectors.groupingBy(SetLog::sessionId));
        Map<UUID, Morning> answered = mornings.findAllById(ids).stream()
                .collect(Collectors.toMap(MorningCheck::sessionId, MorningCheck::answers));
        Map<UUID, List<TrainingSession>> byClient = all.stream()
                .collect(Collectors.groupingBy(TrainingSession::clientId, LinkedHashMap::new, Collectors.toList()));
        Map<UUID, List<Entry>> result = new HashMap<>();
        byClient.forEach((client, own) -> result.put(client, entries(own, plans, sets, answered, doorNow)));
        return result;
    }

    private static List<Entry> entries(
            List<TrainingSession> own,
            Function<UUID, Planned> plans,
            Map<UUID, List<SetLog>> sets,
            Map<UUID, Morning> mornings,
            @Nullable List<SitePain> doorNow) {
        List<Entry> entries = new ArrayList<>();
        for (int i = 0; i < own.size(); i++) {
            TrainingSession session = own.get(i);
            if (!session.isOpen()) {
                List<SitePain> next = i + 1 < own.size() ? own.get(i + 1).door().sites() : doorNow;
                List<LoggedSet> done = sets.getOrDefault(session.id(), List.of()).stream()
                        .map(toSet(session))
                        .toList();
                entries.add(new Entry(
                        session.id(),
                        session.status(),
                        new SessionRecord(
                                session.visitOn(),
                                plans.apply(session.id()),
                                session.soreSites(),
                                done,
                                true,
                                session.rightAfter(),
                                mornings.get(session.id()),
                                next)));
            }
        }
        return entries;
    }

    private static Function<SetLog, LoggedSet> toSet(TrainingSession session) {
        return log -> log.set(session.visitOn());
    }
}

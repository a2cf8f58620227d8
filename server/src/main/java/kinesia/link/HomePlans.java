package kinesia.link;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import kinesia.account.RoomCalendar;
import kinesia.client.Client;
import kinesia.core.dose.LoggedSet;
import kinesia.core.plan.Door;
import kinesia.core.response.HomeLog;
import kinesia.core.response.SessionRecord;
import kinesia.floor.DoorAnswers;
import kinesia.floor.SessionPlans;
import kinesia.floor.SetLog;
import kinesia.floor.SetLogs;
import kinesia.floor.TrainingSession;
import kinesia.floor.TrainingSessions;
import kinesia.plan.ClientDays;
import kinesia.plan.Composition;
import kinesia.plan.VisitPlanner;
import kinesia.response.SessionHistory;
import kinesia.room.Place;
import kinesia.screening.Standings;
import org.springframework.stereotype.Component;

/** Plans a session to be done alone, and turns its log into a session like any other: it counts in everything that follows. */
@Component
class HomePlans {
    private final SessionHistory history;
    private final Standings standings;
    private final ClientDays days;
    private final VisitPlanner visits;
    private final TrainingSessions sessions;
    private final SessionPlans plans;
    private final SetLogs logs;
    private final RoomCalendar calendar;

    HomePlans(
            SessionHistory history,
            Standings standings,
            ClientDays days,
            VisitPlanner visits,
            TrainingSessions sessions,
            SessionPlans plans,
            SetLogs logs,
            RoomCalendar calendar) {
        this.history = history;
        this.standings = standings;
        this.days = days;
        this.visits = visits;
        this.sessions = sessions;
        this.plans = plans;
        this.logs = logs;
        this.calendar = calendar;
    }

    VisitPlanner.Outcome plan(Client client, Place place, LocalDate on, int minutes) {
        List<SessionRecord> records = history.of(client.id(), null).stream()
                .map(SessionHistory.Entry::record)
                .toList();
        return visits.plan(
                client,
                days.of(client, on),
                place.equipment(),
                standings.of(client.id(), on),
                records,
                on,
                Door.quiet(),
                Composition.lasting(minutes),
                List.of());
    }

    /** Stores {@code home} as done on {@code on} with the sets that were said, in the order of its plan. */
    void done(HomeSession home, Client client, LocalDate on, List<HomeLog.ExerciseSaid> said) {
        List<LoggedSet> sets = HomeLog.sets(home.plan(), on, said);
        TrainingSession session = new TrainingSession(
                home.getId(),
                client.id(),
                on,
                home.soreSites(),
                new DoorAnswers(null, false, false, List.of(), home.placeId()),
                List.of(),
                List.of(),
                home.madeBy());
        session.finish(calendar.now(), List.of());
        sessions.saveAndFlush(session);
        plans.keep(home.getId(), home.plan());
        for (int i = 0; i < sets.size(); i++) {
            UUID id = UUID.nameUUIDFromBytes(
                    (home.getId() + " set " + i).getBytes(java.nio.charset.StandardCharsets.UTF_8));
            logs.save(new SetLog(id, home.getId(), calendar.now().plusSeconds(i), sets.get(i), List.of()));
        }
        home.done(calendar.now());
    }
}

package kinesia.demo;

import java.nio.charset.StandardCharsets;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import kinesia.account.Account;
import kinesia.account.Accounts;
import kinesia.account.Role;
import kinesia.account.Room;
import kinesia.account.RoomCalendar;
import kinesia.account.Rooms;
import kinesia.client.Client;
import kinesia.client.ClientDetails;
import kinesia.client.Clients;
import kinesia.core.dose.LoggedSet;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Head;
import kinesia.core.plan.Door;
import kinesia.core.plan.Goal;
import kinesia.core.plan.TrainingBlock;
import kinesia.core.plan.TrainingWeek;
import kinesia.core.response.Changes;
import kinesia.core.response.Morning;
import kinesia.core.response.Ruling;
import kinesia.core.response.SessionRecord;
import kinesia.core.response.SitePain;
import kinesia.core.screening.PainScore;
import kinesia.core.screening.ScreenAnswers;
import kinesia.core.screening.ScreenAnswers.FlagAnswer;
import kinesia.core.screening.ScreenQuestions;
import kinesia.core.screening.ScreeningRules;
import kinesia.core.screening.SiteRecord;
import kinesia.floor.DoorAnswers;
import kinesia.floor.SessionPlans;
import kinesia.floor.SetLog;
import kinesia.floor.SetLogs;
import kinesia.floor.TrainingSession;
import kinesia.floor.TrainingSessions;
import kinesia.link.Invitations;
import kinesia.plan.ClientDays;
import kinesia.plan.Composition;
import kinesia.plan.RulingBook;
import kinesia.plan.VisitPlanner;
import kinesia.report.Reviews;
import kinesia.report.StoredReview;
import kinesia.report.StoredReviews;
import kinesia.response.MorningCheck;
import kinesia.response.MorningChecks;
import kinesia.room.Place;
import kinesia.room.StarterPlaces;
import kinesia.screening.Screen;
import kinesia.screening.Screens;
import kinesia.screening.Standing;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Fills an empty installation with the invented scenario, once, before the first request is taken. Dates are relative to
 * the day it is loaded.
 */
@Component
@ConditionalOnProperty(name = "kinesia.demo", havingValue = "true")
class DemoLoader implements SmartInitializingSingleton {
    private static final Logger LOG = LoggerFactory.getLogger(DemoLoader.class);
    private static final long SEED = 20_240_611;
    private static final int SCREEN_EVERY_DAYS = 28;
    private static final int DAYS_IN_BLOCK = 16;
    private static final int BLOCK_WEEKS = 6;
    private static final int RULED_EVERY = 4;
    private static final LocalTime FIRST_VISIT = LocalTime.of(8, 30);
    private static final long MINUTES_APART = 50;
    private static final int MAIL_FROM_AGE = 60;

    private final Rooms rooms;
    private final Accounts accounts;
    private final PasswordEncoder passwords;
    private final StarterPlaces places;
    private final Clients clients;
    private final Screens screens;
    private final TrainingSessions sessions;
    private final SessionPlans plans;
    private final SetLogs logs;
    private final MorningChecks mornings;
    private final VisitPlanner planner;
    private final RulingBook rulings;
    private final Reviews reviews;
    private final StoredReviews storedReviews;
    private final ClientDays clientDays;
    private final ScreeningRules screening;
    private final ExerciseModel model;
    private final RoomCalendar calendar;
    private final Invitations invitations;
    private final TransactionTemplate transactions;

    DemoLoader(
            Rooms rooms,
            Accounts accounts,
            PasswordEncoder passwords,
            StarterPlaces places,
            Clients clients,
            Screens screens,
            TrainingSessions sessions,
            SessionPlans plans,
            SetLogs logs,
            MorningChecks mornings,
            VisitPlanner planner,
            RulingBook rulings,
            Reviews reviews,
            StoredReviews storedReviews,
            ClientDays clientDays,
            ScreeningRules screening,
            ExerciseModel model,
            RoomCalendar calendar,
            Invitations invitations,
            TransactionTemplate transactions) {
        this.invitations = invitations;
        this.rooms = rooms;
        this.accounts = accounts;
        this.passwords = passwords;
        this.places = places;
        this.clients = clients;
        this.screens = screens;
        this.sessions = sessions;
        this.plans = plans;
        this.logs = logs;
        this.mornings = mornings;
        this.planner = planner;
        this.rulings = rulings;
        this.reviews = reviews;
        this.storedReviews = storedReviews;
        this.clientDays = clientDays;
        this.screening = screening;
        this.model = model;
        this.calendar = calendar;
        this.transactions = transactions;
    }

    @Override
    public void afterSingletonsInstantiated() {
        transactions.executeWithoutResult(status -> load());
    }

    private void load() {
        if (accounts.count() > 0) {
            return;
        }
        Room room = rooms.save(new Room("Tidewheel Room"));
        String hash = passwords.encode("tide-wheel-demo");
        accounts.save(new Account(room, "owner@tidewheel.example", "Liv Tanager", Role.OWNER, hash));
        accounts.save(new Account(room, "trainer@tidewheel.example", "Oda Brandt", Role.TRAINER, hash));
        Room other = rooms.save(new Room("Lantern Loft"));
        accounts.save(new Account(other, "trainer@lanternloft.example", "Kjell Moe", Role.TRAINER, hash));
        Place place = places.forRoom(room.id()).get(0);
        LocalDate today = calendar.today(room.id());
        int number = 0;
        for (DemoClient who : DemoClient.all()) {
            new Run(who, room, place, today, number++).through();
        }
        LOG.info("demo data loaded: {} clients, {} sessions, {} sets", clients.count(), sessions.count(), logs.count());
    }

    /** One client's three months. */
    private final class Run {
        private final DemoClient who;
        private final LocalDate today;
        private final Client client;
        private final InventedResponse response;
        private final List<SessionRecord> records = new ArrayList<>();
        private final List<UUID> sessionIds = new ArrayList<>();
        private final LocalTime timeOfDay;
        private Screen screen;
        private int screensTaken;
        private int reviewsTaken;
        private ClientDays.Days days;

        Run(DemoClient who, Room room, Place place, LocalDate today, int number) {
            long seed = SEED + number;
            this.who = who;
            this.timeOfDay = FIRST_VISIT.plusMinutes(MINUTES_APART * number);
            this.today = today;
            List<String> cautions = screening.questions().cautions().stream()
                    .map(ScreenQuestions.Caution::id)
                    .toList();
            this.client = clients.save(new Client(
                    id("client " + who.name()),
                    room.id(),
                    place,
                    new ClientDetails(
                            who.name(),
                            today.minusYears(who.age()).minusDays(120),
                            who.sex(),
                            who.statureM(),
                            who.bodyMassKg(),
                            who.hand(),
                            who.goal(),
                            who.life(),
                            new ClientDetails.Story(who.newToTraining() ? 0 : 60, !who.newToTraining(), true),
                            who.units(),
                            2,
                            who.minutes(),
                            place.id(),
                            who.cautionAnswers(cautions),
                            Map.of(),
                            List.of(),
                            who.goal() == Goal.STRENGTH ? "rows a skiff on Saturdays" : "",
                            who.goal() == Goal.STRENGTH
                                    ? List.of(new TrainingWeek.OtherTraining(
                                            DayOfWeek.SATURDAY, Head.Group.FLEXORS, false))
                                    : List.of(),
                            who.life().contains("Sunday") ? List.of(DayOfWeek.SUNDAY) : List.of(),
                            // Their days follow the day the demo is looked at, as its whole story does.
                            List.of(today.getDayOfWeek(), today.plusDays(3).getDayOfWeek()),
                            who.life().startsWith("Choir")
                                    ? List.of(new ClientDetails.ComingEvent("Advent concert", today.plusDays(17)))
                                    : List.of(),
                            List.of())));
            this.response = new InventedResponse(who, model, client.body(), seed);
        }

        void through() {
            keepBlocks();
            LocalDate day = today.minusDays(who.firstDaysAgo());
            LocalDate last = today.minusDays(who.lastDaysAgo());
            List<LocalDate> days = new ArrayList<>();
            // Counted back from the last session, so that every story ends on its day: 3 and 4 days apart in turn.
            int gap = 3;
            for (LocalDate d = last; !d.isBefore(day); d = d.minusDays(gap)) {
                days.add(0, d);
                gap = 7 - gap;
            }
            for (int i = 0; i < days.size(); i++) {
                if (screen == null || !days.get(i).isBefore(screen.takenOn().plusDays(SCREEN_EVERY_DAYS))) {
                    takeScreen(days.get(i), null);
                }
                review(days.get(i));
                session(days.get(i), days.size() - 1 - i);
            }
            if (who.refer() != null) {
                takeScreen(today.minusDays(2), who.refer());
            } else {
                book();
            }
            reach();
        }

        /** Agreed to be asked by most, and the last morning that was not answered is asked. */
        private void reach() {
            if (who.goal() == Goal.STRENGTH) {
                return; // one who wants nothing sent
            }
            boolean mail = who.age() > MAIL_FROM_AGE;
            String first = who.name().substring(0, who.name().indexOf(' ')).toLowerCase(Locale.ROOT);
            invitations.agree(
                    client.id(),
                    mail,
                    mail ? first + "@varnholm.example" : "+00 555 01" + (10 + who.age()),
                    today.minusDays(who.firstDaysAgo()),
                    "Oda Brandt");
            if (!who.lastMorning() && !sessionIds.isEmpty()) {
                invitations.morning(
                        client,
                        sessionIds.get(sessionIds.size() - 1),
                        today.minusDays(who.lastDaysAgo()),
                        today.minusDays(who.lastDaysAgo() - 1L));
            }
        }

        /** Two blocks, of which the second is in its third week; who has trained for a shorter time has none. */
        private void keepBlocks() {
            LocalDate second = today.minusDays(DAYS_IN_BLOCK);
            LocalDate first = second.minusWeeks(BLOCK_WEEKS);
            if (first.isBefore(today.minusDays(who.firstDaysAgo()))) {
                return;
            }
            for (LocalDate start : List.of(first, second)) {
                clientDays.keep(
                        id("block " + who.name() + start),
                        client.id(),
                        new TrainingBlock(start, BLOCK_WEEKS, who.goal(), BLOCK_WEEKS, false, null),
                        "Oda Brandt");
            }
        }

        /** At the first visit of each block, where this client was measured. */
        private void review(LocalDate on) {
            List<DemoReview> said = DemoReview.of(who.name());
            LocalDate due = today.minusDays(DAYS_IN_BLOCK).minusWeeks(reviewsTaken == 0 ? BLOCK_WEEKS : 0);
            if (reviewsTaken >= said.size() || on.isBefore(due)) {
                return;
            }
            DemoReview review = said.get(reviewsTaken++);
            storedReviews.save(new StoredReview(
                    id("review " + who.name() + on),
                    client.id(),
                    on,
                    at(on, 9),
                    "Oda Brandt",
                    reviews.measured(
                            client,
                            on,
                            review.activities(),
                            review.pushes(),
                            review.rung(),
                            review.curls(),
                            review.girth(),
                            review.grip()),
                    review.decision()));
        }

        private ClientDays.Days days() {
            if (days == null) {
                days = clientDays.of(client, today);
            }
            return days;
        }

        /** The next two weeks' visits, each at the client's own time of day. */
        private void book() {
            LocalDate next = planner.firstDay(client, days(), Standing.of(screen), records, today);
            int gap = 3;
            for (LocalDate on = next; on.isBefore(next.plusWeeks(2)); on = on.plusDays(gap)) {
                clientDays.book(
                        new ClientDays.Booked(
                                id("visit " + who.name() + on),
                                on,
                                timeOfDay,
                                who.minutes(),
                                client.place().id()),
                        client.id(),
                        "Oda Brandt");
                gap = 7 - gap;
            }
        }

        private int usual() {
            return who.usual().isEmpty()
                    ? 0
                    : who.usual()
                            .get(Math.min(
                                    Math.max(0, screensTaken - 1), who.usual().size() - 1));
        }

        private void takeScreen(LocalDate on, String flag) {
            screensTaken++;
            Map<String, FlagAnswer> flags = new LinkedHashMap<>(ScreeningRules.noFlags(screening.questions()));
            if (flag != null) {
                flags.put(flag, new FlagAnswer(true, null));
            }
            DemoClient.Sore sore = who.sore();
            List<SiteRecord> sites = sore == null
                    ? List.of()
                    : List.of(new SiteRecord(
                            sore.site(),
                            sore.side(),
                            26 + 4 * screensTaken,
                            PainScore.of(usual()),
                            PainScore.of(Math.max(0, usual() - 2)),
                            PainScore.of(Math.max(0, usual() - 1)),
                            PainScore.of(usual() + 1),
                            PainScore.of(usual()),
                            PainScore.of(usual() > 2 ? 2 : 0),
                            usual() > 2 ? flag == null ? 10 : 60 : null,
                            usual() > 2 ? 8.0 : 1.0,
                            sore.provokedBy(),
                            screening.questions().siteFlags().stream()
                                    .collect(Collectors.toMap(ScreenQuestions.SiteFlag::id, f -> false)),
                            null));
            ScreenAnswers answers = new ScreenAnswers(
                    flags,
                    // Medicine that slows the heart is taken for something that is known.
                    new ScreenAnswers.Readiness(who.active(), who.takesHeartMedicine(), false, false),
                    new ScreenAnswers.Pressure(false, List.of(response.reading())),
                    client.cautions(),
                    client.cautionDetails(),
                    sites,
                    who.checks(screensTaken),
                    List.of(),
                    null,
                    ScreeningRules.VERSION);
            screen = screens.save(new Screen(
                    id("screen " + who.name() + on),
                    client.id(),
                    on,
                    at(on, 9),
                    "Oda Brandt",
                    answers,
                    screening.assess(answers, on)));
        }

        private void session(LocalDate on, int fromEnd) {
            List<SitePain> door = response.door(usual());
            closeLast(door);
            VisitPlanner.Outcome outcome = planned(on);
            if (who.says().against() != null && records.size() % RULED_EVERY == RULED_EVERY - 1) {
                ruled(outcome.changes(), on, who.says().against());
                outcome = planned(on);
            }
            if (outcome.result().plan() == null) {
                return; // a held week stays empty, as it would in life
            }
            UUID id = id("session " + who.name() + on);
            DoorAnswers answers = new DoorAnswers(7.0, false, false, door, null);
            TrainingSession session = new TrainingSession(
                    id,
                    client.id(),
                    on,
                    outcome.soreSites(),
                    answers,
                    outcome.changes(),
                    outcome.signals(),
                    "Oda Brandt");
            session.finish(at(on, 11), List.of()); // before it is stored: only one session of a client may stand open
            // Before what refers to it: rulings are read again between two visits, which writes what waits.
            sessions.saveAndFlush(session);
            sessionIds.add(id);
            plans.keep(id, outcome.result().plan());
            rulings.begun(id, client, records, outcome.changes(), "Oda Brandt");
            double weeks = (who.firstDaysAgo() - (today.toEpochDay() - on.toEpochDay())) / 7.0;
            List<LoggedSet> sets = response.work(
                    outcome.result().plan(), on, weeks, usual(), client.place().equipment());
            for (int i = 0; i < sets.size(); i++) {
                logs.save(new SetLog(
                        id("set " + who.name() + on + i), id, at(on, 10).plusSeconds(90L * i), sets.get(i), List.of()));
            }
            Morning morning = fromEnd == 0 && !who.lastMorning()
                    ? null
                    : response.morning(on.plusDays(1), usual(), fromEnd, records.size());
            if (morning != null) {
                mornings.save(new MorningCheck(id, morning, at(on.plusDays(1), 8)));
            }
            records.add(new SessionRecord(on, outcome.result().plan(), outcome.soreSites(), sets, morning, null));
        }

        private VisitPlanner.Outcome planned(LocalDate on) {
            return planner.plan(
                    client,
                    days(),
                    client.place().equipment(),
                    Standing.of(screen),
                    records,
                    on,
                    Door.quiet(),
                    Composition.NONE,
                    rulings.of(client.id(), records));
        }

        /** The first load that would have changed stays as it was. */
        private void ruled(List<Changes.Change> changes, LocalDate on, String word) {
            changes.stream()
                    .filter(c -> c.kind() == Changes.Kind.LOAD && c.key() != null)
                    .findFirst()
                    .ifPresent(c -> rulings.keep(
                            id("ruling " + who.name() + on),
                            client,
                            records,
                            new Ruling(
                                    Objects.requireNonNull(c.key()),
                                    c.kind(),
                                    c.reason().ruleId(),
                                    c.reason().threshold(),
                                    Ruling.Choice.OVERRULED,
                                    word),
                            "Oda Brandt"));
        }

        private void closeLast(List<SitePain> door) {
            if (!records.isEmpty()) {
                SessionRecord r = records.remove(records.size() - 1);
                records.add(new SessionRecord(r.on(), r.plan(), r.soreSites(), r.sets(), r.morning(), door));
            }
        }
    }

    private static Instant at(LocalDate day, int hour) {
        return day.atTime(hour, 0).atZone(ZoneId.systemDefault()).toInstant();
    }

    /** Ids that are the same for every load of the demo, so that links and tests can name them. */
    private static UUID id(String what) {
        return UUID.nameUUIDFromBytes(("kinesia demo " + what).getBytes(StandardCharsets.UTF_8));
    }
}

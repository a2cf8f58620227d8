package kinesia.core.response;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import kinesia.core.RuleFiles;
import kinesia.core.arm.Sex;
import kinesia.core.arm.Side;
import kinesia.core.dose.ClientStrength;
import kinesia.core.dose.Effort;
import kinesia.core.dose.Equipment;
import kinesia.core.dose.Load;
import kinesia.core.dose.LoggedSet;
import kinesia.core.dose.Person;
import kinesia.core.dose.RestAndTime;
import kinesia.core.dose.TrainingStory;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Place;
import kinesia.core.exercise.Site;
import kinesia.core.plan.Door;
import kinesia.core.plan.Goal;
import kinesia.core.plan.Method;
import kinesia.core.plan.Methods;
import kinesia.core.plan.Plan;
import kinesia.core.plan.PlanRequest;
import kinesia.core.plan.SoreSite;
import kinesia.core.plan.TrainingWeek;
import kinesia.core.reason.RuleFile;
import kinesia.core.screening.PainScore;
import kinesia.core.screening.ScreeningRules;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The written histories of histories.yaml: the signal of each visit, and what is decided. */
class HistoriesTest {
    private static final ExerciseModel MODEL = RuleFiles.model();
    private static final ScreeningRules SCREENING = new ScreeningRules(RuleFiles.questions());
    private static final LocalDate DAY = LocalDate.of(2026, 3, 2);
    private static final Body BODY = new Body(Sex.FEMALE, 1.66, 68);
    private static final TrainingStory STORY = new TrainingStory(60, false, true);
    private static final Place PLACE = new Place(Site.BACK_OF_ELBOW, Side.RIGHT);
    private static final Exercise EXERCISE = MODEL.catalogue().get("lying-extension");
    private static final Equipment ROOM = new Equipment(
            List.of(2.0, 3.0, 3.5, 4.0, 4.25, 5.0),
            null,
            null,
            null,
            null,
            List.of(),
            Set.of("chair", "flat bench", "mat"),
            List.of());
    private static final Map<Site, Double> STRESS = MODEL.stress(
            EXERCISE,
            BODY,
            ClientStrength.of(MODEL, new Person(BODY, 62, STORY, Set.of()), List.of(), DAY)
                    .both());

    static Stream<RuleFile> histories() throws IOException {
        try (InputStream in = HistoriesTest.class.getResourceAsStream("histories.yaml")) {
            return RuleFile.parse("histories.yaml", new String(in.readAllBytes(), StandardCharsets.UTF_8))
                    .onlyKeys("histories")
                    .at("histories")
                    .items()
                    .stream();
        }
    }

    private static List<SessionRecord> records(RuleFile history) {
        int usual = history.at("usual").whole();
        List<RuleFile> visits = history.at("visits").items();
        List<SessionRecord> records = new ArrayList<>();
        for (RuleFile visit : visits) {
            records.add(record(
                    visit.onlyKeys("d", "during", "after", "m", "o", "reps", "effort", "load", "sharp", "tingles"),
                    usual));
        }
        return records;
    }

    private static SessionRecord record(RuleFile visit, int usual) {
        LocalDate on = DAY.plusDays(visit.at("d").whole());
        double kg = visit.find("load").map(RuleFile::number).orElse(4.0);
        int quiet = Math.max(0, usual);
        Integer during = said(visit, "during", 0);
        Integer morning = said(visit, "m", quiet);
        Integer door = said(visit, "o", quiet);
        int pain = during == null ? 0 : during;
        List<LoggedSet> sets = new ArrayList<>();
        for (int n = 1; n <= 3; n++) {
            sets.add(new LoggedSet(
                    on,
                    EXERCISE.key(),
                    null,
                    n,
                    Load.ofKg(kg),
                    visit.find("reps").map(RuleFile::whole).orElse(12),
                    effort(visit),
                    PainScore.of(pain),
                    pain > 0 ? PLACE.site() : null,
                    pain > 0 ? PLACE.side() : null));
        }
        boolean sharp = visit.find("sharp").isPresent();
        boolean tingles = visit.find("tingles").isPresent();
        return new SessionRecord(
                on,
                Planned.of(plan(on, kg)),
                usual < 0 ? List.of() : List.of(new SoreSite(PLACE.site(), PLACE.side(), PainScore.of(usual))),
                sets,
                during != null,
                visit.find("after").map(a -> List.of(there(a.whole()))).orElse(List.of()),
                morning == null ? null : new Morning(on.plusDays(1), List.of(there(morning)), 1, 7.0, sharp, tingles),
                door == null ? null : List.of(there(door)));
    }

    private static @Nullable Integer said(RuleFile visit, String what, int otherwise) {
        return visit.find(what)
                .map(v -> v.text().equals("-") ? -1 : v.whole())
                .map(v -> v < 0 ? null : v)
                .orElse(visit.find(what).isPresent() ? null : Integer.valueOf(otherwise));
    }

    private static @Nullable Effort effort(RuleFile visit) {
        if (visit.find("effort").isEmpty()) {
            return Effort.of(7);
        }
        RuleFile said = visit.at("effort");
        return said.text().equals("-") ? null : Effort.of(said.number());
    }

    private static SitePain there(int pain) {
        return new SitePain(PLACE.site(), PLACE.side(), PainScore.of(pain));
    }

    private static Plan plan(LocalDate on, double kg) {
        Plan.Slot slot = new Plan.Slot(
                EXERCISE.key(),
                EXERCISE.name(),
                EXERCISE.group(),
                EXERCISE.arms(),
                EXERCISE.movement(),
                3,
                new Exercise.RepRange(8, 12),
                Load.ofKg(kg),
                false,
                Effort.of(7.5),
                EXERCISE.tempo(),
                STRESS,
                Map.of());
        Plan.Unit unit = new Plan.Unit("A", Method.Layout.STRAIGHT, 90, 10, 30, List.of(slot));
        return new Plan(
                on,
                List.of(),
                List.of(unit),
                90,
                RestAndTime.first().reason(),
                new Plan.Minutes(6, 12),
                List.of(),
                List.of());
    }

    private static NextRequest.Prepared prepare(RuleFile history, List<SessionRecord> records) {
        int usual = history.at("usual").whole();
        LocalDate last = records.get(records.size() - 1).on();
        LocalDate on = history.find("next").map(n -> DAY.plusDays(n.whole())).orElse(last.plusDays(3));
        List<SoreSite> sore =
                usual < 0 ? List.of() : List.of(new SoreSite(PLACE.site(), PLACE.side(), PainScore.of(usual)));
        return NextRequest.of(
                new NextRequest.Trainee(
                        BODY,
                        62,
                        STORY,
                        TrainingWeek.of(Goal.FUNCTION, 2),
                        new SoreNow.Screened(sore, List.of(), DAY.minusDays(30)),
                        Set.of()),
                new NextRequest.Room(MODEL, ROOM, List.of(), Map.of()),
                new NextRequest.Booking(on, 40, Door.quiet(), Methods.open(), PlanRequest.Wishes.NONE),
                SCREENING,
                records);
    }

    /** What comes of one history: the load of the next visit, none where the exercise is out, the last signal and what is done with the exercise. */
    record Decided(double kg, Signal last, Decisions.What what) {}

    static Decided decided(RuleFile history) {
        List<SessionRecord> records = records(history);
        NextRequest.Prepared prepared = prepare(history, records);
        Decisions decisions = Decisions.of(prepared, records);
        List<SiteSignal> signals = decisions.visits().get(records.size() - 1).signals();
        Decisions.What what = decisions.exercises().get(0).what();
        boolean out = what == Decisions.What.SWAP || what == Decisions.What.REST;
        return new Decided(
                out
                        ? 0
                        : prepared.request()
                                .carryovers()
                                .get(EXERCISE.key())
                                .load()
                                .kg(),
                SignalRules.worst(signals),
                what);
    }

    @ParameterizedTest
    @MethodSource("histories")
    void a_written_history_is_judged_and_decided_as_written(RuleFile history) {
        history.onlyKeys("name", "usual", "visits", "next", "signals", "decide", "load", "reps", "ask");
        String name = history.at("name").text();
        List<SessionRecord> records = records(history);
        NextRequest.Prepared prepared = prepare(history, records);
        Decisions decided = Decisions.of(prepared, records);
        assertThat(decided.visits().stream()
                        .flatMap(v -> v.signals().stream())
                        .filter(s -> s.place().equals(PLACE))
                        .map(s -> s.signal().name().toLowerCase(Locale.ROOT)))
                .as(name + ": signals")
                .containsExactlyElementsOf(history.at("signals").texts());
        Decisions.Decision decision = decided.exercises().get(0);
        assertThat(decision.what().name().toLowerCase(Locale.ROOT).replace('_', '-'))
                .as(name + ": " + decision.change() + ". " + decision.reason().exact())
                .isEqualTo(history.at("decide").text());
        history.find("load")
                .ifPresent(kg -> assertThat(prepared.request()
                                .carryovers()
                                .get(EXERCISE.key())
                                .load()
                                .kg())
                        .as(name + ": " + decision.reason().exact())
                        .isEqualTo(kg.number()));
        history.find("reps")
                .ifPresent(reps -> assertThat(prepared.request()
                                .carryovers()
                                .get(EXERCISE.key())
                                .reps()
                                .high())
                        .as(name)
                        .isEqualTo(reps.whole()));
        history.find("ask")
                .ifPresent(ask -> assertThat(!decided.next().askAbout().isEmpty())
                        .as(name + ": asked about")
                        .isEqualTo(ask.yesNo()));
    }

    @Test
    void there_are_at_least_eighty_histories() throws IOException {
        assertThat(histories().count()).isGreaterThanOrEqualTo(80);
    }
}

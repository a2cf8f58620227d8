package kinesia.core.plan;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import kinesia.core.RuleFiles;
import kinesia.core.arm.Sex;
import kinesia.core.arm.Side;
import kinesia.core.dose.ClientStrength;
import kinesia.core.dose.Equipment;
import kinesia.core.dose.Person;
import kinesia.core.dose.TrainingStory;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Site;
import kinesia.core.exercise.Stance;
import kinesia.core.reason.Reason;
import kinesia.core.reason.RuleFile;
import kinesia.core.reason.Tag;
import kinesia.core.screening.Limit;
import kinesia.core.screening.PainScore;
import org.jspecify.annotations.Nullable;

/** The written people of first-choices.yaml with the atlas that each of them gets. */
final class FirstChoices {
    private static final LocalDate DAY = LocalDate.of(2026, 3, 2);
    static final Equipment AT_HOME = new Equipment(
            List.of(),
            null,
            null,
            null,
            null,
            List.of(new Equipment.Band("thin", 20), new Equipment.Band("green", 40)),
            Set.of("chair", "table"),
            List.of());
    private static final RuleFile FILE = read();

    static final List<Limit> FROM_A_CHAIR = Stream.of(Stance.values())
            .filter(s -> s != Stance.SEATED)
            .map(s -> not(s.name().toLowerCase(Locale.ROOT).replace('_', '-')))
            .toList();

    private static Limit not(String stance) {
        Reason reason = Reason.of("TEST", Tag.HOUSE, "", "From a wheelchair.", "From the chair.");
        return new Limit(Limit.Kind.NO_STANCE, null, null, null, stance, null, null, null, DAY.plusDays(28), reason);
    }

    private FirstChoices() {}

    /**
     * One person and what is expected.
     *
     * @param provokedBy what provokes the sore place; null when nothing is said
     */
    record Written(
            String who,
            Person person,
            List<SoreSite> sore,
            String room,
            @Nullable String provokedBy,
            double curlKg,
            double curlHereKg,
            double lyingExtensionKg) {

        ClientStrength strength() {
            return ClientStrength.of(RuleFiles.model(), person, List.of(), DAY);
        }

        Atlas atlas() {
            List<Limit> limits = room.equals("seated") ? FROM_A_CHAIR : List.of();
            return new Atlas(
                    RuleFiles.model(),
                    new Atlas.Asked(
                            person,
                            strength().both(),
                            Map.of(),
                            limits,
                            sore,
                            room.equals("bands") ? AT_HOME : People.GYM,
                            List.of(),
                            false));
        }

        /** The best for {@code group}, best first. */
        List<Atlas.Entry> first(Head.Group group, int count) {
            return atlas().ranked().stream()
                    .filter(e -> e.isAllowed()
                            && e.exercise().role() == kinesia.core.exercise.Role.MAIN
                            && e.exercise().group() == group)
                    .limit(count)
                    .toList();
        }

        /** One of these comes among the first three. */
        Set<String> oneOf(Head.Group group) {
            if (room.equals("bands")) {
                return group == Head.Group.FLEXORS
                        ? named(List.of("band-curls"))
                        : named(List.of("band-presses", "wall-push-up", "press-downs"));
            }
            if (provokedBy != null && group == Head.Group.EXTENSORS) {
                return named(List.of("press-downs"));
            }
            Set<String> kind = null;
            for (String place : places()) {
                Set<String> here = expected(place, group, "one-of");
                if (kind == null) {
                    kind = here;
                } else {
                    kind.retainAll(here);
                }
            }
            return java.util.Objects.requireNonNull(kind);
        }

        /** None of these does. */
        Set<String> never(Head.Group group) {
            Set<String> never = named(FILE.at("never-first").at(name(group)).texts());
            places().forEach(place -> never.addAll(expected(place, group, "never")));
            if (group == Head.Group.EXTENSORS) {
                boolean choice = !room.equals("bands");
                if ((choice && person.age() >= 75) || person.story().isFrail(person.age())) {
                    never.addAll(named(List.of("overhead-extensions")));
                }
                if ("pressing".equals(provokedBy)) {
                    never.addAll(named(List.of("presses", "push-ups", "wall-push-up", "dips")));
                }
                if ("leaning".equals(provokedBy)) {
                    never.addAll(named(List.of("push-ups", "wall-push-up", "dips", "side-lying-press-up")));
                }
            }
            return never;
        }

        private List<String> places() {
            return sore.isEmpty()
                    ? List.of("nothing")
                    : sore.stream()
                            .map(s -> s.site().name().toLowerCase(Locale.ROOT).replace('_', '-'))
                            .toList();
        }
    }

    private static Set<String> expected(String place, Head.Group group, String which) {
        return named(FILE.at("places").at(place).at(name(group)).at(which).texts());
    }

    private static Set<String> named(List<String> groups) {
        Set<String> keys = new HashSet<>();
        groups.forEach(g -> keys.addAll(FILE.at("groups").at(g).texts()));
        return keys;
    }

    private static String name(Head.Group group) {
        return group == Head.Group.FLEXORS ? "bends" : "straightens";
    }

    /** All sixty. */
    static List<Written> people() {
        List<Written> people = new ArrayList<>();
        for (RuleFile item : FILE.at("people").items()) {
            RuleFile body = item.at("body");
            boolean sored = item.find("sore").isPresent();
            List<SoreSite> sore = !sored
                    ? List.of()
                    : item.at("sore").items().stream()
                            .map(s -> new SoreSite(
                                    s.at("place").choice(Site.class),
                                    Side.RIGHT,
                                    PainScore.of(s.at("usual").whole())))
                            .toList();
            String training = item.at("training").text();
            TrainingStory story = new TrainingStory(
                    training.equals("regular") ? 200 : 0,
                    !training.equals("new"),
                    !body.at("frail").yesNo());
            Person person = new Person(
                    new Body(
                            body.at("sex").choice(Sex.class),
                            body.at("stature").number(),
                            body.at("mass").number()),
                    body.at("age").whole(),
                    story,
                    sored && item.at("moderate").yesNo() ? Set.of(Side.RIGHT) : Set.of());
            RuleFile start = item.at("start");
            people.add(new Written(
                    item.at("who").text(),
                    person,
                    sore,
                    item.at("room").text(),
                    item.find("provoked-by").map(RuleFile::text).orElse(null),
                    start.at("curl-kg").number(),
                    start.at("curl-here-kg").number(),
                    start.at("lying-extension-kg").number()));
        }
        return people;
    }

    private static RuleFile read() {
        try (InputStream in = FirstChoices.class.getResourceAsStream("/kinesia/core/exercise/first-choices.yaml")) {
            return RuleFile.parse(
                    "first-choices.yaml",
                    new String(java.util.Objects.requireNonNull(in).readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Names of exercises by key, for messages. */
    static Map<String, Double> worths(List<Atlas.Entry> entries) {
        Map<String, Double> worths = new LinkedHashMap<>();
        entries.forEach(e -> worths.put(e.exercise().key(), Math.round(e.worth() * 100) / 100.0));
        return worths;
    }
}

package kinesia.core.plan;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import kinesia.core.dose.RestAndTime;
import kinesia.core.exercise.Catalogue;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Implement;
import kinesia.core.exercise.Role;
import kinesia.core.exercise.Stance;
import kinesia.core.plan.Method.Ask;
import kinesia.core.plan.Method.Bendable;
import kinesia.core.plan.Method.Dose;
import kinesia.core.plan.Method.For;
import kinesia.core.plan.Method.Layout;
import kinesia.core.plan.Method.Pick;
import kinesia.core.plan.Method.Section;
import kinesia.core.plan.Method.Wanted;
import kinesia.core.reason.RuleFile;

/** The ways of working a trainer may pick, from the rule file {@code methods.yaml}. */
public final class Methods {
    /** Key of the way of working when none is picked. */
    public static final String OPEN_KEY = "open";

    // When no method is picked: pairs, each exercise at its own dose, rest by its load.
    private static final String OPEN = """
            key: open
            name: No method
            what: pairs of an extension and a curl, whatever fits best
            near: []
            sections:
              - as: pairs
                rounds: [1, 4]
                picks:
                  - {for: extensors, count: [1, 3]}
                  - {for: flexors, count: [1, 3]}
              - as: straight
                for-more-behind: yes
                rounds: [1, 3]
                picks:
                  - {for: extensors, count: [0, 1]}
            """;

    private static final double LARGEST = 600;
    private static final int MOST_OF_OWN = 8;
    private static final Pattern OWN_KEY = Pattern.compile("[a-z0-9][a-z0-9-]{2,39}");

    private final List<Method> all;

    private Methods(List<Method> all) {
        this.all = all;
    }

    /** Reads the text of the rule file against what {@code catalogue} has; errors name the line. */
    public static Methods parse(String file, String text, Catalogue catalogue) {
        List<RuleFile> items =
                RuleFile.parse(file, text).onlyKeys("methods").at("methods").items();
        List<String> keys = items.stream().map(i -> i.at("key").text()).toList();
        Set<String> seen = new HashSet<>();
        for (RuleFile item : items) {
            if (!seen.add(item.at("key").text())) {
                throw item.error("method '" + item.at("key").text() + "' stands twice");
            }
            requireKnown(item, keys, catalogue);
        }
        return new Methods(items.stream().map(Methods::method).toList());
    }

    /**
     * These and {@code text}, one method that a room wrote itself, under the same checks and small enough to be planned while
     * somebody waits; {@code file} is its name in errors, which name the line.
     */
    public Methods with(String file, String text, Catalogue catalogue) {
        RuleFile item = RuleFile.parse(file, text);
        String key = item.at("key").text();
        if (!OWN_KEY.matcher(key).matches()) {
            throw item.at("key").error("a key is 3 to 40 small letters, figures and dashes");
        }
        if (find(key).isPresent()) {
            throw item.at("key").error("method '" + key + "' stands twice");
        }
        List<String> keys =
                Stream.concat(all.stream().map(Method::key), Stream.of(key)).toList();
        requireKnown(item, keys, catalogue);
        Method own = method(item);
        boolean large = own.sections().size() > MOST_OF_OWN
                || own.sections().stream()
                        .anyMatch(s -> s.picks().size() > MOST_OF_OWN
                                || s.rounds().wanted() > MOST_OF_OWN
                                || s.picks().stream().anyMatch(p -> p.count().wanted() > MOST_OF_OWN));
        if (large) {
            throw item.error("at most " + MOST_OF_OWN + " sections, picks, rounds, and exercises of a pick");
        }
        return new Methods(Stream.concat(all.stream(), Stream.of(own)).toList());
    }

    private static void requireKnown(RuleFile item, List<String> keys, Catalogue catalogue) {
        item.at("near").items().forEach(near -> near.oneOf("a method", keys));
        item.at("sections").items().stream()
                .flatMap(section -> section.at("picks").items().stream())
                .flatMap(pick -> Stream.of("movements", "leave-out").flatMap(f -> pick.find(f).stream()))
                .flatMap(movements -> movements.items().stream())
                .forEach(movement -> movement.oneOf("a movement, entry or family", catalogue.names()));
    }

    /** The way of working when none is picked. */
    public static Method open() {
        return method(RuleFile.parse("open method", OPEN));
    }

    public List<Method> all() {
        return all;
    }

    /** Whether the way of working called {@code key} restricts the blood flow of the arm. */
    public boolean isCuffed(String key) {
        return find(key).map(Method::cuffs).orElse(false);
    }

    public Optional<Method> find(String key) {
        return all.stream().filter(m -> m.key().equals(key)).findFirst();
    }

    private static Method method(RuleFile item) {
        item.onlyKeys(
                "key",
                "name",
                "what",
                "near",
                "note",
                "asks",
                "needs",
                "days-apart",
                "opens-with",
                "every-head",
                "middle-range",
                "cuffs",
                "sections");
        List<Section> sections =
                item.at("sections").items().stream().map(Methods::section).toList();
        if (sections.stream().filter(s -> s.layout().linksItsPicks()).count() > 1) {
            throw item.error("a method has at most one section of pairs or blocks");
        }
        return new Method(
                item.at("key").text(),
                item.at("name").text(),
                item.at("what").text(),
                item.at("near").texts(),
                item.find("note").map(RuleFile::text).orElse(null),
                asks(item, sections),
                item.find("needs").map(RuleFile::text).orElse(null),
                whole(item, "days-apart", 0),
                item.find("opens-with").map(w -> w.choice(For.class)).orElse(null),
                yes(item, "every-head", false),
                yes(item, "middle-range", false),
                yes(item, "cuffs", false),
                sections);
    }

    private static List<List<Ask>> asks(RuleFile item, List<Section> sections) {
        int picks = sections.stream().mapToInt(s -> s.picks().size()).sum();
        return item.find("asks")
                .map(ranks -> ranks.items().stream()
                        .map(rank -> rank.items().stream()
                                .map(ask -> ask(ask, picks, sections.size()))
                                .toList())
                        .toList())
                .orElse(List.of());
    }

    private static Ask ask(RuleFile item, int picks, int sections) {
        item.onlyKeys("counts", "rounds");
        List<Integer> counts = wholes(item.at("counts"));
        List<Integer> rounds = item.find("rounds").map(Methods::wholes).orElse(List.of());
        if (counts.size() != picks || !(rounds.isEmpty() || rounds.size() == sections)) {
            throw item.error("needs a count for each pick, and rounds for each section or none");
        }
        return new Ask(counts, rounds);
    }

    private static Section section(RuleFile item) {
        item.onlyKeys(
                "as",
                "rounds",
                "for-more-behind",
                "doubled-from",
                "reps",
                "set-reps",
                "most-reps",
                "light-reps",
                "effort",
                "least-effort",
                "tempo",
                "light",
                "station",
                "rest",
                "change-over",
                "set-up",
                "picks");
        List<Integer> rest = item.find("rest")
                .map(r -> exactly(r, 2, "seconds [at first, trimmed to]"))
                .orElse(List.of(0, 0));
        return new Section(
                item.at("as").choice(Layout.class),
                wanted(item.at("rounds")),
                yes(item, "for-more-behind", false),
                whole(item, "doubled-from", 0),
                new Dose(
                        item.find("reps").map(Methods::reps).orElse(null),
                        item.find("set-reps").map(Methods::wholes).orElse(List.of()),
                        whole(item, "most-reps", 0),
                        whole(item, "light-reps", 0),
                        item.find("effort").map(e -> e.within(1, 10, "effort")).orElse(null),
                        item.find("least-effort")
                                .map(e -> e.within(1, 10, "effort"))
                                .orElse(0.0),
                        item.find("tempo").map(Methods::tempo).orElse(null),
                        yes(item, "light", false),
                        whole(item, "station", 0),
                        rest.get(0),
                        rest.get(1),
                        whole(item, "change-over", RestAndTime.CHANGE_OVER_S),
                        whole(item, "set-up", RestAndTime.SET_UP_S)),
                item.at("picks").items().stream().map(Methods::pick).toList());
    }

    private static Pick pick(RuleFile item) {
        item.onlyKeys(
                "for",
                "count",
                "movements",
                "leave-out",
                "implements",
                "or-implements",
                "stances",
                "arms",
                "roles",
                "loaded",
                "at-side",
                "loaded-long",
                "overhead",
                "repeats",
                "last-clean",
                "load-share",
                "bends",
                "what");
        For purpose = item.at("for").choice(For.class);
        return new Pick(
                purpose,
                wanted(item.at("count")),
                item.find("movements").map(RuleFile::texts).orElse(List.of()),
                item.find("leave-out").map(RuleFile::texts).orElse(List.of()),
                choices(item, "implements", Implement.class),
                choices(item, "or-implements", Implement.class),
                choices(item, "stances", Stance.class),
                choices(item, "arms", Exercise.Arms.class),
                choices(item, "roles", Role.class),
                yes(item, "loaded", false),
                yes(item, "at-side", false),
                yes(item, "loaded-long", false),
                yes(item, "overhead", true),
                yes(item, "repeats", false),
                yes(item, "last-clean", false),
                item.find("load-share")
                        .map(s -> s.within(0.05, 1, "of the load"))
                        .orElse(1.0),
                choices(item, "bends", Bendable.class),
                item.find("what").map(RuleFile::text).orElse(purpose.words()));
    }

    private static Wanted wanted(RuleFile item) {
        List<Integer> both = wholes(item);
        if (both.size() != 2 || both.get(0) > both.get(1) || both.get(0) < 0) {
            throw item.error("needs [fewest, wanted]");
        }
        return new Wanted(both.get(0), both.get(1));
    }

    private static Exercise.RepRange reps(RuleFile item) {
        List<Integer> both = exactly(item, 2, "[fewest, most]");
        if (both.get(0) < 1 || both.get(0) > both.get(1)) {
            throw item.error("needs [fewest, most]");
        }
        return new Exercise.RepRange(both.get(0), both.get(1));
    }

    private static Exercise.Tempo tempo(RuleFile item) {
        List<Integer> three = exactly(item, 3, "seconds [up, held, down]");
        return new Exercise.Tempo(three.get(0), three.get(1), three.get(2));
    }

    private static List<Integer> exactly(RuleFile item, int many, String what) {
        List<Integer> numbers = wholes(item);
        if (numbers.size() != many) {
            throw item.error("needs " + what);
        }
        return numbers;
    }

    private static List<Integer> wholes(RuleFile item) {
        item.items().forEach(number -> number.within(0, LARGEST, "seconds, sets or repetitions"));
        return item.items().stream().map(RuleFile::whole).toList();
    }

    private static int whole(RuleFile item, String field, int otherwise) {
        item.find(field).ifPresent(number -> number.within(0, LARGEST, "seconds, minutes or repetitions"));
        return item.find(field).map(RuleFile::whole).orElse(otherwise);
    }

    private static boolean yes(RuleFile item, String field, boolean otherwise) {
        return item.find(field).map(RuleFile::yesNo).orElse(otherwise);
    }

    private static <E extends Enum<E>> List<E> choices(RuleFile item, String field, Class<E> type) {
        return item.find(field)
                .map(list -> list.items().stream().map(i -> i.choice(type)).toList())
                .orElse(List.of());
    }
}

package kinesia.core.screening;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import kinesia.core.arm.Pose;
import kinesia.core.exercise.Catalogue;
import kinesia.core.exercise.Grip;
import kinesia.core.exercise.Site;
import kinesia.core.reason.RuleFile;
import kinesia.core.reason.Tag;
import kinesia.core.screening.ScreenQuestions.Caution;
import kinesia.core.screening.ScreenQuestions.Check;
import kinesia.core.screening.ScreenQuestions.CheckKind;
import kinesia.core.screening.ScreenQuestions.CuffQuestion;
import kinesia.core.screening.ScreenQuestions.Flag;
import kinesia.core.screening.ScreenQuestions.Gate;
import kinesia.core.screening.ScreenQuestions.Group;
import kinesia.core.screening.ScreenQuestions.Provocation;
import kinesia.core.screening.ScreenQuestions.ShortSide;
import kinesia.core.screening.ScreenQuestions.SiteFlag;
import kinesia.core.screening.ScreenQuestions.SiteQuestions;
import kinesia.core.screening.ScreenQuestions.UntilQuiet;
import org.jspecify.annotations.Nullable;

/** Reads the rule file {@code screening.yaml}. */
public final class ScreeningFile {
    private static final int MOST_WEEKS = 52;

    private final LimitTargets targets;
    private final List<String> checks;

    private ScreeningFile(LimitTargets targets, List<String> checks) {
        this.targets = targets;
        this.checks = checks;
    }

    /** Parses and checks {@code text} against what {@code catalogue} has; errors name the line. */
    public static ScreenQuestions parse(String file, String text, Catalogue catalogue) {
        RuleFile root = RuleFile.parse(file, text);
        List<String> checks =
                root.at("checks").items().stream().map(c -> c.at("key").text()).toList();
        return new ScreeningFile(new LimitTargets(catalogue), checks).read(root);
    }

    private ScreenQuestions read(RuleFile root) {
        root.onlyKeys("gates", "flags", "site-flags", "cautions", "cuff-questions", "sites", "any-place", "checks");
        List<RuleFile> anyPlace = root.at("any-place").items();
        ScreenQuestions questions = new ScreenQuestions(
                root.at("gates").items().stream().map(ScreeningFile::gate).toList(),
                root.at("flags").items().stream().map(ScreeningFile::flag).toList(),
                root.at("site-flags").items().stream()
                        .map(ScreeningFile::siteFlag)
                        .toList(),
                root.at("cautions").items().stream().map(this::caution).toList(),
                root.at("cuff-questions").items().stream()
                        .map(q -> new CuffQuestion(
                                q.onlyKeys("id", "ask").at("id").text(),
                                q.at("ask").text()))
                        .toList(),
                root.at("sites").items().stream().map(s -> site(s, anyPlace)).toList(),
                root.at("checks").items().stream().map(this::check).toList());
        complete(root, questions);
        return questions;
    }

    /** Every site has rows, ids are unique, and whatever is referred to is there. */
    private static void complete(RuleFile root, ScreenQuestions questions) {
        for (Site site : Site.values()) {
            if (questions.sites().stream().noneMatch(s -> s.site() == site)) {
                throw root.at("sites").error("no rows for " + site.words());
            }
        }
        Set<String> ids = new HashSet<>();
        Stream.of(
                        questions.gates().stream().map(Gate::id),
                        questions.flags().stream().map(Flag::id),
                        questions.siteFlags().stream().map(SiteFlag::id),
                        questions.cautions().stream().map(Caution::id),
                        questions.cuffQuestions().stream().map(CuffQuestion::id),
                        questions.checks().stream().map(Check::key))
                .flatMap(s -> s)
                .forEach(id -> {
                    if (!ids.add(id)) {
                        throw root.error("'" + id + "' stands twice");
                    }
                });
        root.at("flags").items().stream()
                .flatMap(f -> f.find("when").stream())
                .forEach(when -> when.oneOf("a question of this file", ids));
    }

    private static Gate gate(RuleFile g) {
        g.onlyKeys("id", "group", "ask", "version");
        return new Gate(
                g.at("id").text(),
                g.at("group").choice(Group.class),
                g.at("ask").text(),
                version(g));
    }

    private static Flag flag(RuleFile f) {
        f.onlyKeys(
                "id",
                "group",
                "outcome",
                "scope",
                "ask",
                "means",
                "say",
                "do",
                "tag",
                "when",
                "cleared-by",
                "what",
                "version");
        return new Flag(
                f.at("id").text(),
                f.at("group").choice(Group.class),
                f.at("outcome").choice(Outcome.class),
                f.at("scope").choice(Scope.class),
                f.at("ask").text(),
                f.at("means").text(),
                f.at("say").text(),
                f.at("do").text(),
                f.at("tag").choice(Tag.class),
                f.find("when").map(RuleFile::text).orElse(null),
                clearedBy(f),
                what(f),
                version(f));
    }

    private static boolean yes(RuleFile item, String field) {
        return item.find(field).map(RuleFile::yesNo).orElse(false);
    }

    /** The version of the rules that first asked it: the first one where nothing is said. */
    private static int version(RuleFile item) {
        return item.find("version")
                .map(v -> (int) v.within(1, ScreeningRules.VERSION, "versions"))
                .orElse(1);
    }

    private static Clearance.@Nullable Purpose clearedBy(RuleFile item) {
        Optional<RuleFile> by = item.find("cleared-by");
        return by.isPresent() ? by.get().choice(Clearance.Purpose.class) : null;
    }

    /** The sign in a few words; needed wherever a clearance can answer it. */
    private static @Nullable String what(RuleFile item) {
        return item.find("cleared-by").isPresent() ? item.at("what").text() : null;
    }

    private static SiteFlag siteFlag(RuleFile f) {
        f.onlyKeys("id", "ask", "means", "tag", "cleared-by", "what", "whole-joint", "version");
        return new SiteFlag(
                f.at("id").text(),
                f.at("ask").text(),
                f.at("means").text(),
                f.at("tag").choice(Tag.class),
                clearedBy(f),
                what(f),
                yes(f, "whole-joint"),
                version(f));
    }

    private Caution caution(RuleFile c) {
        c.onlyKeys(
                "id",
                "ask",
                "because",
                "why",
                "say",
                "tag",
                "limits",
                "limits-at-sore-places",
                "notes",
                "cleared-by",
                "what",
                "sided",
                "which",
                "weeks-after-dose",
                "means-disease",
                "version");
        Optional<RuleFile> means = c.find("means-disease");
        return new Caution(
                c.at("id").text(),
                c.at("ask").text(),
                c.at("because").text(),
                c.at("why").text(),
                c.at("say").text(),
                c.at("tag").choice(Tag.class),
                LimitRow.readAll(c.at("limits"), targets),
                c.find("limits-at-sore-places")
                        .map(rows -> LimitRow.readAll(rows, targets))
                        .orElse(List.of()),
                c.find("notes").map(RuleFile::texts).orElse(List.of()),
                clearedBy(c),
                what(c),
                yes(c, "sided"),
                c.find("which").map(RuleFile::text).orElse(null),
                c.find("weeks-after-dose")
                        .map(w -> (int) w.within(0, MOST_WEEKS, "weeks"))
                        .orElse(0),
                means.isPresent() ? means.get().choice(ScreenQuestions.Means.class) : null,
                version(c));
    }

    /** The place's own rows, then the movements that may bring on pain anywhere and that none of them covers. */
    private SiteQuestions site(RuleFile s, List<RuleFile> anyPlace) {
        s.onlyKeys("site", "rows");
        List<String> keys = anyPlace.stream().map(r -> r.at("key").text()).toList();
        List<RuleFile> own = s.at("rows").items();
        List<String> covered = own.stream()
                .flatMap(r -> r.find("covers").map(RuleFile::items).orElse(List.of()).stream())
                .map(c -> c.oneOf("a movement of any-place", keys))
                .toList();
        return new SiteQuestions(
                s.at("site").choice(Site.class),
                Stream.concat(
                                own.stream().map(r -> provocation(r, false)),
                                anyPlace.stream()
                                        .filter(r ->
                                                !covered.contains(r.at("key").text()))
                                        .map(r -> provocation(r, true)))
                        .toList());
    }

    private Provocation provocation(RuleFile r, boolean anyPlace) {
        r.onlyKeys("key", "words", "means", "say", "shown-by", "limits", "until-quiet", "notes", "covers");
        return new Provocation(
                r.at("key").text(),
                r.at("words").text(),
                means(r),
                r.at("say").text(),
                r.at("shown-by").items().stream().map(this::checkKey).toList(),
                limits(r.at("limits")),
                r.find("until-quiet").map(this::untilQuiet).orElse(null),
                r.find("notes").map(RuleFile::texts).orElse(List.of()),
                r.find("covers").map(RuleFile::texts).orElse(List.of()),
                anyPlace);
    }

    private static String means(RuleFile row) {
        String means = row.at("means").text();
        List<RuleFile> limits = row.at("limits").items();
        if (means.contains("{1}")
                && (limits.isEmpty() || limits.get(0).find("value").isEmpty())) {
            throw row.at("means").error("{1} is the number of the first limit, which has none");
        }
        return means;
    }

    private String checkKey(RuleFile key) {
        return key.oneOf("a check of this file", checks);
    }

    private List<LimitRow> limits(RuleFile rows) {
        rows.items().forEach(row -> row.find("arc").ifPresent(this::checkKey));
        return LimitRow.readAll(rows, targets);
    }

    private UntilQuiet untilQuiet(RuleFile u) {
        u.onlyKeys("check", "limits", "note", "opens", "leaves-out");
        return new UntilQuiet(
                checkKey(u.at("check")),
                LimitRow.readAll(u.at("limits"), targets),
                u.at("note").text(),
                u.at("opens").text(),
                u.at("leaves-out").text());
    }

    private Check check(RuleFile c) {
        c.onlyKeys(
                "key",
                "kind",
                "name",
                "how",
                "least",
                "most",
                "norm",
                "norm-source",
                "less-is-more",
                "sites",
                "short",
                "short-target",
                "short-grip",
                "short-means",
                "allows",
                "start",
                "end");
        return new Check(
                c.at("key").text(),
                c.at("kind").choice(CheckKind.class),
                c.at("name").text(),
                c.at("how").text(),
                c.find("least").map(v -> v.within(-20, 200, "degrees or kg")).orElse(0.0),
                c.find("most").map(v -> v.within(-20, 200, "degrees or kg")).orElse(0.0),
                c.find("norm").map(v -> v.within(-20, 200, "degrees")).orElse(null),
                c.find("norm-source").map(RuleFile::text).orElse(""),
                yes(c, "less-is-more"),
                c.at("sites").items().stream().map(s -> s.choice(Site.class)).toList(),
                c.find("short").map(kind -> shortSide(c, kind)).orElse(null),
                c.find("allows").map(RuleFile::items).orElse(List.of()).stream()
                        .map(a -> a.oneOf("a movement", targets.movements()))
                        .toList(),
                pose(c.at("start")),
                pose(c.at("end")));
    }

    private ShortSide shortSide(RuleFile check, RuleFile kind) {
        Optional<RuleFile> grip = check.find("short-grip");
        Limit.Kind limited = kind.choice(Limit.Kind.class);
        if (limited.hasTarget() != check.find("short-target").isPresent()) {
            throw kind.error(
                    limited.words() + (limited.hasTarget() ? " needs a short-target" : " takes no short-target"));
        }
        return new ShortSide(
                limited,
                check.find("short-target")
                        .map(t -> t.oneOf("something that " + limited.words() + " can name", targets.of(limited)))
                        .orElse(null),
                grip.isPresent() ? grip.get().choice(Grip.class) : null,
                check.at("short-means").text());
    }

    /** Plane of elevation, elevation, axial rotation, elbow bend, upright. */
    private static Pose pose(RuleFile angles) {
        double[] a =
                angles.numbers(4, -180, 200, "degrees: plane of elevation, elevation, axial rotation and elbow bend");
        return new Pose(0, 0, a[0], a[1], a[2], a[3]);
    }
}

package kinesia.core.screening;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import kinesia.core.arm.Pose;
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
    private ScreeningFile() {}

    /** Parses and checks {@code text}; errors name the line. */
    public static ScreenQuestions parse(String file, String text) {
        RuleFile root = RuleFile.parse(file, text)
                .onlyKeys("gates", "flags", "site-flags", "cautions", "cuff-questions", "sites", "checks");
        ScreenQuestions questions = new ScreenQuestions(
                root.at("gates").items().stream().map(ScreeningFile::gate).toList(),
                root.at("flags").items().stream().map(ScreeningFile::flag).toList(),
                root.at("site-flags").items().stream()
                        .map(ScreeningFile::siteFlag)
                        .toList(),
                root.at("cautions").items().stream().map(ScreeningFile::caution).toList(),
                root.at("cuff-questions").items().stream()
                        .map(q -> new CuffQuestion(
                                q.onlyKeys("id", "ask").at("id").text(),
                                q.at("ask").text()))
                        .toList(),
                root.at("sites").items().stream().map(ScreeningFile::site).toList(),
                root.at("checks").items().stream().map(ScreeningFile::check).toList());
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
        questions.flags().stream()
                .map(Flag::when)
                .filter(when -> when != null && !ids.contains(when))
                .forEach(when -> {
                    throw root.at("flags").error("'" + when + "' is not a question of this file");
                });
        for (SiteQuestions site : questions.sites()) {
            for (Provocation row : site.provocations()) {
                Stream.of(
                                row.shownBy().stream(),
                                row.limits().stream().map(LimitRow::arc),
                                Stream.ofNullable(row.untilQuiet()).map(UntilQuiet::check))
                        .flatMap(s -> s)
                        .filter(key -> key != null && !ids.contains(key))
                        .forEach(key -> {
                            throw root.at("sites").error("'" + key + "' is not a check of this file");
                        });
            }
        }
    }

    private static Gate gate(RuleFile g) {
        g.onlyKeys("id", "group", "ask");
        return new Gate(
                g.at("id").text(),
                g.at("group").choice(Group.class),
                g.at("ask").text());
    }

    private static Flag flag(RuleFile f) {
        f.onlyKeys("id", "group", "outcome", "scope", "ask", "means", "say", "do", "tag", "when", "cleared-by");
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
                clearedBy(f));
    }

    private static Clearance.@Nullable Purpose clearedBy(RuleFile item) {
        Optional<RuleFile> by = item.find("cleared-by");
        return by.isPresent() ? by.get().choice(Clearance.Purpose.class) : null;
    }

    private static SiteFlag siteFlag(RuleFile f) {
        f.onlyKeys("id", "ask", "means", "tag", "cleared-by");
        return new SiteFlag(
                f.at("id").text(),
                f.at("ask").text(),
                f.at("means").text(),
                f.at("tag").choice(Tag.class),
                clearedBy(f));
    }

    private static Caution caution(RuleFile c) {
        c.onlyKeys(
                "id", "ask", "because", "why", "say", "tag", "limits", "limits-at-sore-places", "notes", "cleared-by");
        return new Caution(
                c.at("id").text(),
                c.at("ask").text(),
                c.at("because").text(),
                c.at("why").text(),
                c.at("say").text(),
                c.at("tag").choice(Tag.class),
                LimitRow.readAll(c.at("limits")),
                c.find("limits-at-sore-places").map(LimitRow::readAll).orElse(List.of()),
                c.find("notes").map(RuleFile::texts).orElse(List.of()),
                clearedBy(c));
    }

    private static SiteQuestions site(RuleFile s) {
        s.onlyKeys("site", "rows");
        return new SiteQuestions(
                s.at("site").choice(Site.class),
                s.at("rows").items().stream().map(ScreeningFile::provocation).toList());
    }

    private static Provocation provocation(RuleFile r) {
        r.onlyKeys("key", "words", "means", "say", "shown-by", "limits", "until-quiet", "notes");
        return new Provocation(
                r.at("key").text(),
                r.at("words").text(),
                r.at("means").text(),
                r.at("say").text(),
                r.at("shown-by").texts(),
                LimitRow.readAll(r.at("limits")),
                r.find("until-quiet").map(ScreeningFile::untilQuiet).orElse(null),
                r.find("notes").map(RuleFile::texts).orElse(List.of()));
    }

    private static UntilQuiet untilQuiet(RuleFile u) {
        u.onlyKeys("check", "limits", "note");
        return new UntilQuiet(
                u.at("check").text(),
                LimitRow.readAll(u.at("limits")),
                u.at("note").text());
    }

    private static Check check(RuleFile c) {
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
                "start",
                "end");
        return new Check(
                c.at("key").text(),
                c.at("kind").choice(CheckKind.class),
                c.at("name").text(),
                c.at("how").text(),
                c.find("least").map(RuleFile::number).orElse(0.0),
                c.find("most").map(RuleFile::number).orElse(0.0),
                c.find("norm").map(RuleFile::number).orElse(null),
                c.find("norm-source").map(RuleFile::text).orElse(""),
                c.find("less-is-more").isPresent(),
                c.at("sites").items().stream().map(s -> s.choice(Site.class)).toList(),
                c.find("short").map(kind -> shortSide(c, kind)).orElse(null),
                pose(c.at("start")),
                pose(c.at("end")));
    }

    private static ShortSide shortSide(RuleFile check, RuleFile kind) {
        Optional<RuleFile> grip = check.find("short-grip");
        return new ShortSide(
                kind.choice(Limit.Kind.class),
                check.find("short-target").map(RuleFile::text).orElse(null),
                grip.isPresent() ? grip.get().choice(Grip.class) : null);
    }

    /** Plane of elevation, elevation, axial rotation, elbow bend, upright. */
    private static Pose pose(RuleFile angles) {
        double[] a = angles.numbers();
        if (a.length != 4) {
            throw angles.error("expected plane of elevation, elevation, axial rotation and elbow bend");
        }
        return new Pose(0, 0, a[0], a[1], a[2], a[3]);
    }
}

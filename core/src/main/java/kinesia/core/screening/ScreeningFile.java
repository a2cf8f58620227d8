package kinesia.core.screening;

import java.util.List;
import kinesia.core.exercise.Site;
import kinesia.core.reason.RuleFile;
import kinesia.core.reason.Tag;
import kinesia.core.screening.ScreenQuestions.Caution;
import kinesia.core.screening.ScreenQuestions.Flag;
import kinesia.core.screening.ScreenQuestions.Group;
import kinesia.core.screening.ScreenQuestions.Provocation;
import kinesia.core.screening.ScreenQuestions.SiteQuestions;

/** Reads the rule file {@code screening.yaml}. */
public final class ScreeningFile {
    private ScreeningFile() {}

    /** Parses and checks {@code text}; errors name the line. */
    public static ScreenQuestions parse(String file, String text) {
        RuleFile root = RuleFile.parse(file, text).onlyKeys("flags", "cautions", "sites");
        List<SiteQuestions> sites =
                root.at("sites").items().stream().map(ScreeningFile::site).toList();
        for (Site site : Site.values()) {
            if (sites.stream().noneMatch(s -> s.site() == site)) {
                throw root.at("sites").error("no rows for " + site.words());
            }
        }
        return new ScreenQuestions(
                root.at("flags").items().stream().map(ScreeningFile::flag).toList(),
                root.at("cautions").items().stream().map(ScreeningFile::caution).toList(),
                sites);
    }

    private static Flag flag(RuleFile f) {
        f.onlyKeys("id", "group", "outcome", "scope", "ask", "means", "say", "do", "tag");
        return new Flag(
                f.at("id").text(),
                f.at("group").choice(Group.class),
                f.at("outcome").choice(Outcome.class),
                f.at("scope").choice(Scope.class),
                f.at("ask").text(),
                f.at("means").text(),
                f.at("say").text(),
                f.at("do").text(),
                f.at("tag").choice(Tag.class));
    }

    private static Caution caution(RuleFile c) {
        c.onlyKeys("id", "ask", "why", "say", "tag", "limits", "notes");
        return new Caution(
                c.at("id").text(),
                c.at("ask").text(),
                c.at("why").text(),
                c.at("say").text(),
                c.at("tag").choice(Tag.class),
                c.at("limits").items().stream().map(LimitRow::read).toList(),
                c.find("notes").map(RuleFile::texts).orElse(List.of()));
    }

    private static SiteQuestions site(RuleFile s) {
        s.onlyKeys("site", "rows");
        return new SiteQuestions(
                s.at("site").choice(Site.class),
                s.at("rows").items().stream()
                        .map(r -> {
                            r.onlyKeys("key", "words", "means", "say", "limits");
                            return new Provocation(
                                    r.at("key").text(),
                                    r.at("words").text(),
                                    r.at("means").text(),
                                    r.at("say").text(),
                                    r.at("limits").items().stream()
                                            .map(LimitRow::read)
                                            .toList());
                        })
                        .toList());
    }
}

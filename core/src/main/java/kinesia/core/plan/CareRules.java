package kinesia.core.plan;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import kinesia.core.exercise.Catalogue;
import kinesia.core.exercise.Site;
import kinesia.core.reason.RuleFile;

/** Which care work each place asks for, most useful first, from the rule file {@code care-work.yaml}. */
public final class CareRules {
    /** None at all. */
    static final CareRules NONE = new CareRules(Map.of(), List.of());

    private final Map<Site, List<String>> byPlace;
    private final List<String> usual;

    private CareRules(Map<Site, List<String>> byPlace, List<String> usual) {
        this.byPlace = byPlace;
        this.usual = usual;
    }

    /** Reads the text of the rule file; errors name the line, also where it speaks of what {@code catalogue} does not have. */
    public static CareRules parse(String file, String text, Catalogue catalogue) {
        RuleFile rules = RuleFile.parse(file, text).onlyKeys("care", "usual");
        Map<Site, List<String>> byPlace = new EnumMap<>(Site.class);
        for (RuleFile line : rules.at("care").items()) {
            List<String> work = names(line.onlyKeys("place", "work").at("work"), catalogue);
            if (byPlace.put(line.at("place").choice(Site.class), work) != null) {
                throw line.error("place stands twice");
            }
        }
        for (Site site : Site.values()) {
            if (!byPlace.containsKey(site)) {
                throw rules.at("care").error("nothing for " + site.words());
            }
        }
        return new CareRules(byPlace, names(rules.at("usual"), catalogue));
    }

    private static List<String> names(RuleFile list, Catalogue catalogue) {
        return list.items().stream()
                .map(name -> name.oneOf("a movement or an exercise", catalogue.names()))
                .toList();
    }

    /** A movement or entry, and the place it is for; null where it is for everybody. */
    record Wanted(
            String name, @org.jspecify.annotations.Nullable SoreSite place) {}

    /** In turn what each of {@code sore} asks for, then the usual; each once. */
    List<Wanted> of(List<SoreSite> sore) {
        List<Wanted> all = new ArrayList<>();
        Set<String> seen = new LinkedHashSet<>();
        int longest = byPlace.values().stream().mapToInt(List::size).max().orElse(0);
        for (int i = 0; i < longest; i++) {
            for (SoreSite place : sore) {
                List<String> work = byPlace.getOrDefault(place.site(), List.of());
                if (i < work.size() && seen.add(work.get(i))) {
                    all.add(new Wanted(work.get(i), place));
                }
            }
        }
        usual.stream().filter(seen::add).forEach(name -> all.add(new Wanted(name, null)));
        return all;
    }
}

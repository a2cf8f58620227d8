package kinesia.core.plan;

import java.util.ArrayList;
import java.util.List;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Implement;
import kinesia.core.exercise.Stance;
import kinesia.core.reason.RuleFile;

/** The ways of working a trainer may pick, from the rule file {@code methods.yaml}, and what each draws on. */
public final class Methods {
    private final List<Method> all;

    /**
     * One way of working. An entry belongs to it when it is of one of the movements (any when none is named) and fits
     * every other list that is not empty.
     */
    public record Method(
            String key,
            String name,
            String what,
            List<String> movements,
            List<Implement> implementChoices,
            List<Stance> stances,
            List<Exercise.Arms> arms) {
        public boolean drawsOn(Exercise exercise) {
            return (movements.isEmpty() || movements.contains(exercise.movementFamily()))
                    && (implementChoices.isEmpty() || implementChoices.contains(exercise.implement()))
                    && (stances.isEmpty() || stances.contains(exercise.stance()))
                    && (arms.isEmpty() || arms.contains(exercise.arms()));
        }
    }

    private Methods(List<Method> all) {
        this.all = all;
    }

    /** Reads the text of the rule file; errors name the line. */
    public static Methods parse(String file, String text) {
        List<Method> methods = new ArrayList<>();
        for (RuleFile item :
                RuleFile.parse(file, text).onlyKeys("methods").at("methods").items()) {
            item.onlyKeys("key", "name", "what", "movements", "implements", "stances", "arms");
            methods.add(new Method(
                    item.at("key").text(),
                    item.at("name").text(),
                    item.at("what").text(),
                    item.at("movements").texts(),
                    choices(item, "implements", Implement.class),
                    choices(item, "stances", Stance.class),
                    choices(item, "arms", Exercise.Arms.class)));
        }
        return new Methods(List.copyOf(methods));
    }

    public List<Method> all() {
        return all;
    }

    private static <E extends Enum<E>> List<E> choices(RuleFile item, String field, Class<E> type) {
        return item.find(field)
                .map(list -> list.items().stream().map(i -> i.choice(type)).toList())
                .orElse(List.of());
    }
}

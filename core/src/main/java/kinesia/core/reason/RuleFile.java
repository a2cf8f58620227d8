package kinesia.core.reason;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.yaml.snakeyaml.LoaderOptions;
import org.yaml.snakeyaml.Yaml;
import org.yaml.snakeyaml.error.MarkedYAMLException;
import org.yaml.snakeyaml.error.YAMLException;
import org.yaml.snakeyaml.nodes.MappingNode;
import org.yaml.snakeyaml.nodes.Node;
import org.yaml.snakeyaml.nodes.NodeTuple;
import org.yaml.snakeyaml.nodes.ScalarNode;
import org.yaml.snakeyaml.nodes.SequenceNode;

/**
 * One node of a rule file (YAML), read strictly: a missing, misspelt or unknown field is refused with the file and line
 * it stands on. Pure: the text comes in as a string, and whoever has it did the reading.
 */
public final class RuleFile {
    private final String file;
    private final Node node;
    private final @Nullable RuleFile defaults;

    private RuleFile(String file, Node node, @Nullable RuleFile defaults) {
        this.file = file;
        this.node = node;
        this.defaults = defaults;
    }

    /** Parses {@code text}; {@code file} is used in error messages only. */
    public static RuleFile parse(String file, String text) {
        Node root;
        try {
            root = new Yaml(new LoaderOptions()).compose(new java.io.StringReader(text));
        } catch (MarkedYAMLException e) {
            throw new IllegalArgumentException(
                    file + ":" + (e.getProblemMark().getLine() + 1) + ": " + e.getProblem(), e);
        } catch (YAMLException e) {
            throw new IllegalArgumentException(file + ": " + e.getMessage(), e);
        }
        if (root == null) {
            throw new IllegalArgumentException(file + ": empty");
        }
        return new RuleFile(file, root, null);
    }

    /** An error that names this node's line. */
    public IllegalArgumentException error(String message) {
        return new IllegalArgumentException(file + ":" + (node.getStartMark().getLine() + 1) + ": " + message);
    }

    /** Refuses any key of this mapping itself that is not among {@code known}. */
    public RuleFile onlyKeys(String... known) {
        List<String> names = List.of(known);
        for (String key : entries().keySet()) {
            if (!names.contains(key)) {
                throw error("unknown field '" + key + "', known are " + names);
            }
        }
        return this;
    }

    /** The required child {@code key}. */
    public RuleFile at(String key) {
        return find(key).orElseThrow(() -> error("missing field '" + key + "'"));
    }

    /** The same mapping, with every field that it does not have itself taken from {@code defaults}. */
    public RuleFile over(RuleFile defaults) {
        return new RuleFile(file, node, defaults);
    }

    /** The child {@code key} if it is there. */
    public Optional<RuleFile> find(String key) {
        RuleFile own = entries().get(key);
        return own == null && defaults != null ? defaults.find(key) : Optional.ofNullable(own);
    }

    /** The children that a mapping has itself, in file order. */
    public Map<String, RuleFile> entries() {
        if (!(node instanceof MappingNode mapping)) {
            throw error("expected 'name: value' lines");
        }
        Map<String, RuleFile> entries = new LinkedHashMap<>();
        for (NodeTuple tuple : mapping.getValue()) {
            String key = ((ScalarNode) tuple.getKeyNode()).getValue();
            if (entries.put(key, new RuleFile(file, tuple.getValueNode(), null)) != null) {
                throw error("field '" + key + "' stands twice");
            }
        }
        return entries;
    }

    /** The children of a list, in file order. */
    public List<RuleFile> items() {
        if (!(node instanceof SequenceNode sequence)) {
            throw error("expected a list");
        }
        List<RuleFile> items = new ArrayList<>();
        for (Node child : sequence.getValue()) {
            items.add(new RuleFile(file, child, null));
        }
        return items;
    }

    /** The text of a single value. */
    public String text() {
        if (!(node instanceof ScalarNode scalar)) {
            throw error("expected one value");
        }
        return scalar.getValue().strip();
    }

    /** Whether this is a list. */
    public boolean isList() {
        return node instanceof SequenceNode;
    }

    /** A list of texts. */
    public List<String> texts() {
        return items().stream().map(RuleFile::text).toList();
    }

    /** A number. */
    public double number() {
        try {
            return Double.parseDouble(text());
        } catch (NumberFormatException e) {
            throw error("'" + text() + "' is not a number");
        }
    }

    /** A list of numbers. */
    public double[] numbers() {
        return items().stream().mapToDouble(RuleFile::number).toArray();
    }

    /** A list of exactly {@code size} numbers, each from {@code low} to {@code high}. */
    public double[] numbers(int size, double low, double high, String unit) {
        List<RuleFile> items = items();
        if (items.size() != size) {
            throw error("expected " + size + " numbers");
        }
        return items.stream().mapToDouble(item -> item.within(low, high, unit)).toArray();
    }

    /** A whole number. */
    public int whole() {
        double value = number();
        if (value != Math.rint(value)) {
            throw error("'" + text() + "' is not a whole number");
        }
        return (int) value;
    }

    /** A yes or no, written just so. */
    public boolean yesNo() {
        return switch (text()) {
            case "yes" -> true;
            case "no" -> false;
            default -> throw error("'" + text() + "' is neither yes nor no");
        };
    }

    /** A number from {@code low} to {@code high}, both included. */
    public double within(double low, double high, String unit) {
        double value = number();
        if (!(value >= low && value <= high)) {
            throw error(Numbers.plain(value) + " is not from " + Numbers.plain(low) + " to " + Numbers.plain(high) + " "
                    + unit);
        }
        return value;
    }

    /** A text that is one of {@code known}, which is called {@code what}. */
    public String oneOf(String what, Collection<String> known) {
        if (!known.contains(text())) {
            throw error("'" + text() + "' is not " + what + "; known are "
                    + String.join(", ", known.stream().sorted().toList()));
        }
        return text();
    }

    /** One of an enum's names, written in lower case with hyphens. */
    public <E extends Enum<E>> E choice(Class<E> type) {
        for (E value : type.getEnumConstants()) {
            if (value.name().toLowerCase(Locale.ROOT).replace('_', '-').equals(text())) {
                return value;
            }
        }
        throw error("'" + text() + "' is not one of "
                + List.of(type.getEnumConstants())
                        .toString()
                        .toLowerCase(Locale.ROOT)
                        .replace('_', '-'));
    }
}

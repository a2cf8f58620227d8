package kinesia.core.screening;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Grip;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Site;
import kinesia.core.reason.InvalidValue;
import kinesia.core.reason.Reason;
import kinesia.core.reason.RuleFile;
import org.jspecify.annotations.Nullable;

/**
 * A limit as the rule file prints it, before it has a side, a reason and a date.
 *
 * @param movement holds only for this movement, entry or family; null for all
 * @param arc the movement check whose sore arc moves {@code value}; null for a fixed value
 * @param arcReplaces whether a measured arc stands in for {@code value} rather than only tightening it
 */
public record LimitRow(
        Limit.Kind kind,
        @Nullable Double value,
        @Nullable String target,
        Head.@Nullable Group group,
        @Nullable Grip grip,
        @Nullable String movement,
        @Nullable String arc,
        boolean arcReplaces) {

    /** A limit of the whole kind, with its number. */
    static LimitRow of(Limit.Kind kind, double value) {
        return new LimitRow(kind, value, null, null, null, null, null, false);
    }

    /** A limit of a kind without a number. */
    static LimitRow of(Limit.Kind kind) {
        return new LimitRow(kind, null, null, null, null, null, null, false);
    }

    static LimitRow read(RuleFile row, LimitTargets targets) {
        row.onlyKeys("kind", "value", "target", "group", "grip", "movement", "arc", "arc-replaces");
        Optional<RuleFile> group = row.find("group");
        Optional<RuleFile> grip = row.find("grip");
        LimitRow limit = new LimitRow(
                row.at("kind").choice(Limit.Kind.class),
                row.find("value").map(RuleFile::number).orElse(null),
                row.find("target").map(RuleFile::text).orElse(null),
                group.isPresent() ? group.get().choice(Head.Group.class) : null,
                grip.isPresent() ? grip.get().choice(Grip.class) : null,
                row.find("movement").map(RuleFile::text).orElse(null),
                row.find("arc").map(RuleFile::text).orElse(null),
                row.find("arc-replaces").map(RuleFile::yesNo).orElse(false));
        try {
            limit.kind().check(limit.value(), limit.target());
        } catch (InvalidValue e) {
            throw row.error(limit.kind().words() + ": " + e.field() + " " + e.getMessage());
        }
        if (limit.value() != null && !limit.kind().hasNumber()) {
            throw row.error(limit.kind().words() + " takes no value");
        }
        row.find("target")
                .ifPresent(
                        t -> t.oneOf("something that " + limit.kind().words() + " can name", targets.of(limit.kind())));
        row.find("movement").ifPresent(m -> m.oneOf("a movement, entry or family", targets.movements()));
        return limit;
    }

    /** A limit of a kind with what it leaves out. */
    static LimitRow of(Limit.Kind kind, String target) {
        return new LimitRow(kind, null, target, null, null, null, null, false);
    }

    static List<LimitRow> readAll(RuleFile rows, LimitTargets targets) {
        return rows.items().stream().map(row -> read(row, targets)).toList();
    }

    Limit toLimit(@Nullable Side side, @Nullable Site site, LocalDate lookAgainOn, Reason reason) {
        return new Limit(kind, side, site, value, target, group, grip, movement, lookAgainOn, reason);
    }

    LimitRow withValue(double other) {
        return new LimitRow(kind, other, target, group, grip, movement, arc, arcReplaces);
    }

    /** The same limit kept {@code marginDeg} inside a sore arc that runs from {@code fromDeg} to {@code toDeg}. */
    LimitRow inside(double fromDeg, @Nullable Double toDeg, double marginDeg) {
        if (value == null) {
            return this;
        }
        if (kind == Limit.Kind.SMALLEST_ELBOW_BEND) {
            return toDeg == null
                    ? this
                    : withValue(arcReplaces ? toDeg + marginDeg : Math.max(value, toDeg + marginDeg));
        }
        double under = Math.max(0, fromDeg - marginDeg);
        return withValue(arcReplaces ? under : Math.min(value, under));
    }
}

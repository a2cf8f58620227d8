package kinesia.core.screening;

import java.time.LocalDate;
import java.util.Optional;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Grip;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Site;
import kinesia.core.reason.Reason;
import kinesia.core.reason.RuleFile;
import org.jspecify.annotations.Nullable;

/** A limit as the rule file prints it, before it has a side, a reason and a date. */
public record LimitRow(
        Limit.Kind kind,
        @Nullable Double value,
        @Nullable String target,
        Head.@Nullable Group group,
        @Nullable Grip grip) {

    static LimitRow read(RuleFile row) {
        row.onlyKeys("kind", "value", "target", "group", "grip");
        Optional<RuleFile> group = row.find("group");
        Optional<RuleFile> grip = row.find("grip");
        return new LimitRow(
                row.at("kind").choice(Limit.Kind.class),
                row.find("value").map(RuleFile::number).orElse(null),
                row.find("target").map(RuleFile::text).orElse(null),
                group.isPresent() ? group.get().choice(Head.Group.class) : null,
                grip.isPresent() ? grip.get().choice(Grip.class) : null);
    }

    Limit toLimit(@Nullable Side side, @Nullable Site site, LocalDate lookAgainOn, Reason reason) {
        return new Limit(kind, side, site, value, target, group, grip, lookAgainOn, reason);
    }

    LimitRow withValue(double other) {
        return new LimitRow(kind, other, target, group, grip);
    }
}

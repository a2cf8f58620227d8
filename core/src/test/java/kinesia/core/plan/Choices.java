package kinesia.core.plan;

import java.util.ArrayList;
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
import kinesia.core.exercise.Body;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Role;
import kinesia.core.exercise.Site;
import kinesia.core.screening.PainScore;

/**
 * How many exercises are kind to a sore place, for each side of the arm and each kind of place: those that may be done there, end
 * in nothing risky and ask at most half of the reference of the sore place at equal effort.
 */
final class Choices {
    static final double KIND_UP_TO = 0.5;

    private static final Person SOMEBODY = new Person(new Body(Sex.FEMALE, 1.65, 68), 62, People.USED_TO_IT, Set.of());

    /** Where somebody trains, with the number of kind choices there has to be. */
    enum Place {
        ROOM(People.GYM, 5),
        HOME(FirstChoices.AT_HOME, 3),
        WHEELCHAIR(People.GYM, 2);

        final Equipment equipment;
        final int fewest;

        Place(Equipment equipment, int fewest) {
            this.equipment = equipment;
            this.fewest = fewest;
        }

        String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** One cell of the table: kind exercises that move, and held efforts beside them. */
    record Cell(Site site, Head.Group group, Place place, List<Atlas.Entry> moving, List<Atlas.Entry> held) {
        boolean isEnough() {
            return moving.size() >= place.fewest;
        }

        /** Why there are none, where that is so. */
        String why() {
            return site == Site.CROOK_OF_ELBOW && group == Head.Group.FLEXORS
                    ? "what bends the elbow pulls at the crook: at equal effort every curl asks at least 0.7 of the reference"
                    : "";
        }
    }

    private Choices() {}

    static List<Cell> table() {
        List<Cell> cells = new ArrayList<>();
        for (Site site : Site.values()) {
            for (Head.Group group : Head.Group.values()) {
                for (Place place : Place.values()) {
                    cells.add(cell(site, group, place));
                }
            }
        }
        return cells;
    }

    private static Cell cell(Site site, Head.Group group, Place place) {
        List<Atlas.Entry> kind = atlas(site, place).ranked().stream()
                .filter(e -> e.isAllowed() && isWork(e.exercise(), group))
                .filter(e -> e.stress().getOrDefault(site, 0.0) <= KIND_UP_TO)
                .toList();
        return new Cell(
                site,
                group,
                place,
                kind.stream().filter(e -> e.exercise().role() != Role.HOLD).toList(),
                kind.stream().filter(e -> e.exercise().role() == Role.HOLD).toList());
    }

    private static boolean isWork(Exercise exercise, Head.Group group) {
        return exercise.role().trainsTheArm()
                && exercise.group() == group
                && !exercise.traits().risky();
    }

    private static Atlas atlas(Site site, Place place) {
        return new Atlas(
                RuleFiles.model(),
                new Atlas.Asked(
                        SOMEBODY,
                        ClientStrength.of(RuleFiles.model(), SOMEBODY, List.of(), People.DAY)
                                .both(),
                        Map.of(),
                        place == Place.WHEELCHAIR ? FirstChoices.FROM_A_CHAIR : List.of(),
                        List.of(new SoreSite(site, Side.RIGHT, PainScore.of(4))),
                        place.equipment,
                        List.of(),
                        false));
    }

    /** Prints the table. Run by {@code ops/print-choices}. */
    public static void main(String[] args) {
        for (Cell cell : table()) {
            System.out.printf(
                    Locale.ROOT,
                    "%-24s %-9s %-10s %2d of %d%s  %s%n",
                    cell.site().words(),
                    cell.group().word(),
                    cell.place().word(),
                    cell.moving().size(),
                    cell.place().fewest,
                    cell.isEnough() ? " " : "!",
                    String.join(
                            ", ",
                            Stream.concat(
                                            cell.moving().stream()
                                                    .limit(7)
                                                    .map(e -> e.exercise().key()
                                                            + String.format(
                                                                    Locale.ROOT,
                                                                    " %.2f",
                                                                    e.stress().getOrDefault(cell.site(), 0.0))),
                                            cell.held().stream()
                                                    .map(e -> "held: "
                                                            + e.exercise().key()))
                                    .toList()));
        }
    }
}

package kinesia.core.screening;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import kinesia.core.arm.Side;

/** The written people of cases.yaml, assessed. */
public final class WrittenCases {
    private WrittenCases() {}

    /** What the screen says of each, with the right arm as written. */
    public static List<Assessment> assessments() {
        try {
            return ScreeningCasesTest.cases().stream()
                    .map(c -> WrittenPerson.answers(c, Side.RIGHT).assess())
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}

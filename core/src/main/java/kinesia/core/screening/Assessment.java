package kinesia.core.screening;

import java.util.List;

/**
 * What a screen ends in.
 *
 * @param findings worst first; why the outcome is what it is
 * @param limits what to stay out of for now
 * @param missing what is still to be asked, in the order of the screen
 * @param notes things to do that limit nothing, such as "effort, not pulse, steers"
 */
public record Assessment(
        Outcome outcome, List<Finding> findings, List<Limit> limits, List<String> missing, List<String> notes) {
    public Assessment {
        findings = List.copyOf(findings);
        limits = List.copyOf(limits);
        missing = List.copyOf(missing);
        notes = List.copyOf(notes);
    }
}

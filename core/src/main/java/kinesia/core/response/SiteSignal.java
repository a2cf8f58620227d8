package kinesia.core.response;

import kinesia.core.exercise.Place;
import kinesia.core.reason.Reason;

/**
 * The signal of one place after one session.
 *
 * @param answered whether a morning or a door answer stands behind it
 * @param cleanMorning the morning was within 1 of usual
 */
public record SiteSignal(Place place, Signal signal, boolean answered, boolean cleanMorning, Reason reason) {}

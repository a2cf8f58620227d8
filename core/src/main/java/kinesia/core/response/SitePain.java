package kinesia.core.response;

import kinesia.core.arm.Side;
import kinesia.core.exercise.Site;
import kinesia.core.screening.PainScore;

/** Pain at one place. */
public record SitePain(Site site, Side side, PainScore pain) {}

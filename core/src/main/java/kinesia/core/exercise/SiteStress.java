package kinesia.core.exercise;

import kinesia.core.reason.Reason;

/**
 * What an exercise asks of one site.
 *
 * @param value relative to the site's reference exercise at the usual effort (1.0 = as much)
 * @param progress where in the lift it is largest, 0 to 1
 * @param bendDeg elbow bend there
 * @param reason what it is made of, in numbers
 */
public record SiteStress(Site site, double value, double progress, double bendDeg, Reason reason) {}

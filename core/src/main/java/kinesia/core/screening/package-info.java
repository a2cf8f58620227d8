/**
 * Answers become findings, findings become limits or a referral. Screens, limits and refers; never diagnoses. Uses arm
 * and exercise; knows nothing of loads or plans.
 */
@NullMarked
package kinesia.core.screening;

import org.jspecify.annotations.NullMarked;

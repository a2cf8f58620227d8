/**
 * Movements, the catalogue, and what an exercise gives (stimulus) and costs (stress) one client, worked out from the arm
 * model. Uses the arm; knows nothing of screening.
 */
@NullMarked
package kinesia.core.exercise;

import org.jspecify.annotations.NullMarked;

/**
 * How much: effort, estimated maximum, the loads a room really has, trial sets, progression, warm-up, rest and time.
 * Uses arm, exercise and screening; knows nothing of whole plans.
 */
@NullMarked
package kinesia.core.dose;

import org.jspecify.annotations.NullMarked;

/**
 * The arm: anatomy, poses, resistances and the torques they make at elbow and shoulder, quasi-static and in three
 * dimensions. Knows nothing of exercises. World: x forward, y up, z to the right; SI units; degrees at the border.
 */
@NullMarked
package kinesia.core.arm;

import org.jspecify.annotations.NullMarked;

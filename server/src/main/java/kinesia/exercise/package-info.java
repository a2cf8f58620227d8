/**
 * The exercises: rule files read once, the atlas for a client, the workbench, a room's own variations, felt trials, and the
 * stateless arm model over HTTP.
 */
package kinesia.exercise;

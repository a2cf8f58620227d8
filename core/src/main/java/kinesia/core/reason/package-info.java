/**
 * Why: the rule, its inputs, threshold and source tag that stand behind every answer of the core, and the reader for the
 * rule files that a trainer may change. Every other package of the core may use it; it uses none of them.
 */
@NullMarked
package kinesia.core.reason;

import org.jspecify.annotations.NullMarked;

/**
 * Limits and catalogue become candidates; candidates become the optimal session, ordered and paired. Uses everything
 * below it; knows nothing of how a client responded beyond what is handed in.
 */
@NullMarked
package kinesia.core.plan;

import org.jspecify.annotations.NullMarked;

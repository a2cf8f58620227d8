/**
 * A log becomes a response, and a response becomes the next plan: signals by site, what changes next and why, and what
 * changes within a session.
 */
@NullMarked
package kinesia.core.response;

import org.jspecify.annotations.NullMarked;

/** Morning checks, and the record of sessions as the core's response rules read it. */
package kinesia.response;

/** Block reviews: what matters to a client, measured again every four to six weeks, and what is decided from it. */
package kinesia.report;

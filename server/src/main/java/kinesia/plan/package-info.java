/** Planning a visit: gathers what is known, asks the core, keeps the session. */
package kinesia.plan;

/** The first page: every client of the room with the one thing to do next, and a client's line of time. */
package kinesia.today;

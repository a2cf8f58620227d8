/** Places of training and what is in them: the room itself and clients' homes, and the loads that each gives. */
package kinesia.room;

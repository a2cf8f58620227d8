/**
 * What leaves the room and comes back: how a client may be reached, private links to the morning check and to a session at home,
 * and the outbox that stands in for mail and text messages.
 */
package kinesia.link;

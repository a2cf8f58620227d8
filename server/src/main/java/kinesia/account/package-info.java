/** Rooms, the people who work in them, and signing in. */
package kinesia.account;

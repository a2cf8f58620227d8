/** Clients, where they train and what is there. */
package kinesia.client;

/** Doses without anything stored: estimated maximum, next load, the loads a place has. */
package kinesia.dose;

/** A client's whole record: handed out in open formats, brought in again, and erased. */
package kinesia.exchange;

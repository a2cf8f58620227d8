/** The shipped rule files, read once and handed to the core. */
package kinesia.exercise;

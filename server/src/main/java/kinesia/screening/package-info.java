/** Screens: what is asked, what was answered, and the outcome and limits of each. Old screens stay as they were. */
package kinesia.screening;

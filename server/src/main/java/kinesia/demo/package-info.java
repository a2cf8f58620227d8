/** The invented scenario that ships with Kinesia: six made-up clients whose three months the core's own rules ran. */
package kinesia.demo;

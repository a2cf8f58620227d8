/** Sessions on the floor: the plan being worked through and every set as it was logged. */
package kinesia.floor;

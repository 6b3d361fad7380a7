/** Exercises on virtual antennas, and how they went. Tables of their own: what was practised is none of the shop's records. */
package dorada.server.exercise;

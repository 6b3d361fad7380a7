/** The shop's names: customers, what they have fitted, antennas and bases, chosen where a plan is written. */
package dorada.server.catalogue;

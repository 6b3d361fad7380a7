/** Antenna models for scripts and for trying: the wire solver behind an address. */
package dorada.server.antenna;

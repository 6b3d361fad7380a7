/** Antennas of the registry as they stand in requests, answers, addresses and columns: by their id. */
package dorada.server.design;

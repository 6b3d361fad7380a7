/** Proof on the air: the shop's stations, a log of calls, and fair comparisons. */
package dorada.server.onair;

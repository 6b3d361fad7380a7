/** Other servers of the same shop, where one machine is not enough: what they tell each other, and whose turn it is. */
package dorada.server.neighbour;

/**
 * Virtual installations to practise on: an antenna of wires, its feedline, what can be adjusted, and what can be wrong.
 * Everything that is read off them is solved; grounds are free space or a perfect plane.
 */
package dorada.core.simulation;

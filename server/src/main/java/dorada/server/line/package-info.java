/** Feedlines for scripts and for the trace desk: taken off, put on, measured, searched for faults. */
package dorada.server.line;

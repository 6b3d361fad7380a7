/** The trace desk: files read, looked at in every way and compared, without an installation; nothing is stored. */
package dorada.server.trace;

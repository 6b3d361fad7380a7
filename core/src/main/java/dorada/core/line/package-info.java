/** Feedlines and the small networks between an antenna's feed and its line. */
package dorada.core.line;

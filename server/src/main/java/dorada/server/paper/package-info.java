/** What goes on paper: the hand-over sheet of an installation. */
package dorada.server.paper;

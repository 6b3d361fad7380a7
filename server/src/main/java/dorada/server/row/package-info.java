/** What rows of the database have in common. */
package dorada.server.row;

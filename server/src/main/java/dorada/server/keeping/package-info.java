/** Keeps what the shop has: backups, a witness of how much there was, and the way back. */
package dorada.server.keeping;

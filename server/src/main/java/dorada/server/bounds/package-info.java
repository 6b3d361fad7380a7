/** What the server takes at most: bytes, connections, patience. Decided before a thread or the memory for it is spent. */
package dorada.server.bounds;

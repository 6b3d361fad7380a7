/** How Dorada is reached: by this machine alone, or over the shop's network by TLS or behind a proxy, and under which names. */
package dorada.server.network;

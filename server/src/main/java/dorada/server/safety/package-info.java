/** What can hurt someone, as sent. */
package dorada.server.safety;

/** The shop's radios and their bench checks. */
package dorada.server.radio;

/** What an instrument is, and simulated stand-ins for it. */
package dorada.core.instrument;

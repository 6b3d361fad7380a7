/** What happened to an installation, for whoever asks later: who changed what, before and after, in words that are found elsewhere. */
package dorada.core.history;

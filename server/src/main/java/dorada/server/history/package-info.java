/** Who changed what on an installation, before and after. Written with each change by Hibernate Envers, told in words, never edited. */
package dorada.server.history;

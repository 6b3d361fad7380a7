/**
 * Says what core found out: {@link dorada.server.words.Words} reads the catalogue of a language ({@code words/*.json}, which the
 * pages share), {@link dorada.server.words.Quantity} writes numbers. Answers carry outcomes as
 * {@link dorada.server.words.OutcomeView}.
 */
package dorada.server.words;

/**
 * What the computation finds out, as identifiers with parameters: {@link dorada.core.outcome.Outcome}. Nothing here or in any other
 * package of core puts it into words for a person: the sentences of every language lie in the folder {@code words}.
 */
package dorada.core.outcome;

/** Acceptance rules and the verdicts that name them. */
package dorada.core.acceptance;

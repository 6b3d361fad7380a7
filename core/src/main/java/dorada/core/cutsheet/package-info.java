/**
 * Cut sheets: from a frequency and the material on hand to dimensions, pieces, a drawing and steps. One class per kind of
 * antenna in {@code kind}, behind {@link dorada.core.cutsheet.CutKind}.
 */
package dorada.core.cutsheet;

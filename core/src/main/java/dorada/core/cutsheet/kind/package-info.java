/** The kinds of antenna, and of what belongs to one, that a sheet can be made for: one class each. */
package dorada.core.cutsheet.kind;

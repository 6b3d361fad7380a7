/** Services and their channels, as data files with source, country and year. */
package dorada.core.spectrum;

/** Readers and writers of published file formats. */
package dorada.core.format;

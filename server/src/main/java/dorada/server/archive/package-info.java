/** An installation or the whole shop as a zip of JSON, Touchstone and photos, out and in; docs/archive.md has the schema. */
package dorada.server.archive;

/** What the shop remembers: every installation as a row of a book that is searched, and those that are like another. */
package dorada.server.book;

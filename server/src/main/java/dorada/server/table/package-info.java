/** Lists of the shop as tables: what a spreadsheet brings is checked row by row. */
package dorada.server.table;

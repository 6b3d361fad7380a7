/** Cut sheets: asked for, solved, tried, kept. */
package dorada.server.cutting;

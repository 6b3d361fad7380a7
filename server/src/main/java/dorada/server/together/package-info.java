/** Living together in one shop: every open page is told what others change, and who else is on the same installation. */
package dorada.server.together;

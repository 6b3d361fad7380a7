/** What the shop keeps beside its installations, as far as archives look at it. */
package dorada.server.shop;

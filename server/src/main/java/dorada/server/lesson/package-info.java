/** What the shop learnt on one installation and tells whoever fits the next. */
package dorada.server.lesson;

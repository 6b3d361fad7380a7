/** What a shop learnt: which finished installations are like another, and what they lead to expect of it. */
package dorada.core.book;

/** What is looked at before the first reading, by method and carrier, and what an answer means for the readings. */
package dorada.core.ready;

/**
 * Exercises for whoever learns to tune: a virtual antenna with something hidden, what was done on it, and what that was worth
 * against the adviser on the same antenna and against somebody who knew everything.
 */
package dorada.core.exercise;

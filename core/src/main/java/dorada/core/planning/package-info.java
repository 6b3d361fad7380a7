/** What to fit and what it brings: watts along the way, reach, distances to keep, ground planes. */
package dorada.core.planning;

/** Direction, trim advice and prediction of the next sweep. */
package dorada.core.tuning;

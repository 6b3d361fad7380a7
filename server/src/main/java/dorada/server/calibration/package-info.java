/** Named calibrations of the shop's analysers, and correction for scripts. */
package dorada.server.calibration;

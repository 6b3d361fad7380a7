/** Open, short and load: what an analyser's raw readings need before they can be trusted, and over which span. */
package dorada.core.calibration;

package dorada.server.sweep;

/** Where a sweep came from. */
public enum SweepSource {
    SIMULATED_ANALYSER,
    /** Measured by an instrument on the network. */
    ANALYSER,
    FILE,
    /** Read at single channels and typed. */
    SPOTS,
    /** Raw reading of a calibration standard. */
    STANDARD
}

package dorada.server.sweep;

/** Where a sweep came from. */
public enum SweepSource {
    SIMULATED_ANALYSER,
    FILE
}

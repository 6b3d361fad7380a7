package dorada.server.installation;

import dorada.core.antenna.Carrier;
import dorada.core.recheck.Finding;
import java.time.Instant;
import java.util.UUID;

/**
 * What a sign-off found against the one before.
 *
 * @param finding null where nothing was compared
 * @param movedHz by how much the dip had moved, positive for up; null where that is not known
 */
public record FoundRow(UUID installation, Carrier carrier, Instant signedAt, Finding finding, Double movedHz) {}

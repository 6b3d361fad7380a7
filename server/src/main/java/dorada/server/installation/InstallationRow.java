package dorada.server.installation;

import java.util.UUID;

/**
 * What a list of thousands needs of an installation.
 *
 * @param byJudgement signed off for a reason, not by the rule
 */
public record InstallationRow(UUID id, long shopNumber, boolean signedOff, boolean byJudgement) {}

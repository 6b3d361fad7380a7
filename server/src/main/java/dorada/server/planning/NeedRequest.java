package dorada.server.planning;

import dorada.core.antenna.Carrier;
import dorada.core.planning.AntennaChoice.Need;
import dorada.server.problem.JobException;
import jakarta.validation.constraints.NotNull;

/**
 * What an antenna is wanted for, and on what.
 *
 * @param isMetal whether the surface at the mount conducts
 * @param alongM place of the mount from the surface's centre
 * @param clearanceM highest that the tip may reach; 0 for no limit
 */
record NeedRequest(
        @NotNull Carrier carrier,
        @NotNull boolean isMetal,
        @NotNull double roofLengthM,
        @NotNull double roofWidthM,
        @NotNull double alongM,
        @NotNull double acrossM,
        @NotNull double mountHeightM,
        @NotNull double clearanceM,
        @NotNull double lowHz,
        @NotNull double highHz,
        @NotNull double limitSwr) {

    Need need() {
        try {
            return new Need(
                    carrier,
                    isMetal,
                    roofLengthM,
                    roofWidthM,
                    alongM,
                    acrossM,
                    mountHeightM,
                    clearanceM,
                    lowHz,
                    highHz,
                    limitSwr);
        } catch (IllegalArgumentException e) {
            throw JobException.atField("need", e.getMessage());
        }
    }
}

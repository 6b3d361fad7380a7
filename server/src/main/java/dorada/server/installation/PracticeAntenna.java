package dorada.server.installation;

import dorada.core.antenna.AntennaKind;
import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.validation.constraints.NotNull;

/**
 * The simulated antenna under an installation, as it was when it was swept first: whatever becomes of the plan, it is no other.
 *
 * @param bandsHz geometric middle of each band that it is for, in Hz, ascending
 * @param startM length before the first change in metres; null for what is usual with it
 */
@Embeddable
public record PracticeAntenna(
        @NotNull @Column(name = "practice_kind", length = 30)
        AntennaKind kind,

        @NotNull @Column(name = "practice_bands_hz") double[] bandsHz,
        @Column(name = "practice_start_m") Double startM) {}

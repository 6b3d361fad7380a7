package dorada.server.installation;

import dorada.core.acceptance.WantedChannel;
import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/** A wanted channel as stored and sent. */
@Embeddable
public record Channel(
        @NotBlank(message = "Each channel needs a name.") @Size(max = 60, message = "At most 60 letters, please.")
        String name,

        @NotNull
        @DecimalMin(value = "1e6", message = "A channel lies between 1 and 1000 MHz.")
        @DecimalMax(value = "1e9", message = "A channel lies between 1 and 1000 MHz.")
        double frequencyHz,

        @NotNull @Column(name = "is_primary") boolean primary) {

    public WantedChannel wanted() {
        return new WantedChannel(name, frequencyHz, primary);
    }
}

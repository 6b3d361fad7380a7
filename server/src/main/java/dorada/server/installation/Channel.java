package dorada.server.installation;

import dorada.core.acceptance.WantedChannel;
import dorada.core.acceptance.WantedChannel.Use;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/**
 * A wanted channel as sent.
 *
 * @param use absent: both
 * @param weight absent: 1
 * @param radio the name of another radio on the same antenna; absent or empty for the first
 */
public record Channel(
        @NotBlank(message = "{wrong.NAME}") @Size(max = 60, message = "{wrong.LETTERS}")
        String name,

        @NotNull
        @DecimalMin(value = "1e6", message = "{wrong.FREQUENCY}")
        @DecimalMax(value = "1e9", message = "{wrong.FREQUENCY}")
        double frequencyHz,

        @NotNull boolean primary,

        Use use,

        @DecimalMin(value = "0.1", message = "{wrong.WEIGHT}") @DecimalMax(value = "10", message = "{wrong.WEIGHT}")
        Double weight,

        @Size(max = 60, message = "{wrong.LETTERS}") String radio) {

    public Channel {
        use = use == null ? Use.BOTH : use;
        weight = weight == null ? 1 : weight;
        radio = radio == null ? "" : radio.strip();
    }

    /** A channel of the first radio, for sending and hearing. */
    public Channel(String name, double frequencyHz, boolean primary) {
        this(name, frequencyHz, primary, null, null, null);
    }

    public WantedChannel wanted() {
        return new WantedChannel(name, frequencyHz, primary, use, weight, radio);
    }
}

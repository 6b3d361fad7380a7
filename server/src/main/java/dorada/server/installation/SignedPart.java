package dorada.server.installation;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/**
 * One part of the antenna as it was signed off; its number is its place among them, from 1.
 *
 * @param lengthM its final length, or where a tap, strap or mark sits, in metres; absent where there is nothing to measure
 * @param note how it is marked, or what it goes into; perhaps empty
 */
@Embeddable
public record SignedPart(
        @NotBlank(message = "{wrong.NAME}") @Size(max = 120, message = "{wrong.LETTERS}")
        String name,

        @Column(name = "length_m")
        @DecimalMin(value = "-100", message = "{wrong.LENGTH}")
        @DecimalMax(value = "100", message = "{wrong.LENGTH}")
        Double lengthM,

        @NotNull @Size(max = 300, message = "{wrong.LETTERS}")
        String note) {

    public SignedPart {
        name = name == null ? null : name.strip();
        note = note == null ? "" : note.strip();
    }
}

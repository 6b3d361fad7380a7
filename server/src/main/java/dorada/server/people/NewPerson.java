package dorada.server.people;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;

/** What a new login needs; the role is taken from the request only where a lead adds somebody. */
record NewPerson(
        @NotNull(message = "{wrong.TYPE_LOGIN}") @Pattern(regexp = "[A-Za-z0-9._-]{2,60}", message = "{wrong.LOGIN}")
        String login,

        @NotBlank(message = "{wrong.PERSON}") @Size(max = 120, message = "{wrong.LETTERS}")
        String displayName,

        @NotNull(message = "{wrong.CHOOSE_PASSWORD}") @Size(max = 200, message = "{wrong.PASSWORD}")
        String password,

        Role role) {}

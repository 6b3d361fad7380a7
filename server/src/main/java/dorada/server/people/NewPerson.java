package dorada.server.people;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;

/** What a new login needs; the role is taken from the request only where a lead adds somebody. */
record NewPerson(
        @NotNull(message = "Please type a login.")
        @Pattern(regexp = "[A-Za-z0-9._-]{2,60}", message = "A login has 2 to 60 letters, digits, dots or dashes.")
        String login,

        @NotBlank(message = "Please type a name.") @Size(max = 120, message = "A name has at most 120 letters.")
        String displayName,

        @NotNull(message = "Please choose a password.") @Size(max = 200, message = "A password has at most 72 bytes.")
        String password,

        Role role) {}

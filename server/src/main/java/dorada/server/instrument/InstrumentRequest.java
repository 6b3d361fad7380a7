package dorada.server.instrument;

import dorada.core.instrument.scpi.CommandProfile;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/** @param version of the one that is changed; 0 for a new one */
record InstrumentRequest(
        @NotNull long version,

        @NotBlank(message = "Please give the instrument a name.") @Size(max = 80, message = "At most 80 letters.")
        String name,

        @NotBlank(message = "Where is it? A name or number on the network.")
        @Size(max = 120, message = "At most 120 letters.")
        String host,

        @Min(value = 1, message = "A port lies between 1 and 65535.")
        @Max(value = 65535, message = "A port lies between 1 and 65535.")
        @NotNull
        int port,

        @NotNull(message = "The command texts are missing.") CommandProfile profile) {}

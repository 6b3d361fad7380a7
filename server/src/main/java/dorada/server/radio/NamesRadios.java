package dorada.server.radio;

import java.util.UUID;

/** Whoever names radios by their number. */
public interface NamesRadios {

    /**
     * What named {@code before} names {@code now}.
     *
     * @return how many that were
     */
    int nameRadio(UUID before, UUID now);
}

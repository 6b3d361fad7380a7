package dorada.core.antenna;

/** Dimensions of an antenna that can be turned into wires. */
public interface WireAntenna {

    /** @throws IllegalArgumentException where the dimensions make no antenna, as a sentence */
    Assembly assemble();
}

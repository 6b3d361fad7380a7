package dorada.core.wire;

/** A lumped element in series with a wire. */
public record Load(Port at, Lumped element) {}

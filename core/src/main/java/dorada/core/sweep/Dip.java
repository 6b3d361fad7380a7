package dorada.core.sweep;

/**
 * A place where the sweep is matched better than around it.
 *
 * @param reading values at the bottom
 * @param atEdge true where the sweep ends while the curve is still falling: the real bottom lies beyond
 */
public record Dip(Reading reading, boolean atEdge) {

    public double frequencyHz() {
        return reading.frequencyHz();
    }
}

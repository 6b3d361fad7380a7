package dorada.core.tuning;

/**
 * What is known of an antenna's sensitivity before its first change.
 *
 * @param waves electrical length of the adjusted piece in wavelengths, above 0
 * @param setPerElectrical metres of set length for a metre of electrical length; above 1 where other parts hold the dip back
 * @param doubt standard deviation of that ratio, relative
 */
public record TrimPrior(double waves, double setPerElectrical, double doubt) {

    /** @throws IllegalArgumentException where one of them is not above 0 */
    public TrimPrior {
        if (!(waves > 0) || !(setPerElectrical > 0) || !(doubt > 0)) {
            throw new IllegalArgumentException("A prior needs an electrical length, a ratio and a doubt above 0.");
        }
    }

    /** Nothing known but the electrical length: set and electrical length alike, within a fifth. */
    public static TrimPrior ofWaves(double waves) {
        return new TrimPrior(waves, 1, 0.2);
    }
}

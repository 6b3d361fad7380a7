package dorada.core.spectrum;

import dorada.core.outcome.Refusal;

/**
 * A channel of the aeronautical VHF band by its name. Names of 25 kHz channels are their frequencies; the three 8.33 kHz
 * channels in each 25 kHz have names that are 5, 10 and 15 kHz above it while their frequencies are 0, 8.33 and 16.67 kHz
 * above. Source: ICAO Annex 10, Volume V, table 4-1 (bis); from memory.
 *
 * @param name six digits with a point, as spoken and dialled
 * @param frequencyHz the carrier, in Hz
 * @param spacingHz 25 000 or 8 333.3
 */
public record AirbandChannel(String name, double frequencyHz, double spacingHz) {

    private static final int LOW_KHZ = 118_000;
    private static final int HIGH_KHZ = 136_990;
    private static final int BLOCK_KHZ = 25;
    private static final double THIRD_HZ = 25_000.0 / 3;

    /**
     * @param name such as {@code 121.5}, {@code 122.805} or {@code 118.010}
     * @throws Refusal where no channel has that name, with the names next to it
     */
    public static AirbandChannel named(String name) {
        double mhz;
        try {
            mhz = Double.parseDouble(name.strip());
        } catch (NumberFormatException e) {
            throw new Refusal(Refused.NO_AIRBAND_CHANNEL.of(name.strip()));
        }
        int khz = (int) Math.rint(mhz * 1000);
        if (Math.abs(mhz * 1000 - khz) > 1e-6 || khz < LOW_KHZ || khz > HIGH_KHZ) {
            throw new Refusal(Refused.BEYOND_THE_AIRBAND.of(name.strip()));
        }
        int block = khz - khz % BLOCK_KHZ;
        int step = khz % BLOCK_KHZ;
        if (step % 5 != 0 || step == 20) {
            throw new Refusal(Refused.NO_SUCH_ENDING.of(name.strip()));
        }
        String spoken = khz / 1000 + "." + String.valueOf(1000 + khz % 1000).substring(1);
        return step == 0
                ? new AirbandChannel(spoken, block * 1e3, 25_000)
                : new AirbandChannel(spoken, block * 1e3 + (step / 5 - 1) * THIRD_HZ, THIRD_HZ);
    }
}

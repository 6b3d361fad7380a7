package dorada.core.instrument.scpi;

/**
 * The texts that an analyser understands: SCPI settles the conversation, not every instrument's tree. {@code {}} stands for
 * the value. An empty text is not sent.
 *
 * @param setUp sent once after connecting
 * @param startHz sets the lower end, in Hz
 * @param stopHz sets the upper end, in Hz
 * @param points sets the number of points
 * @param averages sets how many sweeps are averaged
 * @param begin begins one sweep
 * @param isMeasuring query whose answer has bit 4 set while it measures (SCPI's operation condition register)
 * @param data query for the reflection: real and imaginary parts in turn, separated by commas
 * @param abort ends a sweep
 * @param error query for the next error, {@code 0,...} for none
 * @param identity query for who it is
 * @param raw switches its own correction off, for a calibration of ours; empty where it cannot
 * @param corrected switches it on again
 */
public record CommandProfile(
        String setUp,
        String startHz,
        String stopHz,
        String points,
        String averages,
        String begin,
        String isMeasuring,
        String data,
        String abort,
        String error,
        String identity,
        String raw,
        String corrected) {

    /** Profiles that were kept before these two were known lack them. */
    public CommandProfile {
        raw = raw == null ? "" : raw;
        corrected = corrected == null ? "" : corrected;
    }

    /** What the stand-in understands; a start for others. */
    public static final CommandProfile STAND_IN = new CommandProfile(
            "*CLS",
            "SENSe:FREQuency:STARt {}",
            "SENSe:FREQuency:STOP {}",
            "SENSe:SWEep:POINts {}",
            "SENSe:AVERage:COUNt {}",
            "INITiate:IMMediate",
            "STATus:OPERation:CONDition?",
            "TRACe:DATA? REFLection",
            "ABORt",
            "SYSTem:ERRor?",
            "*IDN?",
            "SENSe:CORRection:STATe OFF",
            "SENSe:CORRection:STATe ON");
}

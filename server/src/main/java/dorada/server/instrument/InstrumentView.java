package dorada.server.instrument;

import dorada.core.instrument.scpi.CommandProfile;
import jakarta.validation.constraints.NotNull;

/**
 * An analyser that can be swept.
 *
 * @param id {@code stand-in}, or its number
 * @param driver how it is talked to
 * @param host empty and {@code port} 0 where it is not on the network
 * @param serialPort of this machine and {@code baud} bits a second; absent where it is on none
 * @param lowestHz limits of a sweep, as {@code highestHz} and {@code mostPoints}; absent where nobody stated them
 * @param standIn true for the one that ships with Dorada
 * @param recorded whether what it sweeps may be recorded in an installation; what is invented only in the demo
 */
record InstrumentView(
        @NotNull String id,
        @NotNull long version,
        @NotNull String name,
        @NotNull String driver,
        @NotNull String driverWords,
        @NotNull String host,
        @NotNull int port,
        String serialPort,
        Integer baud,
        Double lowestHz,
        Double highestHz,
        Integer mostPoints,
        @NotNull CommandProfile profile,
        @NotNull boolean standIn,
        @NotNull boolean recorded) {

    static InstrumentView of(
            String id, InstrumentRequest entered, AnalyserDriver driver, boolean standIn, boolean recorded) {
        return new InstrumentView(
                id,
                entered.version(),
                entered.name(),
                driver.id(),
                driver.words(),
                entered.host(),
                entered.port(),
                entered.serialPort(),
                entered.baud(),
                entered.lowestHz(),
                entered.highestHz(),
                entered.mostPoints(),
                entered.profile(),
                standIn,
                recorded);
    }
}

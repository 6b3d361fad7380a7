package dorada.server.demo;

import dorada.core.radio.FrequencyTolerance;
import dorada.server.radio.BenchCheckRequest;
import dorada.server.radio.RadioRequest;
import java.util.List;

/** Invented radios of Isla Candela, and what they did into the dummy load. */
record DemoRadios(RadioRequest radio, String by, int hoursAgo, BenchCheckRequest check) {

    private static final String MARINE = "ITU Radio Regulations, Appendix 2, ship stations, from memory";
    private static final String AIRBAND =
            "ICAO Annex 10, Volume III, airborne, 8.33 kHz channels (30 ppm where only 25 kHz channels are used), from memory";

    static final List<DemoRadios> ALL = List.of(
            new DemoRadios(
                    new RadioRequest(0, "Trainer's airband radio", 8, 2.5, "out of the trainer, panel mount"),
                    "noa",
                    30,
                    read(125e6, 8, 12, 25, 125_000_036, 5, AIRBAND, -60, 125.120e6)),
            new DemoRadios(
                    new RadioRequest(0, "Depot base radio", 25, 2, "lighthouse road depot, rack 1"),
                    "ines",
                    20,
                    read(156.8e6, 25, 14, 50, 156_800_410, 10, MARINE, -58, 156.867e6)),
            new DemoRadios(new RadioRequest(0, "Spare mobile, VHF high band", 25, 2, "shelf 3"), "bruno", 0, null));

    private static BenchCheckRequest read(
            double channelHz,
            double ratedW,
            double forwardW,
            double fullScaleW,
            double carrierHz,
            double ppm,
            String rule,
            double spuriousDbc,
            double spuriousHz) {
        return new BenchCheckRequest(
                channelHz,
                ratedW,
                forwardW,
                fullScaleW,
                100e6,
                250e6,
                0.0,
                null,
                carrierHz,
                0.5,
                ppm,
                FrequencyTolerance.Unit.PPM,
                rule,
                spuriousDbc,
                spuriousHz,
                "");
    }
}

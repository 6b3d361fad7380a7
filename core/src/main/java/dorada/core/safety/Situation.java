package dorada.core.safety;

import dorada.core.acceptance.TransmitLimit;
import dorada.core.antenna.Carrier;
import dorada.core.instrument.ReadingKind;
import java.util.List;
import java.util.Optional;

/**
 * Who is about to do what with which antenna.
 *
 * @param carrier what it is fitted to; empty where nobody has said
 * @param method what it is read with; empty where nothing was read yet
 * @param totalHeightM of what stands up, from its foot; 0 where it is not known or nothing does
 * @param ratedW greatest of the radios; 0 where it is not known
 * @param atBody held or worn
 * @param transmits what each radio may do by the last reading
 * @param isAboutToCut the next step is a cut
 */
public record Situation(
        Stage stage,
        Optional<Carrier> carrier,
        Optional<ReadingKind> method,
        double totalHeightM,
        double ratedW,
        boolean atBody,
        List<Transmit> transmits,
        boolean isAboutToCut) {

    /** What one is about to do. */
    public enum Stage {
        PLANNING,
        TUNING,
        /** Calls on the air with an antenna that was tuned. */
        CALLING,
        /** A radio is measured by itself, without any antenna. */
        AT_THE_BENCH
    }

    /**
     * What one radio may do.
     *
     * @param radio its name; empty for the one that the installation is for
     * @param worstSwr on the channels that it transmits on and that were read; 1 where there is none
     * @param ceilingSwr that it stands at full power
     * @param unread channels that it transmits on and nobody has read
     */
    public record Transmit(String radio, TransmitLimit limit, double worstSwr, double ceilingSwr, List<String> unread) {

        public Transmit {
            unread = List.copyOf(unread);
        }

        /** Where every channel was read, and {@code worstSwr} is what a radio of {@code ratedW} sees. */
        public static Transmit into(String radio, double worstSwr, double ceilingSwr, double ratedW) {
            return new Transmit(radio, TransmitLimit.of(worstSwr, ceilingSwr, ratedW), worstSwr, ceilingSwr, List.of());
        }
    }

    public Situation {
        transmits = List.copyOf(transmits);
    }

    /** Before anything is read. */
    public static Situation tuning(Carrier carrier, double ratedW) {
        return new Situation(Stage.TUNING, Optional.of(carrier), Optional.empty(), 0, ratedW, false, List.of(), false);
    }

    /** Whoever is at {@code stage}, with nothing else known. */
    public static Situation at(Stage stage) {
        return new Situation(stage, Optional.empty(), Optional.empty(), 0, 0, false, List.of(), false);
    }

    /**
     * At an antenna whose carrier nobody has named.
     *
     * @param now empty before anything was read
     */
    public static Situation reading(ReadingKind by, double ratedW, List<Transmit> now) {
        return new Situation(Stage.TUNING, Optional.empty(), Optional.of(by), 0, ratedW, false, now, false);
    }

    /** This tuning after a reading. */
    public Situation read(ReadingKind by, List<Transmit> now, boolean isCutNext) {
        return new Situation(stage, carrier, Optional.of(by), totalHeightM, ratedW, atBody, now, isCutNext);
    }

    /**
     * @param isCut a plan by which something is cut
     * @param totalHeightM of everything that could fall or touch, from its foot; 0 where nobody says
     */
    public static Situation planning(Optional<Carrier> carrier, boolean isCut, double totalHeightM) {
        return new Situation(Stage.PLANNING, carrier, Optional.empty(), totalHeightM, 0, false, List.of(), isCut);
    }

    /** A station with its radios, as it will stand. */
    public static Situation station(
            Optional<Carrier> carrier, double totalHeightM, double ratedW, boolean atBody, List<Transmit> transmits) {
        return new Situation(Stage.PLANNING, carrier, Optional.empty(), totalHeightM, ratedW, atBody, transmits, false);
    }
}

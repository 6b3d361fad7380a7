package dorada.server.tuning;

import dorada.core.acceptance.TransmitLimit;
import dorada.core.safety.Situation;
import dorada.core.safety.Situation.Transmit;
import dorada.core.tuning.TrimAdvice;
import dorada.server.installation.Installation;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The situation of somebody who tunes. */
final class TuningCautions {

    private TuningCautions() {}

    /** After a pass. */
    static Situation of(Installation installation, TuningPass pass, Judgement judged, Optional<TrimAdvice> advice) {
        List<Transmit> transmits = new ArrayList<>();
        transmits.add(transmit(judged, "", judged.transmit(), installation.swrCeiling()));
        for (int i = 0; i < judged.others().size(); i++) {
            Judgement.RadioLimit other = judged.others().get(i);
            transmits.add(transmit(
                    judged,
                    other.radio(),
                    other.limit(),
                    installation.otherRadios().get(i).swrCeiling()));
        }
        // A ring that sets the length is turned, a tap slid: only the length itself is sawn.
        boolean isSawn = advice.filter(a -> a.action() == TrimAdvice.Action.SHORTEN)
                .filter(a ->
                        !a.onSecond() || installation.antennaKind().second().isEmpty())
                .isPresent();
        return Situation.tuning(installation.carrier(), installation.ratedPowerW())
                .read(pass.readingKind(), transmits, installation.isOneWay() && isSawn);
    }

    private static Transmit transmit(Judgement judged, String radio, TransmitLimit limit, double ceilingSwr) {
        return new Transmit(
                radio,
                limit,
                judged.verdict().worstMeasuredTransmitSwr(radio),
                ceilingSwr,
                judged.verdict().unreadTransmits(radio));
    }
}

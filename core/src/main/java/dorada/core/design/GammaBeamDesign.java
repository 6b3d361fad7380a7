package dorada.core.design;

import dorada.core.antenna.AdjustedPiece;
import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Beam;
import dorada.core.antenna.Carrier;
import dorada.core.antenna.SecondPiece;
import dorada.core.simulation.Control;
import dorada.core.simulation.ControlName;
import dorada.core.simulation.StandIn;
import dorada.core.simulation.StandIn.Chance;
import dorada.core.simulation.Usual;
import dorada.core.simulation.VirtualInstallation;
import dorada.core.wire.Conductor;
import java.util.List;

/** A beam whose driven element is whole, fed by a gamma match with a strap that slides. */
public final class GammaBeamDesign extends AntennaDesign {

    public static final AntennaKind KIND = AntennaKind.called("GAMMA_BEAM", AdjustedPiece.DRIVEN_ELEMENT)
            .waves(0.5)
            .lengthRatio(1.2, 0.4)
            .circuit(11, 50)
            .matchedInItsPlaceOnly()
            .with(SecondPiece.STRAP)
            .make();

    public GammaBeamDesign() {
        super(KIND, BeamDesign.SHEET);
    }

    @Override
    public StandIn standIn(double frequencyHz, long seed) {
        Chance chance = new Chance(frequencyHz, seed);
        double wave = chance.waveM();
        double strap = chance.between(0.062, 0.085) * wave;
        double apart = chance.between(0.018, 0.022) * wave;
        double capacitor = 1 / (2 * Math.PI * frequencyHz * chance.between(100, 112));
        List<Beam.Element> others =
                List.of(new Beam.Element(-0.2 * wave, 0.5 * wave), new Beam.Element(0.18 * wave, 0.42 * wave));
        return new StandIn(
                (l, moved) -> new Beam(
                        l + chance.hiddenM(),
                        others,
                        0.0026 * wave,
                        new Beam.Gamma(strap + moved, apart, 0.0016 * wave, capacitor),
                        Conductor.ALUMINIUM),
                0.475 * wave * chance.allowance());
    }

    @Override
    public List<VirtualInstallation> installations() {
        return List.of(VirtualInstallation.make("beam-five-gamma", KIND, Carrier.MAST, 152e6, 158e6)
                .set(
                        Control.slide(ControlName.DRIVEN_ELEMENT, 0.93, 0.8, 1.0),
                        Control.slide(ControlName.GAMMAS_STRAP, 0.12, 0.06, 0.25))
                .on(BeamDesign.CONDITIONS)
                .line(Usual.foam(18))
                .as(s -> new Beam(
                        s[0],
                        List.of(
                                new Beam.Element(-0.38, 0.955),
                                new Beam.Element(0.38, 0.87),
                                new Beam.Element(0.76, 0.86),
                                new Beam.Element(1.14, 0.85)),
                        0.005,
                        new Beam.Gamma(s[1], 0.04, 0.003, 12e-12),
                        Conductor.ALUMINIUM)));
    }
}

package dorada.core.design;

import dorada.core.antenna.AdjustedPiece;
import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Assembly;
import dorada.core.antenna.Carrier;
import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.kind.FiveEighthsWhip;
import dorada.core.outcome.Outcome;
import dorada.core.planning.Candidate;
import dorada.core.planning.CandidateModel;
import dorada.core.planning.Extent;
import dorada.core.planning.Need;
import dorada.core.planning.Place;
import dorada.core.planning.SheetModel;
import dorada.core.simulation.Control;
import dorada.core.simulation.ControlName;
import dorada.core.simulation.StandIn;
import dorada.core.simulation.StandIn.Chance;
import dorada.core.simulation.Usual;
import dorada.core.simulation.VirtualInstallation;
import dorada.core.wire.Wire;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A 5/8-wave whip with a coil at its base. */
public final class FiveEighthsDesign extends AntennaDesign {

    public static final AntennaKind KIND = AntennaKind.called("FIVE_EIGHTHS_WHIP", AdjustedPiece.WHIP)
            .cutOnly()
            .hasUsualLength()
            .smallestStepM(0.002)
            .waves(0.625)
            .lengthRatio(1.13, 0.07)
            .circuit(13, 55)
            .make();

    private static final CutKind SHEET = new FiveEighthsWhip();

    public FiveEighthsDesign() {
        super(KIND, SHEET);
    }

    @Override
    public List<Candidate> candidates() {
        return List.of(new Planned());
    }

    private static final class Planned extends Candidate {

        Planned() {
            super(KIND, "FIVE_EIGHTHS", 3, Needs.METAL, ON_ANYTHING);
        }

        @Override
        public boolean suits(Need need) {
            return super.suits(need) && need.band().middleHz() >= LOW_BAND_HZ;
        }

        @Override
        public Optional<Outcome> remark(Need need) {
            return remark();
        }

        @Override
        public Ask ask(Place place) {
            return new Ask(SHEET, place.rod(), Map.of());
        }

        @Override
        public CandidateModel model(Place place) {
            return new OnRoof(place, ask(place));
        }
    }

    private static final class OnRoof extends SheetModel {
        private final Place place;

        OnRoof(Place place, Candidate.Ask ask) {
            super(ask, place.middleHz(), List.of(), List.of("coil"));
            this.place = place;
        }

        /** Cut by rule; the coil takes the reactance away, and its tap makes 50 Ω of what is left. */
        @Override
        public double lengthM(double[] shape) {
            return usual("whip");
        }

        @Override
        public double[] usualCircuit() {
            return new double[] {usual("coil"), 1};
        }

        @Override
        public Assembly clear(double[] shape, double[] circuit, Extent extent) {
            return RoofWhips.planned(place, RoofWhips.BASE_M, usual("whip"), circuit[0], circuit[1], extent);
        }

        @Override
        public double topM() {
            return super.topM() + RoofWhips.BASE_M;
        }

        @Override
        public List<Wire> own(Assembly assembly, int others) {
            return assembly.structure().wires().subList(0, place.need().hasGroundPlane() ? 2 : 1);
        }
    }

    @Override
    public StandIn standIn(double frequencyHz, long seed) {
        Chance chance = new Chance(frequencyHz, seed);
        return StandIn.ofSheet(SHEET, frequencyHz, "whip", chance.hiddenM(), chance.allowance());
    }

    @Override
    public List<VirtualInstallation> installations() {
        return List.of(VirtualInstallation.make("roof-five-eighths", KIND, Carrier.VEHICLE, 153e6, 159e6)
                .set(Control.cut(ControlName.WHIP, 1.2, 0.9))
                .on(Usual.ON_VEHICLE)
                .line(Usual.thin(4.2))
                .as(s -> RoofWhips.whip(0.05, s[0], 0.0012, 0.225e-6, Usual.COIL_Q, RoofWhips.ROOF, 0, 0, 0, 1)));
    }
}

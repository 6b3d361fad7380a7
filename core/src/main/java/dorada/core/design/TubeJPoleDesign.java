package dorada.core.design;

import dorada.core.antenna.AdjustedPiece;
import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Carrier;
import dorada.core.antenna.SecondPiece;
import dorada.core.antenna.TubeJPole;
import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.kind.TubeJPoleSheet;
import dorada.core.outcome.Outcome;
import dorada.core.planning.Candidate;
import dorada.core.planning.CandidateModel;
import dorada.core.planning.Need;
import dorada.core.planning.Place;
import dorada.core.planning.SheetModel;
import dorada.core.simulation.Control;
import dorada.core.simulation.ControlName;
import dorada.core.simulation.StandIn;
import dorada.core.simulation.StandIn.Chance;
import dorada.core.simulation.Usual;
import dorada.core.simulation.VirtualInstallation;
import dorada.core.wire.Conductor;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** A J-pole of tube with a tap that slides. */
public final class TubeJPoleDesign extends AntennaDesign {

    public static final AntennaKind KIND = AntennaKind.called("TUBE_J_POLE", AdjustedPiece.LONG_TUBE)
            .cutOnly()
            .hasUsualLength()
            .waves(0.75)
            .lengthRatio(2.05, 0.13)
            .circuit(15, 46)
            .with(SecondPiece.TAP)
            .make();

    private static final CutKind SHEET = new TubeJPoleSheet();

    /** A tap is fitted up to so much too far out. */
    private static final double TAP_OFF_M = 0.02;

    public TubeJPoleDesign() {
        super(KIND, SHEET);
    }

    @Override
    public List<Candidate> candidates() {
        return List.of(new Planned());
    }

    private static final class Planned extends Candidate {

        Planned() {
            super(KIND, "J_POLE", 3, Needs.NO_METAL, Set.of(Carrier.MAST, Carrier.PORTABLE));
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
            return new SheetModel(ask(place), place.middleHz(), List.of("whole", "tap"), List.of());
        }
    }

    @Override
    public StandIn standIn(double frequencyHz, long seed) {
        Chance chance = new Chance(frequencyHz, seed);
        return StandIn.ofSheet(
                SHEET, frequencyHz, "whole", chance.hiddenM(), chance.allowance(), "tap", chance.between(0, TAP_OFF_M));
    }

    @Override
    public List<VirtualInstallation> installations() {
        return List.of(VirtualInstallation.make("tube-j-pole", KIND, Carrier.MAST, 144e6, 148e6)
                .set(
                        Control.cut(ControlName.LONG_TUBE_ABOVE_THE_STUB, 1.03, 0.88),
                        Control.slide(ControlName.TAP, 0.06, 0.03, 0.12))
                .on(Usual.ON_MAST)
                .line(Usual.thin(10))
                .as(s -> new TubeJPole(s[0], 0.491, 0.05, s[1], 0.008, Conductor.COPPER)));
    }
}

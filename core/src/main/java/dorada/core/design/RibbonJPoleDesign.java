package dorada.core.design;

import dorada.core.antenna.AdjustedPiece;
import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.BandPiece;
import dorada.core.antenna.Carrier;
import dorada.core.antenna.PermanentStep;
import dorada.core.antenna.RibbonJPole;
import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.Inputs;
import dorada.core.cutsheet.Shape;
import dorada.core.cutsheet.kind.RibbonJPoleSheet;
import dorada.core.outcome.Outcome;
import dorada.core.planning.Candidate;
import dorada.core.planning.CandidateModel;
import dorada.core.planning.Need;
import dorada.core.planning.Place;
import dorada.core.planning.SheetModel;
import dorada.core.rf.Wavelength;
import dorada.core.simulation.Control;
import dorada.core.simulation.ControlName;
import dorada.core.simulation.StandIn;
import dorada.core.simulation.StandIn.Chance;
import dorada.core.simulation.Usual;
import dorada.core.simulation.VirtualInstallation;
import dorada.core.wire.Watch;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** A J-pole of ribbon for one band, or for two with a decoupling stub. */
public final class RibbonJPoleDesign extends AntennaDesign {

    public static final AntennaKind KIND = AntennaKind.called("RIBBON_J_POLE", AdjustedPiece.RADIATOR)
            .madePermanentBy(PermanentStep.WIRE_ENDS, PermanentStep.TIGHTENED, PermanentStep.SEALED)
            .cutOnly()
            .smallestStepM(0.002)
            .waves(0.75)
            .lengthRatio(2.15, 0.2)
            .circuit(27, 52)
            .bands(BandPiece.BELOW_THE_STUB, BandPiece.ABOVE_THE_STUB)
            .make();

    private static final CutKind SHEET = new RibbonJPoleSheet();

    public RibbonJPoleDesign() {
        super(KIND, SHEET);
    }

    @Override
    public List<Candidate> candidates() {
        return List.of(new Planned());
    }

    private static final class Planned extends Candidate {

        Planned() {
            super(KIND, "RIBBON_J_POLE", 3, Needs.NO_METAL, Set.of(Carrier.PORTABLE, Carrier.INDOOR));
        }

        @Override
        public int fit(Need need) {
            return need.carrier() == Carrier.INDOOR ? 1 : 0;
        }

        @Override
        public Optional<Outcome> remark(Need need) {
            return remark();
        }

        @Override
        public Ask ask(Place place) {
            return new Ask(SHEET, Map.of(), Map.of());
        }

        @Override
        public CandidateModel model(Place place) {
            return new Hung(place, ask(place));
        }

        private static final class Hung extends SheetModel {

            Hung(Place place, Ask ask) {
                super(ask, place.middleHz(), List.of("radiator", "tap"), List.of());
            }

            /** Stub and radiator are one ribbon. */
            @Override
            public double lengthM(double[] shape) {
                return usual("stub") + shape[0];
            }

            @Override
            public boolean rollsUp() {
                return true;
            }
        }
    }

    @Override
    public StandIn standIn(double frequencyHz, long seed) {
        Chance chance = new Chance(frequencyHz, seed);
        return StandIn.ofSheet(SHEET, frequencyHz, "radiator", chance.hiddenM(), chance.allowance());
    }

    @Override
    public StandIn standIn(double[] bandsHz, long seed) {
        if (!KIND.hasPieceForEachOf(bandsHz.length)) {
            return standIn(bandsHz[0], seed);
        }
        Chance chance = new Chance(bandsHz[1], seed);
        double wave = Wavelength.ofHz(bandsHz[0]);
        double tooLong = 0.02 + 0.03 * (chance.allowance() - 1.03) / 0.04;
        Inputs in = Inputs.usual(SHEET, bandsHz[0]).choosing("bands", "two").with("upperHz", bandsHz[1]);
        Shape shape = SHEET.solve(in, Watch.NOBODY).shape();
        double upper = shape.get("upper") + tooLong * wave / 4;
        return new StandIn(
                (l, second) -> () -> SHEET.assembly(
                                in, shape.with("radiator", l + chance.hiddenM()).with("upper", upper + second))
                        .orElseThrow(),
                shape.get("radiator") + tooLong * chance.waveM() / 2);
    }

    @Override
    public List<VirtualInstallation> installations() {
        return List.of(ribbon("ribbon-open", Carrier.PORTABLE, 0), ribbon("ribbon-tube", Carrier.MAST, 0.012));
    }

    private static VirtualInstallation ribbon(String id, Carrier place, double tubeRadiusM) {
        return VirtualInstallation.make(id, KIND, place, 144e6, 148e6)
                .set(
                        Control.cut(ControlName.RADIATOR_UP_TO_THE_STUB, 0.3, 0.2),
                        Control.cut(ControlName.WIRE_ABOVE_THE_STUB, 0.66, 0.4))
                .on(Usual.ON_MAST)
                .line(Usual.thin(6))
                .as(s -> new RibbonJPole(0.47, 0.025, s[0], 0.108, s[1], 0.009, 0.0005, 0.001, tubeRadiusM, 0.002));
    }
}

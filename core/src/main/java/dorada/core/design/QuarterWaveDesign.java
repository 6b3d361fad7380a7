package dorada.core.design;

import dorada.core.antenna.AdjustedPiece;
import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Assembly;
import dorada.core.antenna.Carrier;
import dorada.core.antenna.Plate;
import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.kind.QuarterWaveWhip;
import dorada.core.planning.Candidate;
import dorada.core.planning.CandidateModel;
import dorada.core.planning.Extent;
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
import java.util.Set;

/** A quarter-wave whip on sheet metal. */
public final class QuarterWaveDesign extends AntennaDesign {

    public static final AntennaKind KIND = AntennaKind.called("QUARTER_WAVE_WHIP", AdjustedPiece.WHIP)
            .cutOnly()
            .hasUsualLength()
            .waves(0.25)
            .lengthRatio(0.99, 0.05)
            .circuit(6.5, 38)
            .make();

    private static final Set<Carrier> CARRIERS =
            Set.of(Carrier.VEHICLE, Carrier.MAST, Carrier.INDOOR, Carrier.PORTABLE);

    static final CutKind SHEET = new QuarterWaveWhip(1);
    private static final Plate BOOT_LID = Plate.sheet(0.5, 1.2, 0.125);

    /** The sheet under a simulated one: narrow, as beside a roof's edge, where the match is good enough for a strict rule. */
    private static final double SHEET_LENGTH_WAVES = 0.32;

    private static final double SHEET_WIDTH_WAVES = 0.6;
    private static final double SHEET_SPACING_WAVES = 0.1;

    public QuarterWaveDesign() {
        super(KIND, SHEET);
    }

    @Override
    public List<Candidate> candidates() {
        return List.of(new Planned("QUARTER_WAVE", KIND, CARRIERS));
    }

    /** What the others are held against: a rod on metal. */
    static final class Planned extends Candidate {

        Planned(String id, AntennaKind kind, Set<Carrier> carriers) {
            super(kind, id, 1, Needs.METAL, carriers);
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
            super(ask, place.middleHz(), List.of("whip"), List.of());
            this.place = place;
        }

        @Override
        public Assembly clear(double[] shape, double[] circuit, Extent extent) {
            return RoofWhips.planned(place, RoofWhips.BASE_M, shape[0] - RoofWhips.BASE_M, 0, 1, extent);
        }

        /** Base and whip are one rod. */
        @Override
        public List<Wire> own(Assembly assembly, int others) {
            List<Wire> wires = assembly.structure().wires();
            return place.need().hasGroundPlane()
                    ? List.of(new Wire(
                            wires.get(0).from(),
                            wires.get(1).to(),
                            wires.get(1).radiusM(),
                            wires.get(1).conductor(),
                            List.of()))
                    : wires.subList(0, 1);
        }
    }

    @Override
    public StandIn standIn(double frequencyHz, long seed) {
        Chance chance = new Chance(frequencyHz, seed);
        double wave = chance.waveM();
        double along = SHEET_LENGTH_WAVES * wave;
        double across = SHEET_WIDTH_WAVES * wave;
        Plate roof = Plate.sheet(along, across, SHEET_SPACING_WAVES * wave);
        double x = along * chance.between(0.3, 0.38);
        double y = across * chance.between(-0.2, 0.2);
        double base = Math.max(0.025 * wave, RoofWhips.BASE_M);
        return new StandIn(
                l -> RoofWhips.whip(base, l - base + chance.hiddenM(), 0.0012, 0, 60, roof, x, y, 0, 1),
                1.04 * KIND.usualLengthM(frequencyHz) * chance.allowance());
    }

    @Override
    public List<VirtualInstallation> installations() {
        return List.of(
                VirtualInstallation.make("roof-quarter-wave", KIND, Carrier.VEHICLE, 153e6, 159e6)
                        .set(Control.cut(ControlName.WHIP, 0.445, 0.3))
                        .on(Usual.ON_VEHICLE)
                        .line(Usual.thin(4.2))
                        .as(s -> RoofWhips.whip(0.05, s[0], 0.0012, 0, Usual.COIL_Q, RoofWhips.ROOF, 0, 0, 0, 1)),
                VirtualInstallation.make("boot-lid", KIND, Carrier.VEHICLE, 153e6, 159e6)
                        .set(Control.cut(ControlName.WHIP, 0.445, 0.3))
                        .on(Usual.ON_VEHICLE)
                        .line(Usual.thin(5))
                        .as(s -> RoofWhips.whip(0.05, s[0], 0.0012, 0, Usual.COIL_Q, BOOT_LID, 0.18, 0.2, 0, 1)));
    }
}

package dorada.core.design;

import dorada.core.antenna.AdjustedPiece;
import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Assembly;
import dorada.core.antenna.Carrier;
import dorada.core.antenna.Plate;
import dorada.core.antenna.WireAntenna;
import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.kind.LoadedCbWhip;
import dorada.core.planning.Candidate;
import dorada.core.planning.CandidateModel;
import dorada.core.planning.Extent;
import dorada.core.planning.Need;
import dorada.core.planning.Place;
import dorada.core.rf.Impedance;
import dorada.core.simulation.Control;
import dorada.core.simulation.ControlName;
import dorada.core.simulation.StandIn;
import dorada.core.simulation.StandIn.Chance;
import dorada.core.simulation.Usual;
import dorada.core.simulation.VirtualInstallation;
import dorada.core.wire.Solver;
import dorada.core.wire.Watch;
import dorada.core.wire.Wire;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** A short CB whip with a coil at its base and a tip that is pushed in or cut. */
public final class LoadedWhipDesign extends AntennaDesign {

    public static final AntennaKind KIND = AntennaKind.called("LOADED_CB_WHIP", AdjustedPiece.TIP)
            .smallestStepM(0.002)
            .waves(0.25)
            .lengthRatio(0.9, 0.12)
            .circuit(42, 50)
            .make();

    static final CutKind SHEET = new LoadedCbWhip();

    /** To the coil. */
    private static final double BASE_LOADED_M = 0.12;

    private static final double CB_WHIP_M = 1.5;
    private static final double COIL_Q = 60;
    private static final double ROOF_HEIGHT_M = 1.9;

    public LoadedWhipDesign() {
        super(KIND, SHEET);
    }

    @Override
    public List<Candidate> candidates() {
        return List.of(new Planned());
    }

    private static final class Planned extends Candidate {

        private static final double WHOLE_M = 1.3;

        Planned() {
            super(KIND, "LOADED_WHIP", 2, Needs.METAL, ON_ANYTHING);
        }

        @Override
        public boolean suits(Need need) {
            return super.suits(need) && need.band().middleHz() <= LOW_BAND_HZ;
        }

        @Override
        public Ask ask(Place place) {
            Map<String, Double> numbers = new HashMap<>(place.rod());
            numbers.put("lengthM", WHOLE_M);
            return new Ask(SHEET, numbers, Map.of());
        }

        /** Length is given; coil and transformer are found. */
        @Override
        public CandidateModel model(Place place) {
            Ask ask = ask(place);
            ask.at(place.middleHz());
            return new OnRoof(place);
        }

        private record OnRoof(Place place) implements CandidateModel {
            @Override
            public double[] usualShape() {
                return new double[0];
            }

            @Override
            public double[] usualCircuit() {
                return new double[] {2.1e-6 * 27.185e6 / place.middleHz(), 0.25};
            }

            @Override
            public double lengthM(double[] shape) {
                return WHOLE_M;
            }

            @Override
            public Assembly clear(double[] shape, double[] circuit, Extent extent) {
                double base = LoadedCbWhip.BASE_SHARE * WHOLE_M;
                return RoofWhips.planned(place, base, WHOLE_M - base, circuit[0], circuit[1], extent);
            }

            @Override
            public List<Wire> own(Assembly assembly, int others) {
                return assembly.structure().wires().subList(0, place.need().hasGroundPlane() ? 2 : 1);
            }
        }
    }

    @Override
    public StandIn standIn(double frequencyHz, long seed) {
        Chance chance = new Chance(frequencyHz, seed);
        double allowance = chance.between(1.02, 1.035);
        return loaded(frequencyHz, BASE_LOADED_M, 0, allowance, chance);
    }

    /**
     * Coil and transformer are chosen so that the whip is matched at {@code frequencyHz}, a little shorter than it starts. A
     * second piece lengthens what is below the coil.
     *
     * @param base from the mount to the coil
     * @param notSet what of the whip does not count as its set length: 0 for the whole whip, {@code base} for its tip alone
     */
    static StandIn loaded(double frequencyHz, double base, double notSet, double allowance, Chance chance) {
        Plate roof = Plate.sheet(2.2, 1.8, 0.6);
        double y = chance.between(-0.5, 0.5);
        double tip = CB_WHIP_M - base;
        Impedance bare = feed(whip(base, tip, 0, roof, y, 1), frequencyHz);
        // The coil sits above the base, where it carries a little less current than the feed: asked for until it is
        // right.
        double coil = -bare.reactanceOhm() / (2 * Math.PI * frequencyHz);
        for (int i = 0; i < 8; i++) {
            Impedance left = feed(whip(base, tip, coil, roof, y, 1), frequencyHz);
            coil -= left.reactanceOhm() / (2 * Math.PI * frequencyHz);
        }
        double henry = coil;
        double matched = feed(whip(base, tip, henry, roof, y, 1), frequencyHz).resistanceOhm();
        double ratio = matched / chance.between(42, 58);
        double above = base - notSet;
        // A coil makes much of little: less is hidden.
        double hidden = chance.hiddenM() / 4;
        return new StandIn(
                (l, moved) -> whip(base + moved, l - above + hidden, henry, roof, y, ratio),
                (CB_WHIP_M - notSet) * allowance);
    }

    private static WireAntenna whip(double base, double upper, double henry, Plate roof, double y, double ratio) {
        return RoofWhips.whip(base, upper, 0.0015, henry, COIL_Q, roof, 0, y, ROOF_HEIGHT_M, ratio);
    }

    private static Impedance feed(WireAntenna antenna, double frequencyHz) {
        Assembly a = antenna.assemble();
        return new Solver(a.structure(), List.of(a.feed()), frequencyHz)
                .at(frequencyHz, Watch.NOBODY)
                .impedance();
    }

    @Override
    public List<VirtualInstallation> installations() {
        return List.of(VirtualInstallation.make("cb-base-loaded", KIND, Carrier.VEHICLE, 26.965e6, 27.405e6)
                .set(Control.slide(ControlName.TIP, 1.31, 1.15, 1.42))
                .on(Usual.ON_VEHICLE)
                .line(Usual.thin(5.5))
                .as(s -> RoofWhips.whip(
                        0.15,
                        s[0],
                        0.0015,
                        2.1e-6,
                        Usual.COIL_Q,
                        RoofWhips.LORRY_ROOF,
                        0,
                        0.3,
                        RoofWhips.CB_HEIGHT_M,
                        0.22)));
    }
}

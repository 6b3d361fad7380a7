package dorada.core.design;

import dorada.core.antenna.AdjustedPiece;
import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Assembly;
import dorada.core.antenna.Carrier;
import dorada.core.antenna.WireDipole;
import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.Inputs;
import dorada.core.cutsheet.Shape;
import dorada.core.cutsheet.kind.HalfWaveDipole;
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
import dorada.core.wire.Conductor;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** A half-wave dipole of wire or tube, straight or with hanging ends. */
public final class DipoleDesign extends AntennaDesign {

    public static final AntennaKind KIND = AntennaKind.called("DIPOLE", AdjustedPiece.ARM)
            .cutOnly()
            .hasUsualLength()
            .smallestStepM(0.005)
            .waves(0.25)
            .lengthRatio(1, 0.05)
            .circuit(13, 46)
            .bothHalves()
            .make();

    private static final CutKind SHEET = new HalfWaveDipole();

    public DipoleDesign() {
        super(KIND, SHEET);
    }

    @Override
    public List<Candidate> candidates() {
        return List.of(new Planned());
    }

    private static final class Planned extends Candidate {

        private static final double LEAST_HANG_WAVES = 0.002;

        Planned() {
            super(KIND, "DIPOLE", 2, Needs.NO_METAL, Set.of(Carrier.MAST, Carrier.PORTABLE, Carrier.INDOOR));
        }

        @Override
        public int fit(Need need) {
            return need.carrier() == Carrier.INDOOR ? 1 : 0;
        }

        @Override
        public Optional<Outcome> remark(Need need) {
            return remark(new Place(need).isUpright() ? "UPRIGHT" : "LEVEL", Map.of());
        }

        /** Level it is wire, its ends hanging where the room is too short; upright it is tube. */
        @Override
        public Ask ask(Place place) {
            if (place.isUpright()) {
                return new Ask(SHEET, place.rod(), Map.of("of", "tube", "metal", "aluminium"));
            }
            Map<String, Double> numbers = new HashMap<>(place.wire());
            if (place.middleHz() < LOW_BAND_HZ) {
                numbers.put("heightM", Math.max(place.need().mountHeightM() + place.ridgeM(), 0.15 * place.waveM()));
            }
            double arm = straightArmM(place, numbers);
            double hang = arm - place.freeLengthM() / 2;
            if (hang < LEAST_HANG_WAVES * place.waveM()) {
                return new Ask(SHEET, numbers, Map.of());
            }
            numbers.put("hangM", hang);
            return new Ask(SHEET, numbers, Map.of("bend", "ends"));
        }

        private static double straightArmM(Place place, Map<String, Double> numbers) {
            Inputs in = new Ask(SHEET, numbers, Map.of()).at(place.middleHz());
            return Shape.start(SHEET.dimensions(in)).get("arm");
        }

        @Override
        public CandidateModel model(Place place) {
            return new Hung(place, ask(place));
        }

        private static final class Hung extends SheetModel {
            private final Place place;

            Hung(Place place, Ask ask) {
                super(ask, place.middleHz(), List.of("arm"), List.of());
                this.place = place;
            }

            @Override
            public double lengthM(double[] shape) {
                return 2 * shape[0];
            }

            @Override
            public double topM() {
                return place.need().carrier() == Carrier.INDOOR
                        ? place.ridgeM()
                        : place.isUpright() ? roomHeightM() : 0;
            }

            @Override
            public double roomHeightM() {
                double arm = usual("arm");
                return place.isUpright() ? 2 * arm : Math.max(0, arm - place.freeLengthM() / 2) + Place.WALL_M;
            }

            @Override
            public boolean rollsUp() {
                return !place.isUpright();
            }

            @Override
            public Assembly clear(double[] shape, double[] circuit, Extent extent) {
                Assembly level = super.clear(shape, circuit, extent);
                return place.isUpright() ? Turned.upright(level) : level;
            }
        }
    }

    @Override
    public StandIn standIn(double frequencyHz, long seed) {
        Chance chance = new Chance(frequencyHz, seed);
        double hang = chance.between(0.05, 0.09) * chance.waveM();
        double height = chance.between(0.45, 0.6) * chance.waveM();
        return new StandIn(
                l -> new WireDipole(l + chance.hiddenM(), hang, height, 0.0008, 0.0006, Conductor.COPPER),
                KIND.usualLengthM(frequencyHz) * chance.allowance());
    }

    @Override
    public List<VirtualInstallation> installations() {
        return List.of(VirtualInstallation.make("attic-dipole", KIND, Carrier.INDOOR, 26.965e6, 27.405e6)
                .set(Control.cut(ControlName.BOTH_ARMS_ALIKE, 2.78, 2.3))
                .on(Usual.INSIDE)
                .line(Usual.thin(12))
                .as(s -> new WireDipole(s[0], 0.8, 6, 0.0008, 0.0006, Conductor.COPPER)));
    }
}

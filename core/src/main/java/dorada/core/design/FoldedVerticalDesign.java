package dorada.core.design;

import dorada.core.antenna.AdjustedPiece;
import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Assembly;
import dorada.core.antenna.Carrier;
import dorada.core.antenna.FoldedVertical;
import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.kind.FoldedTopVertical;
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

/** A vertical whose top comes down again beside it, with a coil across its feed. */
public final class FoldedVerticalDesign extends AntennaDesign {

    public static final AntennaKind KIND = AntennaKind.called("FOLDED_VERTICAL", AdjustedPiece.FOLD)
            .cutOnly()
            .smallestStepM(0.005)
            .waves(0.25)
            .lengthRatio(2.05, 0.15)
            .circuit(14, 60)
            .make();

    private static final CutKind SHEET = new FoldedTopVertical();

    public FoldedVerticalDesign() {
        super(KIND, SHEET);
    }

    @Override
    public List<Candidate> candidates() {
        return List.of(new Planned());
    }

    private static final class Planned extends Candidate {

        private static final double FOLD_APART_M = 0.15;
        private static final double UPRIGHT_WAVES = 0.22;

        Planned() {
            super(KIND, "FOLDED_VERTICAL", 3, Needs.NO_METAL, Set.of(Carrier.INDOOR));
        }

        @Override
        public boolean suits(Need need) {
            return super.suits(need) && need.band().middleHz() <= LOW_BAND_HZ;
        }

        @Override
        public int fit(Need need) {
            return 1;
        }

        @Override
        public Optional<Outcome> remark(Need need) {
            return remark();
        }

        @Override
        public Ask ask(Place place) {
            Map<String, Double> numbers = new HashMap<>(place.wire());
            // A wire on the wall has no insulation worth asking for here.
            numbers.remove("insulationM");
            numbers.put("uprightM", uprightM(place));
            numbers.put("apartM", FOLD_APART_M);
            numbers.put("counterpoiseM", Math.min(0.24 * place.waveM(), place.freeLengthM() / 2));
            return new Ask(SHEET, numbers, Map.of());
        }

        private static double uprightM(Place place) {
            return Math.min(UPRIGHT_WAVES * place.waveM(), place.freeHeightM());
        }

        @Override
        public CandidateModel model(Place place) {
            return new UnderRidge(place, ask(place));
        }

        private static final class UnderRidge extends SheetModel {
            private final Place place;

            UnderRidge(Place place, Ask ask) {
                super(ask, place.middleHz(), List.of("fold"), List.of("coil"));
                this.place = place;
            }

            /** Of the whole wire. */
            @Override
            public double lengthM(double[] shape) {
                return shape[0] + uprightM(place) + FOLD_APART_M;
            }

            @Override
            public double topM() {
                return uprightM(place) + Place.WALL_M;
            }

            @Override
            public double roomHeightM() {
                return 0;
            }

            @Override
            public boolean rollsUp() {
                return true;
            }

            @Override
            public Assembly clear(double[] shape, double[] circuit, Extent extent) {
                return super.clear(shape, circuit, extent)
                        .raisedOverGround(
                                Math.max(Place.LEAST_HEIGHT_M, place.need().mountHeightM() + Place.WALL_M));
            }
        }
    }

    @Override
    public StandIn standIn(double frequencyHz, long seed) {
        Chance chance = new Chance(frequencyHz, seed);
        // A fold does little for its length: more is left on, and less is hidden.
        return StandIn.ofSheet(SHEET, frequencyHz, "fold", chance.hiddenM() / 4, 1 + 4 * (chance.allowance() - 1));
    }

    @Override
    public List<VirtualInstallation> installations() {
        return List.of(VirtualInstallation.make("attic-vertical", KIND, Carrier.INDOOR, 26.965e6, 27.405e6)
                .set(Control.cut(ControlName.FOLDED_END, 0.75, 0.1))
                .on(Usual.INSIDE)
                .line(Usual.thin(12))
                .as(s -> new FoldedVertical(2.1, s[0], 0.4, 2.35, 4.5, 0.0008, Conductor.COPPER)));
    }
}

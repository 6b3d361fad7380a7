package dorada.core.design;

import dorada.core.antenna.AdjustedPiece;
import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Assembly;
import dorada.core.antenna.Carrier;
import dorada.core.antenna.WireLoop;
import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.kind.FullWaveLoop;
import dorada.core.outcome.Outcome;
import dorada.core.planning.Candidate;
import dorada.core.planning.CandidateModel;
import dorada.core.planning.Extent;
import dorada.core.planning.Need;
import dorada.core.planning.Place;
import dorada.core.planning.SheetModel;
import dorada.core.simulation.Condition;
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

/** A full-wave loop with a balun. */
public final class LoopDesign extends AntennaDesign {

    public static final AntennaKind KIND = AntennaKind.called("FULL_WAVE_LOOP", AdjustedPiece.LOOP)
            .cutOnly()
            .smallestStepM(0.005)
            .waves(1)
            .lengthRatio(1.03, 0.12)
            .circuit(6, 65)
            .make();

    private static final CutKind SHEET = new FullWaveLoop();

    public LoopDesign() {
        super(KIND, SHEET);
    }

    @Override
    public List<Candidate> candidates() {
        return List.of(new Planned());
    }

    private static final class Planned extends Candidate {

        Planned() {
            super(KIND, "LOOP", 2, Needs.NO_METAL, Set.of(Carrier.PORTABLE, Carrier.INDOOR));
        }

        @Override
        public int fit(Need need) {
            return need.carrier() == Carrier.INDOOR ? 1 : 0;
        }

        @Override
        public Optional<Outcome> remark(Need need) {
            return remark();
        }

        /** A square, or as wide as the room. */
        @Override
        public Ask ask(Place place) {
            Map<String, Double> numbers = new HashMap<>(place.wire());
            if (place.freeLengthM() < place.waveM() / 4) {
                numbers.put("widthM", place.freeLengthM());
            }
            return new Ask(SHEET, numbers, Map.of());
        }

        @Override
        public CandidateModel model(Place place) {
            return new Hung(place, ask(place));
        }

        private static final class Hung extends SheetModel {
            private final Place place;

            Hung(Place place, Ask ask) {
                super(ask, place.middleHz(), List.of("around"), List.of(), new Ratio("balun", 3, List.of(1, 2, 4)));
                this.place = place;
            }

            private double heightM(double aroundM) {
                return aroundM / 2 - usual("width");
            }

            @Override
            public double topM() {
                return place.need().carrier() == Carrier.INDOOR ? place.ridgeM() : 0;
            }

            @Override
            public double roomHeightM() {
                return heightM(usual("around"));
            }

            @Override
            public boolean rollsUp() {
                return true;
            }

            @Override
            public Assembly clear(double[] shape, double[] circuit, Extent extent) {
                Assembly free = super.clear(shape, circuit, extent);
                if (place.middleHz() > LOW_BAND_HZ) {
                    return free;
                }
                // Hung under the ridge; in the open at a quarter-wave, its top at the height of what it hangs from.
                double top = place.need().mountHeightM() + Math.max(place.ridgeM(), heightM(shape[0]));
                double bottom = Math.max(Place.LEAST_HEIGHT_M, top - heightM(shape[0]));
                return Place.standingAt(free, bottom);
            }
        }
    }

    @Override
    public StandIn standIn(double frequencyHz, long seed) {
        Chance chance = new Chance(frequencyHz, seed);
        return StandIn.ofSheet(SHEET, frequencyHz, "around", chance.hiddenM(), chance.allowance());
    }

    @Override
    public List<VirtualInstallation> installations() {
        return List.of(VirtualInstallation.make("attic-loop", KIND, Carrier.INDOOR, 26.965e6, 27.405e6)
                .set(Control.slide(ControlName.LOOPS_WIDTH, 3.45, 2.8, 3.7))
                .on(Usual.with(Usual.LINE, Condition.INDOORS))
                .line(Usual.thin(12))
                .as(s -> new WireLoop(s[0], 2.5, 4, 4, 0.0008, Conductor.COPPER)));
    }
}

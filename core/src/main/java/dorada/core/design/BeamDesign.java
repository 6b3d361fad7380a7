package dorada.core.design;

import dorada.core.antenna.AdjustedPiece;
import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Assembly;
import dorada.core.antenna.Beam;
import dorada.core.antenna.Carrier;
import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.kind.ParallelBeam;
import dorada.core.outcome.Outcome;
import dorada.core.planning.Candidate;
import dorada.core.planning.CandidateModel;
import dorada.core.planning.Extent;
import dorada.core.planning.Need;
import dorada.core.planning.Need.Polarisation;
import dorada.core.planning.Need.Target;
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

/** A beam of parallel elements with a split driven element. */
public final class BeamDesign extends AntennaDesign {

    public static final AntennaKind KIND = AntennaKind.called("BEAM", AdjustedPiece.HALF_OF_THE_DRIVEN_ELEMENT)
            .waves(0.25)
            .lengthRatio(1.9, 0.4)
            .circuit(17, 45)
            .matchedInItsPlaceOnly()
            .bothHalves()
            .make();

    static final CutKind SHEET = new ParallelBeam();
    static final Set<Condition> CONDITIONS =
            Usual.with(Usual.LINE, Condition.PERSON_NEAR, Condition.INDOORS, Condition.ON_THE_GROUND);

    private static final double LINE_OHM = 50;

    public BeamDesign() {
        super(KIND, SHEET);
    }

    @Override
    public List<Candidate> candidates() {
        return List.of(new Planned());
    }

    private static final class Planned extends Candidate {

        Planned() {
            super(KIND, "BEAM", 3, Needs.NO_METAL, Set.of(Carrier.MAST, Carrier.PORTABLE));
        }

        @Override
        public int fit(Need need) {
            return need.aim().target() == Target.ONE_STATION ? 2 : -1;
        }

        @Override
        public Optional<Outcome> remark(Need need) {
            return need.aim().target() == Target.ONE_STATION
                    ? remark("BEARING", Map.of("bearingDeg", (double)
                            Math.round(need.aim().bearingDeg())))
                    : remark("ONE_DIRECTION", Map.of());
        }

        @Override
        public Ask ask(Place place) {
            Map<String, Double> numbers = new HashMap<>(place.rod());
            if (place.need().stock().holesM() > 0) {
                numbers.put("holesM", place.need().stock().holesM());
            }
            return new Ask(SHEET, numbers, Map.of("elements", "3", "metal", "aluminium"));
        }

        @Override
        public CandidateModel model(Place place) {
            return new Aimed(place, ask(place));
        }

        private static final class Aimed extends SheetModel {
            private final boolean isLevel;

            Aimed(Place place, Ask ask) {
                super(ask, place.middleHz(), List.of("driven"), List.of("hairpin"));
                isLevel = place.need().aim().polarisation() != Polarisation.VERTICAL;
            }

            @Override
            public double topM() {
                return isLevel ? 0 : usual("reflector") / 2;
            }

            @Override
            public Assembly clear(double[] shape, double[] circuit, Extent extent) {
                Assembly upright = super.clear(shape, circuit, extent);
                return isLevel ? Turned.level(upright) : upright;
            }
        }
    }

    @Override
    public StandIn standIn(double frequencyHz, long seed) {
        Chance chance = new Chance(frequencyHz, seed);
        double wave = chance.waveM();
        double reflector = chance.between(0.496, 0.502) * wave;
        double director = chance.between(0.424, 0.432) * wave;
        List<Beam.Element> others =
                List.of(new Beam.Element(-0.2 * wave, reflector), new Beam.Element(0.17 * wave, director));
        double hairpin = chance.between(0.72, 0.84) * LINE_OHM / (2 * Math.PI * frequencyHz);
        return new StandIn(
                l -> new Beam(
                        2 * l + chance.hiddenM(), others, 0.0045 * wave, new Beam.Split(hairpin), Conductor.ALUMINIUM),
                0.955 * KIND.usualLengthM(frequencyHz) * chance.allowance());
    }

    @Override
    public List<VirtualInstallation> installations() {
        return List.of(VirtualInstallation.make("beam-three-split", KIND, Carrier.MAST, 440e6, 450e6)
                .set(Control.slide(ControlName.BOTH_HALVES_OF_THE_DRIVEN_ELEMENT_TOGETHER, 0.312, 0.27, 0.34))
                .on(CONDITIONS)
                .line(Usual.foam(12))
                .as(s -> new Beam(
                        s[0],
                        List.of(new Beam.Element(-0.135, 0.334), new Beam.Element(0.115, 0.3)),
                        0.003,
                        new Beam.Split(11e-9),
                        Conductor.ALUMINIUM)));
    }
}

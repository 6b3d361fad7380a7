package dorada.core.design;

import dorada.core.antenna.AdjustedPiece;
import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Assembly;
import dorada.core.antenna.Carrier;
import dorada.core.antenna.EndFedHalfWave;
import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.Inputs;
import dorada.core.cutsheet.Shape;
import dorada.core.cutsheet.kind.HalfWaveWhip;
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
import dorada.core.wire.Watch;
import dorada.core.wire.Wire;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A half-wave whip with a transformer at its foot: it needs no metal under it. */
public final class HalfWaveWhipDesign extends AntennaDesign {

    public static final AntennaKind KIND = AntennaKind.called("HALF_WAVE_WHIP", AdjustedPiece.WHIP)
            .cutOnly()
            .hasUsualLength()
            .waves(0.5)
            .lengthRatio(1.04, 0.09)
            .circuit(8, 55)
            .make();

    private static final CutKind SHEET = new HalfWaveWhip();

    public HalfWaveWhipDesign() {
        super(KIND, SHEET);
    }

    @Override
    public List<Candidate> candidates() {
        return List.of(new Planned());
    }

    private static final class Planned extends Candidate {

        Planned() {
            super(KIND, "HALF_WAVE", 2, Needs.NOTHING, ON_ANYTHING);
        }

        @Override
        public Optional<Outcome> remark(Need need) {
            return remark();
        }

        @Override
        public Ask ask(Place place) {
            return new Ask(SHEET, place.rod(), Map.of());
        }

        /** Its length moves little at its foot; coil and transformer are found. */
        @Override
        public CandidateModel model(Place place) {
            return new Stood(place, ask(place));
        }

        /** 9 to 64 are usual. */
        private static final double USUAL_RATIO = 49;

        private static final class Stood extends SheetModel {
            private final Place place;
            private final Inputs in;
            private double wireM;

            Stood(Place place, Ask ask) {
                super(
                        ask,
                        place.middleHz(),
                        List.of(),
                        List.of("coil"),
                        new Ratio("ratio", USUAL_RATIO, HalfWaveWhip.RATIOS));
                this.place = place;
                this.in = ask.at(place.middleHz());
            }

            /** Solved once, as for its sheet: the foot shows most. */
            private double wireM() {
                if (wireM == 0) {
                    wireM = SHEET.solve(in, Watch.NOBODY).shape().get("wire");
                }
                return wireM;
            }

            @Override
            public double ruleM() {
                return usual("wire");
            }

            @Override
            public double lengthM(double[] shape) {
                return wireM();
            }

            @Override
            protected Shape shaped(double[] shape, double[] circuit) {
                return super.shaped(shape, circuit).with("wire", wireM());
            }

            @Override
            public Assembly clear(double[] shape, double[] circuit, Extent extent) {
                Assembly clear = super.clear(shape, circuit, extent);
                if (!place.need().hasGroundPlane()) {
                    return clear;
                }
                Place.Roof roof = place.roof(extent);
                return EndFedHalfWave.on(clear, usual("tail"), roof.plate(), roof.alongM(), roof.acrossM());
            }

            @Override
            public List<Wire> own(Assembly assembly, int others) {
                return assembly.structure().wires().subList(0, 2);
            }
        }
    }

    @Override
    public StandIn standIn(double frequencyHz, long seed) {
        Chance chance = new Chance(frequencyHz, seed);
        return StandIn.ofSheet(SHEET, frequencyHz, "wire", chance.hiddenM(), chance.allowance());
    }

    @Override
    public List<VirtualInstallation> installations() {
        return List.of(VirtualInstallation.make("plastic-cab-half-wave", KIND, Carrier.VEHICLE, 153e6, 159e6)
                .set(Control.cut(ControlName.WHIP, 0.97, 0.7))
                .on(Usual.with(
                        Usual.LINE,
                        Condition.PERSON_NEAR,
                        Condition.INDOORS,
                        Condition.SLIPPED_SET_SCREW,
                        Condition.NO_CHOKE))
                .line(Usual.thin(3.5))
                .as(s -> new EndFedHalfWave(s[0], 0.0012, 0.12, 56, 2.2e-6, Conductor.STAINLESS_STEEL)));
    }
}

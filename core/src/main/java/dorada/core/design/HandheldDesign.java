package dorada.core.design;

import dorada.core.antenna.AdjustedPiece;
import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Assembly;
import dorada.core.antenna.Carrier;
import dorada.core.antenna.HandheldRod;
import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.kind.HandheldRodSheet;
import dorada.core.outcome.Outcome;
import dorada.core.planning.Candidate;
import dorada.core.planning.CandidateModel;
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
import dorada.core.wire.Wire;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** A quarter-wave rod on a handheld, alone or with a wire that hangs from its connector. */
public final class HandheldDesign extends AntennaDesign {

    public static final AntennaKind KIND = AntennaKind.called("HANDHELD_ROD", AdjustedPiece.ROD)
            .cutOnly()
            .waves(0.25)
            .lengthRatio(1.5, 0.14)
            .circuit(6, 45)
            .make();

    private static final CutKind SHEET = new HandheldRodSheet();

    public HandheldDesign() {
        super(KIND, SHEET);
    }

    @Override
    public List<Candidate> candidates() {
        return List.of(new Planned("HANDHELD_ROD", 1, "none"), new Planned("HANDHELD_COUNTERPOISE", 2, "bent"));
    }

    private static final class Planned extends Candidate {
        private final String with;

        Planned(String id, int effort, String with) {
            super(KIND, id, effort, Needs.NOTHING, Set.of(Carrier.HANDHELD));
            this.with = with;
        }

        @Override
        public Optional<Outcome> remark(Need need) {
            return remark();
        }

        @Override
        public Ask ask(Place place) {
            return new Ask(SHEET, place.rod(), Map.of("with", with));
        }

        @Override
        public CandidateModel model(Place place) {
            return new OnSet(place, ask(place), with.equals("none"));
        }

        private static final class OnSet extends SheetModel {
            private final boolean alone;

            OnSet(Place place, Ask ask, boolean alone) {
                super(ask, place.middleHz(), alone ? List.of() : List.of("rod"), List.of());
                this.alone = alone;
            }

            /** Alone it is cut by rule: hand and body are its other half, and no model knows them. */
            @Override
            public double lengthM(double[] shape) {
                return alone ? usual("rod") : shape[0];
            }

            @Override
            public List<Wire> own(Assembly assembly, int others) {
                List<Wire> wires = assembly.structure().wires();
                return alone ? wires.subList(0, 1) : List.of(wires.get(0), wires.get(2));
            }
        }
    }

    @Override
    public StandIn standIn(double frequencyHz, long seed) {
        Chance chance = new Chance(frequencyHz, seed);
        double wave = chance.waveM();
        double body = chance.between(0.2, 0.24) * wave;
        return new StandIn(
                l -> new HandheldRod(l + chance.hiddenM() / 6 + 0.001 * wave, 0.0015, body, 0.012, 0, 0, 0),
                KIND.usualLengthM(frequencyHz) * chance.allowance());
    }

    @Override
    public List<VirtualInstallation> installations() {
        return List.of(
                VirtualInstallation.make("handheld-rod", KIND, Carrier.HANDHELD, 446e6, 453e6)
                        .set(Control.cut(ControlName.ROD, 0.18, 0.1))
                        .on(Usual.with(Usual.LINE, Condition.HAND_NEAR, Condition.PERSON_NEAR))
                        .line(Usual.thin(0.1))
                        .asWith((s, hand) -> new HandheldRod(s[0], 0.0015, 0.12, 0.012, 0, 0, hand ? 0.012 : 0)),
                VirtualInstallation.make("handheld-counterpoise", KIND, Carrier.HANDHELD, 446e6, 453e6)
                        .set(
                                Control.cut(ControlName.ROD, 0.18, 0.1),
                                Control.slide(ControlName.COUNTERPOISE, 0.165, 0.1, 0.22))
                        .on(Usual.with(Usual.LINE, Condition.HAND_NEAR, Condition.PERSON_NEAR))
                        .line(Usual.thin(0.1))
                        .asWith((s, hand) -> new HandheldRod(s[0], 0.0015, 0.12, 0.012, s[1], 20, hand ? 0.012 : 0)));
    }
}

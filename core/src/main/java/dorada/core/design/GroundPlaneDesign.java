package dorada.core.design;

import dorada.core.antenna.AdjustedPiece;
import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Carrier;
import dorada.core.antenna.GroundPlane;
import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.kind.GroundPlaneOnRadials;
import dorada.core.outcome.Outcome;
import dorada.core.planning.Candidate;
import dorada.core.planning.CandidateModel;
import dorada.core.planning.Need;
import dorada.core.planning.Need.Material;
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

/** A quarter-wave that brings its ground plane: rods or wires that droop. */
public final class GroundPlaneDesign extends AntennaDesign {

    /** Radiator and radials, each by as much: 0.93 to 1.00 over wires of 1.6 to 6 mm and droops to 45°. */
    private static final double RADIATOR_AND_RADIALS = 0.97;

    public static final AntennaKind KIND = AntennaKind.called("GROUND_PLANE", AdjustedPiece.RADIATOR)
            .cutOnly()
            .hasUsualLength()
            .waves(0.25)
            .lengthRatio(1.23, 0.11)
            .circuit(5.5, 48)
            .oneAlone(RADIATOR_AND_RADIALS)
            .make();

    private static final CutKind WIRES = new GroundPlaneOnRadials(false);
    private static final CutKind SHEET = new GroundPlaneOnRadials(true);

    public GroundPlaneDesign() {
        super(KIND, SHEET);
    }

    @Override
    public List<CutKind> otherSheets() {
        return List.of(WIRES);
    }

    @Override
    public List<Candidate> candidates() {
        return List.of(new Planned());
    }

    private static final class Planned extends Candidate {

        Planned() {
            super(KIND, "RADIALS", 2, Needs.NO_METAL, ON_ANYTHING);
        }

        @Override
        public Optional<Outcome> remark(Need need) {
            Material under = need.standsOnSurface() ? need.surface().material() : Material.NONE;
            return switch (under) {
                case COMPOSITE -> remark("ON_COMPOSITE", Map.of());
                case TUBE_FRAME -> remark("ON_TUBES", Map.of());
                default -> remark();
            };
        }

        @Override
        public Ask ask(Place place) {
            return new Ask(SHEET, place.rod(), Map.of("metal", "aluminium"));
        }

        @Override
        public CandidateModel model(Place place) {
            return new SheetModel(ask(place), place.middleHz(), List.of("element"), List.of());
        }
    }

    @Override
    public StandIn standIn(double frequencyHz, long seed) {
        Chance chance = new Chance(frequencyHz, seed);
        double droop = chance.between(35, 45);
        double radial = chance.between(0.25, 0.27) * chance.waveM();
        return new StandIn(
                l -> new GroundPlane(l + chance.hiddenM(), 0.003, 4, radial, droop, Conductor.ALUMINIUM),
                KIND.usualLengthM(frequencyHz) * chance.allowance());
    }

    @Override
    public List<VirtualInstallation> installations() {
        return List.of(
                VirtualInstallation.make("wire-two-radials", KIND, Carrier.PORTABLE, 144e6, 148e6)
                        .set(
                                Control.cut(ControlName.UPRIGHT, 0.51, 0.4),
                                Control.cut(ControlName.BOTH_RADIALS_ALIKE, 0.52, 0.4))
                        .on(Usual.ON_MAST)
                        .line(Usual.thin(8))
                        .as(s -> new GroundPlane(s[0], 0.0012, 2, s[1], 40, Conductor.COPPER)),
                VirtualInstallation.make("rod-four-radials", KIND, Carrier.MAST, 153e6, 159e6)
                        .set(
                                Control.cut(ControlName.UPRIGHT, 0.485, 0.38),
                                Control.cut(ControlName.ALL_FOUR_RADIALS_ALIKE, 0.5, 0.4))
                        .on(Usual.ON_MAST)
                        .line(Usual.foam(15))
                        .as(s -> new GroundPlane(s[0], 0.0025, 4, s[1], 40, Conductor.ALUMINIUM)));
    }
}

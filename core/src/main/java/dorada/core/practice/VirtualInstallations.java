package dorada.core.practice;

import static dorada.core.practice.Condition.DOOR_OPEN;
import static dorada.core.practice.Condition.DUMMY_LOAD;
import static dorada.core.practice.Condition.HAND_NEAR;
import static dorada.core.practice.Condition.INDOORS;
import static dorada.core.practice.Condition.KINKED_LINE;
import static dorada.core.practice.Condition.LOOSE_CONNECTOR;
import static dorada.core.practice.Condition.NO_CHOKE;
import static dorada.core.practice.Condition.ON_THE_GROUND;
import static dorada.core.practice.Condition.PAINT_UNDER_GROUND;
import static dorada.core.practice.Condition.PERSON_NEAR;
import static dorada.core.practice.Condition.SLIPPED_SET_SCREW;
import static dorada.core.practice.Condition.WET_LINE;

import dorada.core.antenna.AirbandWhip;
import dorada.core.antenna.Beam;
import dorada.core.antenna.Carrier;
import dorada.core.antenna.EndFedHalfWave;
import dorada.core.antenna.FoldedVertical;
import dorada.core.antenna.GroundPlane;
import dorada.core.antenna.HandheldRod;
import dorada.core.antenna.Plate;
import dorada.core.antenna.RibbonJPole;
import dorada.core.antenna.RoofWhip;
import dorada.core.antenna.TubeJPole;
import dorada.core.antenna.WireAntenna;
import dorada.core.antenna.WireDipole;
import dorada.core.antenna.WireLoop;
import dorada.core.line.Feedline;
import dorada.core.line.Line;
import dorada.core.wire.Conductor;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/** The virtual installations. Dimensions are made up, of the usual size of their kind. */
public final class VirtualInstallations {

    private static final Plate ROOF = Plate.sheet(1.4, 1.2, 0.2);
    private static final Plate BOOT_LID = Plate.sheet(0.5, 1.2, 0.125);
    private static final Plate LORRY_ROOF = Plate.sheet(2.2, 1.8, 0.55);
    private static final Plate MESH = new Plate(0.9, 0.9, 0.15, 0.0008);
    private static final Plate SKIN = Plate.sheet(1.2, 1.2, 0.2);
    private static final double CB_HEIGHT_M = 1.9;
    private static final double Q = 180;

    private static final Set<Condition> LINE = EnumSet.of(WET_LINE, KINKED_LINE, LOOSE_CONNECTOR, DUMMY_LOAD);
    private static final Set<Condition> ON_VEHICLE =
            with(LINE, DOOR_OPEN, PERSON_NEAR, PAINT_UNDER_GROUND, SLIPPED_SET_SCREW, INDOORS);
    private static final Set<Condition> ON_MAST = with(LINE, PERSON_NEAR, INDOORS, ON_THE_GROUND, NO_CHOKE);
    private static final Set<Condition> BEAM = with(LINE, PERSON_NEAR, INDOORS, ON_THE_GROUND);
    private static final Set<Condition> INSIDE = with(LINE, INDOORS, NO_CHOKE);

    private static final double AIR_RADIUS_M = 0.004;

    private VirtualInstallations() {}

    private static Line thin(double lengthM) {
        return Feedline.byId("rg-58").orElseThrow().line(lengthM);
    }

    private static Line foam(double lengthM) {
        return Feedline.byId("foam-10").orElseThrow().line(lengthM);
    }

    public static final List<VirtualInstallation> ALL = List.of(
            make("roof-quarter-wave", "Quarter-wave whip on a steel roof", Carrier.VEHICLE, 153e6, 159e6)
                    .set(Control.cut("the whip", 0.445, 0.3))
                    .on(ON_VEHICLE)
                    .line(thin(4.2))
                    .as(s -> new RoofWhip(0.05, s[0], 0.0012, 0, Q, 0, ROOF, 0, 0, 0, 1, Conductor.STAINLESS_STEEL)),
            make("roof-five-eighths", "5/8-wave whip with a coil on a steel roof", Carrier.VEHICLE, 153e6, 159e6)
                    .set(Control.cut("the whip", 1.2, 0.9))
                    .on(ON_VEHICLE)
                    .line(thin(4.2))
                    .as(s -> new RoofWhip(
                            0.05, s[0], 0.0012, 0.225e-6, Q, 0, ROOF, 0, 0, 0, 1, Conductor.STAINLESS_STEEL)),
            make("plastic-cab-half-wave", "Half-wave whip on a plastic cab", Carrier.VEHICLE, 153e6, 159e6)
                    .set(Control.cut("the whip", 0.97, 0.7))
                    .on(with(LINE, PERSON_NEAR, INDOORS, SLIPPED_SET_SCREW, NO_CHOKE))
                    .line(thin(3.5))
                    .as(s -> new EndFedHalfWave(s[0], 0.0012, 0.12, 56, 2.2e-6, Conductor.STAINLESS_STEEL)),
            make("boot-lid", "Quarter-wave whip on the edge of a boot lid", Carrier.VEHICLE, 153e6, 159e6)
                    .set(Control.cut("the whip", 0.445, 0.3))
                    .on(ON_VEHICLE)
                    .line(thin(5))
                    .as(s -> new RoofWhip(
                            0.05, s[0], 0.0012, 0, Q, 0, BOOT_LID, 0.18, 0.2, 0, 1, Conductor.STAINLESS_STEEL)),
            make(
                            "cb-base-loaded",
                            "Base-loaded CB whip on a lorry, adjustable tip",
                            Carrier.VEHICLE,
                            26.965e6,
                            27.405e6)
                    .set(Control.slide("the tip", 1.31, 1.15, 1.42))
                    .on(ON_VEHICLE)
                    .line(thin(5.5))
                    .as(s -> new RoofWhip(
                            0.15,
                            s[0],
                            0.0015,
                            2.1e-6,
                            Q,
                            0,
                            LORRY_ROOF,
                            0,
                            0.3,
                            CB_HEIGHT_M,
                            0.22,
                            Conductor.STAINLESS_STEEL)),
            make("cb-centre-loaded", "Centre-loaded CB whip with tip and ring", Carrier.VEHICLE, 26.965e6, 27.405e6)
                    .set(
                            Control.slide("the tip above the coil", 0.73, 0.55, 0.85),
                            Control.slide("the ring below the coil", 0.021, 0.001, 0.041))
                    .on(ON_VEHICLE)
                    .line(thin(5.5))
                    .as(s -> new RoofWhip(
                            0.6 + s[1],
                            s[0],
                            0.0015,
                            3.85e-6,
                            Q,
                            0,
                            LORRY_ROOF,
                            0,
                            -0.3,
                            CB_HEIGHT_M,
                            0.26,
                            Conductor.STAINLESS_STEEL)),
            make("handheld-rod", "Handheld with a rod", Carrier.HANDHELD, 446e6, 453e6)
                    .set(Control.cut("the rod", 0.18, 0.1))
                    .on(with(LINE, HAND_NEAR, PERSON_NEAR))
                    .line(thin(0.1))
                    .asWith((s, hand) -> new HandheldRod(s[0], 0.0015, 0.12, 0.012, 0, 0, hand ? 0.012 : 0)),
            make("handheld-counterpoise", "Handheld with rod and counterpoise", Carrier.HANDHELD, 446e6, 453e6)
                    .set(Control.cut("the rod", 0.18, 0.1), Control.slide("the counterpoise", 0.165, 0.1, 0.22))
                    .on(with(LINE, HAND_NEAR, PERSON_NEAR))
                    .line(thin(0.1))
                    .asWith((s, hand) -> new HandheldRod(s[0], 0.0015, 0.12, 0.012, s[1], 20, hand ? 0.012 : 0)),
            airband(
                    "airband-tab",
                    "Sloped airband whip on a bare tab",
                    AirbandWhip.Radials.even(4, 0.06, AIR_RADIUS_M)),
            airband(
                    "airband-radials",
                    "Sloped airband whip on four radials",
                    AirbandWhip.Radials.even(4, 0.58, AIR_RADIUS_M)),
            airband("airband-mesh", "Sloped airband whip on 0.15 m mesh", new AirbandWhip.Skin(MESH)),
            airband("airband-skin", "Sloped airband whip on a metal skin", new AirbandWhip.Skin(SKIN)),
            make("beam-three-split", "Three-element beam, split dipole with hairpin", Carrier.MAST, 440e6, 450e6)
                    .set(Control.slide("both halves of the driven element, together", 0.312, 0.27, 0.34))
                    .on(BEAM)
                    .line(foam(12))
                    .as(s -> new Beam(
                            s[0],
                            List.of(new Beam.Element(-0.135, 0.334), new Beam.Element(0.115, 0.3)),
                            0.003,
                            new Beam.Split(11e-9),
                            Conductor.ALUMINIUM)),
            make("beam-five-gamma", "Five-element beam with a gamma match", Carrier.MAST, 152e6, 158e6)
                    .set(
                            Control.slide("the driven element", 0.93, 0.8, 1.0),
                            Control.slide("the gamma's strap", 0.12, 0.06, 0.25))
                    .on(BEAM)
                    .line(foam(18))
                    .as(s -> new Beam(
                            s[0],
                            List.of(
                                    new Beam.Element(-0.38, 0.955),
                                    new Beam.Element(0.38, 0.87),
                                    new Beam.Element(0.76, 0.86),
                                    new Beam.Element(1.14, 0.85)),
                            0.005,
                            new Beam.Gamma(s[1], 0.04, 0.003, 12e-12),
                            Conductor.ALUMINIUM)),
            make("tube-j-pole", "J-pole of copper tube with a movable tap", Carrier.MAST, 144e6, 148e6)
                    .set(
                            Control.cut("the long tube above the stub", 1.03, 0.88),
                            Control.slide("the tap", 0.06, 0.03, 0.12))
                    .on(ON_MAST)
                    .line(thin(10))
                    .as(s -> new TubeJPole(s[0], 0.491, 0.05, s[1], 0.008, Conductor.COPPER)),
            make("wire-two-radials", "Wire ground plane with two radials", Carrier.PORTABLE, 144e6, 148e6)
                    .set(Control.cut("the upright", 0.51, 0.4), Control.cut("both radials, alike", 0.52, 0.4))
                    .on(ON_MAST)
                    .line(thin(8))
                    .as(s -> new GroundPlane(s[0], 0.0012, 2, s[1], 40, Conductor.COPPER)),
            make("rod-four-radials", "Rod ground plane with four drooping radials", Carrier.MAST, 153e6, 159e6)
                    .set(Control.cut("the upright", 0.485, 0.38), Control.cut("all four radials, alike", 0.5, 0.4))
                    .on(ON_MAST)
                    .line(foam(15))
                    .as(s -> new GroundPlane(s[0], 0.0025, 4, s[1], 40, Conductor.ALUMINIUM)),
            ribbon("ribbon-open", "Dual-band ribbon J-pole, hung in the open", Carrier.PORTABLE, 0),
            ribbon("ribbon-tube", "Dual-band ribbon J-pole in a plastic tube", Carrier.MAST, 0.012),
            make("attic-dipole", "Bent CB dipole under the rafters", Carrier.INDOOR, 26.965e6, 27.405e6)
                    .set(Control.cut("both arms, alike", 2.78, 2.3))
                    .on(INSIDE)
                    .line(thin(12))
                    .as(s -> new WireDipole(s[0], 0.8, 6, 0.0008, 0.0006, Conductor.COPPER)),
            make("attic-vertical", "Folded CB vertical under the ridge", Carrier.INDOOR, 26.965e6, 27.405e6)
                    .set(Control.cut("the folded end", 0.75, 0.1))
                    .on(INSIDE)
                    .line(thin(12))
                    .as(s -> new FoldedVertical(2.1, s[0], 0.4, 2.35, 4.5, 0.0008, Conductor.COPPER)),
            make("attic-loop", "Full-wave CB loop with 4:1 balun", Carrier.INDOOR, 26.965e6, 27.405e6)
                    .set(Control.slide("the loop's width", 3.45, 2.8, 3.7))
                    .on(with(LINE, INDOORS))
                    .line(thin(12))
                    .as(s -> new WireLoop(s[0], 2.5, 4, 4, 0.0008, Conductor.COPPER)));

    /** @return the installation of that name, or nothing */
    public static Optional<VirtualInstallation> byId(String id) {
        return ALL.stream().filter(v -> v.id().equals(id)).findFirst();
    }

    private static VirtualInstallation airband(String id, String title, AirbandWhip.Counterpoise counterpoise) {
        return make(id, title, Carrier.AIRCRAFT, 118e6, 136.975e6)
                .set(Control.cut("the element", 0.6, 0.48))
                .on(with(LINE, PERSON_NEAR, INDOORS, ON_THE_GROUND, PAINT_UNDER_GROUND))
                .line(thin(3))
                .as(s -> new AirbandWhip(s[0], 20, AIR_RADIUS_M, counterpoise, Conductor.STAINLESS_STEEL));
    }

    private static VirtualInstallation ribbon(String id, String title, Carrier place, double tubeRadiusM) {
        return make(id, title, place, 144e6, 148e6)
                .set(
                        Control.cut("the radiator up to the stub", 0.3, 0.2),
                        Control.cut("the wire above the stub", 0.66, 0.4))
                .on(ON_MAST)
                .line(thin(6))
                .as(s -> new RibbonJPole(0.47, 0.025, s[0], 0.108, s[1], 0.009, 0.0005, 0.001, tubeRadiusM, 0.002));
    }

    private static Set<Condition> with(Set<Condition> some, Condition... more) {
        EnumSet<Condition> all = EnumSet.copyOf(some);
        all.addAll(List.of(more));
        return all;
    }

    private static Draft make(String id, String title, Carrier place, double lowHz, double highHz) {
        return new Draft(id, title, place, lowHz, highHz);
    }

    /** Gathers the parts of one installation in the order in which they are read. */
    private static final class Draft {
        private final String id;
        private final String title;
        private final Carrier place;
        private final double lowHz;
        private final double highHz;
        private List<Control> controls = List.of();
        private Set<Condition> conditions = Set.of();
        private Line line;

        Draft(String id, String title, Carrier place, double lowHz, double highHz) {
            this.id = id;
            this.title = title;
            this.place = place;
            this.lowHz = lowHz;
            this.highHz = highHz;
        }

        Draft set(Control... some) {
            controls = List.of(some);
            return this;
        }

        Draft on(Set<Condition> some) {
            conditions = some;
            return this;
        }

        Draft line(Line feedline) {
            line = feedline;
            return this;
        }

        VirtualInstallation as(Function<double[], WireAntenna> antenna) {
            return asWith((s, hand) -> antenna.apply(s));
        }

        VirtualInstallation asWith(VirtualInstallation.Built built) {
            return new VirtualInstallation(id, title, place, lowHz, highHz, controls, conditions, line, built);
        }
    }
}

package dorada.server.demo;

import static dorada.core.acceptance.ReferencePlane.ANTENNA;
import static dorada.core.acceptance.ReferencePlane.RADIO;
import static dorada.core.antenna.Carrier.AIRCRAFT;
import static dorada.core.antenna.Carrier.HANDHELD;
import static dorada.core.antenna.Carrier.INDOOR;
import static dorada.core.antenna.Carrier.MAST;
import static dorada.core.antenna.Carrier.PORTABLE;
import static dorada.core.antenna.Carrier.VEHICLE;
import static dorada.server.demo.DemoInstallation.Stage.BASELINE;
import static dorada.server.demo.DemoInstallation.Stage.ONE_CHANGE;
import static dorada.server.demo.DemoInstallation.Stage.PLANNED;
import static dorada.server.demo.DemoInstallation.Stage.TUNED;
import static dorada.server.installation.RuleName.EVEN_ENDS;
import static dorada.server.installation.RuleName.UNDER_LIMIT;

import dorada.core.acceptance.ReferencePlane;
import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Carrier;
import dorada.core.design.AirbandDesign;
import dorada.core.design.BeamDesign;
import dorada.core.design.DipoleDesign;
import dorada.core.design.GroundPlaneDesign;
import dorada.core.design.HandheldDesign;
import dorada.core.design.LoadedWhipDesign;
import dorada.core.design.QuarterWaveDesign;
import dorada.core.instrument.Span;
import dorada.server.installation.Channel;
import dorada.server.installation.InstallationRequest;
import dorada.server.installation.RuleName;
import java.util.List;
import java.util.Map;

/** One invented installation of Isla Candela, and how far it has come. */
record DemoInstallation(
        String by,
        int hoursAgo,
        int seed,
        Stage stage,
        String remark,
        String reason,
        boolean baselineFromFile,
        double spanShare,
        InstallationRequest request) {

    private static final String OLIVE = "Olive growers' cooperative";
    private static final String FERRY = "Ferry port";
    private static final String CLUB = "Flying club";
    private static final String QUARRY = "Quarry";
    private static final String DEPOT = "Lighthouse road depot";
    private static final String GUEST_HOUSE = "Guest house";

    private static final List<Channel> OLIVE_VHF = channels("Field", 153.05, "Base", 157.45, "Ferry", 161.9);
    private static final List<Channel> PORT_UHF = channels("Quay", 446.2, "Gate", 449.75, "Crane", 453.1);
    private static final List<Channel> AIRBAND =
            channels("Distress", 121.5, "Club", 123.45, "Tower", 127.9, "Approach", 131.2);
    private static final List<Channel> CB = channels("CB 1", 26.965, "CB 19", 27.185, "CB 40", 27.405);

    enum Stage {
        PLANNED(0),
        BASELINE(1),
        ONE_CHANGE(2),
        /** As many passes as it takes. */
        TUNED(0);

        private final int passes;

        Stage(int passes) {
            this.passes = passes;
        }

        int passes() {
            return passes;
        }
    }

    /** What the shop buys; all else it makes. */
    private record Bought(String antenna, String base) {}

    private static final Bought NOTHING_BOUGHT = new Bought("", "");
    private static final Map<AntennaKind, Bought> BOUGHT = Map.of(
            QuarterWaveDesign.KIND,
            new Bought("Stainless whip, 500 mm", "Set-screw base"),
            LoadedWhipDesign.KIND,
            new Bought("Base-loaded whip, 1.35 m", "Mirror-arm clamp"));

    static final List<DemoInstallation> ALL = List.of(
            job(
                            "ines",
                            1310,
                            11,
                            TUNED,
                            "Depth mark filed on the whip, set screw on bare metal, cap on, thread sealed.")
                    .of(
                            "Pick-up 3",
                            OLIVE,
                            VEHICLE,
                            "Double-cab pick-up, steel roof 1.4 × 1.2 m, roof centre",
                            QuarterWaveDesign.KIND,
                            "4.2 m of RG-58",
                            25,
                            2,
                            rule(UNDER_LIMIT, 1.75),
                            RADIO,
                            channels("Field", 153.05, "Base", 157.45)),
            job("bruno", 1120, 5, TUNED, "Spring tightened, rings locked; tip cap at eye height.")
                    .of(
                            "Lorry 2",
                            QUARRY,
                            VEHICLE,
                            "Tipper lorry, mirror arm, long bonnet",
                            LoadedWhipDesign.KIND,
                            "With spring, adjustable tip",
                            4,
                            2,
                            rule(EVEN_ENDS, 2),
                            RADIO,
                            CB),
            job(
                            "noa",
                            900,
                            31,
                            TUNED,
                            "Counterpoise under the skin bonded at four points; licensed inspector informed.")
                    .of(
                            "Tow plane",
                            CLUB,
                            AIRCRAFT,
                            "Metal skin, belly, behind the main wheels",
                            AirbandDesign.KIND,
                            "Sloped quarter-wave, 8 mm element",
                            6,
                            2.5,
                            rule(UNDER_LIMIT, 2.5),
                            ANTENNA,
                            AIRBAND),
            job("ines", 700, 23, TUNED, "Radials marked 1 to 4; sealed with self-fusing tape.")
                    .fromFile()
                    .of(
                            "Depot mast",
                            DEPOT,
                            MAST,
                            "9 m steel mast beside the tool shed, 18 m of 10 mm foam cable",
                            GroundPlaneDesign.KIND,
                            "Ground plane, four radials drooping 45°, brass radiator",
                            50,
                            2,
                            rule(UNDER_LIMIT, 1.5),
                            RADIO,
                            OLIVE_VHF),
            job("bruno", 520, 8, TUNED, "Boom turned to the lighthouse; halves marked A and B.")
                    .because(
                            "The bracket at the gable gives in wind, and a stronger one is on order: until it is fitted, half power.")
                    .of(
                            "UHF link to the lighthouse",
                            DEPOT,
                            MAST,
                            "Wooden boom on the depot's gable, 11 m up, clear view",
                            BeamDesign.KIND,
                            "Three-element beam, split dipole",
                            10,
                            2,
                            rule(UNDER_LIMIT, 1.3),
                            RADIO,
                            channels("Link", 438.6, "Spare", 441.2)),
            job("noa", 330, 44, TUNED, "Arms equal to the millimetre; insulators tied to the third rafter.")
                    .of(
                            "Attic wire",
                            GUEST_HOUSE,
                            INDOOR,
                            "Attic under tiles, 7 m long, 2.1 m high, water tank at the north end",
                            DipoleDesign.KIND,
                            "Insulated wire dipole, choke of 6 turns at the feed",
                            4,
                            2,
                            rule(EVEN_ENDS, 2),
                            RADIO,
                            CB),
            job("ines", 190, 19, TUNED, "")
                    .of(
                            "Gate handhelds, rod",
                            FERRY,
                            HANDHELD,
                            "Handheld with a wire counterpoise, held at the mouth",
                            HandheldDesign.KIND,
                            "Flexible rod on a BNC elbow",
                            4,
                            3,
                            rule(UNDER_LIMIT, 1.8),
                            ANTENNA,
                            PORT_UHF),
            job("noa", 120, 52, TUNED, "")
                    .of(
                            "Fire watch field kit",
                            OLIVE,
                            PORTABLE,
                            "Hung from a branch, 5 m of RG-58, packed length 0.6 m",
                            GroundPlaneDesign.KIND,
                            "Wire ground plane with two radials, rolls up",
                            5,
                            2,
                            rule(UNDER_LIMIT, 1.6),
                            ANTENNA,
                            channels("Field", 153.05, "Watch", 155.3)),
            job("bruno", 76, 61, ONE_CHANGE, "")
                    .of(
                            "Lorry 5",
                            QUARRY,
                            VEHICLE,
                            "Tipper lorry, bull bar, cab behind the whip",
                            LoadedWhipDesign.KIND,
                            "Adjustable tip",
                            4,
                            2,
                            rule(EVEN_ENDS, 2),
                            RADIO,
                            CB),
            job("ines", 30, 3, ONE_CHANGE, "")
                    .of(
                            "Tractor 7",
                            OLIVE,
                            VEHICLE,
                            "Tractor, steel cab roof 1.1 × 1.0 m, roof centre",
                            QuarterWaveDesign.KIND,
                            "3.1 m of RG-58",
                            25,
                            2,
                            rule(UNDER_LIMIT, 1.75),
                            RADIO,
                            OLIVE_VHF),
            job("noa", 26, 71, BASELINE, "")
                    .of(
                            "Trainer with fabric skin",
                            CLUB,
                            AIRCRAFT,
                            "Tube frame under fabric; aluminium mesh 0.15 m glued in as ground",
                            AirbandDesign.KIND,
                            "Sloped quarter-wave under the belly",
                            6,
                            2.5,
                            rule(UNDER_LIMIT, 2.5),
                            ANTENNA,
                            AIRBAND),
            job("bruno", 9, 83, BASELINE, "")
                    .narrow()
                    .of(
                            "Forklift 12",
                            FERRY,
                            VEHICLE,
                            "Forklift, overhead guard, steel plate 0.4 × 0.4 m added",
                            QuarterWaveDesign.KIND,
                            "Cut short before it was fitted",
                            10,
                            2,
                            rule(UNDER_LIMIT, 1.8),
                            RADIO,
                            PORT_UHF),
            job("ines", 5, 90, PLANNED, "")
                    .line("rg-58", 4.2)
                    .of(
                            "Pick-up 9",
                            OLIVE,
                            VEHICLE,
                            "Pick-up with a plastic canopy; a steel plate is to be made",
                            QuarterWaveDesign.KIND,
                            "",
                            25,
                            2,
                            rule(UNDER_LIMIT, 2),
                            RADIO,
                            OLIVE_VHF),
            job("noa", 3, 97, PLANNED, "")
                    .of(
                            "Crane handheld",
                            FERRY,
                            HANDHELD,
                            "Handheld on the chest strap",
                            HandheldDesign.KIND,
                            "Rod with one wire counterpoise bent down",
                            4,
                            3,
                            rule(UNDER_LIMIT, 2),
                            ANTENNA,
                            PORT_UHF));

    Span span(double middleHz) {
        return new Span(
                Math.rint(middleHz * (1 - spanShare) / 1e5) * 1e5, Math.rint(middleHz * (1 + spanShare) / 1e5) * 1e5);
    }

    String note(int pass) {
        return pass == 0 ? "Baseline, untouched. Doors shut, nobody near." : "Deburred, set screw tight, hands off.";
    }

    private record Rule(RuleName name, double limitSwr) {}

    private static Rule rule(RuleName name, double limitSwr) {
        return new Rule(name, limitSwr);
    }

    private static List<Channel> channels(Object... namesAndMhz) {
        List<Channel> list = new java.util.ArrayList<>();
        for (int i = 0; i < namesAndMhz.length; i += 2) {
            list.add(
                    new Channel((String) namesAndMhz[i], Math.rint((double) namesAndMhz[i + 1] * 1e6), list.isEmpty()));
        }
        return list;
    }

    private static Draft job(String by, int hoursAgo, int seed, Stage stage, String remark) {
        return new Draft(by, hoursAgo, seed, stage, remark, "", false, 0.09, null, null);
    }

    private record Draft(
            String by,
            int hoursAgo,
            int seed,
            Stage stage,
            String remark,
            String reason,
            boolean fromFileToo,
            double spanShare,
            String feedline,
            Double feedlineM) {

        Draft line(String type, double lengthM) {
            return new Draft(by, hoursAgo, seed, stage, remark, reason, fromFileToo, spanShare, type, lengthM);
        }

        Draft fromFile() {
            return new Draft(by, hoursAgo, seed, stage, remark, reason, true, spanShare, feedline, feedlineM);
        }

        Draft because(String why) {
            return new Draft(by, hoursAgo, seed, stage, remark, why, fromFileToo, spanShare, feedline, feedlineM);
        }

        Draft narrow() {
            return new Draft(by, hoursAgo, seed, stage, remark, reason, fromFileToo, 0.02, feedline, feedlineM);
        }

        DemoInstallation of(
                String title,
                String customer,
                Carrier carrier,
                String carrierDetail,
                AntennaKind kind,
                String antennaDetail,
                double ratedPowerW,
                double swrCeiling,
                Rule rule,
                ReferencePlane measuredAt,
                List<Channel> channels) {
            return new DemoInstallation(
                    by,
                    hoursAgo,
                    seed,
                    stage,
                    remark,
                    reason,
                    fromFileToo,
                    spanShare,
                    new InstallationRequest(
                            title,
                            customer,
                            carrier,
                            carrierDetail,
                            kind,
                            antennaDetail,
                            kind.cutOnly(),
                            kind.smallestStepM(),
                            null,
                            null,
                            null,
                            ratedPowerW,
                            swrCeiling,
                            rule.name(),
                            rule.limitSwr(),
                            measuredAt,
                            channels,
                            List.of(),
                            feedline,
                            feedlineM,
                            null,
                            carrier == HANDHELD || carrier == PORTABLE || carrier == INDOOR ? "" : title,
                            BOUGHT.getOrDefault(kind, NOTHING_BOUGHT).antenna(),
                            BOUGHT.getOrDefault(kind, NOTHING_BOUGHT).base(),
                            "",
                            ""));
        }
    }
}

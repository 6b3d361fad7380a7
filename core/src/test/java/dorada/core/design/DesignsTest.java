package dorada.core.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dorada.core.acceptance.UnderLimit;
import dorada.core.acceptance.WantedChannel;
import dorada.core.antenna.AdjustedPiece;
import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Assembly;
import dorada.core.antenna.Carrier;
import dorada.core.antenna.GroundPlane;
import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.Dimension;
import dorada.core.cutsheet.Drawing;
import dorada.core.cutsheet.Goal;
import dorada.core.cutsheet.Input;
import dorada.core.cutsheet.Inputs;
import dorada.core.cutsheet.Piece;
import dorada.core.cutsheet.Procedure;
import dorada.core.cutsheet.Shape;
import dorada.core.instrument.Span;
import dorada.core.outcome.Outcome;
import dorada.core.planning.AntennaChoice;
import dorada.core.planning.AntennaTrial;
import dorada.core.planning.Candidate;
import dorada.core.planning.CandidateModel;
import dorada.core.planning.Need;
import dorada.core.planning.Need.Aim;
import dorada.core.planning.Need.Band;
import dorada.core.planning.Need.Room;
import dorada.core.planning.Need.Stock;
import dorada.core.planning.Need.Surface;
import dorada.core.planning.Place;
import dorada.core.planning.SheetModel;
import dorada.core.simulation.Bench;
import dorada.core.simulation.Control;
import dorada.core.simulation.ControlName;
import dorada.core.simulation.StandIn;
import dorada.core.simulation.Usual;
import dorada.core.simulation.VirtualInstallation;
import dorada.core.tuning.Adjustment;
import dorada.core.tuning.AntennaAdviser;
import dorada.core.tuning.Pass;
import dorada.core.tuning.TrimAdvice.Action;
import dorada.core.tuning.TrimPrior;
import dorada.core.tuning.TrimTask;
import dorada.core.wire.Conductor;
import dorada.core.wire.Watch;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class DesignsTest {

    private static final Band VHF = new Band(153e6, 159e6, 2);
    private static final Band CB = new Band(26.965e6, 27.405e6, 2);
    private static final Band AIRBAND = new Band(118e6, 136.975e6, 2.5);

    private static Need open(Carrier carrier, Band band) {
        boolean isOnMetal = carrier == Carrier.VEHICLE || carrier == Carrier.AIRCRAFT;
        Surface under = isOnMetal ? Surface.metal(3, 3, 0, 0) : Surface.NONE;
        return new Need(carrier, under, Room.OPEN, 4, 0, List.of(), band, Aim.LOCAL, Stock.USUAL);
    }

    /** A candidate where it is not excluded. */
    record Plan(Candidate candidate, Need need) {
        Candidate.Ask ask() {
            return candidate.ask(new Place(need));
        }

        CandidateModel model() {
            return candidate.model(new Place(need));
        }

        Inputs in() {
            return ask().at(need.band().middleHz());
        }

        @Override
        public String toString() {
            return candidate.id() + " on " + need.carrier() + " " + need.band().middleHz() / 1e6;
        }
    }

    /** Every way that a plan can come to an antenna, in the open and with nothing near. */
    static Stream<Plan> everyPlan() {
        return Stream.of(
                        open(Carrier.VEHICLE, VHF),
                        open(Carrier.AIRCRAFT, AIRBAND),
                        open(Carrier.MAST, VHF),
                        open(Carrier.PORTABLE, VHF),
                        open(Carrier.INDOOR, CB),
                        open(Carrier.VEHICLE, CB),
                        open(Carrier.HANDHELD, VHF))
                .flatMap(n -> AntennaChoice.rank(Designs.ALL.candidates(), n).stream()
                        .filter(a -> a.excluded().isEmpty())
                        .map(a -> new Plan(a.candidate(), n)));
    }

    static Stream<Plan> oneOfEach() {
        Set<String> seen = new HashSet<>();
        return everyPlan().filter(p -> seen.add(p.candidate.id()));
    }

    @Test
    void everyCandidateIsOfferedSomewhere() {
        assertThat(everyPlan().map(Plan::candidate).distinct())
                .containsExactlyInAnyOrderElementsOf(Designs.ALL.candidates());
    }

    /** What is cut, as the plan tells it, of a sheet's dimensions. */
    private static double lengthM(Plan plan, Shape shape) {
        return switch (plan.candidate.id()) {
            case "QUARTER_WAVE", "AIRBAND_WHIP", "FIVE_EIGHTHS", "LOADED_WHIP" -> shape.get("whip");
            case "RADIALS" -> shape.get("element");
            case "HALF_WAVE" -> shape.get("wire");
            case "DIPOLE" -> 2 * shape.get("arm");
            case "LOOP" -> shape.get("around");
            case "FOLDED_VERTICAL" -> shape.get("upright") + shape.get("apart") + shape.get("fold");
            case "HANDHELD_ROD", "HANDHELD_COUNTERPOISE" -> shape.get("rod");
            case "J_POLE" -> shape.get("whole");
            case "RIBBON_J_POLE" -> shape.get("stub") + shape.get("radiator");
            case "BEAM" -> shape.get("driven");
            default -> throw new IllegalArgumentException("Say what is cut of a " + plan.candidate.title() + ".");
        };
    }

    @ParameterizedTest
    @MethodSource("everyPlan")
    void byRuleAPlanIsItsSheetAndItsInstallationIsCutByThatSheet(Plan plan) {
        CutKind sheet = plan.ask().sheet();
        assertThat(Designs.ALL.isCutBy(plan.candidate.kind(), sheet.id())).isTrue();
        assertThat(plan.model().ruleM()).isEqualTo(lengthM(plan, Shape.start(sheet.dimensions(plan.in()))));
    }

    private static final double APART = 0.05;

    /**
     * Solved, too: what moves the two apart is the roof that a whip stands on instead of a plane without end, the ground below
     * a CB antenna, and that a fold does little for its length.
     */
    @ParameterizedTest
    @MethodSource("oneOfEach")
    void solvedAPlanIsItsSheetToo(Plan plan) {
        double planned =
                AntennaTrial.compute(plan.candidate, plan.need, Watch.NOBODY).lengthM();
        Shape rule = Shape.start(plan.ask().sheet().dimensions(plan.in()));
        double cut = plan.candidate.id().equals("HANDHELD_ROD")
                ? lengthM(plan, rule)
                : lengthM(
                        plan, plan.ask().sheet().solve(plan.in(), Watch.NOBODY).shape());
        assertThat(planned / cut).as("%.3f m planned, %.3f m cut", planned, cut).isBetween(1 - APART, 1 + APART);
    }

    @Test
    void twoOfOneNameAreRefused() {
        assertThatThrownBy(() -> Designs.ALL.and(new QuarterWaveDesign())).hasMessageContaining("QUARTER_WAVE_WHIP");
    }

    /** A kind that Dorada does not know: one class, and the line that registers it. */
    @Test
    void aNewKindAppearsEverywhereByOneClassAndOneLine() {
        Designs more = Designs.ALL.and(new CageDesign());

        Need mast = open(Carrier.MAST, VHF);
        AntennaChoice.Assessment planned = AntennaChoice.rank(more.candidates(), mast).stream()
                .filter(a -> a.candidate().id().equals("CAGE"))
                .findFirst()
                .orElseThrow();
        assertThat(planned.excluded()).isEmpty();
        assertThat(AntennaTrial.compute(planned.candidate(), mast, Watch.NOBODY).worstSwr())
                .isLessThan(2);

        CutKind sheet = more.sheet("cage").orElseThrow();
        assertThat(planned.ask().sheet()).isEqualTo(sheet);

        AntennaKind kind = more.kind("CAGE").orElseThrow();
        StandIn antenna = more.of(kind).standIn(156e6, 1);
        List<WantedChannel> channels =
                List.of(new WantedChannel("low", 153e6, false), new WantedChannel("high", 159e6, false));
        TrimTask task = TrimTask.of(
                new UnderLimit(2), channels, new Adjustment.OneWayCut(kind.smallestStepM()), TrimPrior.of(kind));
        double[] hz = new Span(130e6, 180e6).points(201);
        Pass first = new Pass(0, antenna.sweep(antenna.startLengthM(), hz, Watch.NOBODY));
        assertThat(new AntennaAdviser(kind, task).advise(List.of(first)).action())
                .isEqualTo(Action.SHORTEN);

        VirtualInstallation bench = more.installation("cage-on-a-pole").orElseThrow();
        assertThat(new Bench(more.installations(), new Random(1)).called(bench.id()))
                .contains(bench);
    }

    /** A thick rod on radials that stand out level, as no one builds it. */
    private static final class CageDesign extends AntennaDesign {

        private static final AntennaKind KIND = AntennaKind.called("CAGE", AdjustedPiece.ELEMENT)
                .cutOnly()
                .lengthRatio(1.1, 0.2)
                .make();

        private static final CutKind SHEET = new CageSheet();

        CageDesign() {
            super(KIND, SHEET);
        }

        @Override
        public List<Candidate> candidates() {
            return List.of(new Candidate(KIND, "CAGE", 2, Candidate.Needs.NO_METAL, Set.of(Carrier.MAST)) {

                @Override
                public Ask ask(Place place) {
                    return new Ask(SHEET, Map.of(), Map.of());
                }

                @Override
                public CandidateModel model(Place place) {
                    return new SheetModel(ask(place), place.middleHz(), List.of("cage"), List.of());
                }
            });
        }

        @Override
        public StandIn standIn(double frequencyHz, long seed) {
            return StandIn.ofSheet(SHEET, frequencyHz, "cage", 0, 1.15);
        }

        @Override
        public List<VirtualInstallation> installations() {
            return List.of(VirtualInstallation.make("cage-on-a-pole", KIND, Carrier.MAST, 153e6, 159e6)
                    .set(Control.cut(ControlName.ELEMENT, 0.5, 0.3))
                    .on(Usual.ON_MAST)
                    .line(Usual.thin(5))
                    .as(s -> cage(s[0])));
        }

        private static GroundPlane cage(double lengthM) {
            return new GroundPlane(lengthM, 0.006, 4, 0.5, 20, Conductor.COPPER);
        }

        private static final class CageSheet implements CutKind {
            private static final Outcome CAGE = new Outcome("test.CAGE", Map.of());

            @Override
            public String id() {
                return "cage";
            }

            @Override
            public Outcome title() {
                return CAGE;
            }

            @Override
            public Outcome about() {
                return CAGE;
            }

            @Override
            public double lowestHz() {
                return 100e6;
            }

            @Override
            public double highestHz() {
                return 200e6;
            }

            @Override
            public double doubt() {
                return 0.1;
            }

            @Override
            public List<Input> inputs(double frequencyHz) {
                return List.of();
            }

            @Override
            public List<Dimension> dimensions(Inputs in) {
                return List.of(Dimension.tuned("cage", "A", CAGE, 0.22 * in.waveM(), CAGE));
            }

            @Override
            public Goal goal(Inputs in) {
                return new Goal.Resonance("cage");
            }

            @Override
            public Optional<Assembly> assembly(Inputs in, Shape shape) {
                return Optional.of(cage(shape.get("cage")).assemble());
            }

            @Override
            public List<Piece> pieces(Inputs in, Shape shape) {
                return List.of(Piece.of(1, CAGE, 1, shape.get("cage"), CAGE).tunedBy("cage"));
            }

            @Override
            public List<Outcome> parts(Inputs in, Shape shape) {
                return List.of();
            }

            @Override
            public Procedure procedure(Inputs in, Shape shape) {
                return Procedure.of(Procedure.Metal.ROD);
            }

            @Override
            public Drawing drawing(Inputs in, Shape shape) {
                return new Drawing(List.of());
            }
        }
    }
}

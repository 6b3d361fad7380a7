package dorada.core.cutsheet.kind;

import dorada.core.antenna.Assembly;
import dorada.core.antenna.TubeJPole;
import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.Dimension;
import dorada.core.cutsheet.Drawing;
import dorada.core.cutsheet.Goal;
import dorada.core.cutsheet.Input;
import dorada.core.cutsheet.InputException;
import dorada.core.cutsheet.Inputs;
import dorada.core.cutsheet.Piece;
import dorada.core.cutsheet.Procedure;
import dorada.core.cutsheet.Procedure.Metal;
import dorada.core.cutsheet.Quantity;
import dorada.core.cutsheet.Shape;
import dorada.core.cutsheet.Shortening;
import dorada.core.cutsheet.Sketch;
import dorada.core.rf.Wavelength;
import dorada.core.safety.Caution;
import dorada.core.wire.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** A J-pole of tube. */
public final class TubeJPoleSheet implements CutKind {

    private static final String STUB = "stub";
    private static final String WHOLE = "whole";
    private static final String TAP = "tap";
    private static final String APART = "apart";
    /** Copper tube, of 300/f: common practice, no source. */
    private static final double TUBE_FACTOR = 0.96;

    private static final double TRADE_WAVE_MHZ_M = 300;
    private static final double TAP_SHARE = 0.12;

    private static final String FITTING = "fittingM";

    /** Of a soldered elbow, in diameters of its tube; common practice, no source. */
    private static final double FITTING_DIAMETERS = 0.8;

    @Override
    public String id() {
        return "tube-j-pole";
    }

    @Override
    public String title() {
        return "tube J-pole";
    }

    @Override
    public String about() {
        return "A half-wave on a quarter-wave stub: no radials, stands on a pole, lasts for years.";
    }

    @Override
    public double lowestHz() {
        return 45e6;
    }

    @Override
    public double highestHz() {
        return 520e6;
    }

    @Override
    public double doubt() {
        return 0.06;
    }

    @Override
    public List<Input> inputs(double frequencyHz) {
        double wave = Wavelength.ofHz(frequencyHz);
        List<Input> all = new ArrayList<>();
        all.add(Input.choice(
                Common.METAL,
                "Tube",
                "copper",
                "copper",
                "aluminium",
                "aluminium",
                "brass",
                "brass",
                "stainless",
                "stainless steel"));
        all.add(Common.diameter("Tube, thickness", 0.015, frequencyHz));
        all.add(Input.length(
                "apartM",
                "Between both tubes, axis to axis",
                0.008 * wave,
                0.05 * wave,
                Math.max(0.02 * wave, Math.min(0.045, 0.04 * wave)),
                "closer, they touch; farther, the stub radiates"));
        all.add(Input.length(
                FITTING,
                "Elbow and tee, middle to where the tube stops; 0 = no fittings",
                0,
                0.05,
                Math.min(FITTING_DIAMETERS * 0.015, 0.006 * wave),
                "measure it on the fitting"));
        all.addAll(Shortening.inputs(TUBE_FACTOR, "the long tube, three quarters of a wave", frequencyHz));
        return all;
    }

    @Override
    public void check(Inputs in) {
        if (in.get("apartM") < 2 * in.get(Common.DIAMETER)) {
            throw new InputException(
                    "apartM",
                    "Axis to axis at least twice the tube's thickness, "
                            + Inputs.words(Quantity.LENGTH, 2 * in.get(Common.DIAMETER))
                            + ": nearer, currents crowd on the inner sides and no thin-wire model holds.");
        }
        if (in.get("apartM") <= 2 * in.get(FITTING)) {
            throw new InputException(
                    FITTING,
                    "Elbow and tee alone are wider than the distance between the tubes: no cross piece is left.");
        }
    }

    /** The fittings take so much of what is measured from axis to axis. */
    private static double fittingM(Inputs in) {
        return in.get(FITTING);
    }

    @Override
    public List<Dimension> dimensions(Inputs in) {
        double quarter =
                Shortening.factor(in, TUBE_FACTOR, 0.75) * TRADE_WAVE_MHZ_M / (in.frequencyHz() / Common.MHZ) / 4;
        String source = Shortening.source(in, "0.96 of 300/f; common practice, no source");
        return List.of(
                Dimension.byRule(STUB, "A", "short tube, from the bottom", quarter, source),
                Dimension.tuned(WHOLE, "B", "long tube, from the bottom", 3 * quarter, source),
                new Dimension(
                        TAP,
                        "C",
                        "tap above the bottom",
                        Quantity.LENGTH,
                        OptionalDouble.of(TAP_SHARE * quarter),
                        TAP_SHARE * quarter,
                        "about an eighth of the stub; common practice, no source: it is slid in any case",
                        0.02,
                        true),
                Dimension.given(APART, "D", "between both tubes, axis to axis", in.get("apartM")));
    }

    @Override
    public Goal goal(Inputs in) {
        return new Goal.Match(WHOLE, TAP);
    }

    @Override
    public Optional<Assembly> assembly(Inputs in, Shape shape) {
        double stub = shape.get(STUB);
        return Optional.of(new TubeJPole(
                        Math.max(0.2 * stub, shape.get(WHOLE) - stub),
                        stub,
                        shape.get(APART),
                        Math.min(shape.get(TAP), 0.9 * stub),
                        Common.radiusM(in),
                        Common.conductor(in))
                .assemble());
    }

    @Override
    public List<Piece> pieces(Inputs in, Shape shape) {
        return List.of(
                Piece.of(1, "long tube, from the tee", 1, shape.get(WHOLE) - fittingM(in), Common.tube(in))
                        .tunedBy(WHOLE),
                Piece.of(2, "short tube, from the elbow", 1, shape.get(STUB) - fittingM(in), Common.tube(in))
                        .tunedBy(STUB),
                Piece.of(3, "cross piece, from stop to stop", 1, shape.get(APART) - 2 * fittingM(in), Common.tube(in)));
    }

    @Override
    public List<String> parts(Inputs in, Shape shape) {
        return List.of(
                "elbow and tee for the bottom, two end caps",
                "two clamps for the tap",
                "choke below the tap",
                "pole, with its clamp on the bottom where there is no voltage");
    }

    @Override
    public Procedure procedure(Inputs in, Shape shape) {
        return Procedure.of(Metal.TUBE)
                .join("solder", "Clean, flux and solder elbow, tee and caps; the caps last.", Caution.OPEN_FLAME)
                .clamped()
                .join("tap", "Centre of the line to the long tube, shield to the short one, both at the tap's height.")
                .swept("upright, the stub a metre clear of everything")
                .tune("height", "Dip too low: shorten the long tube at its top; too high: it should have been longer.")
                .tune("slide", "SWR at the dip too high: slide both clamps together, up and down, for the least.")
                .tune("again", "Length and tap pull on each other: set one, then the other, until both stand.")
                .raised()
                .weatherproofed();
    }

    @Override
    public Drawing drawing(Inputs in, Shape shape) {
        Assembly a = assembly(in, shape).orElseThrow();
        double apart = shape.get(APART);
        Point bottom = new Point(0, 0, 0);
        Point top = new Point(0, 0, shape.get(WHOLE));
        Point shortTop = new Point(apart, 0, shape.get(STUB));
        Point shortBottom = new Point(apart, 0, 0);
        Sketch side = new Sketch("From the side", Sketch.From.FRONT)
                .of(a)
                .measure(bottom, top, -1, "B")
                .measure(shortBottom, shortTop, 1, "A")
                .piece(bottom.toward(top, 0.7), 1)
                .piece(shortBottom.toward(shortTop, 0.8), 2);
        double tap = shape.get(TAP);
        double seen = Math.max(1.6 * tap, apart);
        Sketch detail = new Sketch("Tap, enlarged", Sketch.From.FRONT)
                .of(a)
                .measure(shortBottom, new Point(apart, 0, tap), 1, "C")
                .measure(bottom, shortBottom, 1, "D")
                .words(new Point(-0.9 * seen + apart / 2, 0, 1.05 * tap), "centre")
                .words(new Point(apart + 0.1 * seen, 0, 1.05 * tap), "shield");
        return new Drawing(List.of(side.view(), detail.enlarged(new Point(apart / 2, 0, 0.6 * tap), seen)));
    }
}

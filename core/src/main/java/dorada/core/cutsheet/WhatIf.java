package dorada.core.cutsheet;

import dorada.core.antenna.AntennaSweep;
import dorada.core.antenna.Assembly;
import dorada.core.outcome.OutcomeId;
import dorada.core.rf.Impedance;
import dorada.core.rf.Reflection;
import dorada.core.sweep.Bandwidth;
import dorada.core.sweep.Sweep;
import dorada.core.sweep.SweepAnalysis;
import dorada.core.wire.Watch;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What a shape does about a frequency.
 *
 * @param sweep at the connector
 * @param atConnector in its middle
 * @param swr there
 * @param dipHz where the deepest dip is; empty where there is none
 * @param widthHz bandwidth at {@link #LIMIT_SWR} about it; empty where it never gets there
 */
public record WhatIf(Sweep sweep, Impedance atConnector, double swr, OptionalDouble dipHz, OptionalDouble widthHz) {

    private static final int POINTS = 101;
    private static final double SHARE = SheetSolver.ABOVE - 1;
    private static final double WIDE_SHARE = 0.3;
    /** What an antenna is usually tuned under; its width is told there, too. */
    public static final double LIMIT_SWR = 2;

    /**
     * @param aboutHz middle of what is swept
     * @throws dorada.core.wire.WireException where the wires can't be solved honestly
     */
    public static WhatIf of(CutKind kind, Inputs in, Shape shape, double aboutHz, Watch watch) {
        return of(kind, in, shape, aboutHz, SHARE, watch);
    }

    private static WhatIf of(CutKind kind, Inputs in, Shape shape, double aboutHz, double share, Watch watch) {
        Assembly a =
                kind.assembly(in, shape).orElseThrow(() -> new InputException("kind", Say.NO_WIRES.of(kind.title())));
        double[] hz = new double[POINTS];
        for (int i = 0; i < POINTS; i++) {
            hz[i] = aboutHz * (1 - share + 2 * share * i / (POINTS - 1));
        }
        Sweep sweep = AntennaSweep.of(a, hz, watch).sweep();
        SweepAnalysis analysis = new SweepAnalysis(sweep);
        Optional<Bandwidth> width = analysis.bandwidth(LIMIT_SWR);
        Impedance z = sweep.reflection(POINTS / 2).impedance(Sweep.STANDARD_REFERENCE_OHM);
        return new WhatIf(
                sweep,
                z,
                Reflection.of(z, Sweep.STANDARD_REFERENCE_OHM).swr(),
                analysis.deepestDip()
                        .map(d -> OptionalDouble.of(d.frequencyHz()))
                        .orElse(OptionalDouble.empty()),
                width.filter(b -> !b.lowOpen() && !b.highOpen())
                        .map(b -> OptionalDouble.of(b.highHz() - b.lowHz()))
                        .orElse(OptionalDouble.empty()));
    }

    /** Whether it is under {@link #LIMIT_SWR} where it is wanted. */
    public boolean isMet() {
        return swr <= LIMIT_SWR;
    }

    /** One of a row: what a number does, with the antenna tuned again each time. */
    public record Entry(double value, Shape shape, Optional<WhatIf> seen) {}

    /**
     * What a number of the sheet does, tuned again for each value: thickness against bandwidth, droop against impedance.
     *
     * @param id an input that is a number
     */
    public static List<Entry> row(CutKind kind, Inputs in, String id, double[] values, Watch watch) {
        List<Entry> all = new ArrayList<>();
        for (int i = 0; i < values.length; i++) {
            double value = values[i];
            Inputs here = Inputs.of(kind, in.frequencyHz(), in.with(id, value).numbers(), in.choices());
            Watch part = watch.part((double) i / values.length, (i + 1.0) / values.length);
            try {
                Shape shape = kind.solve(here, part.part(0, 0.5)).shape();
                all.add(new Entry(
                        value,
                        shape,
                        Optional.of(of(kind, here, shape, here.frequencyHz(), WIDE_SHARE, part.part(0.5, 1)))));
            } catch (InputException | dorada.core.wire.WireException e) {
                all.add(new Entry(value, Shape.start(kind.dimensions(here)), Optional.empty()));
            }
        }
        return all;
    }

    /** What it says. */
    private enum Say implements OutcomeId {
        NO_WIRES("antenna");

        private final List<String> takes;

        Say(String... takes) {
            this.takes = List.of(takes);
        }

        @Override
        public String area() {
            return "cut.whatIf";
        }

        @Override
        public List<String> takes() {
            return takes;
        }
    }
}

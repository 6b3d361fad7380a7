package dorada.core.instrument;

import dorada.core.rf.Reflection;
import dorada.core.sweep.Sweep;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Somebody with an in-line meter who sets its needle before each channel, and reads the mark that looks nearest. */
public final class SimulatedMeter {

    private static final double RANGE_W = 50;
    private static final double POWER_W = 5;

    /** Of |Γ|; common practice, no source. */
    private static final double ERROR = 0.02;

    private static final double MOST = 0.99;
    private static final double HALF_A_MARK = 0.03;

    /** Half the way from 3 to 4 on the scale, where there is no mark between. */
    private static final double HALF_A_MARK_FROM_3 = 0.05;

    private SimulatedMeter() {}

    /** What the needle shows on each channel of {@code truth}. */
    public static List<SpotReading> read(Sweep truth, Random random) {
        List<SpotReading> spots = new ArrayList<>();
        for (int i = 0; i < truth.size(); i++) {
            double hz = truth.frequencyHz(i);
            InlineMeter meter = new InlineMeter(RANGE_W);
            meter.set(hz, POWER_W);
            double magnitude = truth.reflection(i).magnitude() * (1 + ERROR * random.nextGaussian());
            Reflection shown = Reflection.polar(Math.min(MOST, Math.max(0, magnitude)), 0);
            spots.add(SpotReading.ofSwr(ReadingKind.INLINE_METER, hz, meter.swr(shown, hz, POWER_W)));
        }
        return spots;
    }

    /** What in |Γ| no needle could tell at an SWR of {@code limitSwr}. */
    public static double untold(double limitSwr) {
        return limitSwr >= 3 ? HALF_A_MARK_FROM_3 : HALF_A_MARK;
    }
}

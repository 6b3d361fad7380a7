package dorada.core.design;

import dorada.core.antenna.AdjustedPiece;
import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Plate;
import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.kind.QuarterWaveWhip;
import dorada.core.simulation.StandIn;
import dorada.core.simulation.StandIn.Chance;

/** A whip of three quarter-waves on sheet metal: as long in UHF as a quarter-wave in VHF. */
public final class ThreeQuarterWaveDesign extends AntennaDesign {

    public static final AntennaKind KIND = AntennaKind.called("THREE_QUARTER_WAVE_WHIP", AdjustedPiece.WHIP)
            .cutOnly()
            .hasUsualLength()
            .waves(0.75)
            .shortenedAtItsTip()
            .lengthRatio(0.99, 0.05)
            .circuit(16, 52)
            .make();

    private static final CutKind SHEET = new QuarterWaveWhip(3);

    /** A roof seen from a band where three quarter-waves are of a handy length. */
    private static final double WIDE_SHEET_WAVES = 1.2;

    public ThreeQuarterWaveDesign() {
        super(KIND, SHEET);
    }

    @Override
    public StandIn standIn(double frequencyHz, long seed) {
        Chance chance = new Chance(frequencyHz, seed);
        double wave = chance.waveM();
        Plate roof = Plate.sheet(WIDE_SHEET_WAVES * wave, WIDE_SHEET_WAVES * wave, 0.1 * wave);
        double x = chance.between(-0.1, 0.1) * wave;
        double base = Math.max(0.025 * wave, RoofWhips.BASE_M);
        return new StandIn(
                l -> RoofWhips.whip(base, l - base + chance.hiddenM(), 0.0012, 0, 60, roof, x, 0, 0, 1),
                KIND.usualLengthM(frequencyHz) * chance.allowance());
    }
}

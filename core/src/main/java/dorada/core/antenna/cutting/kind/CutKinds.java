package dorada.core.antenna.cutting.kind;

import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.cutting.CutKind;
import java.util.List;
import java.util.Optional;

/** All that a sheet can be made for, in the order of the list. */
public final class CutKinds {

    public static final List<CutKind> ALL = List.of(
            new QuarterWaveWhip(1),
            new QuarterWaveWhip(3),
            new FiveEighthsWhip(),
            new LoadedCbWhip(),
            new EndFedWire(),
            new GroundPlaneOnRadials(false),
            new GroundPlaneOnRadials(true),
            new HalfWaveDipole(),
            new FoldedTopVertical(),
            new FullWaveLoop(),
            new HandheldRodSheet(),
            new TubeJPoleSheet(),
            new RibbonJPoleSheet(),
            new ParallelBeam(),
            new AirbandQuarterWave(),
            new CoaxChoke(),
            new CoaxStub());

    private CutKinds() {}

    /** The sheet for an installation's antenna. */
    public static CutKind of(AntennaKind kind) {
        return byId(switch (kind) {
                    case QUARTER_WAVE_WHIP -> "quarter-wave-whip";
                    case THREE_QUARTER_WAVE_WHIP -> "three-quarter-wave-whip";
                    case LOADED_CB_WHIP, RINGED_CB_WHIP -> "loaded-cb-whip";
                    case HANDHELD_ROD -> "handheld-rod";
                    case AIRBAND_WHIP -> "airband-quarter-wave";
                    case GROUND_PLANE -> "rod-ground-plane";
                    case DIPOLE -> "dipole";
                    case BEAM, GAMMA_BEAM -> "beam";
                    case FIVE_EIGHTHS_WHIP -> "five-eighths-whip";
                    case END_FED_WIRE -> "end-fed-half-wave";
                    case TUBE_J_POLE -> "tube-j-pole";
                    case RIBBON_J_POLE -> "ribbon-j-pole";
                    case FULL_WAVE_LOOP -> "full-wave-loop";
                    case FOLDED_VERTICAL -> "folded-top-vertical";
                })
                .orElseThrow();
    }

    /** True where a sheet of {@code id} is the antenna of such an installation, and not its choke or stub. */
    public static boolean isOf(AntennaKind kind, String id) {
        return of(kind).id().equals(id) || kind == AntennaKind.GROUND_PLANE && id.equals("wire-ground-plane");
    }

    public static Optional<CutKind> byId(String id) {
        return ALL.stream().filter(k -> k.id().equals(id)).findFirst();
    }
}

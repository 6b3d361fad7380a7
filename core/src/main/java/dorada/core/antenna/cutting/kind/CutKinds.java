package dorada.core.antenna.cutting.kind;

import dorada.core.antenna.cutting.CutKind;
import java.util.List;
import java.util.Optional;

/** All that a sheet can be made for, in the order of the list. */
public final class CutKinds {

    public static final List<CutKind> ALL = List.of(
            new QuarterWaveWhip(),
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

    public static Optional<CutKind> byId(String id) {
        return ALL.stream().filter(k -> k.id().equals(id)).findFirst();
    }
}

package dorada.core.design;

import dorada.core.antenna.AntennaKind;
import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.kind.CoaxChoke;
import dorada.core.cutsheet.kind.CoaxStub;
import dorada.core.planning.Candidate;
import dorada.core.simulation.VirtualInstallation;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** The registry of antennas. A new kind is a class and a line here. */
public final class Designs {

    /** What belongs to an antenna and has a sheet, but is none. */
    private static final List<CutKind> ACCESSORIES = List.of(new CoaxChoke(), new CoaxStub());

    public static final Designs ALL = new Designs(List.of(
            new QuarterWaveDesign(),
            new ThreeQuarterWaveDesign(),
            new FiveEighthsDesign(),
            new LoadedWhipDesign(),
            new RingedWhipDesign(),
            new HalfWaveWhipDesign(),
            new EndFedWireDesign(),
            new GroundPlaneDesign(),
            new DipoleDesign(),
            new FoldedVerticalDesign(),
            new LoopDesign(),
            new HandheldDesign(),
            new TubeJPoleDesign(),
            new RibbonJPoleDesign(),
            new BeamDesign(),
            new GammaBeamDesign(),
            new AirbandDesign()));

    private final Map<String, AntennaDesign> designs = new LinkedHashMap<>();
    private final Map<String, CutKind> sheets = new LinkedHashMap<>();
    private final Map<String, Candidate> candidates = new LinkedHashMap<>();
    private final Map<String, VirtualInstallation> installations = new LinkedHashMap<>();

    /** @throws IllegalArgumentException where two are called alike */
    public Designs(List<AntennaDesign> all) {
        for (AntennaDesign d : all) {
            once(designs, d.kind().name(), d);
            // Kinds that differ in one piece share a sheet.
            sheetsOf(d).forEach(s -> sheets.putIfAbsent(s.id(), s));
            d.candidates().forEach(c -> once(candidates, c.id(), c));
            d.installations().forEach(v -> once(installations, v.id(), v));
        }
        ACCESSORIES.forEach(s -> once(sheets, s.id(), s));
    }

    private static <T> void once(Map<String, T> in, String id, T value) {
        if (in.putIfAbsent(id, value) != null) {
            throw new IllegalArgumentException("There are two called " + id + ".");
        }
    }

    /** These and one more. */
    public Designs and(AntennaDesign more) {
        List<AntennaDesign> all = new ArrayList<>(designs.values());
        all.add(more);
        return new Designs(all);
    }

    private static List<CutKind> sheetsOf(AntennaDesign design) {
        return Stream.concat(Stream.of(design.sheet()), design.otherSheets().stream())
                .toList();
    }

    /** @throws java.util.NoSuchElementException where the kind is of another registry */
    public AntennaDesign of(AntennaKind kind) {
        return Optional.ofNullable(designs.get(kind.name())).orElseThrow();
    }

    public List<AntennaKind> kinds() {
        return designs.values().stream().map(AntennaDesign::kind).toList();
    }

    /** Their ids, for a sentence that says what there is. */
    public String kindIds() {
        return String.join(", ", designs.keySet());
    }

    public Optional<AntennaKind> kind(String id) {
        return Optional.ofNullable(designs.get(id)).map(AntennaDesign::kind);
    }

    /** All that a sheet can be made for, in the order of the list. */
    public List<CutKind> sheets() {
        return List.copyOf(sheets.values());
    }

    public Optional<CutKind> sheet(String id) {
        return Optional.ofNullable(sheets.get(id));
    }

    /** True where a sheet of {@code id} is the antenna of such an installation, and not its choke or stub. */
    public boolean isCutBy(AntennaKind kind, String id) {
        return sheetsOf(of(kind)).stream().anyMatch(s -> s.id().equals(id));
    }

    public List<Candidate> candidates() {
        return List.copyOf(candidates.values());
    }

    public Optional<Candidate> candidate(String id) {
        return Optional.ofNullable(candidates.get(id));
    }

    public List<VirtualInstallation> installations() {
        return List.copyOf(installations.values());
    }

    public Optional<VirtualInstallation> installation(String id) {
        return Optional.ofNullable(installations.get(id));
    }
}

package dorada.core.design;

import dorada.core.antenna.AntennaKind;
import java.util.List;
import java.util.stream.Stream;

/** Every kind, for tests that walk them. */
public final class Kinds {

    private static final List<String> LOW = List.of("LOADED_CB_WHIP", "RINGED_CB_WHIP", "DIPOLE", "FOLDED_VERTICAL");

    private Kinds() {}

    static Stream<AntennaKind> all() {
        return Designs.ALL.kinds().stream();
    }

    public static AntennaKind of(String id) {
        return Designs.ALL.kind(id).orElseThrow();
    }

    /** Kinds that stand on CB, where the rest are wanted at {@code otherwiseHz}. */
    public static double bandHz(AntennaKind kind, double otherwiseHz) {
        return LOW.contains(kind.name()) ? 27.185e6 : otherwiseHz;
    }

    /** How many of {@code usual} virtual antennas are tried: a wide sheet takes twenty times as long to solve as a narrow one. */
    public static int antennas(AntennaKind kind, int usual) {
        return kind == ThreeQuarterWaveDesign.KIND ? usual / 3 : usual;
    }
}

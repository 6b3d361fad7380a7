package dorada.core.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dorada.core.antenna.Carrier;
import dorada.core.design.Designs;
import dorada.core.planning.AntennaChoice.Assessment;
import dorada.core.planning.Need.Aim;
import dorada.core.planning.Need.Band;
import dorada.core.planning.Need.Material;
import dorada.core.planning.Need.Neighbour;
import dorada.core.planning.Need.Polarisation;
import dorada.core.planning.Need.Room;
import dorada.core.planning.Need.Stock;
import dorada.core.planning.Need.Surface;
import dorada.core.planning.Need.Target;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class AntennaChoiceTest {

    static final Band VHF = new Band(153e6, 159e6, 2);
    static final Band CB = new Band(26.965e6, 27.405e6, 2);
    private static final Surface PLASTIC = new Surface(Material.PLASTIC, 0, 0, 0, 0);

    static Need need(Carrier carrier, Surface surface, double mountHeightM, double clearanceM, Band band) {
        return new Need(
                carrier,
                surface,
                Room.OPEN,
                mountHeightM,
                clearanceM,
                List.of(),
                band,
                new Aim(Target.ALL_ROUND, Polarisation.VERTICAL, 0),
                Stock.USUAL);
    }

    static Need vehicle(boolean isMetal, double clearanceM) {
        return need(Carrier.VEHICLE, isMetal ? Surface.metal(1.4, 1.2, 0, 0) : PLASTIC, 1.9, clearanceM, VHF);
    }

    private static List<Assessment> rank(Need need) {
        return AntennaChoice.rank(Designs.ALL.candidates(), need);
    }

    private static Assessment of(List<Assessment> all, String id) {
        return all.stream().filter(a -> id(a).equals(id)).findFirst().orElseThrow();
    }

    private static String id(Assessment a) {
        return a.candidate().id();
    }

    @Test
    void onSteelTheQuarterWaveComesFirst() {
        List<Assessment> all = rank(vehicle(true, 0));
        assertThat(id(all.get(0))).isEqualTo("QUARTER_WAVE");
        assertThat(all)
                .extracting(AntennaChoiceTest::id)
                .doesNotContain("LOADED_WHIP", "J_POLE", "BEAM", "HANDHELD_ROD");
        assertThat(of(all, "HALF_WAVE").reasons()).anyMatch(r -> r.id().equals("remark.HALF_WAVE"));
    }

    @Test
    void onPlasticTheHalfWaveComesFirstAndTheQuarterWaveIsExcluded() {
        List<Assessment> all = rank(vehicle(false, 0));
        assertThat(all.get(0).excluded()).isEmpty();
        assertThat(id(all.get(0))).isIn("HALF_WAVE", "RADIALS");
        assertThat(of(all, "QUARTER_WAVE").excluded())
                .hasValueSatisfying(e -> assertThat(e.id()).endsWith("NEEDS_METAL"));
        assertThat(all.get(all.size() - 1).excluded()).isPresent();
    }

    @Test
    void clearanceExcludesWhatIsTooHigh() {
        List<Assessment> all = rank(vehicle(true, 2.5));
        assertThat(of(all, "QUARTER_WAVE").excluded()).isEmpty();
        assertThat(of(all, "FIVE_EIGHTHS").excluded())
                .hasValueSatisfying(e -> assertThat(e.params()).containsEntry("clearanceLongM", 2.5));
    }

    @Test
    void aSmallRoofIsRemarkedOnAndALorryGetsTheLoadedWhip() {
        Need edge = need(Carrier.VEHICLE, Surface.metal(1.4, 1.2, 0.6, 0), 1.9, 0, VHF);
        assertThat(of(rank(edge), "QUARTER_WAVE").reasons()).anyMatch(r -> r.id().endsWith("SHORT_OF_METAL"));
        Need lorry = need(Carrier.VEHICLE, Surface.metal(2, 2, 0, 0), 3, 0, CB);
        assertThat(rank(lorry)).extracting(AntennaChoiceTest::id).contains("LOADED_WHIP");
    }

    @Test
    void aHandheldGetsRodsAndNothingThatStandsOnARoof() {
        List<Assessment> all = rank(need(Carrier.HANDHELD, Surface.NONE, 1.5, 0, VHF));
        assertThat(all).extracting(AntennaChoiceTest::id).containsExactly("HANDHELD_ROD", "HANDHELD_COUNTERPOISE");
        assertThat(all).allMatch(a -> a.excluded().isEmpty());
    }

    @Test
    void radialsOverMetalAreExcludedAndFramesAreBonded() {
        assertThat(of(rank(vehicle(true, 0)), "RADIALS").excluded())
                .hasValueSatisfying(e -> assertThat(e.id()).endsWith("METAL_IS_THERE"));
        Surface frame = new Surface(Material.TUBE_FRAME, 0, 0, 0, 0);
        Band airband = new Band(118e6, 137e6, 2.5);
        assertThat(of(rank(need(Carrier.AIRCRAFT, frame, 1, 0, airband)), "RADIALS")
                        .reasons())
                .anyMatch(r -> r.id().endsWith("ON_TUBES"));
        Surface carbon = new Surface(Material.COMPOSITE, 0, 0, 0, 0);
        assertThat(of(rank(need(Carrier.AIRCRAFT, carbon, 1, 0, airband)), "RADIALS")
                        .reasons())
                .anyMatch(r -> r.id().endsWith("ON_COMPOSITE"));
    }

    @Test
    void aMastThatReachesOneStationGetsABeamThatPoints() {
        Need all = need(Carrier.MAST, Surface.NONE, 10, 0, VHF);
        assertThat(id(rank(all).get(0))).isNotEqualTo("BEAM");
        Need link = new Need(
                Carrier.MAST,
                Surface.NONE,
                Room.OPEN,
                10,
                0,
                List.of(),
                VHF,
                new Aim(Target.ONE_STATION, Polarisation.VERTICAL, 120),
                Stock.USUAL);
        Assessment first = rank(link).get(0);
        assertThat(id(first)).isEqualTo("BEAM");
        assertThat(first.reasons()).anyMatch(r -> r.params().equals(Map.of("bearingDeg", 120.0)));
    }

    @Test
    void underALowRoofWiresAreBentOrFoldedAndWhatCannotBeIsSaid() {
        Need attic = attic(3.0);
        List<Assessment> all = rank(attic);
        assertThat(of(all, "DIPOLE").excluded()).isEmpty();
        assertThat(of(all, "FOLDED_VERTICAL").excluded()).isEmpty();
        assertThat(of(all, "HALF_WAVE").excluded())
                .hasValueSatisfying(e -> assertThat(e.id()).endsWith("TOO_HIGH_FOR_THE_ROOF"));
        assertThat(id(all.get(0))).isIn("DIPOLE", "LOOP", "FOLDED_VERTICAL", "RIBBON_J_POLE");
        assertThat(of(rank(attic(0.4)), "LOOP").excluded()).isPresent();
    }

    static Need attic(double heightM) {
        return new Need(
                Carrier.INDOOR,
                Surface.NONE,
                new Room(4.5, heightM),
                5,
                0,
                List.of(),
                CB,
                new Aim(Target.ALL_ROUND, Polarisation.VERTICAL, 0),
                Stock.USUAL);
    }

    @Test
    void nonsenseIsRefused() {
        assertThatThrownBy(() -> Surface.metal(0, 1, 0, 0)).hasMessageContaining("METAL_WITHOUT_SIZE");
        assertThatThrownBy(() -> Surface.metal(1, 1, 2, 0)).hasMessageContaining("BESIDE_ITS_SURFACE");
        assertThatThrownBy(() -> new Band(2e8, 1e8, 2)).hasMessageContaining("BAND_WITHOUT_ENDS");
        assertThatThrownBy(() -> new Band(1e8, 2e8, 1)).hasMessageContaining("LIMIT_NOT_ABOVE_1");
        assertThatThrownBy(() -> new Room(-1, 2)).hasMessageContaining("ROOM_BELOW_0");
        assertThatThrownBy(() -> new Neighbour("post", 0.01, 0, 0, 1, 0.01)).hasMessageContaining("NEIGHBOUR_TOUCHES");
        assertThatThrownBy(() -> new Neighbour("post", 1, 0, 1, 1, 0.01))
                .hasMessageContaining("NEIGHBOUR_WITHOUT_SIZE");
        assertThatThrownBy(() -> new Stock(-1, 0, 0, 0)).hasMessageContaining("STOCK_BELOW_0");
        assertThatThrownBy(() -> need(Carrier.MAST, Surface.NONE, -1, 0, VHF)).hasMessageContaining("HEIGHT_BELOW_0");
    }
}

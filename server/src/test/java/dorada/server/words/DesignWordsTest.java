package dorada.server.words;

import static org.assertj.core.api.Assertions.assertThat;

import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Carrier;
import dorada.core.antenna.PieceId;
import dorada.core.design.Designs;
import dorada.core.outcome.Outcome;
import dorada.core.planning.Candidate;
import dorada.core.planning.Need;
import dorada.core.planning.Need.Material;
import dorada.core.planning.Need.Surface;
import dorada.core.simulation.VirtualInstallation;
import dorada.core.spectrum.RadioService;
import dorada.core.spectrum.RadioServices;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What is found in the catalogue under an antenna's own id. A kind without its words is noticed here. */
class DesignWordsTest {

    static Stream<Words> languages() {
        return Stream.of(Words.ENGLISH, Words.in(Locale.forLanguageTag("es")));
    }

    @ParameterizedTest
    @MethodSource("languages")
    void everyKindAndCandidateHasItsName(Words words) {
        List<Outcome> names = new ArrayList<>();
        for (AntennaKind k : Designs.ALL.kinds()) {
            names.add(k.words());
            names.add(k.piece().of());
            names.add(k.piece().bare());
            k.piecesWords().ifPresent(p -> names.addAll(List.of(p.one(), p.all())));
        }
        Designs.ALL.candidates().forEach(c -> names.addAll(List.of(c.title(), c.claim())));
        Designs.ALL.installations().stream().map(VirtualInstallation::title).forEach(names::add);
        Arrays.stream(PieceId.values()).map(PieceId::bare).forEach(names::add);
        assertThat(names).hasSizeGreaterThan(80).extracting(words::phrase).allMatch(n -> !n.isBlank());
    }

    @ParameterizedTest
    @MethodSource("languages")
    void everyServiceSaysItsNameWhereItHoldsAndItsLimits(Words words) {
        for (RadioService s : RadioServices.ALL) {
            List<Outcome> said = new ArrayList<>(List.of(s.title(), s.shortTitle(), s.country()));
            said.addAll(s.reminders());
            s.externalAntenna().ifPresent(said::add);
            assertThat(said).extracting(words::phrase).allMatch(n -> !n.isBlank());
            assertThat(words.phrase(s.shortTitle()).length()).isLessThanOrEqualTo(12);
        }
    }

    @ParameterizedTest
    @MethodSource("languages")
    void whatACandidateRemarksIsSaidWhereverItMayStand(Words words) {
        List<Outcome> said = new ArrayList<>();
        for (Carrier carrier : Carrier.values()) {
            for (Material under : Material.values()) {
                for (Need.Target target : Need.Target.values()) {
                    Surface surface =
                            under == Material.METAL ? Surface.metal(2, 2, 0, 0) : new Surface(under, 0, 0, 0, 0);
                    Need need = new Need(
                            carrier,
                            surface,
                            Need.Room.OPEN,
                            2,
                            0,
                            List.of(),
                            new Need.Band(153e6, 159e6, 2),
                            new Need.Aim(target, Need.Polarisation.VERTICAL, 120),
                            Need.Stock.USUAL);
                    Designs.ALL.candidates().stream()
                            .flatMap(c -> c.remark(need).stream())
                            .forEach(said::add);
                }
            }
        }
        assertThat(said)
                .extracting(words::sentence)
                .allMatch(s -> s.endsWith(".") && !s.contains("{"))
                .anyMatch(s -> s.contains("120°"));
    }

    @Test
    void noTwoCandidatesOfOneListAreCalledAlike() {
        assertThat(Designs.ALL.candidates())
                .filteredOn(c -> !c.id().equals("AIRBAND_WHIP"))
                .extracting(Candidate::title)
                .extracting(Words.ENGLISH::phrase)
                .doesNotHaveDuplicates();
    }
}

package dorada.core.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Carrier;
import dorada.core.design.HalfWaveWhipDesign;
import dorada.core.design.QuarterWaveDesign;
import dorada.core.tuning.TrimPrior;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class LikesTest {

    private static final Traits VAN =
            new Traits(new QuarterWaveDesign().kind(), 153e6, Carrier.VEHICLE, "steel roof", "set-screw whip");

    private static Traits with(AntennaKind kind, double hz, Carrier carrier, String mount, String antenna) {
        return new Traits(kind, hz, carrier, mount, antenna);
    }

    private static Finished<String> finished(String name, Traits traits, double lengthM) {
        return new Finished<>(
                name,
                traits,
                OptionalDouble.of(lengthM),
                Optional.of(new TrimPrior.Lesson(1.1, 0.02)),
                2,
                !name.startsWith("let pass"),
                Instant.EPOCH);
    }

    @Test
    void anotherKindOrBandIsNeverAlikeAndWordsAreReadInAnyCaseAndAccent() {
        assertThat(VAN.likeness(VAN)).isCloseTo(1, within(1e-12));
        assertThat(VAN.likeness(
                        with(new HalfWaveWhipDesign().kind(), 153e6, VAN.carrier(), VAN.mount(), VAN.antenna())))
                .isZero();
        assertThat(VAN.likeness(with(VAN.kind(), 459e6, VAN.carrier(), VAN.mount(), VAN.antenna())))
                .isZero();
        Traits written = with(VAN.kind(), 153e6, VAN.carrier(), "Techo de acéro", "");
        assertThat(written.likeness(with(VAN.kind(), 153e6, VAN.carrier(), "TECHO, de acero", "")))
                .isCloseTo(1, within(1e-12));
        // The same both ways, and less alike with each thing that differs.
        Traits gutter = with(VAN.kind(), 156e6, VAN.carrier(), "gutter", VAN.antenna());
        Traits mast = with(VAN.kind(), 156e6, Carrier.MAST, "gutter", VAN.antenna());
        assertThat(VAN.likeness(gutter)).isEqualTo(gutter.likeness(VAN)).isGreaterThan(VAN.likeness(mast));
    }

    @Test
    void theLikestComeFirstAndTheirLengthsGoWithTheWavelength() {
        Likes<String> likes = Likes.of(
                VAN,
                List.of(
                        finished("mast", with(VAN.kind(), 153e6, Carrier.MAST, "pole", "rod"), 0.47),
                        finished("near", with(VAN.kind(), 156e6, VAN.carrier(), "steel roof", VAN.antenna()), 0.4805),
                        finished("same", VAN, 0.49),
                        finished(
                                "half-wave",
                                with(new HalfWaveWhipDesign().kind(), 153e6, VAN.carrier(), "steel roof", ""),
                                0.9)));
        assertThat(likes.nearest().stream().map(l -> l.finished().name())).containsExactly("same", "near");
        // 0.4805 m at 156 MHz is 0.4899 m at 153 MHz.
        assertThat(likes.nearest().get(1).scaledM()).isCloseTo(0.4805 * 156 / 153, within(1e-12));
        assertThat(likes.lengthM().orElseThrow().median()).isCloseTo(0.48995, within(1e-4));
    }

    @Test
    void theNextIsCutLongerThanTheyEndedAndSetToWhereTheySlid() {
        Likes<String> likes =
                Likes.of(VAN, List.of(finished("a", VAN, 0.48), finished("b", VAN, 0.49), finished("c", VAN, 0.5)));
        double start = likes.startLengthM(true).orElseThrow();
        assertThat(start).isCloseTo(0.49 * 1.03, within(1e-9));
        Likes<String> wide =
                Likes.of(VAN, List.of(finished("a", VAN, 0.47), finished("b", VAN, 0.49), finished("c", VAN, 0.53)));
        // Nearly all ended below it.
        assertThat(wide.startLengthM(true).orElseThrow()).isCloseTo(0.49 + 0.8 * 0.04, within(1e-9));
        assertThat(likes.startLengthM(false)).contains(0.49);
        assertThat(Likes.of(VAN, List.<Finished<String>>of()).startLengthM(true))
                .isEmpty();
        // What was let pass for a reason is no example.
        assertThat(Likes.of(VAN, List.of(finished("a", VAN, 0.49), finished("let pass", VAN, 0.52)))
                        .startLengthM(false))
                .contains(0.49);
        // One alone may have ended short of the next: more is left.
        assertThat(Likes.of(VAN, List.of(finished("a", VAN, 0.49)))
                        .startLengthM(true)
                        .orElseThrow())
                .isCloseTo(0.49 * 1.05, within(1e-9));
    }

    @Test
    void aLikeTeachesMoreThanOneOfTheKindAlone() {
        TrimPrior usual = TrimPrior.of(VAN.kind());
        TrimPrior.Lesson lesson = new TrimPrior.Lesson(usual.lengthRatio() * 1.1, 0.01);
        TrimPrior byKind = usual.informedBy(List.of(lesson, lesson, lesson));
        TrimPrior byLikes = usual.informedBy(List.of(lesson.likeBy(1), lesson.likeBy(1), lesson.likeBy(1)));
        assertThat(byLikes.doubt()).isLessThan(byKind.doubt());
        assertThat(byLikes.lengthRatio()).isGreaterThan(byKind.lengthRatio()).isLessThan(lesson.lengthRatio());
        // One that is not alike at all is one of the kind.
        assertThat(lesson.likeBy(0)).isEqualTo(lesson);
    }

    /** Quartiles of 1, 2, 3, 4 by definition 7 of Hyndman and Fan (1996): 1.75, 2.5, 3.25; the ninth tenth is 3.7. */
    @Test
    void quartilesAreInterpolated() {
        assertThat(Spread.of(4, 1, 3, 2)).contains(new Spread(2.5, 1.75, 3.25, 3.7));
        assertThat(Spread.of(7)).contains(new Spread(7, 7, 7, 7));
        assertThat(Spread.of()).isEmpty();
    }
}

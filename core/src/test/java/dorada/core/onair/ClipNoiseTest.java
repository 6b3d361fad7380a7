package dorada.core.onair;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dorada.core.outcome.Refusal;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Clips of our own making whose ratio is known exactly: what is added to what is known before it is added. */
class ClipNoiseTest {

    /** What is said: a tone, several, a voice-like sound in syllables and sentences. */
    enum Sound {
        TONE,
        TONES,
        KEYED,
        SYLLABLES,
        SENTENCES;

        private static final Map<List<Object>, double[]> MADE = new HashMap<>();

        /** Without noise: what every clip of it begins with. */
        private double[] samples(double rateHz, double seconds) {
            return MADE.computeIfAbsent(
                    List.of(this, rateHz, seconds),
                    key -> IntStream.range(0, (int) (seconds * rateHz))
                            .mapToDouble(i -> at(i / rateHz))
                            .toArray());
        }

        private static double voice(double t) {
            double voice = 0;
            for (int h = 1; h <= 12; h++) {
                voice += Math.sin(2 * Math.PI * 140 * h * t + h * h) / h;
            }
            return voice;
        }

        private double at(double t) {
            return switch (this) {
                case TONE -> Math.sin(2 * Math.PI * 1000 * t);
                case TONES -> Math.sin(2 * Math.PI * 700 * t) + 0.7 * Math.sin(2 * Math.PI * 1900 * t);
                case KEYED -> t % 0.8 < 0.4 ? Math.sin(2 * Math.PI * 800 * t) : 0;
                case SYLLABLES -> voice(t) * Math.max(0, Math.sin(2 * Math.PI * 2.5 * t));
                case SENTENCES ->
                    t % 2.2 < 1.5 ? voice(t) * (0.35 + 0.65 * Math.abs(Math.sin(2 * Math.PI * 3 * t))) : 0;
            };
        }
    }

    /** White noise, or noise as a receiver's audio filter leaves it. */
    private static double[] noise(int n, boolean filtered, Random random) {
        double[] noise = new double[n];
        double last = 0;
        for (int i = 0; i < n; i++) {
            double white = random.nextGaussian();
            last = filtered ? 0.7 * last + 0.3 * white : white;
            noise[i] = last;
        }
        return noise;
    }

    private static double power(double[] samples) {
        double sum = 0;
        for (double s : samples) {
            sum += s * s;
        }
        return sum / samples.length;
    }

    static double[] clip(Sound sound, double db, boolean filtered, double rateHz, double seconds, long seed) {
        double[] signal = sound.samples(rateHz, seconds);
        int n = signal.length;
        double[] noise = noise(n, filtered, new Random(seed));
        double gain = Math.sqrt(power(noise) / power(signal) * Math.pow(10, db / 10));
        double[] both = new double[n];
        for (int i = 0; i < n; i++) {
            both[i] = 0.05 * (gain * signal[i] + noise[i]) / (1 + gain);
        }
        return both;
    }

    static Stream<Arguments> clips() {
        return Stream.of(Sound.values())
                .flatMap(s -> Stream.of(3, 6, 10, 15, 20, 25, 30)
                        .flatMap(db -> Stream.of(true, false)
                                .flatMap(f -> Stream.of(8000, 16000, 44100).map(r -> Arguments.of(s, db, f, r)))));
    }

    @ParameterizedTest
    @MethodSource("clips")
    void withinOneDecibelFrom3To30(Sound sound, double db, boolean filtered, double rateHz) {
        ClipNoise estimate = ClipNoise.of(clip(sound, db, filtered, rateHz, 6, 5), rateHz);
        assertThat(estimate.db()).isEqualTo(db, within(1.0));
        assertThat(estimate.isTold()).isTrue();
        assertThat(Math.abs(estimate.db() - db)).isLessThanOrEqualTo(2 * estimate.doubtDb());
    }

    static Stream<Arguments> shortClips() {
        return Stream.of(Sound.KEYED, Sound.SYLLABLES, Sound.SENTENCES)
                .flatMap(s -> Stream.of(5, 12, 28)
                        .flatMap(db -> Stream.of(11L, 12L, 13L, 14L).map(seed -> Arguments.of(s, db, seed))));
    }

    /** Three seconds, other noise: a sentence at the microphone. */
    @ParameterizedTest
    @MethodSource("shortClips")
    void ofShortClipsToo(Sound sound, double db, long seed) {
        ClipNoise estimate = ClipNoise.of(clip(sound, db, seed % 2 == 0, 16_000, 3.3, seed), 16_000);
        assertThat(estimate.db()).isEqualTo(db, within(1.0));
    }

    @Test
    void noiseAloneTellsNothing() {
        double[] noise = noise(48_000, false, new Random(2));
        for (int i = 0; i < noise.length; i++) {
            noise[i] *= 0.1;
        }
        assertThat(ClipNoise.of(noise, 8000).isTold()).isFalse();
    }

    @Test
    void silenceAndAClickAreRefused() {
        assertThatThrownBy(() -> ClipNoise.of(new double[16_000], 8000)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> ClipNoise.of(noise(4000, false, new Random(1)), 8000))
                .isInstanceOf(Refusal.class);
    }
}

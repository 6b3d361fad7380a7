package dorada.server.onair;

import dorada.core.onair.ClipNoise;
import dorada.core.outcome.Refusal;
import dorada.server.problem.UserProblem;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.UnsupportedAudioFileException;

/** Sound clips as the page sends them: WAV, plain samples. */
final class Clips {

    private static final int BITS = 16;
    private static final double FULL = 32768;

    private Clips() {}

    /** @throws UserProblem for what is no such clip, too short or silent */
    static ClipNoise noise(byte[] wav) {
        try (AudioInputStream in = AudioSystem.getAudioInputStream(new ByteArrayInputStream(wav))) {
            AudioFormat is = in.getFormat();
            AudioFormat plain = new AudioFormat(is.getSampleRate(), BITS, is.getChannels(), true, false);
            try (AudioInputStream samples = AudioSystem.getAudioInputStream(plain, in)) {
                return ClipNoise.of(mono(samples.readAllBytes(), is.getChannels()), is.getSampleRate());
            }
        } catch (UnsupportedAudioFileException | IOException e) {
            throw UserProblem.atField("clip", Refused.NOT_A_CLIP.of());
        } catch (Refusal e) {
            throw UserProblem.atField("clip", e);
        } catch (IllegalArgumentException e) {
            // The library's, for a conversion that it does not know.
            throw UserProblem.atField("clip", Refused.NOT_A_CLIP.of());
        }
    }

    private static double[] mono(byte[] bytes, int channels) {
        double[] mono = new double[bytes.length / 2 / channels];
        for (int i = 0; i < mono.length; i++) {
            double sum = 0;
            for (int c = 0; c < channels; c++) {
                int at = 2 * (i * channels + c);
                sum += (short) (bytes[at] & 0xff | bytes[at + 1] << 8) / FULL;
            }
            mono[i] = sum / channels;
        }
        return mono;
    }
}

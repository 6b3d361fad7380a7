package dorada.core.onair;

import dorada.core.outcome.Refusal;
import java.util.Arrays;
import org.hipparchus.complex.Complex;
import org.hipparchus.transform.DftNormalization;
import org.hipparchus.transform.FastFourierTransformer;
import org.hipparchus.transform.TransformType;

/**
 * How far what is said stands above the noise in a sound clip, estimated from the clip alone.
 *
 * <p>The clip is cut into overlapping frames with a Hann window. Frames in pauses are those that crowd about the lowest energy; their
 * average spectrum is the noise. A tone that goes through the pauses stands out of that as a narrow peak and is taken for signal: above
 * a running median over the neighbouring frequencies. What is left of the whole is the signal. Source: spectral averaging after Welch
 * (1967), noise from pauses as in voice-activity detection; common practice.
 *
 * @param db signal to noise; absent of meaning where {@code isTold} is false
 * @param doubtDb by which it may be wrong
 * @param isTold false where nothing stands clearly above the noise, or there is no pause to hear the noise in
 */
public record ClipNoise(double db, double doubtDb, boolean isTold) {

    /** A frame is at least this long: shorter than a syllable, longer than a period of any voice. */
    private static final double FRAME_SECONDS = 0.03;

    /** Below are hum and offset, and no voice. */
    private static final double LOWEST_HZ = 60;

    /** Shorter, and there is neither a pause nor an average. */
    public static final double LEAST_SECONDS = 1;

    /** Frames within so many times the quietest are pauses: 2 dB. */
    private static final double PAUSE = 1.6;

    private static final double QUIETEST_SHARE = 0.04;
    private static final int LEAST_PAUSES = 8;

    /** Bins on either side of a running median. */
    private static final int NEIGHBOURS = 20;

    /** A bin so many times above its neighbours is a tone. */
    private static final double PEAK = 2.5;

    private static final double LEAST_TOLD_DB = 1;
    private static final double MOST_TOLD_DB = 45;

    /** Quieter than a 16-bit recording's last digit. */
    private static final double SILENT = 1e-10;

    /**
     * @param samples one channel, between −1 and 1
     * @param rateHz samples a second
     * @throws Refusal where it is shorter than {@value #LEAST_SECONDS} s, or silent
     */
    public static ClipNoise of(double[] samples, double rateHz) {
        if (samples.length < LEAST_SECONDS * rateHz) {
            throw new Refusal(Refused.CLIP_TOO_SHORT);
        }
        double[][] spectra = spectra(samples, rateHz);
        double[] energy = Arrays.stream(spectra).mapToDouble(ClipNoise::sum).toArray();
        double whole = Arrays.stream(energy).average().orElseThrow();
        if (!(whole > SILENT)) {
            throw new Refusal(Refused.CLIP_SILENT);
        }
        double[] sorted = energy.clone();
        Arrays.sort(sorted);
        double[] crowd = crowded(sorted, PAUSE * quietest(sorted));
        double[] noise = new double[spectra[0].length];
        int pauses = 0;
        for (int i = 0; i < spectra.length; i++) {
            if (energy[i] >= crowd[0] && energy[i] <= crowd[1]) {
                pauses++;
                for (int k = 0; k < noise.length; k++) {
                    noise[k] += spectra[i][k];
                }
            }
        }
        for (int k = 0; k < noise.length; k++) {
            noise[k] /= Math.max(1, pauses);
        }
        double n = sum(withoutTones(noise));
        double signal = whole - n;
        double db = signal > 0 ? 10 * Math.log10(signal / n) : Double.NEGATIVE_INFINITY;
        boolean isTold = pauses >= LEAST_PAUSES && db >= LEAST_TOLD_DB;
        return new ClipNoise(Math.max(-20, Math.min(MOST_TOLD_DB, db)), doubt(pauses, db), isTold);
    }

    /** Few pauses tell the noise less well, and near 0 dB the difference of two like numbers less still. */
    private static double doubt(int pauses, double db) {
        double noiseDb = 4.3 / Math.sqrt(Math.max(1, pauses) * 8.0);
        return Math.min(10, 0.5 + noiseDb * (1 + Math.pow(10, -db / 10)));
    }

    /**
     * The narrowest interval that holds half of the energies up to {@code limit}: frames of noise alone crowd about one energy, those
     * where a word begins or dies away are strewn above it.
     */
    private static double[] crowded(double[] sorted, double limit) {
        int n = (int) Arrays.stream(sorted).filter(e -> e <= limit).count();
        int half = Math.max(1, (n + 1) / 2);
        int best = 0;
        for (int i = 0; i + half <= n; i++) {
            if (sorted[i + half - 1] / sorted[i] < sorted[best + half - 1] / sorted[best]) {
                best = i;
            }
        }
        return new double[] {sorted[best], sorted[best + half - 1]};
    }

    /** Mean of the quietest frames, at least a few. */
    private static double quietest(double[] sorted) {
        int n = Math.max(3, (int) (QUIETEST_SHARE * sorted.length));
        return Arrays.stream(sorted, 0, n).average().orElseThrow();
    }

    private static double[] withoutTones(double[] spectrum) {
        double[] noise = spectrum.clone();
        for (int k = 0; k < noise.length; k++) {
            double[] near = Arrays.copyOfRange(
                    spectrum, Math.max(0, k - NEIGHBOURS), Math.min(spectrum.length, k + NEIGHBOURS + 1));
            Arrays.sort(near);
            double median = near[near.length / 2];
            if (spectrum[k] > PEAK * median) {
                noise[k] = median;
            }
        }
        return noise;
    }

    /** Power spectra of overlapping frames, from {@value #LOWEST_HZ} Hz upward. */
    private static double[][] spectra(double[] samples, double rateHz) {
        FastFourierTransformer fft = new FastFourierTransformer(DftNormalization.STANDARD);
        int size = Integer.highestOneBit((int) Math.ceil(FRAME_SECONDS * rateHz) - 1) * 2;
        int hop = size / 2;
        int lowest = (int) Math.ceil(LOWEST_HZ * size / rateHz);
        double[][] all = new double[(samples.length - size) / hop + 1][];
        double[] frame = new double[size];
        for (int f = 0; f < all.length; f++) {
            for (int i = 0; i < size; i++) {
                frame[i] = samples[f * hop + i] * (0.5 - 0.5 * Math.cos(2 * Math.PI * i / size));
            }
            Complex[] bins = fft.transform(frame, TransformType.FORWARD);
            double[] power = new double[size / 2 + 1 - lowest];
            for (int k = 0; k < power.length; k++) {
                Complex bin = bins[k + lowest];
                power[k] = (bin.getReal() * bin.getReal() + bin.getImaginary() * bin.getImaginary()) / size / size;
            }
            all[f] = power;
        }
        return all;
    }

    private static double sum(double[] values) {
        return Arrays.stream(values).sum();
    }
}

package dorada.server.sweep;

import dorada.core.sweep.Sweep;
import java.nio.ByteBuffer;

/** A sweep's points as one binary column: for each point frequency, real and imaginary part as big-endian doubles. */
final class SweepCodec {

    private static final int BYTES_PER_POINT = 3 * Double.BYTES;

    private SweepCodec() {}

    static byte[] encode(Sweep sweep) {
        ByteBuffer buffer = ByteBuffer.allocate(sweep.size() * BYTES_PER_POINT);
        for (int i = 0; i < sweep.size(); i++) {
            buffer.putDouble(sweep.frequencyHz(i)).putDouble(sweep.re(i)).putDouble(sweep.im(i));
        }
        return buffer.array();
    }

    static Sweep decode(byte[] bytes, double referenceOhm, boolean hasPhase) {
        int n = bytes.length / BYTES_PER_POINT;
        ByteBuffer buffer = ByteBuffer.wrap(bytes);
        double[] hz = new double[n];
        double[] re = new double[n];
        double[] im = new double[n];
        for (int i = 0; i < n; i++) {
            hz[i] = buffer.getDouble();
            re[i] = buffer.getDouble();
            im[i] = buffer.getDouble();
        }
        return hasPhase ? new Sweep(hz, re, im, referenceOhm) : Sweep.ofMagnitudes(hz, re);
    }
}

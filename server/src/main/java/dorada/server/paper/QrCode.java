package dorada.server.paper;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.util.Locale;
import java.util.Map;

/** An address as a square to be read by a camera (ISO/IEC 18004), as SVG. */
final class QrCode {

    private static final int QUIET_MODULES = 4;

    private QrCode() {}

    static String svg(String address, int size, String alternative) {
        try {
            BitMatrix bits = new QRCodeWriter()
                    .encode(
                            address,
                            BarcodeFormat.QR_CODE,
                            0,
                            0,
                            Map.of(
                                    EncodeHintType.MARGIN,
                                    QUIET_MODULES,
                                    EncodeHintType.ERROR_CORRECTION,
                                    ErrorCorrectionLevel.M));
            StringBuilder path = new StringBuilder();
            for (int y = 0; y < bits.getHeight(); y++) {
                for (int x = 0; x < bits.getWidth(); x++) {
                    if (bits.get(x, y)) {
                        path.append("M").append(x).append(' ').append(y).append("h1v1h-1z");
                    }
                }
            }
            return String.format(
                    Locale.ROOT,
                    "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%d\" height=\"%d\" viewBox=\"0 0 %d %d\" alt=\"%s\">"
                            + "<path fill=\"#000000\" d=\"%s\"/></svg>",
                    size,
                    size,
                    bits.getWidth(),
                    bits.getHeight(),
                    Html.safe(alternative),
                    path);
        } catch (WriterException e) {
            throw new IllegalStateException(e);
        }
    }
}

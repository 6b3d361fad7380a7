package dorada.server.tuning;

import dorada.server.problem.JobException;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/** Pictures as they come from a telephone, made small enough to keep. */
final class Photos {

    private static final int LONGEST_SIDE = 1600;

    /** More than any telephone takes; a picture that claims more is meant to fill the memory. */
    private static final long MOST_PIXELS = 60_000_000L;

    private Photos() {}

    /** A JPEG of at most {@value #LONGEST_SIDE} pixels a side, without what the telephone wrote beside it, as the place. */
    static byte[] shrunk(byte[] picture) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(picture))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw JobException.atField("photo", "This is no picture that can be read: JPEG or PNG, please.");
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in);
                int width = reader.getWidth(0);
                int height = reader.getHeight(0);
                if ((long) width * height > MOST_PIXELS) {
                    throw JobException.atField("photo", "This picture has too many pixels: at most 60 million.");
                }
                // Every n-th pixel is read where it is much too large: a tenth of the memory.
                int every = Math.max(1, Math.max(width, height) / (2 * LONGEST_SIDE));
                var param = reader.getDefaultReadParam();
                param.setSourceSubsampling(every, every, 0, 0);
                return jpeg(reader.read(0, param));
            } finally {
                reader.dispose();
            }
        } catch (IOException e) {
            throw JobException.atField("photo", "This picture cannot be read: " + e.getMessage());
        }
    }

    private static byte[] jpeg(BufferedImage image) throws IOException {
        double scale = Math.min(1, (double) LONGEST_SIDE / Math.max(image.getWidth(), image.getHeight()));
        int width = Math.max(1, (int) Math.round(image.getWidth() * scale));
        int height = Math.max(1, (int) Math.round(image.getHeight() * scale));
        BufferedImage small = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = small.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        g.drawImage(image, 0, 0, width, height, Color.WHITE, null);
        g.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(small, "jpg", out);
        return out.toByteArray();
    }
}

package dorada.server.tuning;

import dorada.server.problem.UserProblem;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Optional;
import javax.imageio.IIOException;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import net.coobird.thumbnailator.util.exif.ExifFilterUtils;
import net.coobird.thumbnailator.util.exif.ExifUtils;
import net.coobird.thumbnailator.util.exif.Orientation;

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
                throw UserProblem.atField("photo", Refused.NO_PICTURE.of());
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in);
                int width = reader.getWidth(0);
                int height = reader.getHeight(0);
                if ((long) width * height > MOST_PIXELS) {
                    throw UserProblem.atField("photo", Refused.TOO_MANY_PIXELS.of());
                }
                // Every n-th pixel is read where it is much too large: a tenth of the memory.
                int every = Math.max(1, Math.max(width, height) / (2 * LONGEST_SIDE));
                var param = reader.getDefaultReadParam();
                param.setSourceSubsampling(every, every, 0, 0);
                return jpeg(reader.read(0, param), held(reader));
            } finally {
                reader.dispose();
            }
        } catch (IOException e) {
            throw UserProblem.atField("photo", Refused.PICTURE_BROKEN.of());
        }
    }

    /** Upright where the picture doesn't say, or says it in a way that nobody can read: no reason to refuse it. */
    private static Orientation held(ImageReader reader) throws IOException {
        if (!reader.getFormatName().equalsIgnoreCase("JPEG")) {
            return Orientation.TOP_LEFT;
        }
        try {
            return Optional.ofNullable(ExifUtils.getExifOrientation(reader, 0)).orElse(Orientation.TOP_LEFT);
        } catch (IIOException e) {
            return Orientation.TOP_LEFT;
        }
    }

    /** @param held how the telephone was held, which it writes beside the picture and not into it */
    private static byte[] jpeg(BufferedImage image, Orientation held) throws IOException {
        BufferedImage upright = ExifFilterUtils.getFilterForOrientation(held).apply(image);
        int longest = Math.max(upright.getWidth(), upright.getHeight());
        BufferedImage small = longest <= LONGEST_SIDE
                ? upright
                : Thumbnails.of(upright).size(LONGEST_SIDE, LONGEST_SIDE).asBufferedImage();
        // A JPEG has no transparency: what was clear becomes white.
        BufferedImage opaque = new BufferedImage(small.getWidth(), small.getHeight(), BufferedImage.TYPE_INT_RGB);
        Graphics2D g = opaque.createGraphics();
        g.drawImage(small, 0, 0, Color.WHITE, null);
        g.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(opaque, "jpg", out);
        return out.toByteArray();
    }
}

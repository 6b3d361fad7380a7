package dorada.server.tuning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dorada.server.problem.UserProblem;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Arrays;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PhotosTest {

    /** The start of the picture, and 18 bytes of its first segment. */
    private static final int JFIF_ENDS = 20;

    /** Red on its left half, blue on its right. */
    private static byte[] picture(int width, int height, String format) throws IOException {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < width; x++) {
            for (int y = 0; y < height; y++) {
                image.setRGB(x, y, (x < width / 2 ? Color.RED : Color.BLUE).getRGB());
            }
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, format, out);
        return out.toByteArray();
    }

    /** An Exif segment with nothing but an orientation, behind the start of the picture: Exif 2.3, section 4.6.4. */
    private static byte[] held(byte[] jpeg, int orientation) {
        return held(jpeg, orientation, JFIF_ENDS);
    }

    private static byte[] held(byte[] jpeg, int orientation, int at) {
        byte[] exif = {
            (byte) 0xFF,
            (byte) 0xE1,
            0,
            34,
            'E',
            'x',
            'i',
            'f',
            0,
            0,
            'M',
            'M',
            0,
            42,
            0,
            0,
            0,
            8,
            0,
            1,
            0x01,
            0x12,
            0,
            3,
            0,
            0,
            0,
            1,
            0,
            (byte) orientation,
            0,
            0,
            0,
            0,
            0,
            0
        };
        byte[] all = new byte[jpeg.length + exif.length];
        System.arraycopy(jpeg, 0, all, 0, at);
        System.arraycopy(exif, 0, all, at, exif.length);
        System.arraycopy(jpeg, at, all, at + exif.length, jpeg.length - at);
        return all;
    }

    private static BufferedImage kept(byte[] picture) throws IOException {
        return ImageIO.read(new ByteArrayInputStream(Photos.shrunk(picture)));
    }

    private static boolean isRed(BufferedImage image, double x, double y) {
        Color c = new Color(image.getRGB((int) (x * image.getWidth()), (int) (y * image.getHeight())));
        return c.getRed() > 150 && c.getBlue() < 100;
    }

    /** 1 as it is; 3 upside down; 6 and 8 on either side. */
    @ParameterizedTest
    @CsvSource({"1, 200, 100, 0.1, 0.5", "3, 200, 100, 0.9, 0.5", "6, 100, 200, 0.5, 0.1", "8, 100, 200, 0.5, 0.9"})
    void aPictureStandsAsTheTelephoneWasHeld(int orientation, int width, int height, double redX, double redY)
            throws IOException {
        BufferedImage kept = kept(held(picture(200, 100, "jpg"), orientation));
        assertThat(kept.getWidth()).isEqualTo(width);
        assertThat(kept.getHeight()).isEqualTo(height);
        assertThat(isRed(kept, redX, redY)).isTrue();
        assertThat(isRed(kept, 1 - redX, 1 - redY)).isFalse();
    }

    /** As most telephones write it: Exif and no JFIF. */
    @Test
    void aPictureWithoutJfifIsTurnedToo() throws IOException {
        byte[] jfif = picture(200, 100, "jpg");
        byte[] bare = Arrays.copyOfRange(jfif, JFIF_ENDS - 2, jfif.length);
        bare[0] = (byte) 0xFF;
        bare[1] = (byte) 0xD8;
        BufferedImage kept = kept(held(bare, 6, 2));
        assertThat(kept.getHeight()).isEqualTo(200);
        assertThat(isRed(kept, 0.5, 0.1)).isTrue();
    }

    @Test
    void aLargeOneIsMadeSmallAndNothingIsKeptBesideIt() throws IOException {
        byte[] small = Photos.shrunk(held(picture(4800, 2400, "jpg"), 6));
        BufferedImage kept = ImageIO.read(new ByteArrayInputStream(small));
        assertThat(kept.getWidth()).isEqualTo(800);
        assertThat(kept.getHeight()).isEqualTo(1600);
        assertThat(new String(small, java.nio.charset.StandardCharsets.ISO_8859_1))
                .doesNotContain("Exif");
    }

    /** Some write Exif before JFIF, against the standard: the picture is kept all the same, as it lies. */
    @Test
    void whatCannotBeReadBesideThePictureIsNoReasonToRefuseIt() throws IOException {
        assertThat(kept(held(picture(200, 100, "jpg"), 6, 2)).getWidth()).isEqualTo(200);
    }

    @Test
    void whatIsNoPictureIsRefused() {
        byte[] words = new byte[200];
        Arrays.fill(words, (byte) 'a');
        assertThatThrownBy(() -> Photos.shrunk(words)).isInstanceOf(UserProblem.class);
    }

    @Test
    void aTransparentOneLiesOnWhite() throws IOException {
        BufferedImage clear = new BufferedImage(40, 40, BufferedImage.TYPE_INT_ARGB);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(clear, "png", out);
        assertThat(new Color(kept(out.toByteArray()).getRGB(20, 20)).getGreen()).isGreaterThan(250);
    }
}

package dorada.server.sweep;

import dorada.core.format.FormatException;
import dorada.core.format.SweepFile;
import dorada.core.format.SweepFileReader;
import dorada.server.problem.UserProblem;
import java.io.IOException;
import java.io.UncheckedIOException;
import org.springframework.web.multipart.MultipartFile;

/**
 * A file as a person sent it and what was read from it.
 *
 * @param name its name, perhaps empty
 * @param bytes as it came
 * @param file what it says
 */
public record UploadedSweep(String name, byte[] bytes, SweepFile file) {

    /** Points of a recorded pass. */
    private static final int MOST_KEPT = 10_001;

    /** Reads {@code upload}; refuses what cannot be read with a sentence and the line. */
    public static UploadedSweep read(MultipartFile upload, int port) {
        try {
            byte[] bytes = upload.getBytes();
            if (bytes.length == 0) {
                throw UserProblem.atField("file", Refused.EMPTY.of());
            }
            String name = upload.getOriginalFilename() == null ? "" : upload.getOriginalFilename();
            return new UploadedSweep(
                    name.isBlank() ? "sweep.s1p" : name, bytes, SweepFileReader.read(bytes, port, name));
        } catch (FormatException e) {
            throw UserProblem.inFile(e);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** For a pass: not more points than one needs, with a word about it. */
    public UploadedSweep thinned() {
        return new UploadedSweep(name, bytes, file.thinned(MOST_KEPT));
    }
}

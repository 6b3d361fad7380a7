package dorada.server.tuning;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.TreeSet;

/** SHA-256 of what an entry was made from: the same entry sent again has the same, a corrected one has another. */
final class SentDigest {

    private SentDigest() {}

    /** @param content what was sent beside the recording; bytes are taken as they are, all else as its text */
    static String of(Recording recording, Object... content) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            for (Object part : new Object[] {
                recording.changeM(),
                recording.secondMetres(),
                recording.note().strip(),
                recording.rests(),
                recording.declaredWords(),
                recording.calibrationId(),
                recording.circumstances() == null ? "[]" : new TreeSet<>(recording.circumstances()),
                Boolean.TRUE.equals(recording.oldAntenna()),
                Boolean.TRUE.equals(recording.finalSweep()),
                recording.pieces(),
                Boolean.TRUE.equals(recording.lookedOver())
            }) {
                add(digest, part);
            }
            // Only where there is one: what was sent before there were runs has the digest that it had.
            if (recording.run().isPresent()) {
                add(digest, recording.run().get());
                add(digest, recording.runWeightKg());
            }
            for (Object part : content) {
                add(digest, part);
            }
            return HexFormat.of().formatHex(digest.digest());
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    private static void add(MessageDigest digest, Object part) {
        digest.update(
                part instanceof byte[] bytes ? bytes : String.valueOf(part).getBytes(StandardCharsets.UTF_8));
        digest.update((byte) 0);
    }
}

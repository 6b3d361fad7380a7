package dorada.core.line;

import dorada.core.outcome.Outcome;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/**
 * A generic type of feedline, from the data file beside this class, which names its source and year.
 *
 * @param id short name
 * @param impedanceOhm characteristic impedance
 * @param velocityFactor 0 to 1
 * @param k1DbPer100mSqrtMHz loss by the skin effect
 * @param k2DbPer100mMHz loss in the dielectric
 * @param powerWAt150MHz average watts that it stands at 150 MHz when matched
 * @param diameterM outside
 */
public record Feedline(
        String id,
        double impedanceOhm,
        double velocityFactor,
        double k1DbPer100mSqrtMHz,
        double k2DbPer100mMHz,
        double powerWAt150MHz,
        double diameterM) {

    private static final double RATED_AT_HZ = 150e6;
    private static final double HUNDRED_M = 100;

    /** The catalogue. */
    public static final List<Feedline> ALL = read();

    public static Optional<Feedline> byId(String id) {
        return ALL.stream().filter(f -> f.id.equals(id)).findFirst();
    }

    /** What it is: the catalogue's word for its id. */
    public Outcome words() {
        return new Outcome("feedline." + id, Map.of());
    }

    /** A piece of it, {@code lengthM} long as a rule measures it. */
    public Line line(double lengthM) {
        return new Line(lengthM, velocityFactor, impedanceOhm, k1DbPer100mSqrtMHz, k2DbPer100mMHz);
    }

    /** Average watts that it stands when matched: the heat is the loss, so they fall as the loss rises. */
    public double powerW(double frequencyHz) {
        Line piece = line(HUNDRED_M);
        return powerWAt150MHz * piece.matchedLossDb(RATED_AT_HZ) / piece.matchedLossDb(frequencyHz);
    }

    private static List<Feedline> read() {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setCommentMarker('#')
                .get();
        try (InputStream in = Feedline.class.getResourceAsStream("feedlines.csv")) {
            return format.parse(new InputStreamReader(in, StandardCharsets.UTF_8)).stream()
                    .map(Feedline::of)
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Feedline of(CSVRecord row) {
        return new Feedline(
                row.get("id"),
                Double.parseDouble(row.get("ohm")),
                Double.parseDouble(row.get("velocity_factor")),
                Double.parseDouble(row.get("k1")),
                Double.parseDouble(row.get("k2")),
                Double.parseDouble(row.get("power_w_at_150")),
                Double.parseDouble(row.get("diameter_mm")) / 1000);
    }
}

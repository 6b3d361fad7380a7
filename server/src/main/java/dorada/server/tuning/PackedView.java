package dorada.server.tuning;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import com.fasterxml.jackson.annotation.JsonRawValue;
import com.fasterxml.jackson.annotation.JsonValue;
import io.swagger.v3.oas.annotations.media.Schema;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.zip.Deflater;
import java.util.zip.DeflaterOutputStream;
import java.util.zip.InflaterInputStream;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * Views of passes as they are kept: the answer that is sent, deflated, but for what may change afterwards without a judgement
 * being another: who is called how, and whether there is a photo.
 */
@Component
class PackedView {

    private final JsonMapper whole;
    private final JsonMapper lasting;

    PackedView(JsonMapper mapper) {
        whole = mapper;
        lasting = mapper.rebuild().addMixIn(PassView.class, Lasting.class).build();
    }

    @JsonIgnoreProperties({"recordedBy", "hasPhoto"})
    private interface Lasting {}

    /** A pass view as it goes out. */
    @Schema(implementation = PassView.class)
    record Sent(@JsonValue @JsonRawValue String json) {}

    byte[] packed(PassView view) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        Deflater quick = new Deflater(Deflater.BEST_SPEED);
        try (DeflaterOutputStream deflated = new DeflaterOutputStream(out, quick)) {
            deflated.write(lasting.writeValueAsBytes(view));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } finally {
            quick.end();
        }
        return out.toByteArray();
    }

    Sent sent(SavedJudgementRepository.Row row) {
        try (InflaterInputStream in = new InflaterInputStream(new ByteArrayInputStream(row.says()))) {
            String rest = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            return new Sent("{\"recordedBy\":" + whole.writeValueAsString(row.recordedBy()) + ",\"hasPhoto\":"
                    + row.hasPhoto() + "," + rest.substring(1));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    Sent sent(PassView view) {
        return new Sent(whole.writeValueAsString(view));
    }
}

package dorada.server.design;

import dorada.core.antenna.AntennaKind;
import dorada.core.design.Designs;
import dorada.core.planning.Candidate;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.util.List;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.format.FormatterRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.StdSerializer;

/** Kinds and candidates are sent and asked for by their id. */
@Configuration
class AntennasOfRequests implements WebMvcConfigurer {

    static {
        SpringDocUtils.getConfig()
                .replaceWithSchema(
                        AntennaKind.class,
                        ids(Designs.ALL.kinds().stream().map(AntennaKind::name).toList()))
                .replaceWithSchema(
                        Candidate.class,
                        ids(Designs.ALL.candidates().stream().map(Candidate::id).toList()));
    }

    private static Schema<?> ids(List<String> all) {
        return new StringSchema()._enum(all);
    }

    /** @throws IllegalArgumentException where there is none, naming those that there are */
    private static AntennaKind kind(String id) {
        return Designs.ALL
                .kind(id)
                .orElseThrow(() -> new IllegalArgumentException(
                        "There is no kind of antenna “" + id + "”; there are " + Designs.ALL.kindIds() + "."));
    }

    private static Candidate candidate(String id) {
        return Designs.ALL
                .candidate(id)
                .orElseThrow(() -> new IllegalArgumentException("There is no candidate “" + id + "”."));
    }

    @Override
    public void addFormatters(FormatterRegistry registry) {
        registry.addConverter(String.class, AntennaKind.class, AntennasOfRequests::kind);
        registry.addConverter(String.class, Candidate.class, AntennasOfRequests::candidate);
    }

    @Bean
    JacksonModule antennaKinds() {
        return new SimpleModule("antenna kinds")
                .addSerializer(AntennaKind.class, new KindOut())
                .addSerializer(Candidate.class, new CandidateOut())
                .addDeserializer(AntennaKind.class, new KindIn())
                .addDeserializer(Candidate.class, new CandidateIn());
    }

    private static final class KindOut extends StdSerializer<AntennaKind> {
        KindOut() {
            super(AntennaKind.class);
        }

        @Override
        public void serialize(AntennaKind kind, JsonGenerator out, SerializationContext context) {
            out.writeString(kind.name());
        }
    }

    private static final class CandidateOut extends StdSerializer<Candidate> {
        CandidateOut() {
            super(Candidate.class);
        }

        @Override
        public void serialize(Candidate candidate, JsonGenerator out, SerializationContext context) {
            out.writeString(candidate.id());
        }
    }

    private static final class KindIn extends StdDeserializer<AntennaKind> {
        KindIn() {
            super(AntennaKind.class);
        }

        @Override
        public AntennaKind deserialize(JsonParser in, DeserializationContext context) {
            String id = in.getString();
            return Designs.ALL.kind(id).orElseGet(() -> (AntennaKind)
                    context.handleWeirdStringValue(AntennaKind.class, id, "there are %s", Designs.ALL.kindIds()));
        }
    }

    private static final class CandidateIn extends StdDeserializer<Candidate> {
        CandidateIn() {
            super(Candidate.class);
        }

        @Override
        public Candidate deserialize(JsonParser in, DeserializationContext context) {
            String id = in.getString();
            return Designs.ALL.candidate(id).orElseGet(() ->
                    (Candidate) context.handleWeirdStringValue(Candidate.class, id, "there is no such candidate"));
        }
    }
}

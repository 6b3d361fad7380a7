package dorada.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * The committed OpenAPI document is what the server says; the page's types are made from it. Run with
 * {@code -Ddorada.openapi.write=true} to write it afresh.
 */
class OpenApiTest extends ApiTest {

    private static final Path COMMITTED = Path.of("..", "web", "openapi.json");

    @Test
    void theCommittedDocumentIsTheServersOwn() throws Exception {
        JsonMapper json = JsonMapper.builder()
                .enable(SerializationFeature.INDENT_OUTPUT)
                .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
                .build();
        byte[] said =
                http.perform(get("/v3/api-docs")).andReturn().getResponse().getContentAsByteArray();
        @SuppressWarnings("unchecked")
        Map<String, Object> document = new TreeMap<>((Map<String, Object>) json.readValue(said, Map.class));
        // The address depends on who asks.
        document.remove("servers");
        if (Boolean.getBoolean("dorada.openapi.write")) {
            Files.writeString(COMMITTED, json.writeValueAsString(document) + "\n", StandardCharsets.UTF_8);
        }
        assertThat(json.readTree(Files.readAllBytes(COMMITTED))).isEqualTo(json.valueToTree(document));
    }

    /** The document knows a type by its bare name: of two alike one would stand for both, and the page would be lied to. */
    @Test
    void noTwoTypesShareAName() throws Exception {
        Map<String, Long> records = new ClassFileImporter()
                .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS).importPackages("dorada.server").stream()
                        .filter(JavaClass::isRecord)
                        .collect(Collectors.groupingBy(JavaClass::getSimpleName, Collectors.counting()));
        var schemas =
                JsonMapper.shared().readTree(Files.readAllBytes(COMMITTED)).at("/components/schemas");
        assertThat(schemas.propertyNames())
                .hasSizeGreaterThan(100)
                .filteredOn(name -> name.endsWith("View") || name.endsWith("Request"))
                .filteredOn(name -> records.getOrDefault(name, 0L) > 1)
                .isEmpty();
    }
}

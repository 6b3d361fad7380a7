package dorada.server.people;

import static org.assertj.core.api.Assertions.assertThat;

import dorada.server.ApiTest;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** permissions.txt says for each endpoint who may; this holds the server to it, for everybody and by session and token. */
class PermissionsTest extends ApiTest {

    private static final String NOBODYS_ID = "00000000-0000-0000-0000-000000000000";

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    private RequestMappingHandlerMapping mapping;

    /** For a role that has at least these rights, and how it says who it is. */
    private record Identity(String name, int rank, boolean byToken) {}

    private static final List<String> RANKS = List.of("anybody", "signed-in", "writer", "lead");

    private static Map<String, String> written() throws IOException {
        Map<String, String> all = new TreeMap<>();
        try (InputStream in = PermissionsTest.class.getResourceAsStream("/permissions.txt")) {
            for (String line : new String(in.readAllBytes(), StandardCharsets.UTF_8).split("\n")) {
                if (!line.isBlank() && !line.startsWith("#")) {
                    String[] parts = line.strip().split("\\s+", 2);
                    all.put(parts[1], parts[0]);
                }
            }
        }
        return all;
    }

    private List<String> served() {
        List<String> all = new ArrayList<>();
        mapping.getHandlerMethods().forEach((info, method) -> {
            if (!method.getBeanType().getName().startsWith("dorada.")
                    || method.getBeanType().getSimpleName().equals("ErrorPage")) {
                return;
            }
            for (var verb : info.getMethodsCondition().getMethods()) {
                info.getPatternValues().forEach(path -> all.add(verb + " " + path));
            }
        });
        return all.stream().filter(e -> e.contains(" /api")).distinct().sorted().toList();
    }

    @Test
    void everyEndpointIsWrittenDown() throws Exception {
        assertThat(served())
                .containsExactlyElementsOf(written().keySet().stream().sorted().toList());
    }

    @Test
    void nobodyMayMoreOrLessThanIsWritten() throws Exception {
        List<Identity> identities = List.of(
                new Identity("nobody", 0, false),
                new Identity("viewer", 1, false),
                new Identity("technician", 2, false),
                new Identity("lead", 3, false),
                new Identity("viewer", 1, true),
                new Identity("technician", 2, true),
                new Identity("lead", 3, true));
        List<String> wrong = new ArrayList<>();
        for (Map.Entry<String, String> line : written().entrySet()) {
            int needed = RANKS.indexOf(line.getValue());
            for (Identity who : identities) {
                int status = status(line.getKey(), who);
                boolean isRefused = status == 401 || status == 403;
                // A token makes no tokens and changes no password, whoever it acts for.
                boolean isBySessionOnly = who.byToken()
                        && (line.getKey().equals("POST /api/tokens")
                                || line.getKey().endsWith("/api/session/password"));
                if (isRefused != (who.rank() < needed || isBySessionOnly && status == 403) || status >= 500) {
                    wrong.add(line.getKey() + " as " + who + ": " + status);
                }
            }
        }
        assertThat(wrong).isEmpty();
    }

    private int status(String endpoint, Identity who) throws Exception {
        String[] parts = endpoint.split(" ");
        String path = parts[1].replaceAll("\\{[^}]*}", NOBODYS_ID);
        MockHttpServletRequestBuilder request = MockMvcRequestBuilders.request(HttpMethod.valueOf(parts[0]), path)
                .contentType(MediaType.APPLICATION_JSON)
                .content("{\"name\":7}");
        SignedIn person = switch (who.name()) {
            case "viewer" -> viewer;
            case "technician" -> technician;
            case "lead" -> lead;
            default -> null;
        };
        if (person != null && who.byToken()) {
            String text = "token of " + who.name();
            people.ensureToken(people.byId(person.id()), "test", text);
            request.header("Authorization", "Bearer " + text);
        } else {
            request.with(SecurityMockMvcRequestPostProcessors.csrf());
            if (person != null) {
                request.with(as(person));
            }
        }
        return http.perform(request).andReturn().getResponse().getStatus();
    }
}
